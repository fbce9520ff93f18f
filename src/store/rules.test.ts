import { BY_SECTION } from '../schema/recipe';
import { addLeaveOut, addSection, removeLeaveOut, removeSection } from './actions/classParts';
import { createClass } from './actions/classes';
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
import { classById, lineupsOf, rollOf, shownTake, studentsOf, takesOf } from './queries';
import { newGroup } from '../schema/take';
import { storeWith } from './testStore';

function crew(names: string) {
  const store = storeWith([]);
  const classId = createClass(store, 'Crew', 'Week 1');
  const ids = names.split(' ').map((name) => addStudent(store, classId, { name, email: '' }));
  const of = (id: (typeof ids)[number]) => store.records.get('student', id)!;
  const nameOf = (id: string): string => of(id as (typeof ids)[number]).name;
  return { store, classId, ids, of, nameOf };
}

/** How many steps to undo something makes. */
function stepsOf(store: ReturnType<typeof storeWith>, run: () => void): number {
  let steps = 0;
  const stop = store.history.listen(({ put }) => (steps += put.length));
  run();
  stop();
  return steps;
}

/** Six students in two groups of a first take. */
function dealt() {
  const made = crew('Ana Bo Caro Dov Eli Fay');
  const { store, classId, ids, nameOf } = made;
  const [lineup] = lineupsOf(store.records, classId);
  addTake(store, lineup!.id, 1, [
    newGroup('A', 0, ids.slice(0, 3)),
    newGroup('B', 1, ids.slice(3)),
  ]);
  const take = () => shownTake(store.records, lineup!.id)!;
  const rows = (): string[] =>
    take().groups.map(({ studentIds }) => studentIds.map(nameOf).join(' '));
  return { ...made, lineup: lineup!, take, rows };
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
