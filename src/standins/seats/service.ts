import { randomBytes, timingSafeEqual } from 'node:crypto';
import * as z from 'zod/mini';
import {
  Choice,
  Closures,
  Entry,
  OPEN_ROOT,
  SeatsPatch,
  SeatsRequest,
  Wishes,
  type ChoiceRefusal,
  type SeatsSession,
} from '../../services/seats/contract';
import { LARGEST_BODY, Refused, reply, tokenOf, type Ask, type Reply } from '../http';
import { once, problem, read, type Done } from '../problems';
import { SeatState, type KeptSession, type Outcome } from './state';
import { streaming } from './stream';
import { Visitors } from './visitors';

export interface SeatsOptions {
  /** Whether somebody with this token may lead sessions of their own. */
  readonly isTeacher: (token: string) => boolean;
  readonly now?: () => number;
  /** Text that cannot be guessed, of so many letters and figures. */
  readonly random?: (length: number) => string;
  /** Whether sessions may be visited by simulated students. */
  readonly visitors?: boolean;
  /** Told after a change, so that sessions can be kept in a file. */
  readonly onChange?: () => void;
}

interface Running {
  readonly state: SeatState;
  /** Of the teacher that it belongs to. */
  readonly token: string;
  readonly done: Done;
  /** person → what can be proved with. */
  readonly pins: Map<string, string>;
  readonly secrets: Map<string, string>;
  /** Token that a PIN was exchanged for → person. */
  readonly tokens: Map<string, string>;
  /** person → what they asked with a key, and what came of it. */
  readonly asked: Map<string, Map<string, Promise<Reply>>>;
  readonly allowances: Map<string, Allowance>;
  readonly visitors: Visitors;
  /** Lines that are open, each with its end. */
  readonly lines: Set<() => void>;
  readonly madeAt: number;
  closedAt: number | null;
}

/** So many requests a token may send at once, and how many more each second. */
const BURST = 30;
const A_SECOND = 5;
interface Allowance {
  left: number;
  at: number;
}

/** A choice waits so long for the teacher's side; then nothing is done, and that is said. */
const HELD_MS = 6_000;
/** A session is forgotten so long after it has closed, or has been made. */
const FORGOTTEN_CLOSED_MS = 12 * 3_600_000;
const FORGOTTEN_MS = 48 * 3_600_000;
const MOST_SESSIONS = 200;
const KEPT_KEYS = 50;
/** Letters and figures that are not taken for each other. */
const NO_CODE_SIGN = /[^abcdefghjkmnpqrstuvwxyz2-9]/g;
const CODE_LENGTH = 6;
const TICK_MS = 250;
/** What students see goes out at most so often. */
const SEEN_MS = 60;

const STATUS: Readonly<Record<ChoiceRefusal, number>> = {
  ...{ taken: 409, fixed: 409, paused: 409, closed: 409, unknown: 404, wait: 503 },
};

/** Sessions of choosing: led by teachers with their tokens, visited by students with a code (docs/handoff.md). */
export class Seats {
  private readonly sessions = new Map<string, Running>();
  private readonly byCode = new Map<string, Running>();
  private readonly now: () => number;
  private readonly random: (length: number) => string;
  private readonly timer: ReturnType<typeof setInterval>;

  constructor(private readonly options: SeatsOptions) {
    this.now = options.now ?? Date.now;
    this.random = options.random ?? randomText;
    this.timer = setInterval(() => this.tick(), TICK_MS);
    this.timer.unref();
  }

  end(): void {
    clearInterval(this.timer);
  }

  /** Answers a request below the service's root. */
  async answer(request: Request, path: string): Promise<Response> {
    const body = await request.text();
    if (body.length > LARGEST_BODY) return new Response(null, { status: 413 });
    const ask: Ask = {
      ...{ method: request.method, path, body, query: new URL(request.url).searchParams },
      headers: Object.fromEntries(request.headers),
    };
    try {
      const streams = path.endsWith('/events') && ask.method === 'GET';
      if (streams) return this.events(ask, request.signal);
      return asResponse(await this.reply(ask));
    } catch (refused) {
      if (refused instanceof Refused) return asResponse(refused.reply);
      throw refused;
    }
  }

  private async reply(ask: Ask): Promise<Reply> {
    return ask.path.startsWith(`${OPEN_ROOT}/`) ? this.toStudent(ask) : this.toTeacher(ask);
  }

  // —— the teacher's side

