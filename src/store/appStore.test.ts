import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import {
  belongingTo,
  copyClass,
  createClass,
  deleteClass,
  openBackup,
  poolClasses,
} from './actions/classes';
import { masteryIn } from '../encode/mastery';
import { newGroup } from '../schema/take';
import { draftText, keepDraft } from './actions/drafts';
import { addTake, moveStudents, undealTake } from './actions/takes';
import { addRule } from './actions/rules';
import { addAdult, addPeriod, removePeriod, setLeads } from './actions/adults';
import { addLeaveOut, removeSection, setStaff, switchLeaveOut } from './actions/classParts';
import { renameSkill, setLadder, takeInResults } from './actions/skills';
import {
  deleteStudent,
  editStudent,
  leaveClass,
  mergeStudents,
  restoreStudent,
  setTakesPart,
} from './actions/students';
import { takeInLongRoster, takeInRoster, type StudentFacts } from './actions/takeInRoster';
import { everyStepNamed } from './testStore';
import { openAppStore, type AppStore } from './appStore';
import {
  adultsOf,
  allClasses,
  classById,
  lineupsOf,
  resultsOf,
  rollOf,
  rulesOf,
  shownTake,
  studentsOf,
} from './queries';

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory();
});

async function open(name = 'test'): Promise<AppStore> {
  const opened = await openAppStore({
    name,
    channel: null,
    firstRecords: () => Promise.resolve([]),
    hasStorage: true,
    onEnded: () => undefined,
  });
  if (opened.state !== 'ready') throw new Error(opened.state);
  return everyStepNamed(opened.store);
}

const facts = (name: string, more: Partial<StudentFacts> = {}): StudentFacts => ({
  name,
  givenName: name,
  familyName: '',
  preferredName: '',
  email: '',
  externalId: '',
  section: '',
  details: {},
  ...more,
});
const plan = (added: readonly StudentFacts[]) => ({
  added,
  updated: [],
  details: [],
  staff: [],
  gone: [],
  day: '2026-10-15',
});

function classWith(store: AppStore, names: readonly string[]) {
  const classId = createClass(store, 'River Survey', 'Week 1');
  takeInRoster(store, classId, plan(names.map((name) => facts(name))));
  const students = studentsOf(store.records, classId);
  return {
    classId,
    ids: students.map(({ id }) => id),
    lineup: lineupsOf(store.records, classId)[0]!,
  };
}

test('everything is found again after closing, with undo going on where it was', async () => {
  const first = await open();
  const { classId, ids, lineup } = classWith(first, ['Amira', 'Bram', 'Chipo']);
  addRule(first, classId, 'apart', [ids[0]!, ids[1]!]);
  addTake(first, lineup.id, 7, [newGroup('Alder', 0, [...ids])]);
  keepDraft(first, { of: 'paste', classId }, 'half a na');
  first.history.undo();
  await first.close();

  const second = await open();
  expect(studentsOf(second.records, classId).map(({ name }) => name)).toEqual([
    'Amira',
    'Bram',
    'Chipo',
  ]);
  expect(draftText(second, { of: 'paste', classId })).toBe('half a na');
  expect(shownTake(second.records, lineup.id)).toBeUndefined();
  second.history.redo();
  expect(shownTake(second.records, lineup.id)?.seed).toBe(7);
  second.history.undo();
  second.history.undo();
  expect(rulesOf(second.records, classId)).toHaveLength(0);
  await second.close();
});

test('a deleted class comes back whole with undo', async () => {
  const store = await open();
  const { classId, ids, lineup } = classWith(store, ['Amira', 'Bram']);
  addRule(store, classId, 'together', ids);
  addTake(store, lineup.id, 1, [newGroup('Alder', 0, ids)]);
  deleteClass(store, classId);
  expect([
    allClasses(store.records),
    studentsOf(store.records, classId),
    store.records.all('take'),
  ]).toEqual([[], [], []]);
  store.history.undo();
  expect(studentsOf(store.records, classId)).toHaveLength(2);
  expect(shownTake(store.records, lineup.id)?.groups[0]?.studentIds).toEqual(ids);
  await store.close();
});

