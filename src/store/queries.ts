import type { ActivityRecord } from '../schema/activity';
import type { AdultRecord } from '../schema/adult';
import type { ClassRecord } from '../schema/classRecord';
import { takesPart } from '../schema/presence';
import type { ActivityId, ClassId, LineupId, StudentId } from '../schema/ids';
import type { DrawRecord } from '../schema/draw';
import { usesOf, type LineupRecord, type Use } from '../schema/lineup';
import type { PlanRecord } from '../schema/plan';
import type { ReceiptRecord } from '../schema/receipt';
import type { ResultsRecord } from '../schema/results';
import type { SeatSessionRecord } from '../schema/seatSession';
import type { SeriesRecord } from '../schema/series';
import type { RecordKind } from '../schema/records';
import type { RuleRecord } from '../schema/rule';
import type { ShownAs } from '../schema/scene';
import { settingIdFor, settingValue, type Setting } from '../schema/setting';
import { NAMES_SHOWN, ROLES_SHOWN } from '../schema/shownNames';
import type { RollStudent, StudentRecord } from '../schema/student';
import type { TakeRecord } from '../schema/take';
import type { RecordStore } from './recordStore';

/** Reads from the store; the same answer, to the reference, until a record of its kinds changes. */
export type Query<A extends readonly unknown[], T> = (store: RecordStore, ...args: A) => T;

interface Answer<T> {
  /** Revisions of the kinds when it was worked out. */
  readonly at: string;
  readonly answer: T;
}

/** Remembers the last answers of a query, by its arguments (strings), for each store. */
function query<A extends readonly string[], T>(
  kinds: readonly RecordKind[],
  compute: (store: RecordStore, ...args: A) => T,
): Query<A, T> {
  const answers = new WeakMap<RecordStore, Map<string, Answer<T>>>();
  return (store, ...args) => {
    const at = kinds.map((kind) => store.revision(kind)).join();
    const key = args.join('\n');
    const known = answers.get(store) ?? new Map<string, Answer<T>>();
    answers.set(store, known);
    const last = known.get(key);
    if (last?.at === at) return last.answer;
    const answer = compute(store, ...args);
    known.set(key, { at, answer });
    return answer;
  };
}

const byOrder = (a: { readonly order: number }, b: { readonly order: number }): number =>
  a.order - b.order;
const oldestFirst = (
  a: { readonly createdAt: string },
  b: { readonly createdAt: string },
): number => (a.createdAt < b.createdAt ? -1 : a.createdAt > b.createdAt ? 1 : 0);

export const allClasses = query<[], readonly ClassRecord[]>(['class'], (store) =>
  [...store.all('class')].sort(oldestFirst),
);

export const classById = query<[ClassId], ClassRecord | undefined>(['class'], (store, id) =>
  store.get('class', id),
);

/** The students of a class in the order of its list. */
export const studentsOf = query<[ClassId], readonly StudentRecord[]>(
  ['student'],
  (store, classId) =>
    store
      .all('student')
      .filter((student) => student.classId === classId)
      .sort(byOrder),
);

/**
 * The students of a class with `here` telling whether each takes part on a day: in the class, not away then, and left
 * out by no filter. Of an unchanged record and the same answer it is the same object.
 */
export const rollOf = query<[ClassId, string], readonly RollStudent[]>(
  ['student', 'class'],
  (store, classId, day) => {
    const theClass = store.get('class', classId);
    if (!theClass) return [];
    return studentsOf(store, classId).map((student) =>
      onRoll(student, takesPart(student, theClass, day)),
    );
  },
);

/** A student as they are on a roll where they take part, and where they do not. */
const rolls = new WeakMap<StudentRecord, Map<boolean, RollStudent>>();

function onRoll(student: StudentRecord, here: boolean): RollStudent {
  const known = rolls.get(student) ?? new Map<boolean, RollStudent>();
  rolls.set(student, known);
  const next = known.get(here) ?? { ...student, here };
  known.set(here, next);
  return next;
}

