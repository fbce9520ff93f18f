import { rngFromSeed, type Rng } from '../core/random/rng';
import { uniformInt } from '../core/random/uniform';
import { newActivity, NO_OWN, NO_WORK } from '../schema/activity';
import { newAdult } from '../schema/adult';
import { readBackup, writeBackup, writeClassFile } from '../schema/classFile';
import { emptyClass } from '../schema/classRecord';
import { emptyDraft } from '../schema/draft';
import {
  ActivityId,
  AdultId,
  ClassId,
  DetailId,
  DrawId,
  LeaveOutId,
  LineupId,
  newId,
  PlanId,
  ReceiptId,
  ResultsId,
  RuleId,
  SectionId,
  SeriesId,
  StudentId,
  TakeId,
} from '../schema/ids';
import { newLineup } from '../schema/lineup';
import { emptyPlan } from '../schema/plan';
import { BY_SECTION, ROLE_GIVINGS, PLAIN_RECIPE, type Recipe } from '../schema/recipe';
import {
  LISTED_TYPES,
  mergedRecord,
  ownerOf,
  type AppRecord,
  type RecordKind,
  type RecordOf,
} from '../schema/records';
import { emptyScene } from '../schema/scene';
import { newSeatSession } from '../schema/seatSession';
import { settingIdFor } from '../schema/setting';
import { newStudent } from '../schema/student';
import { newGroup } from '../schema/take';
import { removeAdult } from './actions/adults';
import { belongingTo, copyClass, deleteClass, openBackup, poolClasses } from './actions/classes';
import { deleteLineup } from './actions/lineups';
import { deleteStudent, mergeStudents } from './actions/students';
import { takeInRoster } from './actions/takeInRoster';
import { storeWith } from './testStore';

/** Ids that the records of one class may name. */
interface Ids {
  readonly classId: ClassId;
  readonly students: readonly StudentId[];
  readonly lineups: readonly LineupId[];
  readonly takes: readonly TakeId[];
  readonly series: readonly SeriesId[];
  readonly adults: readonly AdultId[];
  readonly sections: readonly SectionId[];
  readonly details: readonly DetailId[];
}

const MOMENT = '2026-10-15T09:00:00.000Z';