test('a long list comes in as one step, whole and in its order, whatever the class is told meanwhile', async () => {
  const store = await open();
  const { classId, ids } = classWith(store, ['Amira', 'Bram']);
  const names = Array.from({ length: 1_200 }, (_, place) => `Student ${String(place)}`);
  const long = { ...plan(names.map((name) => facts(name, { section: '7B' }))), gone: [ids[1]!] };
  keepDraft(store, { of: 'paste', classId }, 'a long list');
  const pauses: number[] = [];
  await takeInLongRoster(store, classId, long, () => {
    pauses.push(studentsOf(store.records, classId).length);
    if (pauses.length === 2) editStudent(store, ids[0]!, { name: 'Amira H.' });
    return Promise.resolve();
  });
  expect(pauses).toEqual([2, 2]);
  const all = studentsOf(store.records, classId);
  expect(all.map(({ name }) => name)).toEqual(['Amira H.', 'Bram', ...names]);
  expect(new Set(all.map(({ order }) => order)).size).toBe(1_202);
  expect(all.map(({ left }) => left).filter(Boolean)).toEqual(['2026-10-15']);
  const { sections } = classById(store.records, classId)!;
  expect(sections.map(({ name }) => name)).toEqual(['7B']);
  expect(new Set(all.slice(2).map(({ sectionId }) => sectionId))).toEqual(
    new Set([sections[0]!.id]),
  );
  store.history.undo();
  expect(studentsOf(store.records, classId)).toHaveLength(2);
  expect(draftText(store, { of: 'paste', classId })).toBe('a long list');
  await store.close();
});

test('a list for a class that is deleted while it comes in leaves nothing behind', async () => {
  const store = await open();
  const { classId } = classWith(store, ['Amira']);
  const names = Array.from({ length: 600 }, (_, place) => `Student ${String(place)}`);
  await takeInLongRoster(store, classId, plan(names.map((name) => facts(name))), () => {
    deleteClass(store, classId);
    return Promise.resolve();
  });
  expect(store.records.every()).toEqual([]);
  await store.close();
});

test('a list brings sections and details along, keeps what it does not speak of, and undoes as one step', async () => {
  const store = await open();
  const { classId, ids } = classWith(store, ['Amira']);
  const before = [studentsOf(store.records, classId), allClasses(store.records)];
  takeInRoster(store, classId, {
    added: [facts('Bram', { section: 'North', details: { Score: 7 } })],
    updated: [
      { id: ids[0]!, facts: facts('', { givenName: '', section: 'South', details: { score: 5 } }) },
    ],
    details: [{ name: 'Score', kind: 'number', levels: [] }],
    staff: [{ name: 'Oda', email: null, role: '' }],
    gone: [],
    day: '2026-10-15',
  });
  const [theClass] = allClasses(store.records);
  const [detail] = theClass!.details;
  const [amira, bram] = studentsOf(store.records, classId);
  expect(theClass!.sections.map(({ name }) => name)).toEqual(['North', 'South']);
  expect([amira!.name, amira!.details[detail!.id], bram!.details[detail!.id]]).toEqual([
    'Amira',
    5,
    7,
  ]);
  expect(bram!.sectionId).toBe(theClass!.sections[0]!.id);
  store.history.undo();
  expect([studentsOf(store.records, classId), allClasses(store.records)]).toEqual(before);
  await store.close();
});

test('a deleted student leaves the rules; a rule left with one student goes too', async () => {
  const store = await open();
  const { classId, ids } = classWith(store, ['Amira', 'Bram', 'Chipo']);
  addRule(store, classId, 'apart', ids);
  addRule(store, classId, 'apart', ids.slice(0, 2));
  deleteStudent(store, ids[0]!);
  expect(rulesOf(store.records, classId).map(({ studentIds }) => studentIds)).toEqual([
    ids.slice(1),
  ]);
  await store.close();
});

const DAY = '2026-11-26';

