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
