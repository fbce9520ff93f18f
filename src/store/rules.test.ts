import { BY_SECTION } from '../schema/recipe';
import { addLeaveOut, addSection, removeLeaveOut, removeSection } from './actions/classParts';
import { addAdult, addPeriod, editAdult, removePeriod, setLeads } from './actions/adults';
import { belongingTo, createClass, openBackup } from './actions/classes';
import { countAgain, noteUse, setLineupState } from './actions/lineups';
import { takeInRoster } from './actions/takeInRoster';
import {
  addStudent,
  deleteStudent,
  editStudent,
  mergeStudents,
  nextOrder,
  restoreStudent,
  leaveClass,
  setTakesPart,
  settleDoubt,
} from './actions/students';
import {
  addTake,
  bringBackTake,
  deleteTake,
  mergeGroups,
  moveStudents,
  removeGroup,
  splitGroup,
  starTake,
  swapStudents,
} from './actions/takes';
import {
  adultsOf,
  allClasses,
  classById,
  planOf,
  rollOf,
  rollOfLineup,
  shownAs,
  studentsOf,
  takesOf,
} from './queries';
import { newGroup } from '../schema/take';
import { crew, dealt } from './testCrew';
import { storeWith } from './testStore';

/** How many steps to undo something makes. */
function stepsOf(store: ReturnType<typeof storeWith>, run: () => void): number {
  let steps = 0;
  const stop = store.history.listen(({ put }) => (steps += put.length));
  run();
  stop();
  return steps;
}

test('made one, a student has what either knew, what the kept one knew first, and wishes for nobody of the two', () => {
  const { store, classId, ids, of } = crew('Ana Anna Bo Caro');
  const [kept, other, bo, caro] = ids;
  editStudent(store, kept!, { email: 'ana@example.org', note: 'early bus', wishes: [other!, bo!] });
  editStudent(store, other!, {
    ...{ email: 'anna@example.org', externalId: '41', note: 'left-handed' },
    wishes: [bo!, caro!, kept!],
  });
  settleDoubt(store, [kept!], 'one');
  settleDoubt(store, [other!], 'one');
  settleDoubt(store, [other!], 'two');
  editStudent(store, bo!, { wishes: [other!] });
  mergeStudents(store, kept!, other!);
  expect(of(kept!)).toMatchObject({
    ...{ name: 'Ana', email: 'ana@example.org', externalId: '41' },
    ...{ note: 'early bus\nleft-handed', wishes: [bo, caro], settled: ['one', 'two'] },
  });
  expect(of(bo!).wishes).toEqual([kept]);
  expect(studentsOf(store.records, classId).map(({ name }) => name)).toEqual(['Ana', 'Bo', 'Caro']);
});

test('a doubt that is settled already is no step', () => {
  const { store, ids, of } = crew('Ana');
  settleDoubt(store, ids, 'sameName:Ana');
  expect(stepsOf(store, () => settleDoubt(store, ids, 'sameName:Ana'))).toBe(0);
  expect(stepsOf(store, () => settleDoubt(store, ids, 'otherDomain:Ana'))).toBe(1);
  expect(of(ids[0]!).settled).toEqual(['sameName:Ana', 'otherDomain:Ana']);
});

test('a section that is removed is nobody’s any more, and no leave-out asks for it', () => {
  const { store, classId, ids, of } = crew('Ana Bo Caro');
  const [north, south] = ['North', 'South'].map((name) => addSection(store, classId, name));
  editStudent(store, ids[0]!, { sectionId: north! });
  editStudent(store, ids[1]!, { sectionId: south! });
  const part = (...values: readonly string[]) => ({ by: BY_SECTION, values: [...values] });
  addLeaveOut(store, classId, { when: 'any', parts: [part(north!)] });
  addLeaveOut(store, classId, { when: 'any', parts: [part(north!, south!)] });
  removeSection(store, classId, north!);
  const theClass = classById(store.records, classId)!;
  expect(ids.map((id) => of(id).sectionId)).toEqual([null, south, null]);
  expect(theClass.sections.map(({ name }) => name)).toEqual(['South']);
  expect(theClass.leaveOuts.map(({ parts }) => parts)).toEqual([[part(south!)]]);
  removeLeaveOut(store, classId, theClass.leaveOuts[0]!.id);
  expect(classById(store.records, classId)!.leaveOuts).toEqual([]);
});