test('who has left stays in rules and lineups, is dealt no more, and can come back', async () => {
  const store = await open();
  const { classId, ids, lineup } = classWith(store, ['Amira', 'Bram', 'Chipo']);
  addRule(store, classId, 'apart', ids.slice(0, 2));
  addTake(store, lineup.id, 1, [newGroup('Alder', 0, ids)]);
  leaveClass(store, [ids[0]!], '2026-10-15');
  expect(rollOf(store.records, classId, DAY).map(({ here }) => here)).toEqual([false, true, true]);
  expect(rulesOf(store.records, classId)[0]!.studentIds).toContain(ids[0]);
  expect(shownTake(store.records, lineup.id)!.groups[0]!.studentIds).toContain(ids[0]);
  restoreStudent(store, ids[0]!);
  expect(rollOf(store.records, classId, DAY).every(({ here }) => here)).toBe(true);
  await store.close();
});

test('a filter leaves out whoever it names; one of them is let in all the same, and attendance still counts', async () => {
  const store = await open();
  const { classId, ids } = classWith(store, []);
  takeInRoster(store, classId, {
    ...plan([
      facts('Amira', { section: 'North', details: { swims: 'no' } }),
      facts('Bram', { section: 'South', details: { swims: 'no' } }),
      facts('Chipo', { section: 'South', details: { swims: 'yes' } }),
      facts('Dov', { section: 'South' }),
    ]),
    details: [{ name: 'swims', kind: 'yesNo', levels: [] }],
  });
  expect(ids).toEqual([]);
  const [theClass] = allClasses(store.records);
  const here = () => rollOf(store.records, classId, DAY).map((one) => one.here);
  const [amira, bram] = studentsOf(store.records, classId);
  addLeaveOut(store, classId, {
    when: 'any',
    parts: [{ by: theClass!.details[0]!.id, values: ['no'] }],
  });
  // A missing value is no "no".
  expect(here()).toEqual([false, false, true, true]);
  setTakesPart(store, [amira!.id], true, DAY);
  expect(here()).toEqual([true, false, true, true]);
  setTakesPart(store, [amira!.id], false, DAY);
  expect(here()).toEqual([false, false, true, true]);
  const [filter] = allClasses(store.records)[0]!.leaveOuts;
  switchLeaveOut(store, classId, filter!.id, false);
  expect(here()).toEqual([true, true, true, true]);
  setTakesPart(store, [bram!.id], false, DAY);
  expect(here()).toEqual([true, false, true, true]);
  addLeaveOut(store, classId, {
    when: 'any',
    parts: [{ by: 'section', values: [theClass!.sections[1]!.id] }],
  });
  expect(here()).toEqual([true, false, false, false]);
  removeSection(store, classId, theClass!.sections[1]!.id);
  expect(here()).toEqual([true, false, true, true]);
  await store.close();
});

test('two rows for one student become one, in rules, wishes and takes', async () => {
  const store = await open();
  const { classId, ids, lineup } = classWith(store, ['Amira', 'Amira H', 'Bram', 'Chipo']);
  const [kept, other, bram, chipo] = [ids[0]!, ids[1]!, ids[2]!, ids[3]!];
  editStudent(store, other, { email: 'amira@example.org', note: 'left-handed' });
  editStudent(store, bram, { wishes: [other] });
  addRule(store, classId, 'apart', [other, bram]);
  addRule(store, classId, 'apart', [kept, other]);
  addTake(store, lineup.id, 1, [
    newGroup('Alder', 0, [kept, bram]),
    newGroup('Willow', 1, [other, chipo]),
  ]);
  const before = belongingTo(store.records, classId);
  mergeStudents(store, kept, other);
  const [amira, ...rest] = studentsOf(store.records, classId);
  expect([amira!.name, amira!.email, amira!.note]).toEqual([
    'Amira',
    'amira@example.org',
    'left-handed',
  ]);
  expect(rest.map(({ wishes }) => wishes)).toEqual([[kept], []]);
  expect(rulesOf(store.records, classId).map(({ studentIds }) => studentIds)).toEqual([
    [kept, bram],
  ]);
  expect(shownTake(store.records, lineup.id)!.groups.map(({ studentIds }) => studentIds)).toEqual([
    [kept, bram],
    [chipo],
  ]);
  store.history.undo();
  expect(byIdOf(belongingTo(store.records, classId))).toEqual(byIdOf(before));
  await store.close();
});

