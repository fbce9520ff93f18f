import { isOk } from '../answers';
import { MACHINE, ServiceClient, ServiceGone, type Transport } from '../client';
import { followEvents, type LineState } from '../eventLine';
import {
  SeatsEvent,
  SeatsSession,
  type SeatPerson,
  type SeatsPatch,
  type SeatsRequest,
} from './contract';

/** What came of something that was asked for; the code of the refusal, or why the service did not answer. */
export type SeatsOutcome =
  { readonly ok: true } | { readonly ok: false; readonly why: 'refused' | ServiceGone['reason'] };

/** Nobody who leads a class waits longer for a press. */
const COMMAND_MS = 8_000;

/** Makes a session; the reason where there is none. */
export async function openSession(
  root: string,
  token: string,
  request: SeatsRequest,
  key: string,
  transport: Transport = MACHINE,
): Promise<SeatsSession | Extract<SeatsOutcome, { readonly ok: false }>> {
  try {
    const answer = await new ServiceClient(root, token, transport).send('POST', '/sessions', {
      body: request,
      headers: { 'Idempotency-Key': key },
    });
    const made = SeatsSession.safeParse(answer.body);
    return made.success ? made.data : { ok: false, why: 'refused' };
  } catch (error) {
    if (!(error instanceof ServiceGone)) throw error;
    return { ok: false, why: error.reason };
  }
}

/** One session of choosing as the teacher's side leads it. */
export class LedSeats {
  constructor(
    private readonly root: string,
    private readonly token: string,
    private readonly id: string,
    private readonly transport: Transport = MACHINE,
  ) {}

  /**
   * Tells of the session until it is stopped; a broken line is mended by itself, and nothing is missed. `onSession` is
   * waited for, so that what it answers is about what it was told.
   */
  async watch(
    onSession: (session: SeatsSession) => void | Promise<void>,
    onLine: (line: LineState) => void,
    stop: AbortSignal,
    wake?: (again: () => void) => () => void,
  ): Promise<void> {
    let known: SeatsSession | null = null;
    const readAnew = async (): Promise<void> => {
      const answer = await this.client(stop).send('GET', this.path);
      const read = SeatsSession.safeParse(answer.body);
      if (!read.success) return;
      known = read.data;
      await onSession(known);
    };
    await followEvents(
      {
        ...{ url: `${this.root}${this.path}/events`, token: this.token, onLine },
        ...(wake ? { wake } : {}),
        // Before anything is known all that happened is missed: an id that no service keeps.
        last: () => known?.lastEvent ?? '-1',
        onEvent: async ({ event, data, id }) => {
          const read = event === 'changed' ? SeatsEvent.safeParse(JSON.parse(data)) : null;
          if (!known || !read?.success) await readAnew();
          else {
            known = { ...afterSeats(known, read.data), lastEvent: id ?? known.lastEvent };
            await onSession(known);
          }
        },
      },
      this.transport,
      stop,
    );
  }

  patch(patch: SeatsPatch): Promise<SeatsOutcome> {
    return this.command('PATCH', '', patch);
  }

  /** Says which groups are closed to whom, of the seats as they were at a revision. */
  settle(after: number, closed: Readonly<Record<string, readonly string[]>>) {
    return this.command('PUT', '/closed', { after, closed });
  }

  move(person: string, group: string | null): Promise<SeatsOutcome> {
    return this.command('PUT', `/people/${encodeURIComponent(person)}`, { group });
  }

  setSeats(group: string, seats: number): Promise<SeatsOutcome> {
    return this.command('PUT', `/groups/${encodeURIComponent(group)}`, { seats });
  }

  /** Gives somebody another PIN and link; the old ones, and pages opened with them, are no good any more. */
  renewSlip(person: string, pin: string, secret: string): Promise<SeatsOutcome> {
    return this.command('PUT', `/slips/${encodeURIComponent(person)}`, { pin, secret });
  }

  /** Lets simulated students come, so many times faster than people are. */
  invite(pace: number): Promise<SeatsOutcome> {
    return this.command('POST', '/visitors', { pace });
  }

  /** Erases the session and all that the service holds of it. */
  erase(): Promise<SeatsOutcome> {
    return this.command('DELETE', '');
  }

  /** The session as it is now; null where it cannot be had. */
  async read(): Promise<SeatsSession | null> {
    try {
      const read = SeatsSession.safeParse((await this.client().send('GET', this.path)).body);
      return read.success ? read.data : null;
    } catch (error) {
      if (!(error instanceof ServiceGone)) throw error;
      return null;
    }
  }

  private get path(): string {
    return `/sessions/${encodeURIComponent(this.id)}`;
  }

  private client(stop?: AbortSignal): ServiceClient {
    return new ServiceClient(this.root, this.token, this.transport, undefined, stop);
  }

  private async command(method: string, path: string, body?: unknown): Promise<SeatsOutcome> {
    const giveUp = new AbortController();
    void this.transport.sleep(COMMAND_MS).then(() => giveUp.abort());
    try {
      const answer = await this.client(giveUp.signal).send(method, this.path + path, { body });
      return isOk(answer) ? { ok: true } : { ok: false, why: 'refused' };
    } catch (error) {
      if (!(error instanceof ServiceGone)) throw error;
      return { ok: false, why: error.reason === 'stopped' ? 'silent' : error.reason };
    }
  }
}

/** The session after an event, whether or not it held it already. */
export function afterSeats(session: SeatsSession, event: SeatsEvent): SeatsSession {
  const people = new Map<string, SeatPerson>(event.people.map((one) => [one.id, one]));
  const seats = new Map(event.groups.map((one) => [one.id, one]));
  const lastLine = session.log.at(-1)?.id ?? 0;
  return {
    ...session,
    ...{ revision: event.revision, state: event.state, endsAt: event.endsAt },
    groups: session.groups.map((one) => seats.get(one.id) ?? one),
    people: session.people.map((one) => people.get(one.id) ?? one),
    log: [...session.log, ...event.log.filter(({ id }) => id > lastLine)],
  };
}