  private toTeacher(ask: Ask): Reply {
    const token = tokenOf(ask);
    if (token === null || !this.options.isTeacher(token)) {
      return problem(401, 'The token is not known.');
    }
    if (ask.method === 'POST' && ask.path === '/sessions') return this.open(ask, token);
    const running = this.ledBy(ask, token);
    const { state } = running;
    const [, , , part, id = ''] = ask.path.split('/');
    const person = (): string => {
      if (!state.has(id)) throw new Refused(problem(404, 'There is nobody of this id.'));
      return id;
    };
    switch (`${ask.method} ${part ?? ''}`) {
      case 'GET ':
        return reply(200, state.body() satisfies SeatsSession);
      case 'PATCH ':
        return state.patch(read(ask, SeatsPatch, PATCH_TYPES))
          ? reply(200, state.body())
          : problem(409, 'The session is closed.');
      case 'DELETE ':
        this.forget(running);
        return reply(204);
      case 'PUT closed': {
        const { after, closed } = read(ask, Closures);
        return state.settle(after, closed) ? reply(204) : problem(409, 'Seats have changed since.');
      }
      case 'PUT people': {
        const outcome = state.move(person(), read(ask, Choice).group);
        return outcome === null ? reply(204) : refusal(outcome);
      }
      case 'PUT groups':
        return state.setSeats(id, read(ask, z.object({ seats: z.int().check(z.gte(0)) })).seats)
          ? reply(204)
          : problem(409, 'More sit there.');
      case 'PUT slips': {
        const { pin, secret } = read(ask, Slip);
        running.pins.set(person(), pin);
        for (const [one, whose] of running.secrets) if (whose === id) running.secrets.delete(one);
        for (const [one, whose] of running.tokens) if (whose === id) running.tokens.delete(one);
        running.secrets.set(secret, id);
        state.unlock(id);
        return reply(204);
      }
      case 'POST visitors':
        if (!this.options.visitors) return problem(404, 'Nobody is simulated here.');
        running.visitors.invite(read(ask, z.object({ pace: z.number().check(z.gt(0)) })).pace);
        return reply(204);
      default:
        return problem(405, 'This is not asked for here.');
    }
  }

  private open(ask: Ask, token: string): Reply {
    const done = this.doneOf(token);
    return once(ask, done, () => {
      const request = read(ask, SeatsRequest);
      const ids = request.people.map(({ id }) => id);
      if (new Set(ids).size < ids.length) return problem(422, 'Two people have one id.');
      if (this.sessions.size >= MOST_SESSIONS) return problem(503, 'Too many sessions are open.');
      const state = new SeatState(this.random(16), this.freshCode(), request, this.now());
      this.take(state, token, done);
      return reply(201, state.body(), { Location: `/sessions/${state.id}` });
    });
  }

  private readonly doneByToken = new Map<string, Done>();
  private doneOf(token: string): Done {
    const known = this.doneByToken.get(token);
    if (known) return known;
    const fresh: Done = new Map();
    this.doneByToken.set(token, fresh);
    if (this.doneByToken.size > MOST_SESSIONS) {
      const [oldest] = this.doneByToken.keys();
      if (oldest !== undefined) this.doneByToken.delete(oldest);
    }
    return fresh;
  }

  private take(state: SeatState, token: string, done: Done): Running {
    const { people } = state.request;
    const running: Running = {
      ...{ state, token, done, tokens: new Map(), asked: new Map(), allowances: new Map() },
      pins: new Map(people.map(({ id, pin }) => [id, pin])),
      secrets: new Map(people.map(({ id, secret }) => [secret, id])),
      visitors: new Visitors(state),
      lines: new Set(),
      madeAt: this.now(),
      closedAt: null,
    };
    state.listen(() => this.options.onChange?.());
    this.sessions.set(state.id, running);
    this.byCode.set(state.code, running);
    this.options.onChange?.();
    return running;
  }

  private ledBy({ path }: Ask, token: string): Running {
    const [, sessions, id = ''] = path.split('/');
    const running = this.sessions.get(id);
    if (sessions !== 'sessions' || running?.token !== token) {
      throw new Refused(problem(404, 'There is no such session.'));
    }
    running.state.advance(this.now());
    return running;
  }

  // —— the students' side