/** One to a few random records of each kind, naming all that the kind can name; a new kind is asked for here. */
const RANDOM: {
  readonly [K in RecordKind]: (rng: Rng, ids: Ids) => readonly RecordOf<K>[];
} = {
  class: (rng, { classId, sections, details, lineups }) => [
    {
      ...emptyClass(classId, `Class ${uniformInt(rng, 1e6)}`, MOMENT),
      sections: sections.map((id, sign) => ({ id, name: `Bank ${sign}`, sign })),
      details: details.map((id, i) => ({ id, name: `d${i}`, kind: 'category', levels: [] })),
      leaveOuts: [
        {
          id: newId(LeaveOutId, 'out'),
          when: 'any',
          parts: [{ by: BY_SECTION, values: [pick(rng, sections)] }],
          on: true,
        },
        {
          id: newId(LeaveOutId, 'out'),
          when: 'all',
          parts: [{ by: pick(rng, details), values: ['x'] }],
          on: false,
        },
      ],
      savedRecipes: [
        {
          name: 'Usual',
          recipe: randomRecipe(rng, { details, sections, lineups }),
          detailNames: {},
        },
      ],
      openLineupId: pick(rng, lineups),
    },
  ],
  student: (rng, { classId, students, sections, details }) =>
    students.map((id, i) => ({
      ...newStudent(id, classId, i + 1, { name: `Student ${i}`, email: `${i}@example.org` }),
      sectionId: uniformInt(rng, 3) === 0 ? null : pick(rng, sections),
      details: { [pick(rng, details)]: 'x' },
      wishes: [
        pick(
          rng,
          students.filter((one) => one !== id),
        ),
      ],
    })),
  rule: (rng, { classId, students }) =>
    [1, 2, 3].map((order) => ({
      ...{ record: 'rule' as const, id: newId(RuleId, 'r'), classId, order, until: null },
      ...{ kind: 'apart' as const, reason: 'quiet', studentIds: some(rng, students, 1 + order) },
    })),
  lineup: (rng, { classId, students, lineups, takes, series, sections, details }) =>
    lineups.map((id, i) => ({
      ...newLineup(
        id,
        classId,
        `Week ${i}`,
        MOMENT,
        randomRecipe(rng, { details, sections, lineups }),
      ),
      takeId: takes[i] ?? null,
      pinned: some(rng, students, 2),
      used:
        i === 0
          ? null
          : {
              ...{ on: '2026-10-15', here: some(rng, students, 3) },
              again: [{ on: '2026-10-22', here: some(rng, students, 2) }],
            },
      planned:
        i === 0 ? { seriesId: pick(rng, series), on: '2026-10-29', also: ['2026-11-05'] } : null,
    })),
  take: (rng, { classId, students, lineups, takes }) =>
    takes.map((id, i) => {
      const order = some(rng, students, students.length);
      const groups = [order.slice(0, 3), order.slice(3)].map((ids, sign) => ({
        ...newGroup(`Group ${sign}`, sign, ids),
        roles: { lead: ids[0] as StudentId },
      }));
      const lineupId = lineups[i] as LineupId;
      const about = { number: i + 1, seed: i, starred: false, madeBy: null, createdAt: MOMENT };
      return { record: 'take', id, classId, lineupId, groups, dealt: groups, ...about };
    }),
  plan: (rng, { classId, lineups, adults }) =>
    lineups.map((lineupId) => ({
      ...emptyPlan(newId(PlanId, 'p'), classId, lineupId),
      instructions: 'Wear boots.',
      places: { '0': 'Bridge' },
      expertsId: pick(rng, lineups),
      leads: { '0': { adultId: pick(rng, adults), periodId: null, locked: false } },
    })),
  series: (_, { classId, series, details }) =>
    series.map((id) => ({
      ...{ record: 'series', id, classId, name: 'Autumn', createdAt: MOMENT },
      wish: {
        ...{ rounds: 3, every: 'week', from: '2026-10-15', notOn: ['2026-10-22'] },
        roles: ['lead'],
        mix: [BY_SECTION, ...details.slice(0, 1)],
        sizing: { by: 'count', count: 2 },
      },
    })),
  results: (rng, { classId, students }) => [
    {
      ...{ record: 'results', id: newId(ResultsId, 'rs'), classId, createdAt: MOMENT },
      ...{ name: `Test ${uniformInt(rng, 1e6)}`, on: '2026-10-15' },
      items: [{ name: 'q1', skill: 'maps', whole: 2 }],
      answers: Object.fromEntries(some(rng, students, 3).map((id) => [id, [uniformInt(rng, 3)]])),
    },
  ],
  adult: (rng, { classId, students, adults }) =>
    adults.map((id, i) => ({
      ...newAdult(id, classId, i + 1, { name: `Adult ${uniformInt(rng, 1e6)}`, email: '' }),
      never: some(rng, students, 2),
    })),
  receipt: (rng, { classId, students, lineups, takes }) => [
    {
      ...{ record: 'receipt', id: newId(ReceiptId, 'rc'), classId, at: MOMENT },
      ...{
        lineupId: pick(rng, lineups),
        takeId: pick(rng, takes),
        takeNumber: 1,
        to: 'text',
        did: 'saved',
      },
      ...{ file: 'x.txt', addresses: false },
      service: {
        ...{ address: 'https://rooms.example', arrived: 1, session: null },
        refused: some(rng, students, 1).map((studentId) => ({ studentId, reason: 'x' })),
      },
      groups: [{ name: 'Alder', sign: 0, studentIds: [...some(rng, students, 2)] }],
    },
  ],
  draw: (rng, { classId, students, lineups }) => [
    {
      ...{ record: 'draw', id: newId(DrawId, 'dr'), classId, of: 'each', at: MOMENT },
      students: some(rng, students, 2).map((id) => ({ id, round: 1 })),
      group: { lineupId: pick(rng, lineups), sign: 1, round: 1 },
    },
  ],
  scene: (rng, { classId, students, lineups, adults }) => [
    {
      ...emptyScene(classId),
      held: {
        lineupId: pick(rng, lineups),
        on: '2026-10-15',
        groups: [newGroup('Group 0', 0, some(rng, students, 4))],
        plan: {
          ...emptyPlan(newId(PlanId, 'p'), classId, pick(rng, lineups)),
          expertsId: pick(rng, lineups),
        },
        experts: [newGroup('Experts 1', 0, some(rng, students, 3))],
        as: {
          ...{ className: 'Crew', lineup: 'Week 7', names: 'whole', roles: true, periods: [] },
          students: some(rng, students, 2).map((id) => ({
            ...{ id, name: 'Bo Lee', givenName: 'Bo', familyName: 'Lee', preferredName: '' },
          })),
          adults: some(rng, adults, 1).map((id) => ({ id, name: 'Noor', room: 'B1' })),
        },
      },
    },
  ],
  seatSession: (rng, { classId, students, lineups, sections }) => {
    const group = { id: 'g1', sign: 0, name: 'Alder', topic: '', seats: 3, least: 1 };
    const slips = some(rng, students, 4).map((studentId, at) => ({
      ...{ id: `p${at}`, studentId, pin: '12345', secret: 'a secret that is not told' },
    }));
    return [
      {
        ...newSeatSession(classId, pick(rng, lineups), [
          { ...group, staying: some(rng, students, 2) },
        ]),
        who: { of: 'section', sectionId: pick(rng, sections) },
        opened: { key: 'k', sessionId: 's', code: 'abc234', at: MOMENT, slips, guarded: true },
      },
    ];
  },
  activity: (rng, { classId, students, lineups }) => {
    const order = some(rng, students, students.length);
    const [twice] = order as [StudentId];
    const groups = [order.slice(0, 3), [twice, ...order.slice(3)]].map((studentIds, sign) => ({
      ...{ key: String(sign), name: `Group ${sign}`, sign, studentIds },
      roles: { lead: studentIds[1] as StudentId },
    }));
    return [
      {
        ...newActivity(newId(ActivityId, 'ac'), classId, pick(rng, lineups), 'Report', MOMENT),
        ...{ groups, splits: { [twice]: { key: '1', first: 0.5 } } },
        criteria: [{ id: 'c1', name: 'Plot', text: '', most: 4 }],
        work: { '0': { ...NO_WORK, points: uniformInt(rng, 10) } },
        own: Object.fromEntries(some(rng, students, 3).map((id) => [id, NO_OWN])),
        answers: { [pick(rng, students)]: { [pick(rng, students)]: 60 } },
        setAside: some(rng, students, 2),
        settled: { [pick(rng, students)]: '1' },
      },
      {
        ...newActivity(newId(ActivityId, 'ac'), classId, null, 'Essay', MOMENT),
        work: Object.fromEntries(some(rng, students, 3).map((id) => [id, NO_WORK])),
      },
    ];
  },
  draft: (rng, { classId, students }) => [
    { ...emptyDraft({ of: 'paste', classId }), text: 'half a list' },
    { ...emptyDraft({ of: 'note', classId, studentId: pick(rng, students) }), text: '=quiet' },
  ],
  setting: (_, { classId, details }) => [
    {
      record: 'setting',
      id: settingIdFor('columns', classId),
      classId,
      value: { shown: [details[0]] },
    },
  ],
};

