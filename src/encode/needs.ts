import type { ClassRecord } from '../schema/classRecord';
import type { StudentRecord } from '../schema/student';

/** From this mastery on, of 100, a skill counts as mastered. */
export const MASTERED = 80;

/** One skill of a ladder: its id in a request, and what it is called. */
export interface Skill {
  readonly id: string;
  readonly name: string;
}

/**
 * The skills of a class in the order in which they are learned: those that its ladder names, each with the detail of that
 * name where there is one, then details that are skills and stand on no ladder yet.
 */
export function ladderOf({
  skillLadder,
  details,
}: Pick<ClassRecord, 'skillLadder' | 'details'>): readonly Skill[] {
  const plain = (name: string): string => name.trim().toLowerCase();
  const skills = details.filter(({ kind }) => kind === 'skill');
  const named = skillLadder.map((name) => {
    const detail = skills.find((one) => plain(one.name) === plain(name));
    return detail ? { id: detail.id, name: detail.name } : { id: `skill ${name}`, name };
  });
  const known = new Set<string>(named.map(({ id }) => id));
  const others = skills.filter(({ id }) => !known.has(id)).map(({ id, name }) => ({ id, name }));
  return [...named, ...others];
}

/** The skills that a student has not mastered, the next one first; what is not known of them is not needed. */
export function needsOf(
  { mastery, details }: Pick<StudentRecord, 'mastery' | 'details'>,
  ladder: readonly Skill[],
): readonly string[] {
  return ladder.flatMap(({ id, name }) => {
    const detail = details[id];
    const known = typeof detail === 'number' ? detail : mastery[name];
    return known !== undefined && known < MASTERED ? [id] : [];
  });
}
