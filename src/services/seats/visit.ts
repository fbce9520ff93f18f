import type { Transport } from '../client';
import { followEvents, type LineState } from '../eventLine';
import type { Door, SeenByStudent } from './contract';
import { CHOICE_REFUSALS, OPEN_ROOT, type ChoiceRefusal } from './plain';

/** Why nobody was let in. */
export type EntryRefusal = 'wrong' | 'lost' | { readonly lockedSeconds: number };
/** What came of a choice: taken, refused, or unknown since no answer came. */
export type VisitOutcome = 'done' | ChoiceRefusal | 'token' | 'lost';

const TRIES = 6;
const TRY_MS = 9_000;

/** One session of choosing as a student's page sees it; it needs nothing that only a secure page has. */
export class SeatsVisit {
  private readonly base: string;

  constructor(
    root: string,
    code: string,
    private readonly transport: Transport,
  ) {
    this.base = `${root}${OPEN_ROOT}/${encodeURIComponent(code.toLowerCase())}`;
  }

  /** Who may come in; 'none' where there is no such session, null where nothing answers. */
  async door(): Promise<Door | 'none' | null> {
    const response = await this.send('GET', '');
    if (response?.status === 404) return 'none';
    return response?.ok ? ((await response.json()) as Door) : null;
  }

  async enter(person: string, pin: string): Promise<{ readonly token: string } | EntryRefusal> {
    const response = await this.send('POST', '/enter', { body: { person, pin } });
    if (!response) return 'lost';
    if (response.ok) return (await response.json()) as { readonly token: string };
    if (response.status !== 429) return 'wrong';
    return { lockedSeconds: Number(response.headers.get('Retry-After') ?? '30') };
  }

  /** Tells what the student sees, at once and after every change, until it is stopped or over. */
  watch(
    token: string,
    onSeen: (seen: SeenByStudent) => void,
    onLine: (line: LineState) => void,
    stop: AbortSignal,
    wake?: (again: () => void) => () => void,
  ): Promise<void> {
    return followEvents(
      {
        ...{ url: `${this.base}/me/events`, token, onLine, last: () => null },
        ...(wake ? { wake } : {}),
        onEvent: ({ event, data }) => {
          if (event === 'seen') onSeen(JSON.parse(data) as SeenByStudent);
        },
      },
      this.transport,
      stop,
    );
  }

  /** Asks for a seat, or with null to leave; under the same key it may be asked again until an answer comes. */
  choose(token: string, group: string | null, key: string): Promise<VisitOutcome> {
    return this.put(token, '/me/choice', { group }, key);
  }

  wish(token: string, wishes: readonly string[], key: string): Promise<VisitOutcome> {
    return this.put(token, '/me/wishes', { wishes }, key);
  }

  private async put(
    token: string,
    path: string,
    body: unknown,
    key: string,
  ): Promise<VisitOutcome> {
    const response = await this.send('PUT', path, { body, token, key });
    if (!response) return 'lost';
    if (response.ok) return 'done';
    if (response.status === 401) return 'token';
    const problem = (await response.json().catch(() => null)) as { readonly code?: string } | null;
    return CHOICE_REFUSALS.find((code) => code === problem?.code) ?? 'lost';
  }

  /** The answer, asked for again while none comes or the service is busy; null where it stays away. */
  private async send(
    method: string,
    path: string,
    given: { readonly body?: unknown; readonly token?: string; readonly key?: string } = {},
  ): Promise<Response | null> {
    const { transport } = this;
    let last: Response | null = null;
    for (let tries = 0; tries < TRIES; tries++) {
      if (tries > 0) await transport.sleep(250 * 2 ** tries * (0.5 + transport.random()));
      const giveUp = new AbortController();
      const timer = setTimeout(() => giveUp.abort(), TRY_MS);
      try {
        last = await transport.fetch(this.base + path, {
          ...{ method, signal: giveUp.signal, cache: 'no-store', redirect: 'manual' },
          headers: {
            ...(given.body === undefined ? {} : { 'Content-Type': 'application/json' }),
            ...(given.token === undefined ? {} : { Authorization: `Bearer ${given.token}` }),
            ...(given.key === undefined ? {} : { 'Idempotency-Key': given.key }),
          },
          ...(given.body === undefined ? {} : { body: JSON.stringify(given.body) }),
        });
        const again = last.status >= 500 || (last.status === 429 && path !== '/enter');
        if (!again) return last;
      } catch {
        last = null;
      } finally {
        clearTimeout(timer);
      }
    }
    return last;
  }
}