function pick<T>(rng: Rng, list: readonly T[]): T {
  return list[uniformInt(rng, list.length)] as T;
}

/** That many of a list, each once, in a random order. */
function some<T>(rng: Rng, list: readonly T[], count: number): T[] {
  const left = [...list];
  return Array.from(
    { length: Math.min(count, left.length) },
    () => left.splice(uniformInt(rng, left.length), 1)[0] as T,
  );
}

function randomRecipe(
  rng: Rng,
  { details, sections, lineups }: Pick<Ids, 'details' | 'sections' | 'lineups'>,
): Recipe {
  return {
    ...PLAIN_RECIPE,
    who: pick<Recipe['who']>(rng, [
      { of: 'groups', lineupId: pick(rng, lineups), groups: [0] },
      { of: 'sections', sectionIds: [pick(rng, sections)] },
      { of: 'values', detail: pick(rng, details), values: ['x'] },
    ]),
    dealing: pick<Recipe['dealing']>(rng, [
      { by: 'value', of: pick(rng, details) },
      { by: 'order', order: { detail: pick(rng, details) }, inBlocks: false },
    ]),
    balance: [{ detail: pick(rng, details), how: 'mix', importance: 'plain' }],
    limits: [
      { kind: 'atLeast', detail: BY_SECTION, value: pick(rng, sections), count: 1 },
      { kind: 'notAlone', detail: BY_SECTION, value: null, count: 1 },
    ],
    roles: [{ role: 'lead', how: pick(rng, ROLE_GIVINGS) }],
  };
}

