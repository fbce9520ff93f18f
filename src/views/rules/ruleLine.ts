import { say } from '@/messages';
import { QUIET_KINDS, type RuleKindName } from '@/schema/rule';
import type { StudentRecord } from '@/schema/student';
import { plainWords } from '../frame/plainWords';

/** What can be typed into a rule: somebody's name, or the kind. */
export type RuleWord = StudentRecord | RuleKindName;

/** From so many letters on a kind is meant rather than a name that begins like it. */
const CLEARLY_A_KIND = 3;

export const isKind = (word: RuleWord): word is RuleKindName => typeof word === 'string';

/** Names that hold what was typed, and the kinds that begin with it: first once they are clearly meant. */
export function wordsFor(
  typed: string,
  students: readonly StudentRecord[],
  chosen: readonly StudentRecord[],
): readonly RuleWord[] {
  const wanted = plainWords(typed);
  const taken = new Set(chosen.map(({ id }) => id));
  const names = students.filter(
    ({ id, name }) => !taken.has(id) && plainWords(name).includes(wanted),
  );
  if (wanted === '') return names;
  const kinds = QUIET_KINDS.filter((kind) =>
    plainWords(say.rules.kindWord[kind]).startsWith(wanted),
  );
  return wanted.length >= CLEARLY_A_KIND ? [...kinds, ...names] : [...names, ...kinds];
}
