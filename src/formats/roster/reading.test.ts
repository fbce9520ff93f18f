import { readRosterText } from './readRoster';

function readingOf(...rows: readonly string[]) {
  const read = readRosterText(rows.join('\n'));
  if (!read.ok) throw new Error(read.error.code);
  return read;
}
const rolesOf = (...rows: readonly string[]): readonly string[] =>
  readingOf(...rows).reading.columns.map(({ role }) => role);
const kindsOf = (...rows: readonly string[]): readonly string[] =>
  readingOf(...rows).reading.columns.flatMap(({ role, kind }) => (role === 'detail' ? [kind] : []));

describe('columns without headings are told by what stands in them', () => {
  test('addresses, classes, numbers that differ, and what is left is a name or a detail', () => {
    expect(
      rolesOf(
        '48121;Amira Haddad;amira@example.org;7A;new',
        '47733;Bo Lee;bo@example.org;7B;some',
        '48809;Chidi Eze;chidi@example.org;7A;new',
        '46012;Dana Oz;dana@example.org;8C;some',
      ),
    ).toEqual(['externalId', 'fullName', 'email', 'section', 'detail']);
  });

  test('numbers that only count the rows are left out, and numbers that come again are no ids', () => {
    expect(
      rolesOf('1;Amira Haddad;8', '2;Bo Lee;8', '3;Chidi Eze;5', '4;Dana Oz;9', '5;Eito Mori;5'),
    ).toEqual(['leftOut', 'fullName', 'detail']);
  });

  test('a column of addresses is one though some are missing', () => {
    const rows = ['Amira Haddad;a@example.org', 'Bo Lee;b@example.org', 'Chidi Eze;', 'Dana Oz;-'];
    expect(rolesOf(...rows)).toEqual(['fullName', 'email']);
  });

  test('two columns of single words are the parts of a name', () => {
    const roles = rolesOf(
      ...['Amira;Haddad;4', 'Bo;Lindqvist;7', 'Chidi;Eze;4', 'Dana;Oz;9', 'Hana;Jelinek;7'],
    );
    expect([...roles].sort()).toEqual(['detail', 'familyName', 'givenName']);
  });
});

describe('what a detail is', () => {
  test('words for an absence say nothing of the kind, unless most are such words', () => {
    const list = (...cells: readonly string[]): string[] => [
      'Name,score',
      ...cells.map((cell, place) => `Surveyor ${'ABCDEFGH'[place]},${cell}`),
    ];
    expect(kindsOf(...list('3', '5', 'absent', '9', '4', 'EX'))).toEqual(['number']);
    expect(kindsOf(...list('absent', 'absent', 'EX', 'absent', '4', 'late'))).toEqual(['category']);
  });

  test('a comma is decimal where the numbers say so, and details keep their values', () => {
    const { roster } = readingOf(
      ...['Name;score', 'Amira Haddad;3,5', 'Bo Lee;12,25', 'Chidi Eze;7'],
    );
    expect(roster.students.map(({ attributes }) => attributes.score)).toEqual([3.5, 12.25, 7]);
  });

  test('marks in letters go up from F to A, each letter by its sign', () => {
    const marks = ['B', 'A-', 'C++', 'A*', 'B+', 'C+', 'B−', 'A'];
    const { reading, roster } = readingOf(
      'Name,mark',
      ...marks.map((mark, place) => `Surveyor ${'ABCDEFGH'[place]},${mark}`),
    );
    expect(reading.columns[1]?.levels).toEqual(['C+', 'C++', 'B−', 'B', 'B+', 'A-', 'A', 'A*']);
    expect(roster.students.map(({ attributes }) => attributes.mark)).toEqual(marks);
  });
});

test('what stands under a list and is nobody is named with why: sums, remarks, who made it', () => {
  const { roster } = readingOf(
    ...['Name,score', 'Amira Haddad,3', 'Bo Lee,5', 'Chidi Eze,4', 'Average,4', 'Total,12'],
    ...['* = moved here in October,', 'Generated on 2026-11-26,', 'N = 3,'],
  );
  expect(roster.students.map(({ displayName }) => displayName)).toEqual([
    'Amira Haddad',
    'Bo Lee',
    'Chidi Eze',
  ]);
  expect(roster.skipped.map(({ row, reason }) => [row, reason])).toEqual([
    [5, 'total'],
    [6, 'total'],
    [7, 'footer'],
    [8, 'footer'],
    [9, 'total'],
  ]);
});

test('one column for each group is read group by group, counts under it as nobody', () => {
  const { roster } = readingOf(
    ...['Otters\tHerons', 'Amira Haddad\tChidi Eze', 'Bo Lee\tDana Oz', 'Eito Mori\t', '3\t2'],
  );
  expect(roster.students.map(({ displayName, section }) => [displayName, section])).toEqual([
    ['Amira Haddad', 'Otters'],
    ['Bo Lee', 'Otters'],
    ['Eito Mori', 'Otters'],
    ['Chidi Eze', 'Herons'],
    ['Dana Oz', 'Herons'],
  ]);
});
