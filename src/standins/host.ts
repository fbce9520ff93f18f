import * as z from 'zod/mini';
import { rngFromSeed } from '../core/random/rng';
import { uniformInt } from '../core/random/uniform';
import { SPACES_ROOT } from '../services/channels/spacesContract';
import { ROOMS_ROOT } from '../services/rooms/contract';
import { Channels } from './channels/service';
import { Spaces } from './channels/spaces';
import { LARGEST_BODY, tokenOf, type Ask, type Directory, type Reply } from './http';
import { problem, read } from './problems';
import { Rooms } from './rooms/service';

/** How the stand-ins of a token behave; changed by `PUT BASE/settings`. */
export const StandinSettings = z.object({
  /** Before every answer, in milliseconds. */
  delayMs: z.int().check(z.gte(0), z.lte(60_000)),
  /** Parts of a thousand of the requests that fail, whose answers are lost, and that are told to wait. */
  failing: z.int().check(z.gte(0), z.lte(1000)),
  lost: z.int().check(z.gte(0), z.lte(1000)),
  busy: z.int().check(z.gte(0), z.lte(1000)),
  /** How many times faster than usual people come, go and write. */
  pace: z.number().check(z.gte(0.1), z.lte(1000)),
  rooms: z.int().check(z.gte(1)),
  /** Most people in a room, and in a channel. */
  people: z.int().check(z.gte(1)),
  members: z.int().check(z.gte(1)),
});
export type StandinSettings = z.infer<typeof StandinSettings>;

export const USUAL_SETTINGS: StandinSettings = {
  ...{ delayMs: 0, failing: 0, lost: 0, busy: 0, pace: 1 },
  ...{ rooms: 300, people: 50, members: 250 },
};

interface Services {
  readonly settings: StandinSettings;
  /** By the root below which each answers. */
  readonly at: Readonly<Record<string, { handle: (ask: Ask) => Reply }>>;
}

/** So many tokens have services of their own; then those asked longest ago are forgotten. */
const MOST_TOKENS = 100;
const STREAM_STEP_MS = 200;
const STREAM_SIGN_MS = 5_000;
const STREAM_MS = 600_000;

export interface HostOptions {
  readonly directoryFor: (token: string) => Directory | null;
  readonly settings?: Partial<StandinSettings>;
  /** Told of every request that may have changed something, so that it can be done again after a new start. */
  readonly onChange?: (change: Change) => void;
  /** Where somebody who follows the link of a room ends. */
  readonly linkOf?: (session: string, room: string) => string;
}

/** A request that may have changed something, with the moment at which it came, in ms since 1970. */
export const Change = z.object({
  at: z.number(),
  root: z.string(),
  method: z.string(),
  path: z.string(),
  headers: z.record(z.string(), z.string()),
  body: z.string(),
});
export type Change = z.infer<typeof Change>;

/** Channels with their spaces, and rooms, for each token its own, over the requests and answers of the web. */
export class StandinHost {
  private readonly services = new Map<string, Services>();
  private readonly rng = rngFromSeed(1);
  /** The moment that is done again; null while the clock of the machine is right. */
  private moment: number | null = null;
  private readonly now = (): number => this.moment ?? Date.now();

  constructor(private readonly options: HostOptions) {}

  /** Does again what a token did before a new start, each at its moment. */
  replay(token: string, changes: readonly Change[]): void {
    for (const { at, root, method, path, headers, body } of changes) {
      this.moment = at;
      const query = new URLSearchParams();
      const given = { ...headers, authorization: `Bearer ${token}` };
      this.servicesFor(token).at[root]?.handle({ method, path, query, headers: given, body });
    }
    this.moment = null;
  }