  private async toStudent(ask: Ask): Promise<Reply> {
    const running = this.visited(ask);
    const { state, tokens } = running;
    const [, , , ...parts] = ask.path.split('/');
    const part = parts.join('/');
    if (ask.method === 'GET' && part === '') {
      const people = state.request.people.map(({ id, name }) => ({ id, name }));
      return reply(200, { name: state.request.name, state: state.state, people });
    }
    if (ask.method === 'POST' && part === 'enter') {
      const { person, pin } = read(ask, Entry);
      if (!state.has(person)) return WRONG;
      if (!state.mayTry(person)) {
        const seconds = Math.ceil(state.lockedFor(person) / 1000);
        return { ...problem(429, 'Too many tries.'), headers: { 'Retry-After': String(seconds) } };
      }
      const right = sameText(pin, running.pins.get(person) ?? '');
      state.tried(person, right);
      if (!right) return WRONG;
      const token = this.random(24);
      tokens.set(token, person);
      return reply(200, { token });
    }
    const person = this.visitor(ask, running);
    switch (`${ask.method} ${part}`) {
      case 'GET me':
        return reply(200, state.seenBy(person));
      case 'PUT me/choice':
        return this.onceFor(ask, running, person, () =>
          this.choose(running, person, read(ask, Choice).group),
        );
      case 'PUT me/wishes':
        return this.onceFor(ask, running, person, () => {
          const outcome = state.wish(person, read(ask, Wishes).wishes);
          return Promise.resolve(outcome === null ? DONE : refusal(outcome));
        });
      default:
        return problem(404, 'There is nothing here.');
    }
  }

  private async choose({ state }: Running, person: string, group: string | null): Promise<Reply> {
    const outcome = await new Promise<Outcome>((resolve) => {
      let late: ReturnType<typeof setTimeout> | null = null;
      const takeBack = state.choose(person, group, (decided) => {
        if (late) clearTimeout(late);
        resolve(decided);
      });
      late = setTimeout(() => {
        if (takeBack()) resolve('wait');
      }, HELD_MS);
      late.unref();
    });
    return outcome === null ? DONE : refusal(outcome);
  }

  /** The same answer to the same key; while it is worked out, whoever asks again waits for it too. */
  private onceFor(
    ask: Ask,
    { asked }: Running,
    person: string,
    work: () => Promise<Reply>,
  ): Promise<Reply> | Reply {
    const key = ask.headers['idempotency-key'] ?? '';
    if (key === '' || key.length > 255) return problem(400, 'An Idempotency-Key is needed.');
    const mine = asked.get(person) ?? new Map<string, Promise<Reply>>();
    asked.set(person, mine);
    const full = `${key} ${ask.path} ${ask.body}`;
    const before = mine.get(full);
    if (before) return before;
    if ([...mine.keys()].some((one) => one.startsWith(`${key} `))) {
      return problem(422, 'This key was used.');
    }
    const answer = work();
    mine.set(full, answer);
    const [oldest] = mine.keys();
    if (mine.size > KEPT_KEYS && oldest !== undefined) mine.delete(oldest);
    // What was not done may be asked for again under the same key.
    void answer.then(({ status }) => {
      if (status === 503) mine.delete(full);
    });
    return answer;
  }

  private visited({ path }: Ask): Running {
    const [, , code = ''] = path.split('/');
    const running = this.byCode.get(code.toLowerCase());
    if (!running) throw new Refused(problem(404, 'There is no such session.'));
    running.state.advance(this.now());
    return running;
  }

  private visitor(ask: Ask, running: Running): string {
    const token = tokenOf(ask) ?? '';
    const person = running.tokens.get(token) ?? running.secrets.get(token);
    if (person === undefined) throw new Refused(problem(401, 'Come in again.'));
    if (!this.allows(running, token)) {
      throw new Refused({ ...problem(429, 'Too many requests.'), headers: { 'Retry-After': '1' } });
    }
    running.state.came(person);
    return person;
  }

  private allows({ allowances }: Running, token: string): boolean {
    const now = this.now();
    const before = allowances.get(token) ?? { left: BURST, at: now };
    const left = Math.min(BURST, before.left + ((now - before.at) / 1000) * A_SECOND);
    allowances.set(token, { left: Math.max(0, left - 1), at: now });
    return left >= 1;
  }

  // —— lines that stay open

