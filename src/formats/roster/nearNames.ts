import { isNear } from '../slips';
import { plainWords } from './text';
import type { RosterStudent } from './types';

/** A word shorter than this that differs in a letter is another word. */
const LEAST_TO_SLIP = 5;

/** The words of a name, whatever their order. */
export function nameWords({
  givenName,
  familyName,
  displayName,
}: RosterStudent): readonly string[] {
  const words = plainWords(`${givenName} ${familyName}`) || plainWords(displayName);
  return words === '' ? [] : words.split(' ').sort();
}

/**
 * Whether two names may be those of one person: the same words, but that one lacks some ("Amira", "Amira Haddad"), has the
 * first letter of one ("Amira H.") or writes one with a letter changed. A whole word has to agree.
 */
export function mayBeOne(one: readonly string[], two: readonly string[]): boolean {
  const [few, many] = one.length <= two.length ? [one, two] : [two, one];
  const rest = [...many];
  const left = few.filter((word) => {
    const at = word.length > 1 ? rest.indexOf(word) : -1;
    if (at >= 0) rest.splice(at, 1);
    return at < 0;
  });
  if (left.length === few.length) return false;
  return left.every((word) => {
    const at = rest.findIndex((other) => isInitial(word, other) || isSlipOf(word, other));
    if (at >= 0) rest.splice(at, 1);
    return at >= 0;
  });
}

const isInitial = (one: string, two: string): boolean =>
  (one.length === 1 && two.startsWith(one)) || (two.length === 1 && one.startsWith(two));

const isSlipOf = (one: string, two: string): boolean =>
  Math.min(one.length, two.length) >= LEAST_TO_SLIP && isNear(one, two, 1);
