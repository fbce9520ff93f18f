import { emptyClass, type ClassRecord, type Detail } from '../../schema/classRecord';
import { withFreshIds } from '../../schema/freshIds';
import {
  AdultId,
  ClassId,
  DetailId,
  LineupId,
  newId,
  PeriodId,
  ResultsId,
  RuleId,
  SectionId,
  StudentId,
} from '../../schema/ids';
import type { AdultRecord } from '../../schema/adult';
import { newLineup } from '../../schema/lineup';
import {
  LISTED_TYPES,
  ownerOf,
  renamedRecord,
  type AppRecord,
  type RecordKind,
} from '../../schema/records';
import { renaming } from '../../schema/renaming';
import type { ResultsRecord } from '../../schema/results';
import type { RuleRecord } from '../../schema/rule';
import type { StudentRecord } from '../../schema/student';
import type { AppStore } from '../appStore';
import type { Change } from '../recordStore';
import { freeSign } from './classParts';
import {
  detailClashes,
  joinedAdults,
  joinedLevels,
  joinedResults,
  sameWord,
  valueAs,
  type Joining,
  type Pooled,
  type ReadAs,
} from './pooling';
import { forget } from './references';

/** Makes a class with a first lineup in it, ready for a shuffle. */
export function createClass(store: AppStore, name: string, lineupName: string): ClassId {
  const id = newId(ClassId, 'c');
  store.history.act('createClass', ({ put }) => {
    putClass(put, emptyClass(id, name, new Date().toISOString()), lineupName);
  });
  return id;
}

function putClass(put: Change['put'], theClass: ClassRecord, lineupName: string): void {
  const lineupId = newId(LineupId, 'l');
  put({ ...theClass, openLineupId: lineupId });
  put(newLineup(lineupId, theClass.id, lineupName, theClass.createdAt));
}

/** Removes the class with all that belongs to it, as one step that can be undone. */
export function deleteClass(store: AppStore, id: ClassId): void {
  store.history.act('deleteClass', (change) => {
    belongingTo(change, id).forEach((record) => change.remove(record.id));
    forget(change, { class: (one) => (one === id ? null : one) });
  });
}

/** The class and everything that belongs to it, each kind in the order of its list. */
export function belongingTo({ every }: Pick<Change, 'every'>, id: ClassId): readonly AppRecord[] {
  const parts = every().filter((record) => ownerOf(record) === id);
  const place = (record: AppRecord): number => ('order' in record ? record.order : 0);
  return [...parts].sort(
    (a, b) => KINDS.indexOf(a.record) - KINDS.indexOf(b.record) || place(a) - place(b),
  );
}

const KINDS = LISTED_TYPES.map(({ record }) => record);

/** A second class with the same students, rules, lineups and takes, under another name. */
export function copyClass(store: AppStore, id: ClassId, name: string): void {
  store.history.act('copyClass', (change) => {
    const createdAt = new Date().toISOString();
    withFreshIds(belongingTo(change, id)).forEach((record) =>
      change.put(record.record === 'class' ? { ...record, name, createdAt } : record),
    );
  });
}

function isListed(kind: RecordKind): boolean {
  return LISTED_TYPES.some(({ record, list }) => record === kind && list !== null);
}

/** What to do with a class from a file that is on the shelf already. */
export type BackupAnswer = 'replace' | 'copy';

/** Puts classes from files on the shelf as one step: as they are, in place of the one there, or as copies. */
export function openBackup(
  store: AppStore,
  classes: readonly { readonly records: readonly AppRecord[]; readonly answer: BackupAnswer }[],
): void {
  store.history.act('openBackup', (change) => {
    for (const { records, answer } of classes) {
      if (answer === 'replace') {
        const id = records.find(({ record }) => record === 'class')?.id as ClassId;
        const listed = belongingTo(change, id).filter(({ record }) => isListed(record));
        listed.forEach((record) => change.remove(record.id));
      }
      (answer === 'copy' ? withFreshIds(records) : records).forEach(change.put);
    }
  });
}

