import type { ClassRecord } from '../schema/classRecord';
import { takesPart } from '../schema/presence';
import type { ClassId, LineupId, StudentId } from '../schema/ids';
import type { LineupRecord } from '../schema/lineup';
import type { RecordKind } from '../schema/records';
import type { RuleRecord } from '../schema/rule';
import type { StudentRecord } from '../schema/student';
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
 * The students of a class with `here` telling whether each takes part today: in the class, here, and left out by
 * no filter. Who takes part by their own record is the same record, to the reference.
 */
export const rollOf = query<[ClassId], readonly StudentRecord[]>(
  ['student', 'class'],
  (store, classId) => {
    const theClass = store.get('class', classId);
    if (!theClass) return [];
    return studentsOf(store, classId).map((student) => {
      const here = takesPart(student, theClass);
      return here === student.here ? student : { ...student, here };
    });
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

/** The groups of the class's lineups that were begun before this one, newest last. */
export const historyOf = query<[ClassId, LineupId], readonly PastGroups[]>(
  ['lineup', 'take'],
  (store, classId, lineupId) => {
    const lineups = lineupsOf(store, classId);
    const groups = groupsOfLineups(store, classId);
    const before = lineups.slice(
      0,
      lineups.findIndex(({ id }) => id === lineupId),
    );
    return before.flatMap(({ id }) => (groups[id] ? [groups[id]] : []));
  },
);

/** The takes of a lineup in the order they were made. */
export const takesOf = query<[LineupId], readonly TakeRecord[]>(['take'], (store, lineupId) =>
  store
    .all('take')
    .filter((take) => take.lineupId === lineupId)
    .sort((a, b) => a.number - b.number),
);

/** The take that a lineup shows, or undefined before its first shuffle. */
export const shownTake = query<[LineupId], TakeRecord | undefined>(
  ['lineup', 'take'],
  (store, lineupId) => {
    const takeId = store.get('lineup', lineupId)?.takeId;
    return takeId ? store.get('take', takeId) : undefined;
  },
);