test('a changed part of a name changes the whole name, and a whole name alone counts as the given one', async () => {
  const store = await open();
  const { ids, classId } = classWith(store, ['Amira']);
  const name = () => studentsOf(store.records, classId)[0]!.name;
  editStudent(store, ids[0]!, { familyName: 'Haddad' });
  expect(name()).toBe('Amira Haddad');
  editStudent(store, ids[0]!, { preferredName: 'Miri' });
  expect(name()).toBe('Miri Haddad');
  await store.close();
});

test('a copied class has everything of the first and shares nothing with it', async () => {
  const store = await open();
  const { classId, ids, lineup } = classWith(store, ['Amira', 'Bram']);
  addRule(store, classId, 'apart', ids);
  addTake(store, lineup.id, 1, [newGroup('Alder', 0, ids)]);
  copyClass(store, classId, 'Copy');
  const copy = allClasses(store.records).find(({ name }) => name === 'Copy')!;
  const students = studentsOf(store.records, copy.id);
  const take = shownTake(store.records, copy.openLineupId!)!;
  expect(take.groups[0]!.studentIds).toEqual(students.map(({ id }) => id));
  expect(rulesOf(store.records, copy.id)[0]!.studentIds).toEqual(students.map(({ id }) => id));
  expect(students.some(({ id }) => ids.includes(id))).toBe(false);
  deleteClass(store, copy.id);
  expect(studentsOf(store.records, classId)).toHaveLength(2);
  await store.close();
});

test('pooled students keep their home class, joined sections and details, and the rules among them', async () => {
  const store = await open();
  const one = classWith(store, ['Amira', 'Bram']);
  addRule(store, one.classId, 'apart', one.ids);
  const two = classWith(store, []);
  takeInRoster(store, two.classId, {
    ...plan([
      facts('Chipo', { section: 'North', details: { Score: 4 } }),
      facts('Dov', { section: 'South', details: { Score: 5 } }),
    ]),
    details: [{ name: 'Score', kind: 'number', levels: [] }],
  });
  const north = store.records.get('class', two.classId)!.sections[0]!.id;
  const before = allClasses(store.records);
  const pool = poolClasses(
    store,
    [
      { classId: one.classId, sections: 'all' },
      { classId: two.classId, sections: [north] },
    ],
    { name: 'Both', lineupName: 'First', homeClass: 'home class', homeTeacher: 'home teacher' },
    true,
  );
  const pooled = store.records.get('class', pool)!;
  const score = pooled.details.find(({ name }) => name === 'Score')!.id;
  const students = studentsOf(store.records, pool);
  expect(pooled.details[0]!.name).toBe('home class');
  expect(
    students.map(({ name, details }) => [name, details[pooled.details[0]!.id], details[score]]),
  ).toEqual([
    ['Amira', 'River Survey', undefined],
    ['Bram', 'River Survey', undefined],
    ['Chipo', 'River Survey', 4],
  ]);
  expect(rulesOf(store.records, pool)[0]!.studentIds).toEqual(
    students.slice(0, 2).map(({ id }) => id),
  );
  expect(pooled.temporary).toBe(true);
  store.history.undo();
  expect(allClasses(store.records)).toEqual(before);
  await store.close();
});

test('groups that a list says are a lineup that is open, in the same step as its students', async () => {
  const store = await open();
  const { classId, ids } = classWith(store, ['Amira', 'Bram']);
  const before = allClasses(store.records);
  takeInRoster(store, classId, {
    ...plan([facts('Chipo'), facts('Dov')]),
    lineup: {
      name: 'From a list',
      groups: [
        { name: 'Group 1', known: [ids[0]!], added: [1] },
        { name: 'Otters', known: [ids[1]!], added: [0] },
      ],
    },
  });
  const lineup = lineupsOf(store.records, classId).at(-1)!;
  expect(store.records.get('class', classId)?.openLineupId).toBe(lineup.id);
  expect(lineup).toMatchObject({
    ...{ name: 'From a list', state: 'draft', used: null },
    recipe: {
      sizing: { by: 'count', count: 2 },
      naming: { from: 'list', list: ['Group 1', 'Otters'] },
    },
  });
  const nameOf = new Map(studentsOf(store.records, classId).map(({ id, name }) => [id, name]));
  expect(
    shownTake(store.records, lineup.id)?.groups.map(({ name, sign, studentIds }) => [
      ...[name, sign],
      studentIds.map((id) => nameOf.get(id)),
    ]),
  ).toEqual([
    ['Group 1', 0, ['Amira', 'Dov']],
    ['Otters', 1, ['Bram', 'Chipo']],
  ]);
  store.history.undo();
  expect(allClasses(store.records)).toEqual(before);
  expect(lineupsOf(store.records, classId)).toHaveLength(1);
  await store.close();
});

