/** What a request needs of the machine; tests bring their own. */
export interface Transport {
  readonly fetch: (url: string, init: RequestInit) => Promise<Response>;
  readonly sleep: (ms: number) => Promise<void>;
  /** At least 0, below 1. */
  readonly random: () => number;
  /** Milliseconds since 1970. */
  readonly now: () => number;
}

export const MACHINE: Transport = {
  fetch: (url, init) => fetch(url, init),
  sleep: (ms) => new Promise((resolve) => setTimeout(resolve, ms)),
  random: Math.random,
  now: Date.now,
};

/** What a service answered, whatever its status below 500 but 429. */
export interface Answer {
  readonly status: number;
  /** Of the resource; null where none was told. */
  readonly etag: string | null;
  /** Parsed JSON; null where there was none. */
  readonly body: unknown;
}

/** The service does not answer, or fails for good: nothing more is asked of it. */
export class ServiceGone extends Error {
  constructor(readonly reason: 'silent' | 'failing' | 'busy' | 'token' | 'stopped') {
    super(reason);
    this.name = 'ServiceGone';
  }
}

export interface Send {
  readonly body?: unknown;
  readonly contentType?: string;
  readonly headers?: Readonly<Record<string, string>>;
  /**
   * Asked before a request is repeated whose answer was lost and that does more when it is done twice; what it finds is
   * the answer. Where it is left out, the request may be repeated as it is.
   */
  readonly lookFirst?: () => Promise<Answer | null>;
}

const FEWEST_TRIES = 5;
const MOST_TRIES = 10;
/** Without an answer for so long a try is given up. */
const TRY_MS = 8_000;
/** After so long, waits that the service asked for left out, a request is not tried again. */
const REQUEST_MS = 40_000;
const FIRST_WAIT_MS = 150;
const LONGEST_WAIT_MS = 5_000;
/** The longest that is waited because a service asks for it. */
const LONGEST_ASKED_MS = 60_000;

/** Requests to one service with its token, repeated where an answer is lost or the service is busy. */
export class ServiceClient {
  /** Nothing is asked before this moment: the service said that it was busy. */
  private notBefore = 0;
  private gone: ServiceGone | null = null;

  constructor(
    private readonly root: string,
    private readonly token: string,
    private readonly transport: Transport = MACHINE,
    private readonly accept = 'application/json, application/problem+json',
    /** Ends the run; what was done by then stays. */
    private readonly stop?: AbortSignal,
  ) {}