/**
 * The roll as a lineup has it: today's, or, for one that was used on another day and is in use no more, that of the day
 * on which it was used.
 */
export const rollOfLineup = query<[LineupId, string], readonly RollStudent[]>(
  ['student', 'class', 'lineup'],
  (store, lineupId, day) => {
    const lineup = store.get('lineup', lineupId);
    if (!lineup) return [];
    const uses = usesOf(lineup);
    const here = uses.at(-1)?.here;
    if (!here || uses.some(({ on }) => on === day) || lineup.state === 'inUse')
      return rollOf(store, lineup.classId, day);
    const there = new Set(here);
    return studentsOf(store, lineup.classId).map((student) =>
      onRoll(student, there.has(student.id)),
    );
  },
);

export const rulesOf = query<[ClassId], readonly RuleRecord[]>(['rule'], (store, classId) =>
  store
    .all('rule')
    .filter((rule) => rule.classId === classId)
    .sort(byOrder),
);

/** The lineups of a class, oldest first. */
export const lineupsOf = query<[ClassId], readonly LineupRecord[]>(['lineup'], (store, classId) =>
  store
    .all('lineup')
    .filter((lineup) => lineup.classId === classId)
    .sort(oldestFirst),
);

/** Lineup id → its groups, for every lineup of the class that has been dealt. */
export const groupsOfLineups = query<[ClassId], Readonly<Record<string, PastGroups>>>(
  ['lineup', 'take'],
  (store, classId) =>
    Object.fromEntries(
      lineupsOf(store, classId).flatMap(({ id }) => {
        const take = shownTake(store, id);
        return take ? [[id, take.groups.map(({ studentIds }) => studentIds)] as const] : [];
      }),
    ),
);

/** Groups of one earlier lineup. */
export type PastGroups = readonly (readonly StudentId[])[];

/** Every lineup of the class that was used or is planned, with those who were there; in no order of its own. */
export const termOfClass = query<[ClassId], readonly InTerm[]>(
  ['lineup', 'take'],
  (store, classId) =>
    lineupsOf(store, classId).flatMap((lineup): InTerm[] => {
      const take = shownTake(store, lineup.id);
      const { planned } = lineup;
      if (!take) return [];
      const on = (day: Use | null, state: InTerm['state'], counts: boolean): InTerm => {
        const there = day?.here && new Set(day.here);
        return {
          ...{ lineup, id: lineup.id, name: lineup.name, on: day?.on ?? null, state, counts },
          groups: take.groups.map(({ sign, name, studentIds, roles }) => ({
            ...{ sign, name, roles },
            studentIds: there ? studentIds.filter((id) => there.has(id)) : studentIds,
          })),
        };
      };
      const uses = usesOf(lineup);
      const dayOf = (day: string): Use => ({ on: day, here: null });
      const more = (planned?.also ?? []).filter((day) => !uses.some((use) => use.on === day));
      return [
        ...uses.map((use) => on(use, 'used', true)),
        ...(planned && uses.length === 0
          ? [on(planned.on === null ? null : dayOf(planned.on), 'planned', true)]
          : []),
        ...more.map((day) => on(dayOf(day), 'planned', false)),
      ];
    }),
);

export interface InTerm {
  readonly lineup: LineupRecord;
  readonly id: LineupId;
  readonly name: string;
  readonly on: string | null;
  readonly state: 'used' | 'planned';
  /** False for one more day of a lineup, where it serves several: the same groups have met already. */
  readonly counts: boolean;
  readonly groups: readonly (Pick<TakeRecord['groups'][number], 'sign' | 'name' | 'roles'> & {
    readonly studentIds: readonly StudentId[];
  })[];
}