  /** The answer below the host's own address; null where it is lost on the way. */
  async answer(request: Request): Promise<Response | null> {
    const { pathname, searchParams } = new URL(request.url);
    const [, root = '', path = ''] =
      /(\/scim\/v2|\/spaces\/v1|\/rooms\/v1|\/settings)(\/.*)?$/.exec(pathname) ?? [];
    if (root === '') return new Response(null, { status: 404 });
    const body = await request.text();
    if (body.length > 4 * LARGEST_BODY) return new Response(null, { status: 413 });
    const ask: Ask = {
      ...{ method: request.method, path, query: searchParams, body },
      headers: Object.fromEntries(request.headers),
    };
    const token = tokenOf(ask) ?? '';
    const services = this.servicesFor(token);
    if (root === '/settings') {
      const known = this.options.directoryFor(token) !== null;
      const settled = known ? settle(ask, services) : problem(401, 'The token is not known.');
      return asResponse(settled, 'application/json');
    }
    const reply = services.at[root]?.handle(ask) ?? problem(404, 'There is nothing here.');
    if (ask.method !== 'GET' && reply.status < 300) {
      const { authorization: _, ...headers } = ask.headers;
      this.options.onChange?.({
        ...{ at: this.now(), root, method: ask.method, path, headers, body },
      });
    }
    const { delayMs, failing, lost, busy } = services.settings;
    if (delayMs > 0) await new Promise((resolve) => setTimeout(resolve, delayMs));
    if (this.chance(lost)) return null;
    if (this.chance(failing)) return new Response(null, { status: 503 });
    if (this.chance(busy)) {
      return new Response(null, { status: 429, headers: { 'Retry-After': '1' } });
    }
    if (reply.stream) return streaming(reply, reply.stream, request.signal);
    return asResponse(reply, root === '/scim/v2' ? 'application/scim+json' : 'application/json');
  }

  private chance(thousandths: number): boolean {
    return thousandths > 0 && uniformInt(this.rng, 1000) < thousandths;
  }

  private servicesFor(token: string): Services {
    const known = this.services.get(token);
    if (known) {
      // Asked again: the last to be forgotten.
      this.services.delete(token);
      this.services.set(token, known);
      return known;
    }
    const made = this.made();
    if (!this.options.directoryFor(token)) return made;
    this.services.set(token, made);
    const [oldest] = this.services.keys();
    if (this.services.size > MOST_TOKENS && oldest !== undefined) this.services.delete(oldest);
    return made;
  }

  private made(): Services {
    const { directoryFor, linkOf } = this.options;
    const settings = { ...USUAL_SETTINGS, ...this.options.settings };
    const pace = (): number => settings.pace;
    const channels = new Channels(directoryFor, {
      page: 100,
      get members() {
        return settings.members;
      },
    });
    return {
      settings,
      at: {
        '/scim/v2': channels,
        [SPACES_ROOT]: new Spaces(directoryFor, channels, this.now, pace),
        [ROOMS_ROOT]: new Rooms(directoryFor, settings, this.now, pace, linkOf),
      },
    };
  }
}

function settle(ask: Ask, { settings }: Services): Reply {
  if (ask.method === 'GET') return { status: 200, headers: {}, body: settings };
  if (ask.method !== 'PUT') return problem(405, 'Settings are read and put.');
  Object.assign(settings, read(ask, StandinSettings));
  return { status: 200, headers: {}, body: settings };
}

function asResponse({ status, headers, body }: Reply, type: string): Response {
  return new Response(body === null ? null : JSON.stringify(body), {
    status,
    headers: { 'Content-Type': type, 'Cache-Control': 'no-store', ...headers },
  });
}

/** What comes up is sent as it comes, with a sign of life between. */
function streaming(reply: Reply, next: () => string | null, gone: AbortSignal): Response {
  const encoder = new TextEncoder();
  let timer: ReturnType<typeof setInterval> | undefined;
  const body = new ReadableStream<Uint8Array>({
    start: (controller) => {
      let sinceSign = 0;
      let since = 0;
      controller.enqueue(encoder.encode(': here\n\n'));
      timer = setInterval(() => {
        const text = next();
        sinceSign += STREAM_STEP_MS;
        since += STREAM_STEP_MS;
        if (text === null || since >= STREAM_MS || gone.aborted) {
          clearInterval(timer);
          controller.close();
        } else if (text !== '' || sinceSign >= STREAM_SIGN_MS) {
          sinceSign = 0;
          controller.enqueue(encoder.encode(text === '' ? ': here\n\n' : text));
        }
      }, STREAM_STEP_MS);
    },
    cancel: () => clearInterval(timer),
  });
  return new Response(body, {
    status: reply.status,
    headers: { 'Cache-Control': 'no-store', 'X-Accel-Buffering': 'no', ...reply.headers },
  });
}
