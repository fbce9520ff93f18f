import type { StudentId } from '../schema/ids';
import { newGroup } from '../schema/take';
import { createClass } from './actions/classes';
import { addStudent } from './actions/students';
import { addTake } from './actions/takes';
import { lineupsOf, shownTake } from './queries';
import { storeWith } from './testStore';

/** What must be there for a test to go on. */
export function there<T>(one: T | undefined): T {
  if (one === undefined) throw new Error('expected it to be there');
  return one;
}

/** A class of these students, with a first lineup that was not dealt. */
export function crew(names: string) {
  const store = storeWith([]);
  const classId = createClass(store, 'Crew', 'Week 1');
  const ids = names.split(' ').map((name) => addStudent(store, classId, { name, email: '' }));
  const of = (id: StudentId) => there(store.records.get('student', id));
  const nameOf = (id: StudentId): string => of(id).name;
  return { store, classId, ids, of, nameOf };
}

/** Six students in two groups of a first take. */
export function dealt() {
  const made = crew('Ana Bo Caro Dov Eli Fay');
  const { store, classId, ids, nameOf } = made;
  const lineup = there(lineupsOf(store.records, classId)[0]);
  addTake(store, lineup.id, 1, [newGroup('A', 0, ids.slice(0, 3)), newGroup('B', 1, ids.slice(3))]);
  const take = () => there(shownTake(store.records, lineup.id));
  const rows = (): string[] =>
    take().groups.map(({ studentIds }) => studentIds.map(nameOf).join(' '));
  return { ...made, lineup, take, rows };
}