/** The groups that a class has worked in, with those who were there, oldest first; drafts never used are none. */
export const usedGroupsOf = query<[ClassId], readonly UsedGroups[]>(
  ['lineup', 'take'],
  (store, classId) =>
    termOfClass(store, classId)
      .flatMap(({ id, on, state, groups }) =>
        state === 'used' && on !== null
          ? [{ lineupId: id, on, groups: groups.map(({ studentIds }) => studentIds) }]
          : [],
      )
      .sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0)),
);

export interface UsedGroups {
  readonly lineupId: LineupId;
  /** The day, YYYY-MM-DD. */
  readonly on: string;
  readonly groups: PastGroups;
}

/** The tests of a class, newest first. */
export const resultsOf = query<[ClassId], readonly ResultsRecord[]>(['results'], (store, classId) =>
  store
    .all('results')
    .filter((results) => results.classId === classId)
    .sort((a, b) => (a.on === b.on ? oldestFirst(b, a) : a.on < b.on ? 1 : -1)),
);

/** The activities of a class, the one that is due first first, then those without a day in the order they were made. */
export const activitiesOf = query<[ClassId], readonly ActivityRecord[]>(
  ['activity'],
  (store, classId) =>
    store
      .all('activity')
      .filter((activity) => activity.classId === classId)
      .sort((a, b) => {
        const [one, two] = [a.due ?? '9', b.due ?? '9'];
        return one < two ? -1 : one > two ? 1 : oldestFirst(a, b);
      }),
);

export const activityById = query<[ActivityId], ActivityRecord | undefined>(
  ['activity'],
  (store, id) => store.get('activity', id),
);

/** The adults of a class in their order. */
export const adultsOf = query<[ClassId], readonly AdultRecord[]>(['adult'], (store, classId) =>
  store
    .all('adult')
    .filter((adult) => adult.classId === classId)
    .sort(byOrder),
);

export const seriesOf = query<[ClassId], readonly SeriesRecord[]>(['series'], (store, classId) =>
  store.all('series').filter((series) => series.classId === classId),
);

/**
 * The groups used before a lineup was, newest last; before one that was not used yet, all that were, and with one that
 * is planned all others that are.
 */
export const historyOf = query<[ClassId, LineupId], readonly PastGroups[]>(
  ['lineup', 'take'],
  (store, classId, lineupId) => {
    const used = usedGroupsOf(store, classId);
    const at = used.findIndex((one) => one.lineupId === lineupId);
    const before = (at < 0 ? used : used.slice(0, at)).map(({ groups }) => groups);
    const planned = store.get('lineup', lineupId)?.planned;
    if (at >= 0 || !planned) return before;
    const others = termOfClass(store, classId).filter(
      ({ id, state, counts }) => id !== lineupId && state === 'planned' && counts,
    );
    return [...before, ...others.map(({ groups }) => groups.map(({ studentIds }) => studentIds))];
  },
);

/** The groups, with roles, of every other lineup that was used or is planned: what counts as turns beside a lineup. */
export const turnsBeside = query<[ClassId, LineupId], readonly InTerm['groups'][]>(
  ['lineup', 'take'],
  (store, classId, lineupId) =>
    termOfClass(store, classId).flatMap(({ id, groups, counts }) =>
      id === lineupId || !counts ? [] : [groups],
    ),
);

/** The takes of a lineup in the order they were made. */
export const takesOf = query<[LineupId], readonly TakeRecord[]>(['take'], (store, lineupId) =>
  store
    .all('take')
    .filter((take) => take.lineupId === lineupId)
    .sort((a, b) => a.number - b.number),
);

/** What the class does in a lineup; undefined where nothing was planned. */
export const planOf = query<[LineupId], PlanRecord | undefined>(['plan'], (store, lineupId) =>
  store.all('plan').find((plan) => plan.lineupId === lineupId),
);

