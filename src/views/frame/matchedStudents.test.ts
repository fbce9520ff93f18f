import { readRosterText } from '@/formats/roster/readRoster';
import { ClassId, StudentId } from '@/schema/ids';
import { newStudent } from '@/schema/student';
import { matchedStudents } from './matchedStudents';

const student = (name: string, order: number, known: object = {}) => ({
  ...newStudent(StudentId.parse(name), ClassId.parse('c'), order, { name, email: '' }),
  ...known,
});

function matched(list: string) {
  const read = readRosterText(list);
  if (!read.ok) throw new Error(read.error.code);
  const crew = [
    student('Amira Haddad', 1, { email: 'amira@example.org' }),
    student('Bo Lindqvist', 2, { externalId: '0041' }),
    student('Ngozi Eze', 3),
  ];
  const found = matchedStudents(crew, read.roster);
  return {
    ids: read.roster.students.map((_, place) => found.idOf(place)),
    count: found.matched,
    unknown: found.unknown,
  };
}

test('a list finds students of the class by number, address or name, in whatever order it has them', () => {
  expect(
    matched(
      [
        'Name\tNumber\tEmail\tq1',
        'Ngozi Eze\t\t\t1',
        'Bo Lindqvist\t41\t\t0',
        'Amira H. Haddad\t\tamira@example.org\t1',
      ].join('\n'),
    ),
  ).toEqual({ ids: ['Ngozi Eze', 'Bo Lindqvist', 'Amira Haddad'], count: 3, unknown: [] });
});

test('whoever is not in the class is named, and a number with another name on it is nobody', () => {
  expect(matched('Name\tNumber\tq1\nOna Reyes\t7\t1\nPer Holm\t0041\t0\nNgozi Eze\t\t1')).toEqual({
    ...{ ids: [null, null, 'Ngozi Eze'], count: 1 },
    unknown: ['Ona Reyes', 'Per Holm'],
  });
});
