import { readRosterText } from './readRoster';
import { togetherText, type ColumnWords } from './together';

const WORDS: ColumnWords = {
  name: 'Name',
  givenName: 'First name',
  familyName: 'Last name',
  preferredName: 'Called',
  email: 'E-mail',
  externalId: 'Student ID',
  section: 'Section',
  status: 'Status',
};

const joined = (...texts: readonly (readonly [string, string])[]) =>
  togetherText(
    texts.map(([name, text]) => ({ name, text })),
    WORDS,
  ).split('\n');

describe('several lists as one', () => {
  test('have what means the same in one column, and the name of their list as section', () => {
    expect(
      joined(
        ['7B', 'Nombre,Correo\nAmira Haddad,amira@river.example\nBram Visser,bram@river.example'],
        ['7C', 'Mail;Student;House\nchipo@river.example;Chipo Dube;Otter\n;Dov Ash;Heron'],
      ),
    ).toEqual([
      'Name\tE-mail\tSection\tHouse',
      'Amira Haddad\tamira@river.example\t7B\t',
      'Bram Visser\tbram@river.example\t7B\t',
      'Chipo Dube\tchipo@river.example\t7C\tOtter',
      'Dov Ash\t\t7C\tHeron',
    ]);
  });

  test('keep the sections they tell, and names in two parts beside whole ones', () => {
    expect(
      joined(
        ['North', 'Vorname,Nachname,Klasse\nEva,Lind,8A\nFay,Ito,8B'],
        ['South', 'Amira Haddad\nBram Visser'],
      ),
    ).toEqual([
      'First name\tLast name\tSection\tName',
      'Eva\tLind\t8A\t',
      'Fay\tIto\t8B\t',
      '\t\tSouth\tAmira Haddad',
      '\t\tSouth\tBram Visser',
    ]);
  });

  test('keep rows of nobody, and details that are called alike in one column', () => {
    const lines = joined(
      ['7B', 'Name,Flow level\nAmira Haddad,2\nBram Visser,3\nTotal,5'],
      ['7C', 'Name,flow LEVEL\nChipo Dube,1\nDov Ash,2'],
    );
    expect(lines[0]).toBe('Name\tFlow level\tSection');
    expect(lines).toContain('Total,5\t\t');
    const read = readRosterText(lines.join('\n'));
    expect(read.ok && read.roster.skipped).toEqual([{ row: 4, name: 'Total,5', reason: 'total' }]);
    expect(lines).toContain('Chipo Dube\t1\t7C');
  });

  test('are read back with everybody once, and without what is no list', () => {
    const text = joined(
      ['7B', 'Amira Haddad\nBram Visser'],
      ['empty', ''],
      ['7C', 'Dov Ash\nEva Lind'],
    );
    const read = readRosterText(text.join('\n'));
    expect(read.ok && read.roster.students.map((one) => [one.displayName, one.section])).toEqual([
      ['Amira Haddad', '7B'],
      ['Bram Visser', '7B'],
      ['Dov Ash', '7C'],
      ['Eva Lind', '7C'],
    ]);
  });
});