test('a newcomer stands after everybody, whoever has gone; whoever comes back is here again', () => {
  const { store, classId, ids, of } = crew('Ana Bo');
  deleteStudent(store, ids[0]!);
  const late = addStudent(store, classId, { name: 'Caro', email: '' });
  expect(of(late).order).toBeGreaterThan(of(ids[1]!).order);
  store.history.act('editStudent', ({ all }) => {
    expect(nextOrder(all, classId)).toBe(of(late).order + 1);
  });
  leaveClass(store, [late], '2026-11-20');
  const here = () =>
    rollOf(store.records, classId, '2026-11-26').flatMap((one) => (one.here ? [one.name] : []));
  expect(here()).toEqual(['Bo']);
  restoreStudent(store, late);
  setTakesPart(store, [ids[1]!], false, '2026-11-26');
  expect(here()).toEqual(['Caro']);
});

test('whoever is there already is not moved, and that is no step; named twice somebody is moved once', () => {
  const { store, ids, take, rows } = dealt();
  expect(stepsOf(store, () => moveStudents(store, take().id, ids.slice(0, 2), 0))).toBe(0);
  moveStudents(store, take().id, [ids[0]!, ids[0]!, ids[3]!], 1);
  expect(rows()).toEqual(['Bo Caro', 'Dov Eli Fay Ana']);
  swapStudents(store, take().id, ids[1]!, ids[5]!);
  expect(rows()).toEqual(['Fay Caro', 'Dov Eli Bo Ana']);
});

test('groups merge into the one that is named, split in halves, and leave their members aside where they go', () => {
  const { store, take, rows } = dealt();
  mergeGroups(store, take().id, 1, 0);
  expect(rows()).toEqual(['Ana Bo Caro Dov Eli Fay']);
  splitGroup(store, take().id, 0, 'C', 2);
  expect(rows()).toEqual(['Ana Bo Caro', 'Dov Eli Fay']);
  removeGroup(store, take().id, 0);
  expect(rows()).toEqual(['Dov Eli Fay']);
  expect(take().dealt).toHaveLength(2);
});

test('a take that goes leaves the newest of the others shown; one that is brought back is shown', () => {
  const { store, lineup, ids, take } = dealt();
  const groups = (first: number) => [
    newGroup('A', 0, [...ids.slice(first), ...ids.slice(0, first)].slice(0, 3)),
  ];
  addTake(store, lineup.id, 2, groups(1));
  addTake(store, lineup.id, 3, groups(2));
  const [first, second, third] = takesOf(store.records, lineup.id);
  expect([first, second, third].map((one) => one?.number)).toEqual([1, 2, 3]);
  starTake(store, first!.id, true);
  expect(takesOf(store.records, lineup.id).map(({ starred }) => starred)).toEqual([
    true,
    false,
    false,
  ]);
  deleteTake(store, third!);
  expect(take().id).toBe(second!.id);
  bringBackTake(store, first!);
  expect(take().id).toBe(first!.id);
  deleteTake(store, second!);
  expect(take().id).toBe(first!.id);
});

test('a record is frozen whole while the application is made, and not where it is in use', () => {
  const { ids, of, store, classId } = crew('Ana');
  const write = (run: () => void) => expect(run).toThrow(TypeError);
  write(() => Object.assign(of(ids[0]!), { name: 'Other' }));
  write(() => Object.assign(of(ids[0]!).details, { score: 1 }));
  write(() => (of(ids[0]!).wishes as string[]).push('nobody'));
  expect(of(ids[0]!)).toMatchObject({ name: 'Ana', left: null, details: {}, wishes: [] });
  const before = process.env.NODE_ENV;
  Object.assign(process.env, { NODE_ENV: 'production' });
  const bo = addStudent(store, classId, { name: 'Bo', email: '' });
  Object.assign(process.env, { NODE_ENV: before });
  expect([Object.isFrozen(of(bo)), Object.isFrozen(of(bo).wishes)]).toEqual([false, false]);
});

test('the roll of a lineup is that of the day on which it was used, and today’s while it is in use or used today', () => {
  const { store, lineup, ids } = dealt();
  const there = (day: string): number =>
    rollOfLineup(store.records, lineup.id, day).filter(({ here }) => here).length;
  setTakesPart(store, [ids[0]!], false, '2026-11-02');
  noteUse(store, lineup.id, '2026-11-02');
  expect([there('2026-11-02'), there('2026-11-09')]).toEqual([5, 5]);
  setLineupState(store, lineup.id, 'inUse', '2026-11-02');
  expect(there('2026-11-09')).toBe(6);
  setLineupState(store, lineup.id, 'retired', '2026-11-02');
  setTakesPart(store, ids.slice(0, 3), false, '2026-11-09');
  countAgain(store, lineup.id, '2026-11-09');
  expect([there('2026-11-02'), there('2026-11-09'), there('2026-11-16')]).toEqual([6, 3, 3]);
});