function randomClass(rng: Rng): { readonly ids: Ids; readonly records: readonly AppRecord[] } {
  const many = <T>(count: number, make: () => T): T[] => Array.from({ length: count }, make);
  const ids: Ids = {
    classId: newId(ClassId, 'c'),
    students: many(6, () => newId(StudentId, 's')),
    lineups: many(2, () => newId(LineupId, 'l')),
    takes: many(2, () => newId(TakeId, 't')),
    series: many(2, () => newId(SeriesId, 'se')),
    adults: many(2, () => newId(AdultId, 'a')),
    sections: many(2, () => newId(SectionId, 'sec')),
    details: many(2, () => newId(DetailId, 'det')),
  };
  const kinds = Object.keys(RANDOM) as RecordKind[];
  return { ids, records: kinds.flatMap((kind): readonly AppRecord[] => RANDOM[kind](rng, ids)) };
}

/** What a file or a copy of a class has. */
const leavesBrowser = ({ record }: AppRecord): boolean =>
  !['draft', 'setting', 'scene', 'seatSession'].includes(record);

const SEEDS = [1, 2, 3, 4, 5];
const text = (records: readonly AppRecord[]): string => JSON.stringify(records);
const byId = (records: readonly AppRecord[]): object =>
  Object.fromEntries(records.map((record) => [record.id, record]));
const given = (seed: number) => {
  const rng = rngFromSeed(seed);
  const [mine, other] = [randomClass(rng), randomClass(rng)];
  const store = storeWith([...mine.records, ...other.records]);
  return { store, mine, other, all: () => store.records.every() };
};

test('every kind that the store knows is tried here', () => {
  expect(Object.keys(RANDOM).sort()).toEqual(LISTED_TYPES.map(({ record }) => record).sort());
});