/** The plans of a class's other lineups that have been dealt, the oldest lineup first, with their groups. */
export const plansBefore = query<[ClassId, LineupId], readonly PlannedGroups[]>(
  ['lineup', 'take', 'plan'],
  (store, classId, lineupId) =>
    lineupsOf(store, classId).flatMap(({ id }): PlannedGroups[] => {
      const [take, plan] = [shownTake(store, id), planOf(store, id)];
      return id === lineupId || !take || !plan ? [] : [{ plan, groups: take.groups }];
    }),
);

export interface PlannedGroups {
  readonly plan: PlanRecord;
  readonly groups: TakeRecord['groups'];
}

/** Everybody drawn by lot in a class, oldest first. */
export const drawsOf = query<[ClassId], readonly DrawRecord[]>(['draw'], (store, classId) =>
  store
    .all('draw')
    .filter((draw) => draw.classId === classId)
    .sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0)),
);

/** What was handed off of a lineup, newest first. */
export const receiptsOf = query<[LineupId], readonly ReceiptRecord[]>(
  ['receipt'],
  (store, lineupId) =>
    store
      .all('receipt')
      .filter((receipt) => receipt.lineupId === lineupId)
      .sort((a, b) => (a.at < b.at ? 1 : a.at > b.at ? -1 : 0)),
);

/** The take that a lineup shows, or undefined before its first shuffle. */
export const shownTake = query<[LineupId], TakeRecord | undefined>(
  ['lineup', 'take'],
  (store, lineupId) => {
    const takeId = store.get('lineup', lineupId)?.takeId;
    return takeId ? store.get('take', takeId) : undefined;
  },
);

/**
 * The choosing of a lineup, whether it is being prepared, runs or is over; undefined where there was none. Before one that is
 * open, what a redo has brought back of its preparing is of no account.
 */
export const seatSessionOf = query<[LineupId], SeatSessionRecord | undefined>(
  ['seatSession'],
  (store, lineupId) => {
    const own = store.all('seatSession').filter((one) => one.lineupId === lineupId);
    return own.find(({ opened }) => opened) ?? own[0];
  },
);

/** Every choosing that is open to students. */
export const runningSeatSessions = query<[], readonly SeatSessionRecord[]>(
  ['seatSession'],
  (store) =>
    store
      .all('seatSession')
      .filter(({ opened, closedAt }) => opened && opened.sessionId !== '' && closedAt === null),
);

export const lineupById = query<[LineupId], LineupRecord | undefined>(['lineup'], (store, id) =>
  store.get('lineup', id),
);

/** What everything that a class sees of a lineup is called now; null where there is no take to show. */
export const shownAs = query<[LineupId], ShownAs | null>(
  ['student', 'class', 'lineup', 'take', 'plan', 'adult', 'setting'],
  (store, lineupId) => {
    const lineup = store.get('lineup', lineupId);
    const take = shownTake(store, lineupId);
    if (!lineup || !take) return null;
    const { classId } = lineup;
    const plan = planOf(store, lineupId);
    const experts = plan?.expertsId && shownTake(store, plan.expertsId);
    const groups = [...take.groups, ...(experts ? experts.groups : [])];
    const shown = new Set(groups.flatMap(({ studentIds }) => studentIds));
    const leads = new Set(Object.values(plan?.leads ?? {}).map(({ adultId }) => adultId));
    const set = <T>(setting: Setting<T>): T =>
      settingValue(setting, store.get('setting', settingIdFor(setting.name, classId)));
    const theClass = store.get('class', classId);
    return {
      className: theClass?.name ?? '',
      lineup: lineup.name,
      names: set(NAMES_SHOWN),
      roles: set(ROLES_SHOWN),
      students: studentsOf(store, classId)
        .filter(({ id }) => shown.has(id))
        .map(({ id, name, givenName, familyName, preferredName }) => ({
          ...{ id, name, givenName, familyName, preferredName },
        })),
      adults: adultsOf(store, classId)
        .filter(({ id }) => leads.has(id))
        .map(({ id, name, room }) => ({ id, name, room })),
      periods: theClass?.periods ?? [],
    };
  },
);