/** A class, or only some of its sections, to be pooled; null stands for students without a section. */
export interface PoolPart {
  readonly classId: ClassId;
  readonly sections: readonly (string | null)[] | 'all';
}

/** The classes of a pool with those who come into it; classes that are gone are left out. */
export function pooledFrom(
  records: Pick<Change, 'get' | 'all'>,
  parts: readonly PoolPart[],
): readonly Pooled[] {
  return parts.flatMap(({ classId, sections }): Pooled[] => {
    const theClass = records.get('class', classId);
    const students = records
      .all('student')
      .filter(
        ({ classId: of, left, sectionId }) =>
          of === classId && left === null && (sections === 'all' || sections.includes(sectionId)),
      )
      .sort((one, two) => one.order - two.order);
    return theClass ? [{ theClass, students }] : [];
  });
}

/**
 * One class of the students of several: each keeps the home class, and its first teacher, as details, sections and
 * details of one name become one, and the quiet rules among the pooled students come along. The classes themselves stay
 * as they are. `joinings` says what becomes of details of one name and several kinds, by that name; where it says
 * nothing they are joined as the first way that loses no value, as `readAs` reads them.
 */
export function poolClasses(
  store: AppStore,
  parts: readonly PoolPart[],
  words: {
    readonly name: string;
    readonly lineupName: string;
    readonly homeClass: string;
    readonly homeTeacher: string;
  },
  temporary: boolean,
  joinings: ReadonlyMap<string, Joining> = new Map(),
  readAs: ReadAs = (value) => value,
): ClassId {
  const id = newId(ClassId, 'c');
  store.history.act('poolClasses', ({ get, all, put }) => {
    const home: Detail = {
      id: newId(DetailId, 'det'),
      name: words.homeClass,
      kind: 'category',
      levels: [],
    };
    const teacher: Detail = { ...home, id: newId(DetailId, 'det'), name: words.homeTeacher };
    const anyTeacher = parts.some(({ classId }) => (get('class', classId)?.staff.length ?? 0) > 0);
    let pooled: ClassRecord = {
      ...emptyClass(id, words.name, new Date().toISOString()),
      details: anyTeacher ? [home, teacher] : [home],
      temporary,
    };
    const newIdOf = new Map<StudentId, StudentId>();
    const students: StudentRecord[] = [];
    const rules: RuleRecord[] = [];
    const results: ResultsRecord[] = [];
    const adults: AdultRecord[] = [];
    const pool = pooledFrom({ get, all }, parts);
    const joiningOf = new Map(
      detailClashes(pool, readAs).map((clash) => [
        clash.name.toLocaleLowerCase(),
        joinings.get(clash.name) ?? clash.joinings[0] ?? 'apart',
      ]),
    );
    for (const { theClass: source, students: coming } of pool) {
      const classId = source.id;
      const joined = joinClass(pooled, source, joiningOf);
      pooled = joined.pooled;
      // Wishes may be for somebody who comes along, so all of them have their new ids first.
      coming.forEach((student) => newIdOf.set(student.id, newId(StudentId, 's')));
      const to = renaming({
        class: () => id,
        student: (one) => newIdOf.get(one) ?? null,
        detail: (one) => joined.detailId.get(one) ?? null,
        section: (one) => joined.sectionId.get(one) ?? null,
        rule: () => newId(RuleId, 'r'),
        results: () => newId(ResultsId, 'rs'),
        adult: () => newId(AdultId, 'a'),
      });
      for (const student of coming) {
        const moved = renamedRecord(student, to);
        if (!moved) continue;
        const [first] = source.staff;
        const details = {
          ...joinedValues(moved.details, pooled, readAs),
          [home.id]: source.name,
          ...(first ? { [teacher.id]: first.name } : {}),
        };
        students.push({ ...moved, details, order: students.length + 1 });
      }
      for (const rule of all('rule')) {
        const moved = rule.classId === classId ? renamedRecord(rule, to) : null;
        if (moved) rules.push({ ...moved, order: rules.length + 1 });
      }
      for (const test of all('results')) {
        const moved = test.classId === classId ? renamedRecord(test, to) : null;
        if (moved && Object.keys(moved.answers).length > 0) results.push(moved);
      }
      for (const adult of all('adult')) {
        const moved = adult.classId === classId ? renamedRecord(adult, to) : null;
        const times = moved?.times.flatMap((one) => joined.periodId.get(one) ?? []) ?? [];
        if (moved) adults.push({ ...moved, times });
      }
    }
    putClass(put, pooled, words.lineupName);
    [...students, ...rules, ...joinedResults(results), ...joinedAdults(adults)].forEach(put);
  });
  return id;
}

