/** A request as a stand-in sees it. */
export interface Ask {
  readonly method: string;
  /** Below the service's root, without the query. */
  readonly path: string;
  readonly query: URLSearchParams;
  /** By name in lower case. */
  readonly headers: Readonly<Record<string, string>>;
  readonly body: string;
}

/** Whom a service knows. */
export type Directory = readonly { readonly name: string; readonly email: string }[];

export interface Reply {
  readonly status: number;
  readonly headers: Readonly<Record<string, string>>;
  readonly body: unknown;
  /** In place of a body: each call gives the text to send next, '' while there is none, null at the end. */
  readonly stream?: () => string | null;
}

/** Characters; a session of 5,000 people stays below. */
export const LARGEST_BODY = 2_000_000;

export function reply(
  status: number,
  body: unknown = null,
  headers: Readonly<Record<string, string>> = {},
): Reply {
  return { status, headers, body };
}

/** Thrown where a request is refused; the stand-in makes an answer of it. */
export class Refused extends Error {
  constructor(readonly reply: Reply) {
    super(String(reply.status));
  }
}

/** The token of a request; nothing is shared between tokens. */
export function tokenOf({ headers }: Ask): string | null {
  return /^Bearer ([\u0021-\u007e]+)$/.exec(headers.authorization ?? '')?.[1] ?? null;
}

/** The JSON of a body; undefined for what is none. */
export function jsonOf({ body }: Ask): unknown {
  try {
    return JSON.parse(body);
  } catch {
    return undefined;
  }
}

/** Whether the body is said to be of one of these media types. */
export function isOfType({ headers }: Ask, types: readonly string[]): boolean {
  const [type = ''] = (headers['content-type'] ?? '').split(';');
  return types.includes(type.trim().toLowerCase());
}

/** A service that keeps a state for each token, and answers nobody whose token it does not accept. */
export abstract class Standin<State> {
  private readonly states = new Map<string, State>();

  constructor(
    /** Everybody whom the service knows, by the token that asks; null for one that is not accepted. */
    private readonly directoryFor: (token: string) => Directory | null,
    /** Milliseconds since 1970. */
    protected readonly now: () => number = Date.now,
  ) {}

  protected abstract begin(directory: Directory): State;
  protected abstract answer(ask: Ask, state: State, directory: Directory, token: string): Reply;
  protected abstract unknownToken(): Reply;

  /** What a token sees; made when it is first asked for. */
  state(token: string): State {
    const known = this.states.get(token);
    if (known) return known;
    const state = this.begin(this.directoryFor(token) ?? []);
    this.states.set(token, state);
    return state;
  }

  /** Answers one request below the service's root. */
  handle(ask: Ask): Reply {
    const token = tokenOf(ask);
    const directory = token === null ? null : this.directoryFor(token);
    if (token === null || !directory) return this.unknownToken();
    try {
      return this.answer(ask, this.state(token), directory, token);
    } catch (refused) {
      if (refused instanceof Refused) return refused.reply;
      throw refused;
    }
  }
}
