import { ClassId, LineupId, RuleId, StudentId, TakeId } from '@/schema/ids';
import type { RuleRecord } from '@/schema/rule';
import { newStudent, type StudentRecord } from '@/schema/student';
import type { TakeRecord } from '@/schema/take';
import { sheetOf } from './useSheet';

const classId = ClassId.parse('c');
const students: readonly StudentRecord[] = ['Ana', 'Bo', 'Caro', 'Dov', 'Eli'].map((name, i) =>
  newStudent(StudentId.parse(name), classId, i, { name, email: '' }),
);
const id = (name: string): StudentId => StudentId.parse(name);
const rule = (
  kind: RuleRecord['kind'],
  names: string[],
  until: string | null = null,
): RuleRecord => ({
  record: 'rule',
  id: RuleId.parse(names.join('')),
  classId,
  kind,
  studentIds: names.map(id),
  reason: '',
  until,
  order: 1,
});
const take: TakeRecord = {
  record: 'take',
  id: TakeId.parse('t'),
  lineupId: LineupId.parse('l'),
  classId,
  number: 1,
  seed: 1,
  dealt: null,
  createdAt: '2026-01-01T00:00:00.000Z',
  groups: [
    { name: 'Alder', sign: 0, studentIds: [id('Ana'), id('Bo')] },
    { name: 'Willow', sign: 1, studentIds: [id('Caro'), id('Gone')] },
  ],
};
const day = '2026-11-24';

test('those here and in no group stand aside; who has left the class is in no row', () => {
  const sheet = sheetOf(take, students, [], day);
  expect(sheet.aside.map(({ name }) => name)).toEqual(['Dov', 'Eli']);
  expect(sheet.groups.map(({ students: row }) => row.map(({ name }) => name))).toEqual([
    ['Ana', 'Bo'],
    ['Caro'],
  ]);
});

test('a broken rule is marked on its row, and only while it is in force and both are here', () => {
  const apart = rule('apart', ['Ana', 'Bo']);
  const brokenIn = (all: readonly StudentRecord[], rules: RuleRecord[]) =>
    sheetOf(take, all, rules, day).groups.map(({ broken }) => broken.length);
  expect(brokenIn(students, [apart])).toEqual([1, 0]);
  expect(brokenIn(students, [rule('apart', ['Ana', 'Bo'], day)])).toEqual([1, 0]);
  expect(brokenIn(students, [rule('apart', ['Ana', 'Bo'], '2026-11-23')])).toEqual([0, 0]);
  const away = students.map((student) => ({ ...student, here: student.name !== 'Bo' }));
  expect(brokenIn(away, [apart])).toEqual([0, 0]);
  expect(sheetOf(take, away, [], day).groups[0]?.size).toBe(1);
});

test('students to be together are broken where they stand in two groups, not while one stands aside', () => {
  expect(
    sheetOf(take, students, [rule('together', ['Ana', 'Caro'])], day).groups.flatMap(
      ({ broken }) => broken,
    ),
  ).toHaveLength(1);
  expect(
    sheetOf(take, students, [rule('together', ['Ana', 'Dov'])], day).groups.flatMap(
      ({ broken }) => broken,
    ),
  ).toHaveLength(0);
});