  private events(ask: Ask, gone: AbortSignal): Response {
    if (!ask.path.startsWith(`${OPEN_ROOT}/`)) {
      const token = tokenOf(ask);
      if (token === null || !this.options.isTeacher(token)) {
        return asResponse(problem(401, 'The token is not known.'));
      }
      const running = this.ledBy(ask, token);
      const { state } = running;
      let last = Number(ask.headers['last-event-id'] ?? state.lastEvent);
      return streaming(running, gone, 0, () => {
        const missed = state.since(last);
        if (missed === null) return '';
        last = missed.id;
        const name = missed.event === 'reset' ? 'reset' : 'changed';
        const data = missed.event === 'reset' ? {} : missed.event;
        return `id: ${last}\nevent: ${name}\ndata: ${JSON.stringify(data)}\n\n`;
      });
    }
    const running = this.visited(ask);
    const { state } = running;
    if (!ask.path.endsWith('/me/events')) throw new Refused(problem(404, 'There is nothing here.'));
    const person = this.visitor(ask, running);
    let seen = '';
    return streaming(running, gone, SEEN_MS, () => {
      // What is full and what is closed reach everybody together.
      if (!state.isSettled && seen !== '') return '';
      const { now: _, ...view } = state.seenBy(person);
      const text = JSON.stringify(view);
      if (text === seen) return '';
      seen = text;
      return `event: seen\ndata: ${JSON.stringify(state.seenBy(person))}\n\n`;
    });
  }

  // —— time, and what is kept

  private tick(): void {
    const now = this.now();
    for (const running of this.sessions.values()) {
      running.state.advance(now);
      running.visitors.advance(now);
      if (running.state.state === 'closed') running.closedAt ??= now;
      const old = now - running.madeAt > FORGOTTEN_MS;
      const over = running.closedAt !== null && now - running.closedAt > FORGOTTEN_CLOSED_MS;
      if (old || over) this.forget(running);
    }
  }

  private forget({ state, done, lines }: Running): void {
    this.sessions.delete(state.id);
    this.byCode.delete(state.code);
    // The answer to its making holds it too.
    for (const [key, { reply: made }] of done) {
      if ((made.body as { readonly id?: string } | null)?.id === state.id) done.delete(key);
    }
    lines.forEach((end) => end());
    this.options.onChange?.();
  }

  /** All that has to be kept for the sessions to go on after a new start. */
  kept(): readonly KeptSessions[] {
    return [...this.sessions.values()].map(({ state, token, pins, secrets }) => ({
      ...{ session: state.kept(), token },
      pins: [...pins],
      secrets: [...secrets],
    }));
  }

  restore(kept: readonly KeptSessions[]): void {
    for (const { session, token, pins, secrets } of kept) {
      const state = SeatState.from(session, this.now());
      const running = this.take(state, token, this.doneOf(token));
      pins.forEach(([person, pin]) => running.pins.set(person, pin));
      running.secrets.clear();
      secrets.forEach(([secret, person]) => running.secrets.set(secret, person));
    }
  }

  private freshCode(): string {
    for (;;) {
      const code = this.random(CODE_LENGTH * 4)
        .toLowerCase()
        .replaceAll(NO_CODE_SIGN, '')
        .slice(0, CODE_LENGTH);
      if (code.length === CODE_LENGTH && !this.byCode.has(code)) return code;
    }
  }
}

export interface KeptSessions {
  readonly session: KeptSession;
  readonly token: string;
  readonly pins: readonly (readonly [string, string])[];
  readonly secrets: readonly (readonly [string, string])[];
}

const PATCH_TYPES = ['application/merge-patch+json', 'application/json'];
const Slip = z.object({
  pin: z.string().check(z.regex(/^\d{4,12}$/)),
  secret: z.string().check(z.regex(/^[\w-]{20,64}$/)),
});
/** The same for a wrong PIN and for nobody's. */
const WRONG: Reply = problem(401, 'That does not fit together.');
const DONE: Reply = reply(204);

function refusal(outcome: ChoiceRefusal): Reply {
  return problem(STATUS[outcome], 'This was not taken.', { code: outcome });
}

function asResponse({ status, headers, body }: Reply): Response {
  return new Response(body === null ? null : JSON.stringify(body), {
    status,
    headers: { 'Content-Type': 'application/json', 'Cache-Control': 'no-store', ...headers },
  });
}

function randomText(length: number): string {
  return randomBytes(length * 2)
    .toString('base64')
    .replace(/[^A-Za-z0-9]/g, '')
    .slice(0, length);
}

/** Whether two texts are the same, in a time that tells nothing of where they differ. */
function sameText(one: string, two: string): boolean {
  const [a, b] = [Buffer.alloc(64), Buffer.alloc(64)];
  a.write(one);
  b.write(two);
  return timingSafeEqual(a, b) && one.length === two.length;
}