test('takes stand in the order in which they were made, whatever order they are read in', () => {
  const { store, lineup, take } = dealt();
  const first = take();
  addTake(store, lineup.id, 2, first.groups);
  store.records.change('load', ({ put, remove }) => {
    remove(first.id);
    put({ ...first, id: first.id.replace(/^t/, 'tz') as typeof first.id });
  });
  store.records.change('load', ({ put }) =>
    put({ ...first, id: 't_later' as typeof first.id, number: 0 }),
  );
  expect(takesOf(store.records, lineup.id).map(({ number }) => number)).toEqual([0, 1, 2]);
});

test('what a class sees of a lineup holds those in its groups and those who lead them, and no one else', () => {
  const { store, classId, lineup } = dealt();
  const seen = () => shownAs(store.records, lineup.id)!;
  addStudent(store, classId, { name: 'Gil', email: '' });
  addAdult(store, classId, { name: 'Ms Tan' });
  const oda = addAdult(store, classId, { name: 'Oda Lind' });
  expect(
    seen()
      .students.map(({ name }) => name)
      .join(' '),
  ).toBe('Ana Bo Caro Dov Eli Fay');
  expect(seen().adults).toEqual([]);
  setLeads(store, lineup.id, () => ({ one: { adultId: oda, periodId: null } }) as never);
  expect(JSON.stringify(seen().adults)).toContain('Oda Lind');
  expect(JSON.stringify(seen().adults)).not.toContain('Ms Tan');
});

test('a time that is removed goes from those who could then, and every other time stays', () => {
  const { store, classId, lineup } = dealt();
  const [early, late] = ['Early', 'Late'].map((name) =>
    addPeriod(store, classId, { name } as Parameters<typeof addPeriod>[2]),
  );
  const oda = addAdult(store, classId, { name: 'Oda Lind' });
  editAdult(store, oda, { times: [early!, late!] });
  const lead = (periodId: typeof early) => ({ adultId: oda, periodId });
  setLeads(store, lineup.id, () => ({ one: lead(early), two: lead(late) }) as never);
  removePeriod(store, classId, early!);
  expect(adultsOf(store.records, classId).map(({ times }) => times)).toEqual([[late]]);
  const { leads } = planOf(store.records, lineup.id)!;
  expect(Object.values(leads).map(({ periodId }) => periodId)).toEqual([null, late]);
});

test('a class from a file as a copy leaves the one on the shelf alone; in its place it takes away what is not in it', () => {
  const { store, classId } = crew('Ana Bo');
  const file = [...belongingTo(store.records, classId)];
  addStudent(store, classId, { name: 'Caro', email: '' });
  const names = (): string[] =>
    allClasses(store.records).map(({ id }) =>
      studentsOf(store.records, id)
        .map(({ name }) => name)
        .join(' '),
    );
  openBackup(store, [{ records: file, answer: 'copy' }]);
  expect(names().sort()).toEqual(['Ana Bo', 'Ana Bo Caro']);
  store.history.undo();
  openBackup(store, [{ records: file, answer: 'replace' }]);
  expect(names()).toEqual(['Ana Bo']);
});

test('students are counted in each class for itself', () => {
  const { store, ids, of } = crew('Ana Bo');
  const other = createClass(store, 'Lecture', 'Week 1');
  const caro = addStudent(store, other, { name: 'Caro', email: '' });
  expect([...ids, caro].map((id) => of(id).order)).toEqual([1, 2, 1]);
});

test('a list says what is new of a student; where it says nothing, what was known stays', () => {
  const { store, classId, ids, of } = crew('Ana');
  editStudent(store, ids[0]!, { email: 'ana@example.org', externalId: '41' });
  const facts = { name: '', givenName: '', familyName: '', preferredName: '', section: '' };
  const says = (email: string, externalId: string): void =>
    takeInRoster(store, classId, {
      ...{ added: [], details: [], staff: [], gone: [], day: '2026-11-02' },
      updated: [{ id: ids[0]!, facts: { ...facts, email, externalId, details: {} } }],
    });
  says('', '');
  expect(of(ids[0]!)).toMatchObject({ name: 'Ana', email: 'ana@example.org', externalId: '41' });
  says('ana.h@example.org', '42');
  expect(of(ids[0]!)).toMatchObject({ email: 'ana.h@example.org', externalId: '42' });
});