/** Values as what their details have become; one that cannot be said so stays as it is. */
function joinedValues(
  values: StudentRecord['details'],
  { details }: ClassRecord,
  readAs: ReadAs,
): StudentRecord['details'] {
  const detailOf = new Map<string, Detail>(details.map((one) => [one.id, one]));
  return Object.fromEntries(
    Object.entries(values).map(([id, value]) => {
      const into = detailOf.get(id);
      return [id, (into && valueAs(into.kind, into.levels, value, readAs)) ?? value];
    }),
  );
}

function apartName({ name }: Detail, { name: className }: ClassRecord): string {
  return `${name} (${className})`;
}

/** The pooled class with room for the sections and details of one more, and where each of those went. */
function joinClass(
  pooled: ClassRecord,
  source: ClassRecord,
  joiningOf: ReadonlyMap<string, Joining>,
) {
  const sectionId = new Map<SectionId, SectionId>();
  const detailId = new Map<DetailId, DetailId>();
  let { sections, details } = pooled;
  for (const section of source.sections) {
    const same = sections.find(({ name }) => sameWord(name, section.name));
    const into = same ?? { ...section, id: newId(SectionId, 'sec'), sign: freeSign(sections) };
    if (!same) sections = [...sections, into];
    sectionId.set(section.id, into.id);
  }
  for (const detail of source.details) {
    const joining = joiningOf.get(detail.name.toLocaleLowerCase());
    const kind = joining === undefined || joining === 'apart' ? detail.kind : joining;
    const named = details.filter(({ name }) => sameWord(name, detail.name));
    const known =
      named.find((one) => one.kind === kind) ??
      details.find((one) => one.name === apartName(detail, source) && one.kind === kind);
    // Two that stay apart are told apart by where the second comes from.
    const name = known?.name ?? (named.length > 0 ? apartName(detail, source) : detail.name);
    const levels = kind === 'level' ? joinedLevels([known ?? { levels: [] }, detail]) : [];
    const into = { ...detail, id: known?.id ?? newId(DetailId, 'det'), name, kind, levels };
    details = known ? details.map((one) => (one === known ? into : one)) : [...details, into];
    detailId.set(detail.id, into.id);
  }
  const skillLadder = [
    ...pooled.skillLadder,
    ...source.skillLadder.filter(
      ({ name }) => !pooled.skillLadder.some((one) => sameWord(one.name, name)),
    ),
  ];
  const periodId = new Map<PeriodId, PeriodId>();
  let { periods } = pooled;
  for (const period of source.periods) {
    const same = periods.find(({ name }) => sameWord(name, period.name));
    const into = same ?? { ...period, id: newId(PeriodId, 'pe') };
    if (!same) periods = [...periods, into];
    periodId.set(period.id, into.id);
  }
  // What was said of the first class holds where nothing was said of the pool yet.
  const masteryRule = pooled.skillLadder.length > 0 ? pooled.masteryRule : source.masteryRule;
  const known = new Set(pooled.staff.map(({ name }) => name));
  const staff = [...pooled.staff, ...source.staff.filter(({ name }) => !known.has(name))];
  return {
    pooled: { ...pooled, sections, details, skillLadder, periods, masteryRule, staff },
    ...{ sectionId, detailId, periodId },
  };
}
