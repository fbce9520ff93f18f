import type * as z from 'zod/mini';
import { isOfType, jsonOf, LARGEST_BODY, Refused, reply, type Ask, type Reply } from './http';

/** Idempotency key → what was asked with it, and the answer. */
export type Done = Map<string, { readonly asked: string; readonly reply: Reply }>;

/** Problem details (RFC 9457). */
export function problem(status: number, detail: string, more: object = {}): Reply {
  return reply(
    status,
    { type: 'about:blank', title: detail, status, detail, ...more },
    { 'Content-Type': 'application/problem+json' },
  );
}

/** The same answer for the same key and body; another body with a key that was used is refused. */
export function once(ask: Ask, done: Done, work: () => Reply): Reply {
  const key = ask.headers['idempotency-key'] ?? '';
  if (key === '' || key.length > 255) return problem(400, 'An Idempotency-Key is needed.');
  const asked = `${ask.path} ${ask.body}`;
  const before = done.get(key);
  if (before) return before.asked === asked ? before.reply : problem(422, 'This key was used.');
  const answer = work();
  done.set(key, { asked, reply: answer });
  return answer;
}

/** The body of a request in its shape; what is no such is refused, with pointers to what is at fault. */
export function read<T>(ask: Ask, shape: z.ZodMiniType<T>, types = ['application/json']): T {
  if (!isOfType(ask, types)) throw new Refused(problem(415, `Send ${types.join(' or ')}.`));
  if (ask.body.length > LARGEST_BODY) throw new Refused(problem(413, 'This is too large.'));
  const given = shape.safeParse(jsonOf(ask));
  if (given.success) return given.data;
  const errors = given.error.issues.map(({ path, message }) => ({
    detail: message,
    pointer: `#/${path.map(String).join('/')}`,
  }));
  throw new Refused(problem(400, 'This is not what is asked for here.', { errors }));
}
