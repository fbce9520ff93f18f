import fc from 'fast-check';
import { matchStudents, mergeRosters, sameNumber } from './merge';
import type { RosterStudent } from './types';

const student = (displayName: string, known: Partial<RosterStudent> = {}): RosterStudent => {
  const [givenName = '', ...family] = displayName.split(' ');
  return {
    ...{ row: 1, displayName, givenName, familyName: family.join(' '), preferredName: '' },
    ...{ email: null, externalId: null, section: null, attributes: {} },
    ...known,
  };
};
const number = (name: string, externalId: string) => student(name, { externalId });

/** The place in the earlier list of each student of the newer one; a question mark where that is doubtful. */
const places = (earlier: readonly RosterStudent[], newer: readonly RosterStudent[]) =>
  matchStudents(earlier, newer).map((one) => `${one.earlier}${one.doubtful ? '?' : ''}`);

test('the number tells first, then the address, then the name; nobody is two', () => {
  const earlier = [
    student('Amira Haddad', { externalId: '0041', email: 'amira@example.org' }),
    student('Bo Lee', { email: 'bo@example.org' }),
    student('Chipo Dube'),
  ];
  const newer = [
    student('chipo dube'),
    student('Bo Lee', { email: 'BO@example.org' }),
    student('Amira Haddad', { externalId: '0041', email: 'bo@example.org' }),
    student('Dana Oz'),
    student('Chipo Dube'),
  ];
  expect(places(earlier, newer)).toEqual(['2', '1', '0', '-1', '-1']);
});

test('a number that lost its zeros or its prefix is the same where the name agrees, and only there', () => {
  const earlier = [number('Amira Haddad', '0041'), number('Bo Lee', 'S-2026-0042')];
  expect(places(earlier, [number('Amira Haddad', '41'), number('Bo Lee', '0042')])).toEqual([
    '0',
    '1',
  ]);
  expect(places(earlier, [number('Dana Oz', '41')])).toEqual(['-1']);
  // A word of the name in common is enough: a married name, a nickname.
  expect(places(earlier, [number('Amira Oz', '41')])).toEqual(['0']);
  expect(sameNumber('0041', '41')).toBe(true);
  expect(sameNumber('2026-0041', '0041')).toBe(true);
  expect(sameNumber('41', '42')).toBe(false);
  expect(sameNumber('A-1', 'B-2')).toBe(false);
});

test('a number cut short that may be of several tells nobody; then the name does', () => {
  const earlier = [number('Amira Haddad', '2025-041'), number('Amira Haddad Oz', '2026-041')];
  expect(places(earlier, [number('Amira Haddad', '041')])).toEqual(['0']);
  expect(places(earlier, [number('Amira Quy', '041')])).toEqual(['-1']);
  // Nor where two of the newer list have it.
  const one = [number('Amira Haddad', '0041')];
  expect(places(one, [number('Amira Oz', '41'), number('Amira Quy', '041')])).toEqual(['-1', '-1']);
});

test('two of one name with different numbers are two; a number or an address under another name is asked', () => {
  expect(places([number('Bo Lee', '7')], [number('Bo Lee', '8')])).toEqual(['-1']);
  expect(places([number('Bo Lee', '7')], [student('Bo Lee')])).toEqual(['0']);
  expect(places([number('Bo Lee', '7')], [number('Dana Oz', '7')])).toEqual(['0?']);
  const both = { externalId: '7', email: 'bo@example.org' };
  // Where number and address agree, it is the name that has changed.
  expect(places([student('Bo Lee', both)], [student('Dana Oz', both)])).toEqual(['0']);
  expect(
    places([student('Bo Lee', both)], [student('Dana Oz', { ...both, email: 'oz@example.org' })]),
  ).toEqual(['0?']);
});

test('a name is the same with its words in another order, and nobody asks', () => {
  expect(places([student('Amira Haddad')], [student('Haddad Amira')])).toEqual(['0']);
});

test.each([
  ['words that one of them lacks', 'Amira Haddad', 'Amira Fatima Haddad'],
  ['a given name alone', 'Amira', 'Amira Haddad'],
  ['the first letter of the family name', 'Amira H.', 'Amira Haddad'],
  ['a letter changed in a long word', 'Amira Haddad', 'Amira Hadad'],
])('%s may be the same student, and is asked', (_, one, two) => {
  expect(places([student(one)], [student(two)])).toEqual(['0?']);
  expect(places([student(two)], [student(one)])).toEqual(['0?']);
  // Numbers of their own tell them apart.
  expect(places([number(one, '7')], [number(two, '8')])).toEqual(['-1']);
});

test.each([
  ['Bo Lee', 'Bo Lea'],
  ['A. Haddad', 'A. Visser'],
  ['Amira Haddad', 'Amira Visser'],
])('%s and %s are two, and nobody asks', (one, two) => {
  expect(places([student(one)], [student(two)])).toEqual(['-1']);
});

test('a name that nearly is that of several is nobody of them', () => {
  const two = [student('Amira Haddad'), student('Amira Visser')];
  expect(places(two, [student('Amira')])).toEqual(['-1']);
  expect(places([student('Amira')], two)).toEqual(['-1', '-1']);
  // Once one of them is known, the other is meant.
  expect(places(two, [student('Amira Visser'), student('Amira')])).toEqual(['1', '0?']);
});

test('who is new, who has gone and what has changed is told; what the newer list does not know is no change', () => {
  const earlier = [
    student('Amira Haddad', { externalId: '0041', section: 'North', attributes: { level: 'new' } }),
    student('Bo Lee', { email: 'bo@example.org' }),
    student('Chipo Dube'),
  ];
  const newer = [
    student('Amira Haddad', { externalId: '41', section: 'South', attributes: { level: 'some' } }),
    student('Bo Lee'),
    student('Dana Oz'),
  ];
  const merge = mergeRosters(earlier, newer);
  expect(merge.added.map(({ name }) => name)).toEqual(['Dana Oz']);
  expect(merge.gone.map(({ name }) => name)).toEqual(['Chipo Dube']);
  expect(merge.asked).toEqual([]);
  expect(merge.changed).toMatchObject([
    {
      name: 'Amira Haddad',
      changes: [
        { field: 'section', from: 'North', to: 'South' },
        { field: 'level', from: 'new', to: 'some' },
      ],
    },
  ]);
  expect(merge.changed).toHaveLength(1);
});

test('a list matched with itself in any order is everybody, each as themselves', () => {
  const names = fc.uniqueArray(fc.integer({ min: 1, max: 60 }), { minLength: 1, maxLength: 12 });
  fc.assert(
    fc.property(
      names.chain((all) =>
        fc.tuple(
          fc.constant(all),
          fc.shuffledSubarray(all, { minLength: all.length, maxLength: all.length }),
        ),
      ),
      ([all, turned]) => {
        const person = (one: number) =>
          student(`Surveyor ${'abcdefghij'[one % 10]}${one}`, {
            externalId: one % 3 === 0 ? null : `2026-${String(one).padStart(4, '0')}`,
            email: one % 2 === 0 ? `s${one}@example.org` : null,
          });
        expect(places(all.map(person), turned.map(person))).toEqual(
          turned.map((one) => String(all.indexOf(one))),
        );
      },
    ),
    { numRuns: 200, seed: 2026 },
  );
});
