import { strToU8, zipSync } from 'fflate';
import { fileAsText } from './asText';
import { oneRosterClasses } from './oneRoster';
import { readRosterFile, readRosterText } from './readRoster';

const archive = (parts: Readonly<Record<string, readonly string[]>>): Uint8Array =>
  zipSync(
    Object.fromEntries(
      Object.entries(parts).map(([name, rows]) => [name, strToU8(rows.join('\n'))]),
    ),
  );

const known = (text: string) => {
  const read = readRosterText(text);
  if (!read.ok) return read.error.code;
  return read.roster.students.map((one) => [
    one.displayName,
    one.externalId,
    one.section,
    one.attributes,
  ]);
};

describe('a file of ours', () => {
  test('that asks for groups is a list of its students, by name or else by id', () => {
    const students = [
      { id: 's1', name: 'Amira Haddad', section: '7B', attributes: { flow: 3, boat: true } },
      { id: 's2', section: '7C', attributes: null },
    ];
    expect(known(JSON.stringify({ format: 'gruppetto.request', students }))).toEqual([
      ['Amira Haddad', 's1', '7B', { flow: 3, boat: 'yes' }],
      ['s2', 's2', '7C', {}],
    ]);
  });

  test('that holds a class names sections and details, and says who has left', async () => {
    const file = {
      format: 'gruppetto.class',
      version: 1,
      class: {
        sections: [{ id: 'sec_1', name: 'River' }],
        details: [{ id: 'det_1', name: 'Flow' }],
      },
      students: [
        {
          ...{ givenName: 'Amira', familyName: 'Haddad', preferredName: 'Miri' },
          ...{ email: 'amira@river.example', externalId: '41', sectionId: 'sec_1' },
          details: { det_1: 3 },
        },
        { givenName: 'Bram', familyName: 'Visser', externalId: '42', left: '2026-09-01' },
        { givenName: 'Chipo', familyName: 'Dube', externalId: '43', details: { det_1: 4 } },
      ],
    };
    const read = await readRosterFile(strToU8(JSON.stringify(file)));
    if (!read.ok) throw new Error(read.error.code);
    const { students, skipped } = read.roster;
    expect(students.map((one) => [one.displayName, one.section, one.attributes])).toEqual([
      ['Miri Haddad', 'River', { Flow: 3 }],
      ['Chipo Dube', null, { Flow: 4 }],
    ]);
    expect(skipped.map(({ name, reason }) => [name, reason])).toContainEqual([
      'Bram Visser',
      'inactive',
    ]);
  });

  test.each([
    ['{"format":"gruppetto.class","version":2,"students":[{"name":"Amira"}]}', 'newerClassFile'],
    ['{"format":"gruppetto.class","version":2,"students":[]}', 'newerClassFile'],
    ['{"format":"gruppetto.class","version":1}', 'nobody'],
    [
      '{"format":"rivers.class","version":2,"students":["Amira Haddad"]}',
      [['Amira Haddad', null, null, {}]],
    ],
    ['{"format":"gruppetto.request","students":', 'damaged'],
  ])('%s is told as what it is', (text, expected) => expect(known(text)).toEqual(expected));
});

const SCHOOL = {
  'manifest.csv': ['propertyName,value', 'oneroster.version,1.1'],
  'classes.csv': ['sourcedId,title', 'c1,River 7B', 'c2,River 7C', 'c3,River 7B', 'c4,'],
  'users.csv': [
    'sourcedId,status,enabledUser,role,givenName,familyName,email,preferredFirstName,identifier,grades',
    'u1,active,true,student,Amira,Haddad,amira@river.example,Miri,41,7',
    'u2,active,true,student,Bram,Visser,,,42,7',
    'u3,active,true,student,Chipo,Dube,,,43,7',
    'u4,active,true,student,Dov,Ash,,,44,7',
    'u5,active,true,teacher,Eva,Lind,,,45,',
    'u6,active,false,student,Fay,Ito,,,46,7',
  ],
  'enrollments.csv': [
    'sourcedId,status,classSourcedId,userSourcedId,role',
    'e1,active,c1,u1,student',
    'e2,active,c2,u2,student',
    'e3,tobedeleted,c1,u3,student',
    'e5,active,c1,u5,teacher',
    'e6,active,c1,u6,student',
    'e7,active,c1,u9,student',
  ],
};

describe("an export of a school's records", () => {
  const read = async (classes?: readonly string[]) => {
    const found = await readRosterFile(archive(SCHOOL), classes ? { classes } : {});
    if (!found.ok) throw new Error(found.error.code);
    const { students, staff, skipped } = found.roster;
    return {
      students: students.map((one) => [one.displayName, one.externalId, one.section]),
      staff: staff.map(({ displayName }) => displayName),
      left: skipped.map(({ name, reason }) => [name, reason]),
    };
  };

  test('names the classes it holds, each once', () => {
    expect(oneRosterClasses(archive(SCHOOL))).toEqual(['River 7B', 'River 7C']);
    expect(oneRosterClasses(archive({ 'users.csv': SCHOOL['users.csv'] }))).toEqual([]);
    expect(oneRosterClasses(strToU8('no archive'))).toEqual([]);
  });

  test('gives all who are in a class, and says why others are not', async () => {
    const { students, staff, left } = await read();
    expect(students).toEqual([
      ['Miri Haddad', '41', 'River 7B'],
      ['Bram Visser', '42', 'River 7C'],
    ]);
    expect(staff).toEqual(['Eva Lind']);
    expect(left).toEqual(
      expect.arrayContaining([
        ['Chipo Dube', 'inactive'],
        ['Dov Ash', 'notEnrolled'],
        ['Fay Ito', 'inactive'],
        ['u9', 'noRecord'],
      ]),
    );
  });

  test('gives those of a chosen class alone', async () => {
    const { students, left } = await read(['River 7C']);
    expect(students.map(([name]) => name)).toEqual(['Bram Visser']);
    expect(left).toContainEqual(['Amira Haddad', 'otherClass']);
  });

  test('is text with cells between tabs, its classes beside it', async () => {
    const text = await fileAsText(archive(SCHOOL));
    if (!text.ok) throw new Error(text.error.code);
    expect(text.classes).toEqual(['River 7B', 'River 7C']);
    expect(text.encoding).toBeNull();
    expect(text.sheets[0]?.text).toContain(
      'Amira\tHaddad\tMiri\tamira@river.example\t41\tRiver 7B',
    );
    expect(text.sheets[0]?.left.map(({ name }) => name)).toContain('Dov Ash');
  });
});

test('a text file is text as it stands, with the encoding it was read by', async () => {
  const bytes = Uint8Array.from([...strToU8('Name\nJos'), 0xe9, ...strToU8(' Ruiz\nEva Lind')]);
  const text = await fileAsText(bytes);
  expect(text.ok && [text.sheets, text.encoding]).toEqual([
    [{ name: '', text: 'Name\nJosé Ruiz\nEva Lind', left: [] }],
    'windows-1252',
  ]);
});

test.each([
  ['TITLE:Teacher', true],
  ['ROLE:Tutor', true],
  ['TITLE:Pilot', false],
  ['ROLE:Student', false],
])('a card that says %s is of staff: %s', (line, isStaff) => {
  const read = readRosterText(
    ['BEGIN:VCARD', 'VERSION:3.0', 'N:Visser;Bram', line, 'END:VCARD'].join('\n'),
  );
  expect(read.ok && read.roster.staff.length > 0).toBe(isStaff);
  expect(read.ok && read.roster.students.length > 0).toBe(!isStaff);
});
