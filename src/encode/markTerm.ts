import { weightedMean } from '../core/marks/marks';
import type { ActivityRecord } from '../schema/activity';
import type { StudentId } from '../schema/ids';
import type { Unit } from './activityUnits';
import { marksOf, mostOf, type StudentMark } from './marking';

/** An activity with what has marks in it. */
export interface TermActivity {
  readonly activity: ActivityRecord;
  readonly units: readonly Unit[];
}

/** A student's marks over the term. */
export interface MarkRow {
  readonly studentId: StudentId;
  /** One for each activity, in its order; null where they have no part in it. */
  readonly cells: readonly (StudentMark | null)[];
  /** Mean in per cent of the most points, by weight; null without any mark. */
  readonly mean: number | null;
  /** Activities that are due and have no mark of theirs. */
  readonly missing: number;
  /** Mean part of their groups' work, 1 for an equal one; null where shares were never asked for. */
  readonly carried: number | null;
}

const PERCENT = 100;

/**
 * Everybody's marks over some activities. Excused ones do not count, absent ones count as 0; those without a mark do not
 * count, and are missing once they are due (`now`, a moment on the teacher's clock). O(students · activities).
 */
export function markRows(
  term: readonly TermActivity[],
  students: readonly StudentId[],
  now: string,
): readonly MarkRow[] {
  const marks = term.map(({ activity, units }) => marksOf(activity, units));
  // Without a day something is due once anybody has a mark in it.
  const due = term.map(({ activity }, at) =>
    activity.due === null
      ? [...(marks[at]?.values() ?? [])].some(({ state }) => state === 'marked')
      : activity.due <= now,
  );
  return students.map((studentId) => {
    const cells = marks.map((one) => one.get(studentId) ?? null);
    const counted = cells.flatMap((cell, at) => {
      const activity = term[at]?.activity;
      if (!activity || cell?.points === null || cell?.points === undefined) return [];
      const value = (cell.points / mostOf(activity)) * PERCENT;
      return [{ value, weight: activity.weight }];
    });
    const parts = cells.flatMap((cell) =>
      (cell?.parts ?? []).flatMap(({ part }) => (part === null ? [] : [part])),
    );
    return {
      ...{ studentId, cells, mean: weightedMean(counted) },
      missing: cells.filter((cell, at) => cell?.state === 'missing' && due[at]).length,
      carried: weightedMean(parts.map((value) => ({ value, weight: 1 }))),
    };
  });
}
