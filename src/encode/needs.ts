import type { ClassRecord } from '../schema/classRecord';
import type { StudentRecord } from '../schema/student';

/** From this mastery on, of 100, a skill counts as mastered. */
export const MASTERED = 80;

/** One skill of a ladder: its id in a request, and what it is called. */
export interface Skill {
  readonly id: string;
  readonly name: string;
}

/** The skills of a class in the order in which they are learned: its ladder, then its details that are skills. */
export function ladderOf({ skillLadder, details }: ClassRecord): readonly Skill[] {
  return [
    ...skillLadder.map((name) => ({ id: `skill ${name}`, name })),
    ...details.flatMap(({ id, name, kind }) => (kind === 'skill' ? [{ id, name }] : [])),
  ];
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
