import {
  isAlone,
  NO_OWN,
  NO_WORK,
  type ActivityRecord,
  type OwnMark,
  type Work,
} from '../schema/activity';
import type { StudentId } from '../schema/ids';
import type { Unit } from './activityUnits';
import { marksOf, mostOf, ownOf, type MarkPart } from './marking';

/** What a sheet says of somebody: points in the end, or why there are none. */
export type GivenMark = number | 'excused' | 'absent';

/** A mark that a sheet says otherwise; null for none so far. */
export interface MarkChange {
  readonly studentId: StudentId;
  readonly from: GivenMark | null;
  readonly to: GivenMark;
}

/** Somebody whose mark of a sheet cannot be: so much was taken off for coming late that less is left at the most. */
export interface TooMuch {
  readonly studentId: StudentId;
  readonly off: number;
  readonly left: number;
}

export interface MarksIn {
  readonly changes: readonly MarkChange[];
  readonly tooMuch: readonly TooMuch[];
  /** Of the activity after the changes. */
  readonly after: Pick<ActivityRecord, 'work' | 'own' | 'members'>;
  /** Whether members have each their own mark from then on, since those of one group differ. */
  readonly becomesOwn: boolean;
  /** Whether the marks of the sheet cannot all be had at once; then nothing is changed. */
  readonly stuck: boolean;
}

type Parts = Pick<ActivityRecord, 'work' | 'own' | 'members'>;

/**
 * Marks of a sheet taken into an activity, so that everybody named has just the mark of the sheet in the end and everybody
 * else the mark they had. A group whose members agree keeps one mark; where they differ, points up or down are adjusted, and
 * else everybody has their own mark from then on, beginning with what they have.
 */
export function takeInMarks(
  activity: ActivityRecord,
  units: readonly Unit[],
  given: ReadonlyMap<StudentId, GivenMark>,
): MarksIn {
  const now = marksOf(activity, units);
  const most = mostOf(activity);
  const tooMuch: TooMuch[] = [];
  const changes = [...given].flatMap(([studentId, to]): MarkChange[] => {
    const mark = now.get(studentId);
    if (!mark) return [];
    const from = mark.state === 'excused' || mark.state === 'absent' ? mark.state : mark.points;
    if (from === to) return [];
    const off = Math.max(...mark.parts.map((part) => part.off));
    if (typeof to === 'number' && to + off > most) {
      tooMuch.push({ studentId, off, left: Math.max(0, most - off) });
      return [];
    }
    return [{ studentId, from, to }];
  });
  const wanted = new Map(changes.map(({ studentId, to }) => [studentId, to]));
  const states = statesFrom(activity, wanted);
  const begun = { ...activity, own: states };
  const kept: Parts = { work: activity.work, own: states, members: activity.members };
  const tries: readonly (() => Parts)[] = [
    () => kept,
    () => ({ ...kept, work: groupMarks(begun, units, wanted) }),
    ...(activity.members === 'points' ? [() => byPoints(begun, units, wanted)] : []),
    () => byOwn(activity, begun, units, wanted),
  ];
  const made = tries
    .map((attempt) => attempt())
    .find((after) => reaches({ ...activity, ...after }, units, now, wanted));
  const after = made ?? kept;
  return {
    ...{ changes: made ? changes : [], tooMuch, after },
    stuck: made === undefined,
    becomesOwn: after.members === 'own' && activity.members !== 'own',
  };
}

/** Whether everybody has the mark that is wanted for them, or the one they had. */
function reaches(
  activity: ActivityRecord,
  units: readonly Unit[],
  before: ReturnType<typeof marksOf>,
  wanted: ReadonlyMap<StudentId, GivenMark>,
): boolean {
  return [...marksOf(activity, units)].every(([id, { state, points }]) => {
    const to = wanted.get(id);
    const had = before.get(id);
    if (to === undefined) return state === had?.state && points === had.points;
    return typeof to === 'number' ? state === 'marked' && points === to : state === to;
  });
}

function statesFrom(
  activity: ActivityRecord,
  wanted: ReadonlyMap<StudentId, GivenMark>,
): Record<string, OwnMark> {
  const own = { ...activity.own };
  for (const [id, to] of wanted) {
    const state = typeof to === 'number' ? 'there' : to;
    if (ownOf(activity, id).state !== state) own[id] = { ...ownOf(activity, id), state };
  }
  return own;
}

/** Groups whose members are all given one mark have it as the group's. */
function groupMarks(
  activity: ActivityRecord,
  units: readonly Unit[],
  wanted: ReadonlyMap<StudentId, GivenMark>,
): Record<string, Work> {
  const work = { ...activity.work };
  if (activity.criteria.length > 0) return work;
  const marks = marksOf(activity, units);
  for (const { key, studentIds } of units) {
    const figures = studentIds.flatMap((id) => {
      const to = wanted.get(id);
      return typeof to === 'number' ? [to + offIn(marks.get(id)?.parts, key)] : [];
    });
    const [first] = figures;
    if (first === undefined || figures.some((one) => one !== first)) continue;
    work[key] = { ...(work[key] ?? NO_WORK), points: first };
  }
  return work;
}

function byPoints(
  activity: ActivityRecord,
  units: readonly Unit[],
  wanted: ReadonlyMap<StudentId, GivenMark>,
): Parts {
  const marks = marksOf(activity, units);
  const own = { ...activity.own };
  for (const [id, to] of wanted) {
    const part = marks.get(id)?.parts[0];
    if (typeof to !== 'number' || typeof part?.group !== 'number') continue;
    own[id] = { ...(own[id] ?? NO_OWN), points: to + part.off - part.group };
  }
  return { work: activity.work, own, members: 'points' };
}

/** Everybody's own mark as it stands before anything is taken off, with those that are wanted. */
function byOwn(
  before: ActivityRecord,
  activity: ActivityRecord,
  units: readonly Unit[],
  wanted: ReadonlyMap<StudentId, GivenMark>,
): Parts {
  const own = { ...activity.own };
  const work = { ...activity.work };
  for (const [id, { points, parts }] of marksOf(before, units)) {
    const [part] = parts;
    const to = wanted.get(id);
    const first = activity.splits[id]?.first ?? 1;
    const off = parts.reduce((sum, one, at) => sum + one.off * (at === 0 ? first : 1 - first), 0);
    const had = parts.length === 1 ? part?.before : points === null ? null : points + off;
    const mark = typeof to === 'number' ? to + off : had;
    if (!part || mark === null || mark === undefined) continue;
    if (isAlone(activity)) work[part.key] = { ...(work[part.key] ?? NO_WORK), points: mark };
    else own[id] = { ...(own[id] ?? NO_OWN), points: mark };
  }
  return { work, own, members: isAlone(activity) ? activity.members : 'own' };
}

function offIn(parts: readonly MarkPart[] | undefined, key: string): number {
  return parts?.find((part) => part.key === key)?.off ?? 0;
}
