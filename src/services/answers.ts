import type { Answer } from './client';
import { Problem } from './rooms/contract';
import type { Why } from './types';

export function isOk({ status }: Answer): boolean {
  return status >= 200 && status < 300;
}

/** Why the service said no, in its own words: about the whole, or about the first that is at fault. */
export function refusal(
  answer: Answer,
  about: 'whole' | 'first' = 'whole',
): Extract<Why, { code: 'refused' }> {
  const problem = Problem.safeParse(answer.body);
  const { detail, title, errors } = problem.success ? problem.data : {};
  const first = errors?.[0]?.detail;
  const told = about === 'first' ? (first ?? detail) : (detail ?? first);
  return { code: 'refused', detail: told ?? title ?? '' };
}