test.each([
  [undefined, ['Score'], [3, 4]],
  ['category' as const, ['Score'], ['3', '4']],
  ['apart' as const, ['Score', 'score (River Survey)'], [3, '4']],
])('a detail of two kinds is pooled as the teacher says (%s)', async (joining, names, values) => {
  const store = await open();
  const parts = [
    { name: 'Score', kind: 'number', value: 3 } as const,
    { name: 'score', kind: 'category', value: '4' } as const,
  ].map(({ name, kind, value }) => {
    const { classId } = classWith(store, []);
    takeInRoster(store, classId, {
      ...plan([facts(`One with ${name}`, { details: { [name]: value } })]),
      details: [{ name, kind, levels: [] }],
    });
    return { classId, sections: 'all' as const };
  });
  const pool = poolClasses(
    store,
    parts,
    { name: 'Both', lineupName: 'First', homeClass: 'home class', homeTeacher: 'home teacher' },
    true,
    new Map(joining ? [['Score', joining]] : []),
    (value, kind) => (kind === 'number' ? Number(value) : value),
  );
  const details = store.records.get('class', pool)!.details.slice(1);
  expect(details.map(({ name }) => name)).toEqual(names);
  expect(
    studentsOf(store.records, pool).map((one, at) => one.details[(details[at] ?? details[0]!).id]),
  ).toEqual(values);
  await store.close();
});

test('a pool has the ladder, tests and adults of its classes, each once, and who taught whom', async () => {
  const store = await open();
  const made = ['Amira', 'Bram'].map((name) => {
    const { classId, ids } = classWith(store, [name]);
    setStaff(store, classId, [{ name: `Teacher of ${name}`, email: null, role: '' }]);
    setLadder(store, classId, [{ name: name === 'Amira' ? 'maps' : 'Maps', text: name }]);
    takeInResults(store, classId, {
      ...{ name: 'First walk', on: '2026-10-01', answers: { [ids[0]!]: [1] } },
      items: [{ name: 'q1', skill: 'maps', whole: 1 }],
    });
    const time = addPeriod(store, classId, { name: 'Mon', day: 1, from: null, to: null });
    const own = addPeriod(store, classId, { name, day: null, from: null, to: null });
    addAdult(store, classId, { name: 'Maren', times: [time, own], skills: [name] });
    return classId;
  });
  const pool = poolClasses(
    store,
    made.map((classId) => ({ classId, sections: 'all' as const })),
    { name: 'Year', lineupName: 'First', homeClass: 'home class', homeTeacher: 'home teacher' },
    false,
  );
  const pooled = store.records.get('class', pool)!;
  const students = studentsOf(store.records, pool);
  expect(pooled.skillLadder).toEqual([{ name: 'maps', text: 'Amira' }]);
  expect(pooled.periods.map(({ name }) => name)).toEqual(['Mon', 'Amira', 'Bram']);
  const [test, ...others] = resultsOf(store.records, pool);
  expect(others).toEqual([]);
  expect(test!.answers).toEqual(Object.fromEntries(students.map(({ id }) => [id, [1]])));
  const [maren, ...more] = adultsOf(store.records, pool);
  expect(more).toEqual([]);
  expect(maren!.times).toEqual(pooled.periods.map(({ id }) => id));
  expect(maren!.skills).toEqual(['Amira', 'Bram']);
  const teacher = pooled.details.find(({ name }) => name === 'home teacher')!.id;
  expect(students.map(({ details }) => details[teacher])).toEqual([
    'Teacher of Amira',
    'Teacher of Bram',
  ]);
  await store.close();
});

