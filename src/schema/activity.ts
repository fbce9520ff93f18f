import * as z from 'zod/mini';
import { ActivityId, ClassId, LineupId, newId, StudentId } from './ids';
import type { Renaming } from './renaming';
import { renamedIds } from './renaming';
import { Picture } from './picture';
import { groupKeys, type TakeGroup } from './takeGroup';
import type { RecordType } from './versions';

/** A moment on the teacher's clock, YYYY-MM-DDTHH:MM: the same wherever the file is opened. */
export const ClockMoment = z.string().check(z.regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/));
export type ClockMoment = z.infer<typeof ClockMoment>;

const Points = z.number().check(z.gte(0));

/** One thing that a mark is made of. */
export const Criterion = z.object({
  id: z.string(),
  name: z.string(),
  text: z.string(),
  most: z.number().check(z.gt(0)),
});
export type Criterion = z.infer<typeof Criterion>;

/** A group as an activity was worked in it. */
export const ActivityGroup = z.object({
  /** Of the group in its lineup (`encode/publicLineup` groupKeys). */
  key: z.string(),
  name: z.string(),
  sign: z.int().check(z.gte(0)),
  studentIds: z.array(StudentId),
  /** Role → who has it. */
  roles: z.record(z.string(), StudentId),
});
export type ActivityGroup = z.infer<typeof ActivityGroup>;

export const CAME = ['in', 'seen', 'returned'] as const;

/** What came of a group's work, or of somebody's who works alone. */
export const Work = z.object({
  /** The mark in one figure; of no account while there are criteria. */
  points: z.nullable(Points),
  /** Criterion's id → points. */
  criteria: z.record(z.string(), Points),
  comment: z.string(),
  /** Null for not yet; `at` null where nobody knows when. */
  came: z.nullable(z.object({ state: z.enum(CAME), at: z.nullable(ClockMoment) })),
});
export type Work = z.infer<typeof Work>;

/** What is said of one member beside their group. */
export const OwnMark = z.object({
  /** Points up or down from the group's mark, or the mark itself, as the activity has it. */
  points: z.nullable(z.number()),
  /** Of the group's work in per cent, as the teacher sees it. */
  share: z.nullable(Points),
  /** Excused: no mark is asked for. Absent: it counts as 0. */
  state: z.enum(['there', 'excused', 'absent']),
  comment: z.string(),
});
export type OwnMark = z.infer<typeof OwnMark>;

/** How members come to their marks: the group's, points up or down, shares by the teacher or by one another, each their own. */
export const MEMBER_MARKS = ['same', 'points', 'shares', 'answers', 'own'] as const;
export type MemberMarks = (typeof MEMBER_MARKS)[number];

/** Work that the groups of a lineup do, or everybody alone, and the marks for it. Marks are private. */
export const ActivityRecord = z.object({
  record: z.literal('activity'),
  id: ActivityId,
  classId: ClassId,
  name: z.string(),
  /** Markdown, for the class. */
  instructions: z.string(),
  /** Beside the instructions. */
  picture: z.nullable(Picture),
  /** A hand-out for each group, with placeholders. */
  handout: z.string(),
  /** In whose groups it is worked; null for everybody alone, or where that lineup is gone. */
  lineupId: z.nullable(LineupId),
  /** The groups from its opening on, whatever becomes of the lineup; null before, and for everybody alone. */
  groups: z.nullable(z.array(ActivityGroup)),
  opens: z.nullable(ClockMoment),
  due: z.nullable(ClockMoment),
  /** Late work is accepted until then. */
  last: z.nullable(ClockMoment),
  /** The most points. */
  most: z.number().check(z.gt(0)),
  criteria: z.array(Criterion),
  /** How much it counts over the term. */
  weight: Points,
  members: z.enum(MEMBER_MARKS),
  /** Of shares: from 0 to 1, and per cent of the most points. */
  sharing: z.object({
    strength: z.number().check(z.gte(0), z.lte(1)),
    bound: z.number().check(z.gte(0), z.lte(100)),
  }),
  /** What is taken off for coming late, in per cent of the most points. */
  late: z.nullable(z.object({ percent: Points, every: z.enum(['hour', 'day']), upTo: Points })),
  /** Marks go to the nearest multiple of it. */
  step: z.number().check(z.gt(0)),
  /** Group's key, or student's id where all work alone → what came of it. */
  work: z.record(z.string(), Work),
  /** Student → what is said of them alone. */
  own: z.record(z.string(), OwnMark),
  /** Student → how they divided points among their group: member → points. */
  answers: z.record(z.string(), z.record(z.string(), Points)),
  /** Whose answers do not count, by the teacher's word. */
  setAside: z.array(StudentId),
  /** Student in two groups → their second one, and how much of the mark is the first one's. */
  splits: z.record(
    z.string(),
    z.object({ key: z.string(), first: z.number().check(z.gte(0), z.lte(1)) }),
  ),
  /** Student → group of the lineup ('' for none) that has been decided about: it is not asked again. */
  settled: z.record(z.string(), z.string()),
  createdAt: z.iso.datetime(),
});
export type ActivityRecord = z.infer<typeof ActivityRecord>;