describe.each(SEEDS)('with records of every kind at random (seed %i)', (seed) => {
  test('every record of a class says so', () => {
    const { mine } = given(seed);
    expect(new Set(mine.records.map(ownerOf))).toEqual(new Set([mine.ids.classId]));
  });

  test('a deleted class takes all with it and nothing of another, and undo brings all of it back', () => {
    const { store, mine, other, all } = given(seed);
    const before = byId(all());
    deleteClass(store, mine.ids.classId);
    expect(byId(all())).toEqual(byId(other.records));
    store.history.undo();
    expect(byId(all())).toEqual(before);
  });

  test('a deleted student is named nowhere any more', () => {
    const { store, mine, all } = given(seed);
    const [gone] = mine.ids.students as [StudentId];
    deleteStudent(store, gone);
    expect(text(all())).not.toContain(gone);
    all().forEach((record) => expect(validated(record)).toBe(true));
  });

  test('of two rows for one student one is left, and the other is named nowhere', () => {
    const { store, mine, all } = given(seed);
    const [kept, gone] = mine.ids.students as [StudentId, StudentId];
    mergeStudents(store, kept, gone);
    expect(text(all())).not.toContain(gone);
    for (const { groups, dealt } of store.records.all('take')) {
      for (const seated of [groups, dealt ?? []]) {
        const ids = seated.flatMap(({ studentIds }) => studentIds);
        expect(new Set(ids).size).toBe(ids.length);
        seated.forEach(({ roles, studentIds }) =>
          Object.values(roles).forEach((holder) => expect(studentIds).toContain(holder)),
        );
      }
    }
    all().forEach((record) => expect(validated(record)).toBe(true));
  });

  test('an adult who is removed is named nowhere any more', () => {
    const { store, mine, all } = given(seed);
    const [gone] = mine.ids.adults as [AdultId];
    removeAdult(store, gone);
    expect(text(all())).not.toContain(gone);
    all().forEach((record) => expect(validated(record)).toBe(true));
  });

  test('a deleted lineup is named nowhere any more', () => {
    const { store, mine, all } = given(seed);
    const [gone] = mine.ids.lineups as [LineupId];
    deleteLineup(store, gone);
    expect(text(all())).not.toContain(gone);
  });

  test('a copy has all that can be copied and shares no record with the first', () => {
    const { store, mine, all } = given(seed);
    const before = new Set(all().map(({ id }) => id as string));
    copyClass(store, mine.ids.classId, 'Copy');
    const fresh = all().filter(({ id }) => !before.has(id));
    const copied = mine.records.filter(leavesBrowser);
    expect(fresh.map(({ record }) => record).sort()).toEqual(
      copied.map(({ record }) => record).sort(),
    );
    const first = copied.map(({ id }) => id);
    first.forEach((id) => expect(text(fresh)).not.toContain(id));
    const copyId = fresh.find(({ record }) => record === 'class')!.id as ClassId;
    deleteClass(store, copyId);
    expect(new Set(all().map(({ id }) => id))).toEqual(before);
  });

  test('a file gives back every record but those that stay in this browser, here and as a copy', () => {
    const { store, mine, all } = given(seed);
    const kept = mine.records.filter(leavesBrowser);
    const file = writeClassFile(belongingTo(store.records, mine.ids.classId));
    const read = readBackup(JSON.parse(JSON.stringify(writeBackup([file]))));
    if (!read.ok) throw new Error(read.issue.code);
    expect(byId(read.classes[0]!)).toEqual(byId(kept));
    const before = byId(all());
    deleteStudent(store, mine.ids.students[0] as StudentId);
    openBackup(store, [{ records: read.classes[0]!, answer: 'replace' }]);
    // What a stage shows stays as it is, without whom was deleted meanwhile.
    const compared = ({ record }: AppRecord): boolean =>
      !['draft', 'scene', 'seatSession'].includes(record);
    expect(byId(belongingTo(store.records, mine.ids.classId).filter(compared))).toEqual(
      byId(mine.records.filter(compared)),
    );
    openBackup(store, [{ records: read.classes[0]!, answer: 'copy' }]);
    expect(store.records.all('class')).toHaveLength(3);
    while (store.history.undo());
    expect(byId(all())).toEqual(before);
  });

  test('a pool names nobody and nothing of the classes it was made of', () => {
    const { store, mine, other, all } = given(seed);
    const before = new Set(all().map(({ id }) => id as string));
    const parts = [mine, other].map(({ ids }) => ({
      classId: ids.classId,
      sections: 'all' as const,
    }));
    const words = { name: 'Pool', lineupName: 'First', homeClass: 'home', homeTeacher: 'teacher' };
    const pool = poolClasses(store, parts, words, true);
    const fresh = all().filter(({ id }) => !before.has(id));
    expect(fresh.every((record) => ownerOf(record) === pool)).toBe(true);
    const students = store.records.all('student').filter(({ classId }) => classId === pool);
    expect(students).toHaveLength(12);
    expect(store.records.all('rule').filter(({ classId }) => classId === pool)).toHaveLength(6);
    const own = [mine, other].flatMap(({ ids }) => [
      ...[ids.classId, ...ids.students, ...ids.details, ...ids.sections],
    ]);
    own.forEach((id) => expect(text(fresh)).not.toContain(id));
  });

  test('a second list changes nobody it does not name', () => {
    const { store, mine, other } = given(seed);
    const before = byId(store.records.every());
    const plan = { added: [], updated: [], details: [], staff: [], gone: [], day: '2026-10-15' };
    takeInRoster(store, mine.ids.classId, plan);
    // The box that the list was pasted into is emptied, and is full again once the step is undone.
    const box: string = emptyDraft({ of: 'paste', classId: mine.ids.classId }).id;
    const others = Object.entries(before).filter(([id]) => id !== box);
    expect(byId(store.records.every())).toEqual(Object.fromEntries(others));
    store.history.undo(mine.ids.classId);
    expect(byId(store.records.every())).toEqual(before);
    store.history.redo(mine.ids.classId);
    expect(byId(other.records)).toEqual(
      Object.fromEntries(other.records.map(({ id }) => [id, store.records.find(id)])),
    );
  });

  test('edits of two tabs are joined so that each is in the result, and doing one twice adds nothing', () => {
    const { mine } = given(seed);
    const rng = rngFromSeed(seed);
    for (const kind of Object.keys(RANDOM) as RecordKind[]) {
      // Two records of the kind with one id are two edits of the first.
      const [base] = RANDOM[kind](rng, mine.ids) as readonly AppRecord[];
      const [edited] = RANDOM[kind](rng, mine.ids) as readonly AppRecord[];
      const to = { ...edited, id: base!.id } as AppRecord;
      const other = RANDOM[kind](rng, mine.ids)[0] as AppRecord;
      const current = { ...other, id: base!.id } as AppRecord;
      expect(mergedRecord(base!, base!, to)).toEqual(to);
      expect(mergedRecord(current, base!, base!)).toEqual(current);
      const once = mergedRecord(current, base!, to);
      expect(mergedRecord(once, base!, to)).toEqual(once);
      expect(validated(once)).toBe(true);
    }
  });
});

function validated(record: AppRecord): boolean {
  const type = LISTED_TYPES.find((one) => one.record === record.record);
  return type?.validator.safeParse(record).success ?? false;
}