test('a skill renamed keeps its results, its adults and what the class list says of it', async () => {
  const store = await open();
  const { classId, ids } = classWith(store, ['Amira']);
  setLadder(store, classId, [{ name: 'maps', text: 'finds it' }]);
  takeInResults(store, classId, {
    ...{ name: 'First walk', on: '2026-10-01', answers: { [ids[0]!]: [1, 0] } },
    items: ['maps', 'flow'].map((skill) => ({ name: skill, skill, whole: 1 })),
  });
  addAdult(store, classId, { name: 'Maren', skills: ['maps'] });
  // Written in capitals on the page, it is the same skill.
  renameSkill(store, classId, 'Maps', 'reading maps');
  const theClass = store.records.get('class', classId)!;
  // A skill that a test asks for and the ladder did not have was put above the others.
  expect(theClass.skillLadder).toEqual([
    { name: 'reading maps', text: 'finds it' },
    { name: 'flow', text: '' },
  ]);
  const results = resultsOf(store.records, classId);
  expect(results[0]!.items.map(({ skill }) => skill)).toEqual(['reading maps', 'flow']);
  expect(adultsOf(store.records, classId)[0]!.skills).toEqual(['reading maps']);
  const { of } = masteryIn(theClass, results);
  expect(of(studentsOf(store.records, classId)[0]!).map(({ state }) => state)).toEqual([
    'mastered',
    'notYet',
  ]);
  await store.close();
});

test('a time that is removed is nobody’s any more, and groups that met then have none', async () => {
  const store = await open();
  const { classId } = classWith(store, ['Amira']);
  const lineupId = store.records.all('lineup')[0]!.id;
  const time = addPeriod(store, classId, { name: 'Mon', day: 1, from: null, to: null });
  const maren = addAdult(store, classId, { name: 'Maren', times: [time] });
  setLeads(store, lineupId, () => ({ '0': { adultId: maren, periodId: time, locked: false } }));
  removePeriod(store, classId, time);
  expect(store.records.get('adult', maren)!.times).toEqual([]);
  expect(store.records.all('plan')[0]!.leads).toEqual({
    '0': { adultId: maren, periodId: null, locked: false },
  });
  store.history.undo(classId);
  expect(store.records.all('plan')[0]!.leads['0']!.periodId).toBe(time);
  await store.close();
});

test('a class put back from its file is as it was in the file; as a copy both are there', async () => {
  const store = await open();
  const { classId, ids } = classWith(store, ['Amira', 'Bram']);
  const kept = belongingTo(store.records, classId);
  deleteStudent(store, ids[0]!);
  openBackup(store, [{ records: kept, answer: 'replace' }]);
  expect(byIdOf(belongingTo(store.records, classId))).toEqual(byIdOf(kept));
  openBackup(store, [{ records: kept, answer: 'copy' }]);
  expect(allClasses(store.records)).toHaveLength(2);
  store.history.undo();
  expect(allClasses(store.records)).toHaveLength(1);
  await store.close();
});

const byIdOf = (records: readonly { readonly id: string }[]) =>
  Object.fromEntries(records.map((record) => [record.id, record]));

test('what was dealt is kept while a take is changed by hand, and comes back', async () => {
  const store = await open();
  const { ids, lineup } = classWith(store, ['Amira', 'Bram', 'Chipo']);
  const [a, b, c] = [ids[0]!, ids[1]!, ids[2]!];
  addTake(store, lineup.id, 1, [newGroup('Alder', 0, [a, b]), newGroup('Willow', 1, [c])]);
  const shown = () => shownTake(store.records, lineup.id)!;
  const groups = () => shown().groups.map(({ studentIds }) => studentIds);
  moveStudents(store, shown().id, [a], 1);
  expect(groups()).toEqual([[b], [c, a]]);
  moveStudents(store, shown().id, [b], null);
  expect(groups()).toEqual([[], [c, a]]);
  expect(shown().dealt?.map(({ studentIds }) => studentIds)).toEqual([[a, b], [c]]);
  undealTake(store, shown().id);
  expect(groups()).toEqual([[a, b], [c]]);
  moveStudents(store, shown().id, [a], 1);
  moveStudents(store, shown().id, [a], 0);
  expect(shown().dealt).toBeNull();
  await store.close();
});
