import { inTime, isStopped, pause, readEvents, type LineEvent } from '../eventLine';
import { MACHINE, ServiceClient, ServiceGone, type Transport } from '../client';
import type { Why } from '../types';
import { isOk, refusal } from '../answers';
import type { RoomPerson, Session } from './contract';
import { afterEvent, readEvent, readSession } from './live';

/** How far what is shown can be trusted: told as it happens, asked again and again, or known as it was. */
export type Line = 'connecting' | 'live' | 'polled' | 'lost' | 'token' | 'gone';

export interface Watcher {
  /** The session as it is now, and how far the service's clock is ahead of ours, in ms. */
  readonly onSession: (session: Session, aheadMs: number) => void;
  readonly onLine: (line: Line) => void;
  /** Ends a wait before the next try, as when the network is back. */
  readonly wake?: (again: () => void) => () => void;
}

/** What came of something a teacher asked for; null where it was done. */
export type Outcome = Why | null;

const POLL_MS = 2_000;
const FIRST_WAIT_MS = 100;
const LONGEST_WAIT_MS = 800;
/** Nobody who talks to a class waits longer for a press. */
const COMMAND_MS = 12_000;

/** One session of rooms while it runs: seen as it happens, and led. */
export class LiveRooms {
  constructor(
    private readonly root: string,
    private readonly token: string,
    private readonly sessionId: string,
    private readonly transport: Transport = MACHINE,
    private readonly newKey: () => string = () => crypto.randomUUID(),
  ) {}

  /** Tells of the session until it is stopped; a broken line is mended by itself, and nothing is missed. */
  async watch(watcher: Watcher, stop: AbortSignal): Promise<void> {
    let known: Known | null = null;
    for (let failures = 0; !stop.aborted;) {
      try {
        known ??= await this.read(watcher, stop);
        known = await this.follow(known, watcher, stop, () => {
          failures = 0;
        });
      } catch (error) {
        if (isStopped(stop)) return;
        if (error instanceof Ended) {
          watcher.onLine(error.line);
          return;
        }
        watcher.onLine('lost');
        await pause(
          Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** failures++),
          this.transport,
          stop,
          watcher.wake,
        );
      }
    }
  }

  open(): Promise<Outcome> {
    return this.command('POST', '/open');
  }

  close(): Promise<Outcome> {
    return this.command('POST', '/close');
  }

  setMinutes(minutes: number): Promise<Outcome> {
    return this.command('PATCH', '', { minutes }, 'application/merge-patch+json');
  }

  /** Puts people, by address, into the room of this id. */
  move(moves: readonly { readonly email: string; readonly to: string }[]): Promise<Outcome> {
    return this.command('POST', '/moves', { moves });
  }

  /** To the rooms of these ids; to all where none is named. */
  say(text: string, rooms: readonly string[] | null): Promise<Outcome> {
    return this.command('POST', '/messages', { text, ...(rooms ? { rooms } : {}) });
  }

  addRoom(name: string): Promise<Outcome> {
    return this.command('POST', '/rooms', { name, people: [] });
  }

  removeRoom(id: string): Promise<Outcome> {
    return this.command('DELETE', `/rooms/${encodeURIComponent(id)}`);
  }

  letIn(room: string, people: readonly RoomPerson[]): Promise<Outcome> {
    return this.command('POST', `/rooms/${encodeURIComponent(room)}/people`, { people });
  }

  /** Says that a teacher is there; a service that does not care may answer 404. */
  visit(room: string): Promise<Outcome> {
    return this.command('POST', `/rooms/${encodeURIComponent(room)}/visits`);
  }

  private get path(): string {
    return `/sessions/${encodeURIComponent(this.sessionId)}`;
  }

  private async command(
    method: string,
    path: string,
    body?: unknown,
    contentType = 'application/json',
  ): Promise<Outcome> {
    const giveUp = new AbortController();
    void this.transport.sleep(COMMAND_MS).then(() => giveUp.abort());
    const { root, token, transport } = this;
    const client = new ServiceClient(root, token, transport, undefined, giveUp.signal);
    try {
      const answer = await client.send(method, this.path + path, {
        body,
        contentType,
        headers: { 'Idempotency-Key': this.newKey() },
      });
      return isOk(answer) ? null : refusal(answer, 'first');
    } catch (error) {
      if (!(error instanceof ServiceGone)) throw error;
      return { code: 'gone', reason: error.reason === 'stopped' ? 'silent' : error.reason };
    }
  }

  private headers(more: Readonly<Record<string, string>> = {}): Record<string, string> {
    return { Authorization: `Bearer ${this.token}`, ...more };
  }

  private async read(watcher: Watcher, stop: AbortSignal): Promise<Known> {
    const asked = this.transport.now();
    const response = await this.fetch(
      this.path,
      this.headers({ Accept: 'application/json' }),
      stop,
    );
    if (response.status === 401 || response.status === 403) throw new Ended('token');
    if (response.status === 404 || response.status === 410) throw new Ended('gone');
    const session = readSession(await response.json());
    const at = (asked + this.transport.now()) / 2;
    const known: Known = {
      session,
      ahead: session.now === undefined ? 0 : Date.parse(session.now) - at,
      last: session.lastEvent ?? null,
    };
    watcher.onSession(session, known.ahead);
    return known;
  }

  /** What is known when the line ends; null where the session has to be read anew. */
  private async follow(
    known: Known,
    watcher: Watcher,
    stop: AbortSignal,
    onAnswer: () => void,
  ): Promise<Known | null> {
    const response = await this.fetch(
      `${this.path}/events`,
      this.headers({
        Accept: 'text/event-stream',
        ...(known.last === null ? {} : { 'Last-Event-ID': known.last }),
      }),
      stop,
    );
    if (response.status < 500 || response.status === 501) onAnswer();
    const type = response.headers.get('Content-Type') ?? '';
    if (!response.ok || !response.body || !type.startsWith('text/event-stream')) {
      void response.body?.cancel();
      if (response.status >= 500 && response.status !== 501) throw new TypeError('failing');
      watcher.onLine('polled');
      await pause(POLL_MS, this.transport, stop, watcher.wake);
      return null;
    }
    watcher.onLine('live');
    const seen: { session: Session | null; last: string | null } = { ...known };
    const onEvents = (events: readonly LineEvent[]): boolean => {
      // Read together, told together: a thousand who come at once are one change of the page.
      const before = seen.session;
      for (const { event, data, id } of events) {
        if (id !== undefined) seen.last = id;
        const told = readEvent(event, data);
        if (seen.session && told) seen.session = afterEvent(seen.session, told);
      }
      const { session, last } = seen;
      if (!session) return false;
      // What was seen stays known when the line breaks.
      Object.assign(known, { session, last });
      if (session !== before) watcher.onSession(session, known.ahead);
      return true;
    };
    await readEvents(response.body, onEvents, this.transport);
    if (!seen.session) return null;
    await pause(FIRST_WAIT_MS, this.transport, stop, watcher.wake);
    return known;
  }

  private fetch(path: string, headers: Record<string, string>, signal: AbortSignal) {
    const asked = this.transport.fetch(this.root + path, {
      ...{ headers, signal, redirect: 'manual', cache: 'no-store' },
    });
    return inTime(asked, this.transport);
  }
}

interface Known {
  session: Session;
  readonly ahead: number;
  /** Id of the last event that was seen. */
  last: string | null;
}

/** There is nothing to be seen any more. */
class Ended extends Error {
  constructor(readonly line: Extract<Line, 'token' | 'gone'>) {
    super(line);
  }
}
