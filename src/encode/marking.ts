import { marksByParts, rounded, takenOff } from '../core/marks/marks';
import {
  isAnswer,
  outliersOf,
  partsByAnswers,
  partsGiven,
  type Answer,
  type Outlier,
  type Parts,
} from '../core/marks/shares';
import { NO_OWN, NO_WORK, type ActivityRecord, type OwnMark, type Work } from '../schema/activity';
import type { StudentId } from '../schema/ids';
import type { Unit } from './activityUnits';

/** How a student came to a mark in one of their groups. */
export interface MarkPart {
  readonly key: string;
  /** The group's mark; null while there is none. */
  readonly group: number | null;
  /** Part of the work, 1 for an equal one; null where shares are not asked for. */
  readonly part: number | null;
  /** The member's mark before anything is taken off; null while there is none. */
  readonly before: number | null;
  /** Points taken off for coming late. */
  readonly off: number;
}

export interface StudentMark {
  readonly state: 'marked' | 'missing' | 'excused' | 'absent';
  /** Points in the end; null while there are none, or they are excused. */
  readonly points: number | null;
  readonly parts: readonly MarkPart[];
}

const MINUTE_MS = 60_000;

/** The most points of an activity: those of its criteria together, where it has some. */
export function mostOf({ most, criteria }: Pick<ActivityRecord, 'most' | 'criteria'>): number {
  return criteria.length === 0 ? most : criteria.reduce((sum, one) => sum + one.most, 0);
}

export function workOf(activity: ActivityRecord, key: string): Work {
  return activity.work[key] ?? NO_WORK;
}

export function ownOf(activity: ActivityRecord, id: StudentId): OwnMark {
  return activity.own[id] ?? NO_OWN;
}

/**
 * The mark of a group or of somebody alone before anything is taken off; null while a figure is missing. A figure from before
 * the most was lowered counts as the most.
 */
export function unitPoints(activity: ActivityRecord, key: string): number | null {
  const { points, criteria } = workOf(activity, key);
  if (activity.criteria.length === 0) return points && Math.min(points, activity.most);
  const given = activity.criteria.map(({ id, most }) => {
    const own = criteria[id];
    return own === undefined ? null : Math.min(own, most);
  });
  return given.reduce<number | null>(
    (sum, one) => (sum === null || one === null ? null : sum + one),
    0,
  );
}

/** Minutes after the due date at which something came; 0 in time, or where either is not known. */
export function lateBy({ due }: Pick<ActivityRecord, 'due'>, at: string | null): number {
  if (due === null || at === null) return 0;
  // Both on the same clock, read as if it had no summer time: late by what the clock says.
  return Math.max(0, (Date.parse(`${at}Z`) - Date.parse(`${due}Z`)) / MINUTE_MS);
}

/** Points that are taken off a group's work for coming late. */
export function lateOff(activity: ActivityRecord, key: string): number {
  const { late } = activity;
  const minutes = lateBy(activity, workOf(activity, key).came?.at ?? null);
  if (late === null) return 0;
  const most = mostOf(activity);
  const points = (percent: number): number => (percent / 100) * most;
  const off = takenOff(minutes, {
    ...{ points: points(late.percent), every: late.every, upTo: points(late.upTo) },
  });
  return rounded(off, activity.step, most);
}

/** Answers of the members of a group about one another, by place; those set aside are as if not given. */
export function answersIn(
  activity: ActivityRecord,
  members: readonly StudentId[],
): readonly Answer[] {
  const aside = new Set(activity.setAside);
  return members.map((from, place) => {
    const given = activity.answers[from];
    if (!given || aside.has(from)) return null;
    const answer = members.map((to) => given[to] ?? null);
    return isAnswer(answer, place) ? answer : null;
  });
}

/** Answers far from what the others of a group say, by places. */
export function outliersIn(
  activity: ActivityRecord,
  members: readonly StudentId[],
): readonly Outlier[] {
  return outliersOf(answersIn(activity, members));
}

/** Those of a group who have a part in its work: nobody who is excused or was absent. */
export function sharers(activity: ActivityRecord, unit: Unit): readonly StudentId[] {
  return unit.studentIds.filter((id) => ownOf(activity, id).state === 'there');
}