  /** The answer; a ServiceGone where there is none after all tries, or the token is not accepted. */
  async send(method: string, path: string, given: Send = {}): Promise<Answer> {
    const { transport } = this;
    const begun = transport.now();
    let asked = 0;
    for (let tries = 1; ; tries++) {
      if (this.stop?.aborted) throw this.end('stopped');
      if (this.gone) throw this.gone;
      await this.untilAllowed();
      const outcome = await this.once(method, path, given);
      if ('answer' in outcome) return this.accepted(outcome.answer);
      const spent = transport.now() - begun - asked;
      if (tries >= MOST_TRIES || (tries >= FEWEST_TRIES && spent > REQUEST_MS)) {
        throw this.end(outcome.lost);
      }
      const wait = Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** (tries - 1));
      await transport.sleep(wait * (0.75 + transport.random() / 2));
      if (outcome.retryAfter !== null) {
        if (outcome.retryAfter > LONGEST_ASKED_MS) throw this.end('busy');
        const until = outcome.at + outcome.retryAfter;
        asked += Math.max(0, until - transport.now());
        // Whoever is told to wait is not the only one: the others would be told the same.
        if (outcome.lost === 'busy') this.notBefore = Math.max(this.notBefore, until);
        else await transport.sleep(Math.max(0, until - transport.now()));
      }
      if (outcome.mayBeDone && given.lookFirst) {
        const found = await given.lookFirst();
        if (found) return found;
      }
    }
  }

  private async untilAllowed(): Promise<void> {
    for (;;) {
      const wait = this.notBefore - this.transport.now();
      if (wait <= 0) return;
      await this.transport.sleep(wait);
    }
  }

  private accepted(answer: Answer): Answer {
    if (answer.status === 401) throw this.end('token');
    return answer;
  }

  private end(reason: ServiceGone['reason']): ServiceGone {
    this.gone ??= new ServiceGone(reason);
    return this.gone;
  }

  private async once(method: string, path: string, given: Send): Promise<Outcome> {
    const { transport } = this;
    const controller = new AbortController();
    const timer = setTimeout(() => controller.abort(), TRY_MS);
    try {
      const { body } = given;
      const response = await transport.fetch(this.root + path, {
        method,
        redirect: 'manual',
        signal: this.stop ? AbortSignal.any([controller.signal, this.stop]) : controller.signal,
        headers: {
          Authorization: `Bearer ${this.token}`,
          Accept: this.accept,
          ...(body === undefined
            ? {}
            : { 'Content-Type': given.contentType ?? 'application/json' }),
          ...given.headers,
        },
        ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      });
      const text = await response.text();
      const at = transport.now();
      const retryAfter = retryAfterMs(response.headers.get('Retry-After'), at);
      if (response.status === 429) return { lost: 'busy', mayBeDone: false, retryAfter, at };
      if (response.status >= 500) return { lost: 'failing', mayBeDone: true, retryAfter, at };
      const parsed = parse(text);
      // An answer that was cut off is none.
      if (parsed === undefined && response.ok) return lost('silent', at);
      return {
        answer: {
          status: response.status,
          etag: response.headers.get('ETag'),
          body: parsed ?? null,
        },
      };
    } catch {
      return lost('silent', transport.now());
    } finally {
      clearTimeout(timer);
    }
  }
}

type Outcome =
  | { readonly answer: Answer }
  | {
      readonly lost: 'silent' | 'failing' | 'busy';
      /** Whether the service may have done what it was asked all the same. */
      readonly mayBeDone: boolean;
      /** Milliseconds from `at`; null where none was asked for. */
      readonly retryAfter: number | null;
      readonly at: number;
    };

function lost(why: 'silent', at: number): Outcome {
  return { lost: why, mayBeDone: true, retryAfter: null, at };
}

/** Seconds, or a date of HTTP (RFC 9110, 10.2.3), as milliseconds from now. */
function retryAfterMs(header: string | null, now: number): number | null {
  if (header === null) return null;
  if (/^\s*\d+\s*$/.test(header)) return Number(header) * 1000;
  const date = Date.parse(header);
  return Number.isNaN(date) ? null : Math.max(0, date - now);
}

/** The JSON of a text, null for none, undefined for what is no JSON. */
function parse(text: string): unknown {
  if (text.trim() === '') return null;
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

/** Longest that work runs on without letting the page draw. */
const BREATH_MS = 15;

/** Lets the page draw before more is worked out. */
export function breathe(): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve));
}

/** Runs work on each item, so many at a time; after a failure nothing more is begun, and what is under way ends first. */
export async function eachOf<T>(
  items: readonly T[],
  atOnce: number,
  work: (item: T) => Promise<void>,
): Promise<void> {
  let next = 0;
  let failed = false;
  let breath = performance.now();
  const runner = async (): Promise<void> => {
    try {
      for (let at = next++; at < items.length && !failed; at = next++) {
        await work(items[at] as T);
        // What asks nothing of the service takes no turn of its own: the page has to draw in between.
        if (performance.now() - breath > BREATH_MS) {
          await breathe();
          breath = performance.now();
        }
      }
    } catch (error) {
      failed = true;
      throw error;
    }
  };
  const runners = Array.from({ length: Math.min(atOnce, items.length) }, runner);
  await Promise.allSettled(runners);
  await Promise.all(runners);
}

/** The service's own root below an address that a teacher has entered; null where that is none of the web. */
export function rootOf(address: string, path: string): string | null {
  if (!URL.canParse(address)) return null;
  const url = new URL(address);
  if (!/^https?:$/.test(url.protocol) || url.username !== '' || url.password !== '') return null;
  url.search = '';
  url.hash = '';
  return url.href.replace(/\/+$/, '') + path;
}
