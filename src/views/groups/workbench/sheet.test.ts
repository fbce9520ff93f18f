import { rule, student, take, testBench, detail } from '@/encode/testBench';
import type { Bench } from '@/encode/bench';
import type { RollStudent } from '@/schema/student';
import { shortValues } from '../sheet/shortValues';
import { sheetOf } from './useSheet';

const students: readonly RollStudent[] = ['Ana', 'Bo', 'Caro', 'Dov', 'Eli'].map((name, i) =>
  student(name, i),
);
const dealt = take(['Ana Bo', 'Caro Gone']);
const sheet = (of: Partial<Bench>, all = students) =>
  sheetOf(testBench({ students: all, bench: { take: dealt, ...of } }));

test('those here and in no group stand aside; who has left the class is in no row', () => {
  const { aside, groups } = sheet({});
  expect(aside.map(({ name }) => name)).toEqual(['Dov', 'Eli']);
  expect(groups.map(({ students: row }) => row.map(({ name }) => name))).toEqual([
    ['Ana', 'Bo'],
    ['Caro'],
  ]);
});

test('a broken rule is marked on its row, and only while it is in force and both are here', () => {
  const broken = (until: string | null, all = students) =>
    sheet({ rules: [rule('apart', 'Ana Bo', until)] }, all).groups.map((one) => one.broken.length);
  expect(broken(null)).toEqual([1, 0]);
  expect(broken('2026-11-24')).toEqual([1, 0]);
  expect(broken('2026-11-23')).toEqual([0, 0]);
  const away = students.map((one) => ({ ...one, here: one.name !== 'Bo' }));
  expect(broken(null, away)).toEqual([0, 0]);
  expect(sheet({}, away).groups[0]?.size).toBe(1);
});

test('students to be together are broken where they stand in two groups, not while one stands aside', () => {
  const broken = (names: string) =>
    sheet({ rules: [rule('together', names)] }).groups.flatMap((one) => one.broken);
  expect(broken('Ana Caro')).toHaveLength(1);
  expect(broken('Ana Dov')).toHaveLength(0);
});

test('a limit of the recipe is broken where a group has too few, but not in a group with nobody yet', () => {
  const swimmers = students.map((one) => ({ ...one, details: { swims: one.name === 'Ana' } }));
  const bench = testBench({
    students: swimmers,
    theClass: { details: [detail('swims', 'yesNo')] },
    recipe: { limits: [{ kind: 'atLeast', detail: 'swims', value: 'yes', count: 1 }] },
    bench: { take: take(['Ana Bo', 'Caro', '']) },
  });
  expect(sheetOf(bench).groups.map(({ broken }) => broken.length)).toEqual([0, 1, 0]);
});

test.each([
  [
    ['Arabic', 'Malayalam', 'Māori', 'Spanish'],
    ['A', 'Ma', 'Mā', 'S'],
  ],
  [
    ['new', 'some', 'seasoned'],
    ['N', 'So', 'Se'],
  ],
  [
    ['yes', 'no'],
    ['Y', 'N'],
  ],
])('values %j are told apart by the fewest letters', (values, letters) => {
  expect(shortValues(values)).toEqual(letters);
});