/** What each of a group did of its work; null where shares are not asked for, or nobody has said any. */
export function partsOf(activity: ActivityRecord, members: readonly StudentId[]): Parts | null {
  switch (activity.members) {
    case 'shares': {
      const shares = members.map((id) => ownOf(activity, id).share);
      return shares.some((one) => one !== null) ? partsGiven(shares) : null;
    }
    case 'answers': {
      const answers = answersIn(activity, members);
      return answers.some((one) => one !== null) ? partsByAnswers(answers) : null;
    }
    case 'same':
    case 'points':
    case 'own':
      return null;
  }
}

/** Everybody's mark in an activity, by rules that docs/marks.md tells in words. O(students + members² of each group). */
export function marksOf(
  activity: ActivityRecord,
  units: readonly Unit[],
): ReadonlyMap<StudentId, StudentMark> {
  const partsOfStudent = new Map<StudentId, MarkPart[]>();
  for (const unit of units) {
    for (const [id, part] of unitParts(activity, unit)) {
      partsOfStudent.set(id, [...(partsOfStudent.get(id) ?? []), part]);
    }
  }
  return new Map(
    [...partsOfStudent].map(([id, parts]) => [id, markFrom(activity, id, parts)] as const),
  );
}

function unitParts(
  activity: ActivityRecord,
  unit: Unit,
): readonly (readonly [StudentId, MarkPart])[] {
  const { key } = unit;
  const most = mostOf(activity);
  const [group, off] = [unitPoints(activity, key), lateOff(activity, key)];
  const members = sharers(activity, unit);
  const parts = partsOf(activity, members);
  const { strength, bound } = activity.sharing;
  const shared =
    parts && group !== null && members.length > 0
      ? marksByParts(group, most, parts, { strength, bound: (bound / 100) * most })
      : null;
  const before = (id: StudentId, place: number): number | null => {
    const { points } = ownOf(activity, id);
    if (unit.group && activity.members === 'own')
      return points === null ? group : Math.min(most, Math.max(0, points));
    if (group === null) return null;
    if (unit.group && activity.members === 'points')
      return Math.min(most, Math.max(0, group + (points ?? 0)));
    return shared ? rounded(shared[place] ?? group, activity.step, most) : group;
  };
  const places = new Map(members.map((id, place) => [id, place]));
  return unit.studentIds.map((id) => {
    const place = places.get(id);
    const there = place !== undefined;
    return [
      id,
      {
        ...{ key, group, off },
        part: there ? (parts?.[place] ?? null) : null,
        before: there ? before(id, place) : null,
      },
    ] as const;
  });
}

function markFrom(activity: ActivityRecord, id: StudentId, all: readonly MarkPart[]): StudentMark {
  const { state } = ownOf(activity, id);
  const split = activity.splits[id];
  // Somebody in two groups has a part of each mark; the first group stands first.
  const [first, second] = split
    ? [all.find(({ key }) => key !== split.key), all.find(({ key }) => key === split.key)]
    : [all[0], undefined];
  const parts = [first, second].filter((one) => one !== undefined);
  if (state === 'excused') return { state, points: null, parts };
  if (state === 'absent') return { state, points: 0, parts };
  const ends = parts.map(({ before, off }) => (before === null ? null : Math.max(0, before - off)));
  const [one = null, two = null] = ends;
  if (one === null || (second && two === null)) return { state: 'missing', points: null, parts };
  if (!split || two === null) return { state: 'marked', points: one, parts };
  const mixed = one * split.first + two * (1 - split.first);
  return { state: 'marked', points: rounded(mixed, activity.step, mostOf(activity)), parts };
}

/** A figure as it was typed; commas stand for points. */
export type Figure =
  | { readonly ok: true; readonly value: number | null }
  | { readonly ok: false; readonly code: 'noFigure' | 'below' | 'over' };

/** Reads what was typed for a mark: nothing, or a figure between two. */
export function readFigure(text: string, least: number, most: number): Figure {
  const plain = text
    .trim()
    .replace(',', '.')
    .replace(/^\u2212/, '-');
  if (plain === '') return { ok: true, value: null };
  if (!/^[+-]?(\d+\.?\d*|\.\d+)$/.test(plain)) return { ok: false, code: 'noFigure' };
  const value = Number(plain);
  if (value < least) return { ok: false, code: 'below' };
  return value > most ? { ok: false, code: 'over' } : { ok: true, value };
}