export const activityType: RecordType<ActivityRecord> = {
  record: 'activity',
  validator: ActivityRecord,
  migrations: [],
  freshId: () => newId(ActivityId, 'ac'),
  owner: ({ classId }) => classId,
  list: 'activities',
  renamed: (activity, to) => {
    const [id, classId] = [to.activity(activity.id), to.class(activity.classId)];
    if (id === null || classId === null) return null;
    const groups = activity.groups && renamedGroups(activity.groups, to);
    const splits = Object.fromEntries(
      Object.entries(byStudent(activity.splits, to)).filter(([student, { key }]) => {
        const ofTwo = groups?.filter(({ studentIds }) => studentIds.includes(student as StudentId));
        return ofTwo?.length === 2 && ofTwo.some((group) => group.key === key);
      }),
    );
    const answers = byStudent(activity.answers, to);
    return {
      ...{ ...activity, id, classId, groups, splits },
      lineupId: activity.lineupId && to.lineup(activity.lineupId),
      work: isAlone(activity) ? byStudent(activity.work, to) : activity.work,
      own: byStudent(activity.own, to),
      answers: Object.fromEntries(
        Object.entries(answers).map(([from, points]) => [from, byStudent(points, to)]),
      ),
      setAside: renamedIds(activity.setAside, to.student),
      settled: byStudent(activity.settled, to),
    };
  },
  merging: {
    groups: { list: ({ key }: ActivityGroup) => key, item: { fields: { studentIds: 'set' } } },
    criteria: { list: ({ id }: Criterion) => id, item: { fields: {} } },
    work: { each: { fields: { criteria: { each: 'whole' } } } },
    own: { each: { fields: {} } },
    answers: { each: { each: 'whole' } },
    setAside: 'set',
    splits: { each: 'whole' },
    settled: { each: 'whole' },
  },
};

/** A table by students under other ids; of two that become one, who keeps their own id keeps what is said of them. */
function byStudent<T>(table: Readonly<Record<string, T>>, to: Renaming): Record<string, T> {
  const next: Record<string, T> = {};
  for (const [student, value] of Object.entries(table)) {
    const id = to.student(student as StudentId);
    if (id !== null && (id === student || !(id in table))) next[id] ??= value;
  }
  return next;
}

/** Whether everybody does an activity on their own: its work is then by students, and else by the keys of groups. */
export function isAlone({
  lineupId,
  groups,
}: Pick<ActivityRecord, 'lineupId' | 'groups'>): boolean {
  return lineupId === null && groups === null;
}

/** The groups of a take as an activity keeps them; empty ones are none. */
export function keptGroups(groups: readonly TakeGroup[]): readonly ActivityGroup[] {
  const keys = groupKeys(groups);
  return groups.flatMap(({ name, sign, studentIds, roles }, row) =>
    studentIds.length === 0 ? [] : [{ key: keys[row] ?? '', name, sign, studentIds, roles }],
  );
}

/** Who would come to sit twice, as another who becomes them, keeps the seat of their own. */
function renamedGroups(groups: readonly ActivityGroup[], to: Renaming): ActivityGroup[] {
  const named = new Set(groups.flatMap(({ studentIds }) => studentIds));
  const next = (id: StudentId): StudentId | null => {
    const other = to.student(id);
    return other !== null && other !== id && named.has(other) ? null : other;
  };
  return groups.map((group) => {
    const roles = Object.entries(group.roles).flatMap(([role, holder]) => {
      const other = next(holder);
      return other === null ? [] : [[role, other] as const];
    });
    const studentIds = renamedIds(group.studentIds, next);
    return { ...group, studentIds, roles: Object.fromEntries(roles) };
  });
}

export const NO_WORK: Work = { points: null, criteria: {}, comment: '', came: null };
export const NO_OWN: OwnMark = { points: null, share: null, state: 'there', comment: '' };

/** An activity of a lineup, or of everybody alone, with usual settings: ten points, the group's mark for all. */
export function newActivity(
  id: ActivityId,
  classId: ClassId,
  lineupId: LineupId | null,
  name: string,
  createdAt: string,
): ActivityRecord {
  return {
    ...{ record: 'activity', id, classId, name, instructions: '', handout: '', lineupId },
    picture: null,
    ...{ groups: null, opens: null, due: null, last: null, most: 10, criteria: [], weight: 1 },
    ...{ members: 'same', sharing: { strength: 0.5, bound: 20 }, late: null, step: 0.5 },
    ...{ work: {}, own: {}, answers: {}, setAside: [], splits: {}, settled: {}, createdAt },
  };
}
