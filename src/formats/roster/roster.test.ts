import fc from 'fast-check';
import { strToU8, zipSync } from 'fflate';
import { isSlip } from '../slips';
import { parseDelimited } from './delimited';
import { mergeRosters } from './merge';
import { splitName } from './names';
import { readRosterFile, readRosterText, readTable } from './readRoster';
import { softName } from './soften';
import type { Roster } from './types';

function read(text: string): Roster {
  const result = readRosterText(text);
  if (!result.ok) throw new Error(result.error.code);
  return result.roster;
}

async function readBytes(bytes: Uint8Array): Promise<Roster> {
  const result = await readRosterFile(bytes);
  if (!result.ok) throw new Error(result.error.code);
  return result.roster;
}

const people = ({ students }: Roster) =>
  students.map(({ givenName, familyName, email }) => [givenName, familyName, email]);
const skips = ({ skipped }: Roster) => skipped.map(({ row, name, reason }) => [row, name, reason]);
const warns = ({ warnings }: Roster) =>
  warnings.map(({ row, kind, likely }) => [row, kind, likely]);

describe('lists of people', () => {
  test.each([
    [
      'names one a line',
      'Amira Haddad\n\n Yuki \n',
      [
        ['Amira', 'Haddad', null],
        ['Yuki', '', null],
      ],
    ],
    [
      'family name first',
      'Haddad, Amira\nvan Dyke, Ludo',
      [
        ['Amira', 'Haddad', null],
        ['Ludo', 'van Dyke', null],
      ],
    ],
    [
      'numbers and bullets',
      '1. Amira Haddad\n2) Bram Visser\n• Chipo Dube',
      [
        ['Amira', 'Haddad', null],
        ['Bram', 'Visser', null],
        ['Chipo', 'Dube', null],
      ],
    ],
    [
      'several on one line',
      'Ana, Bo, Caro',
      [
        ['Ana', '', null],
        ['Bo', '', null],
        ['Caro', '', null],
      ],
    ],
    [
      'addresses parted by commas',
      'Ana Ruiz <a@example.org>, "Li, Bo" <b@example.org>',
      [
        ['Ana', 'Ruiz', 'a@example.org'],
        ['Bo', 'Li', 'b@example.org'],
      ],
    ],
    [
      'addresses parted by semicolons',
      'Ruiz, Ana <a@example.org>; Li, Bo <b@example.org>',
      [
        ['Ana', 'Ruiz', 'a@example.org'],
        ['Bo', 'Li', 'b@example.org'],
      ],
    ],
  ])('%s', (_, text, expected) => {
    expect(people(read(text))).toEqual(expected);
  });
});

test('a called name in brackets is the preferred one; pronouns stay with the name and out of its parts', () => {
  const [miri, ana, bo] = read('Amira Haddad (Miri)\nAna Ruiz (she/her)\nBo (Bobby) Li').students;
  expect([miri!.givenName, miri!.familyName, miri!.displayName]).toEqual([
    'Amira',
    'Haddad',
    'Miri Haddad',
  ]);
  expect([ana!.familyName, ana!.displayName]).toEqual(['Ruiz', 'Ana Ruiz (she/her)']);
  expect([bo!.familyName, bo!.displayName]).toEqual(['Li', 'Bobby Li']);
});

test('a bulleted list may have a title and a total, and names with commas in it', () => {
  const roster = read(
    'Class list, crew\n\n1. Haddad, Amira\n2. Visser, Bram\n3. Dube Chipo\n4. Yuki\n- Total: 4 students',
  );
  expect(people(roster).map(([given]) => given)).toEqual(['Amira', 'Bram', 'Dube', 'Yuki']);
  expect(skips(roster).map(([row, , reason]) => [row, reason])).toEqual([
    [1, 'title'],
    [7, 'total'],
  ]);
});

test("a marks export: possible points shape no column, one number is the student's own, a lab mark is no section", () => {
  const roster = read(
    'Student,ID,SIS User ID,Section,Lab,Final\n  Points Possible,,,,10,(read only)\n"Haddad, Amira",1001,004411,Bio,8,85\n"Visser, Bram",1002,004412,Bio,9,88',
  );
  expect(
    roster.students.map(({ externalId, section, attributes }) => [externalId, section, attributes]),
  ).toEqual([
    ['004411', 'Bio', { Lab: 8, Final: 85 }],
    ['004412', 'Bio', { Lab: 9, Final: 88 }],
  ]);
  expect([skips(roster), roster.warnings]).toEqual([[[2, 'Points Possible', 'points']], []]);
});

test('letters of older address books are read', () => {
  const roster = read(
    'BEGIN:VCARD\nVERSION:3.0\nN;ENCODING=QUOTED-PRINTABLE;CHARSET=UTF-8:Dubois;Ma=C3=ABlle\nEND:VCARD',
  );
  expect(people(roster)).toEqual([['Maëlle', 'Dubois', null]]);
});

test('a row that was left out can be taken in, a teacher as a student and the same row twice as two', () => {
  const text =
    'Name,E-mail,Role\nOda Lind,oda@example.org,Teacher\nBo Li,bo@example.org,\nBo Li,bo@example.org,';
  const first = readRosterText(text);
  if (!first.ok) throw new Error(first.error.code);
  expect(skips(first.roster).map(([row]) => row)).toEqual([2, 4]);
  const again = readTable(first.table, { ...first.reading, takenIn: [2, 4] });
  expect(again.students.map(({ displayName }) => displayName)).toEqual([
    'Oda Lind',
    'Bo Li',
    'Bo Li (2)',
  ]);
  expect(again.skipped).toEqual([]);
});

test('angle brackets that hold no address belong to the name', () => {
  expect(people(read('<script>alert(1)</script>\nBo'))[0]?.slice(0, 2).join(' ').trim()).toBe(
    '<script>alert(1)</script>',
  );
  expect(people(read('Name,Score\n<b>Bo</b>,3\nCaro,4'))[0]?.[0]).toBe('<b>Bo</b>');
  expect(people(read('Ana <a@example.org>\nDov <dov.example.org>'))[1]).toEqual([
    'Dov',
    '',
    'dov.example.org',
  ]);
});

describe('tables', () => {
  test('columns in any order and four languages, decimal commas, answers and levels', () => {
    const german = read(
      'Nachname;Vorname;E-Mail;Note;Stufe;Schwimmt\nMüller;Jürgen;j@example.org;2,3;hoch;ja\nGroß;Anna;a@example.org;;niedrig;nein',
    );
    expect(people(german)).toEqual([
      ['Jürgen', 'Müller', 'j@example.org'],
      ['Anna', 'Groß', 'a@example.org'],
    ]);
    expect(german.students.map(({ attributes }) => attributes)).toEqual([
      { Note: 2.3, Stufe: 'hoch', Schwimmt: 'yes' },
      { Stufe: 'niedrig', Schwimmt: 'no' },
    ]);
    expect(german.attributes.map(({ kind, levels }) => [kind, levels])).toEqual([
      ['number', []],
      ['level', ['niedrig', 'hoch']],
      ['yesNo', []],
    ]);
    const spanish = read('Nombre\tApellidos\tGrupo\nAna\tRuiz Soto\tA\nLuis\tPeña\tB');
    expect(
      spanish.students.map(({ givenName, familyName, section }) => [
        givenName,
        familyName,
        section,
      ]),
    ).toEqual([
      ['Ana', 'Ruiz Soto', 'A'],
      ['Luis', 'Peña', 'B'],
    ]);
    expect(people(read('Courriel|Nom|Prénom\nm@example.org|DUBOIS|Maëlle'))).toEqual([
      ['Maëlle', 'DUBOIS', 'm@example.org'],
    ]);
  });

  test('without a heading, columns are known by what is in them', () => {
    const roster = read(
      'Amira\tHaddad\ta@example.org\t1001\t71\nBram\tVisser\tb@example.org\t1002\t55',
    );
    expect(roster.students[0]).toMatchObject({
      givenName: 'Amira',
      familyName: 'Haddad',
      email: 'a@example.org',
      externalId: '1001',
      attributes: { '5': 71 },
    });
    const named = readRosterText('Amira\tHaddad\t71\nBram\tVisser\t55', {
      columnName: 'Spalte {}',
    });
    expect(named.ok && named.roster.attributes.map(({ name }) => name)).toEqual(['Spalte 3']);
  });

  test('student numbers keep their zeros, and nothing missing becomes a nought', () => {
    const roster = read(
      'Name,Student ID,Score,Locker\nAna,0071,n/a,007\nBo,0072,85%,012\nCaro,,-,',
    );
    expect(roster.students.map(({ externalId, attributes }) => [externalId, attributes])).toEqual([
      ['0071', { Locker: '007' }],
      ['0072', { Score: 85, Locker: '012' }],
      [null, {}],
    ]);
  });

  test('rows that are no students are left out and named with the reason', () => {
    const roster = read(
      'River survey\n\nStudent,ID,Role,Status,Quiz\nPoints possible,,,,20\n"Haddad, Amira",1,Student,active,7\n"Lind, Oda",2,Teacher,active,\n"Moe, Caro",3,Student,withdrawn,3\n"Student, Test",4,Student,active,0\nStudent,ID,Role,Status,Quiz\n,,,,9\nAverage,,,,7',
    );
    expect(people(roster)).toEqual([['Amira', 'Haddad', null]]);
    expect(roster.staff.map(({ displayName }) => displayName)).toEqual(['Oda Lind']);
    expect(skips(roster)).toEqual([
      [1, 'River survey', 'title'],
      [4, 'Points possible', 'points'],
      [6, 'Oda Lind', 'staff'],
      [7, 'Caro Moe', 'inactive'],
      [8, 'Test Student', 'test'],
      [9, 'Student', 'heading'],
      [10, '9', 'total'],
      [11, 'Average', 'total'],
    ]);
  });

  test('rows are lines of the file, also after cells with line breaks', () => {
    const roster = read('Name,Note\nAna,"one\r\ntwo"\nBo,x\n');
    expect(roster.students.map(({ row }) => row)).toEqual([2, 4]);
  });

  test('doubles and doubtful addresses are named; only the very same row is taken once', () => {
    const roster = read(
      'Name,Email,ID\nAna Ruiz,ana@example.org,11\nAna Ruiz,ana@example.org,11\nAna Ruiz,ar@example.org,12\nBo Li,ana@example.org,13\nCaro Moe,caro@exmaple.org,14\nDov Ash,dov@@example.org,15\nEli Orr,,16\nFay Ito,fay@example.org,17',
    );
    expect(roster.students.map(({ displayName }) => displayName)).toEqual([
      'Ana Ruiz',
      'Ana Ruiz (2)',
      'Bo Li',
      'Caro Moe',
      'Dov Ash',
      'Eli Orr',
      'Fay Ito',
    ]);
    expect(warns(roster)).toEqual([
      [3, 'duplicateRow', '2'],
      [4, 'sameName', '2'],
      [5, 'sameAddress', '2'],
      [6, 'otherDomain', 'caro@example.org'],
      [7, 'malformedAddress', 'dov@example.org'],
      [8, 'missingAddress', ''],
    ]);
  });
});

describe('files', () => {
  test.each(['utf-16le', 'utf-16be', 'windows-1252'] as const)('text in %s', async (encoding) => {
    const text = 'Name;Score\nZoë Ås;5\nJosé Peña;6\n';
    const codes = Array.from(text, (letter) => letter.charCodeAt(0));
    const bytes =
      encoding === 'windows-1252'
        ? codes
        : codes.flatMap((code) =>
            encoding === 'utf-16le' ? [code & 255, code >> 8] : [code >> 8, code & 255],
          );
    expect(people(await readBytes(Uint8Array.from(bytes)))).toEqual([
      ['Zoë', 'Ås', null],
      ['José', 'Peña', null],
    ]);
  });

  test('cards of versions 3 and 4, folded lines and preferred addresses', () => {
    const roster = read(
      'BEGIN:VCARD\r\nVERSION:4.0\r\nFN:Amira Haddad\r\nN:Haddad;Amira;;;\r\nEMAIL:amira@exam\r\n ple.org\r\nEND:VCARD\r\nBEGIN:VCARD\r\nVERSION:3.0\r\nitem1.EMAIL;TYPE=pref:b@example.org\r\nEMAIL:other@example.org\r\nFN:Bo Li\r\nEND:VCARD',
    );
    expect(people(roster)).toEqual([
      ['Amira', 'Haddad', 'amira@example.org'],
      ['Bo', 'Li', 'b@example.org'],
    ]);
  });

  test('a OneRoster export: names from users, class and role from enrolments', async () => {
    const zip = zipSync({
      'users.csv': strToU8(
        'sourcedId,status,enabledUser,role,givenName,familyName,identifier,email,grades\nu1,active,true,student,Amira,Haddad,0071,a@example.org,09\nt1,active,true,teacher,Oda,Lind,,o@example.org,\nu2,active,true,student,Bo,Li,,,\n',
      ),
      'classes.csv': strToU8('sourcedId,title\nc1,River A\n'),
      'enrollments.csv': strToU8(
        'sourcedId,status,classSourcedId,userSourcedId,role\ne1,active,c1,u1,student\ne2,active,c1,t1,teacher\ne3,tobedeleted,c1,u2,student\n',
      ),
    });
    const roster = await readBytes(zip);
    expect(roster.students).toMatchObject([
      { givenName: 'Amira', externalId: '0071', section: 'River A' },
    ]);
    expect(roster.staff.map(({ displayName }) => displayName)).toEqual(['Oda Lind']);
  });

  test('JSON: a list of students, and what this reader itself wrote', () => {
    const roster = read(
      '[{"firstName":"Amira","lastName":"Haddad","score":71},{"firstName":"Bo","lastName":"Li","score":null}]',
    );
    expect(roster.students.map(({ attributes }) => attributes)).toEqual([{ score: 71 }, {}]);
    expect(people(read(JSON.stringify({ students: roster.students })))).toEqual(people(roster));
  });

  test.each([
    ['nothing', new Uint8Array(), 'empty'],
    ['bytes of no text', Uint8Array.from({ length: 4000 }, (_, i) => (i * 7919) % 256), 'binary'],
    [
      'half a zip',
      zipSync({ 'xl/workbook.xml': strToU8('x'.repeat(900)) }).subarray(0, 60),
      'damaged',
    ],
    ['an archive of something else', zipSync({ 'a.dat': strToU8('x') }), 'unknownZip'],
    [
      'a zip bomb',
      zipSync({ 'xl/a.xml': new Uint8Array(160 * 1024 * 1024) }, { level: 9 }),
      'unpacksTooLarge',
    ],
    ['a PDF', strToU8('%PDF-1.7 names'), 'otherKind'],
    ['a photo', Uint8Array.from([0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10]), 'otherKind'],
    [
      'a page under another name',
      strToU8('<html><table><tr><td>Ana</td></tr></table>'),
      'otherKind',
    ],
    ['a calendar', strToU8('BEGIN:VCALENDAR\nSUMMARY:Ana\nEND:VCALENDAR'), 'otherKind'],
    ['formatted text', strToU8('{\\rtf1 Ana}'), 'otherKind'],
    ['a document', zipSync({ 'word/document.xml': strToU8('<x/>') }), 'otherKind'],
    ['JSON broken off', strToU8('{"students":['), 'damaged'],
    ['more than 10,000 rows', strToU8('Name,Score\n' + 'Ana,1\n'.repeat(10_001)), 'tooManyRows'],
    ['more than 20 MB', new Uint8Array(20 * 1024 * 1024 + 1), 'tooLarge'],
  ])('%s is refused with its reason', async (_, bytes, code) => {
    expect(await readRosterFile(bytes)).toMatchObject({ ok: false, error: { code } });
  });
});

test('a second list of the class: new, gone and changed, matched by number, address, then name', () => {
  const before = read(
    'Name,Email,ID,Score\nAna Ruiz,ana@example.org,11,5\nBo Li,bo@example.org,,6\nCaro Moe,,,7\nDov Ash,,14,8',
  );
  const after = read(
    'Name,Email,ID,Score\nAnna Ruiz,ana@example.org,11,5\nBo Lee,bo@example.org,,6\nCaro Moe,,,9\nEli Orr,,15,4',
  );
  const merge = mergeRosters(before.students, after.students);
  expect(merge.added.map(({ name }) => name)).toEqual(['Eli Orr']);
  expect(merge.gone.map(({ name }) => name)).toEqual(['Dov Ash']);
  expect(
    merge.changed.map(({ name, changes }) => [
      name,
      changes.map(({ field, from, to }) => [field, from, to]),
    ]),
  ).toEqual([
    ['Anna Ruiz', [['givenName', 'Ana', 'Anna']]],
    ['Bo Lee', [['familyName', 'Li', 'Lee']]],
    ['Caro Moe', [['Score', 7, 9]]],
  ]);
});

test('one address under two numbers is two students; a number lost or new is still the same one', () => {
  const before = read('Name,Email,ID\nAna Ruiz,shared@example.org,11\nBo Li,bo@example.org,');
  const after = read('Name,Email,ID\nAna Rojas,shared@example.org,12\nRobert Li,bo@example.org,77');
  const merge = mergeRosters(before.students, after.students);
  expect(merge.added.map(({ name }) => name)).toEqual(['Ana Rojas']);
  expect(merge.gone.map(({ name }) => name)).toEqual(['Ana Ruiz']);
  expect(merge.changed.map(({ name }) => name)).toEqual(['Robert Li']);
});

test.each([
  ['EMAIL;PREF=1:b@example.org\r\nEMAIL:a@example.org', 'b@example.org'],
  ['EMAIL:a@example.org\r\nEMAIL;TYPE=work,pref:b@example.org', 'b@example.org'],
  ['EMAIL;PREF:b@example.org\r\nEMAIL;TYPE=home:a@example.org', 'b@example.org'],
  ['EMAIL:a@example.org\r\nEMAIL;PREF=100:b@example.org', 'b@example.org'],
  ['EMAIL;PREF=2:a@example.org\r\nEMAIL;PREF=1:b@example.org', 'b@example.org'],
  ['EMAIL;PREF=1:b@example.org\r\nEMAIL;PREF=12:a@example.org', 'b@example.org'],
  ['EMAIL;TYPE=prefab:b@example.org\r\nEMAIL:a@example.org', 'b@example.org'],
])('of the addresses of a card (%j) the preferred one counts, else the first', (lines, email) => {
  const roster = read(`BEGIN:VCARD\r\nVERSION:4.0\r\nFN:Bo Li\r\n${lines}\r\nEND:VCARD`);
  expect(roster.students[0]?.email).toBe(email);
});

test.each([
  ['Ludwig van Dyke', 'Ludwig', 'van Dyke'],
  ['DUBOIS Maëlle', 'Maëlle', 'DUBOIS'],
  ['Ana María Ruiz', 'Ana María', 'Ruiz'],
  ['김서연', '김서연', ''],
  ['Haddad, Amira', 'Amira', 'Haddad'],
])('%s is given name "%s" and family name "%s"', (whole, given, family) => {
  expect(splitName(whole)).toEqual({ given, family });
});

test('a domain a letter or two away from the usual one is a slip, another one is not', () => {
  expect([
    isSlip('exmaple.org', 'example.org'),
    isSlip('example.og', 'example.org'),
    isSlip('example.org', 'example.org'),
    isSlip('mail.example.net', 'example.org'),
  ]).toEqual([true, true, false, false]);
});

describe('whatever comes in', () => {
  const cell = fc.string({ unit: 'grapheme', maxLength: 12 });

  test('delimited text written by the standard reads back to its cells', () => {
    const quote = (text: string): string => `"${text.replaceAll('"', '""')}"`;
    fc.assert(
      fc.property(
        fc.array(fc.array(cell, { minLength: 1, maxLength: 5 }), { minLength: 1 }),
        fc.constantFrom(',', ';', '\t', '|'),
        (rows, delimiter) => {
          const text = rows.map((cells) => cells.map(quote).join(delimiter)).join('\r\n');
          expect(parseDelimited(text, delimiter).map(({ cells }) => cells)).toEqual(rows);
        },
      ),
      { seed: 21, numRuns: 1_000 },
    );
  });

  test('no text crashes the reader, and every student has a name of their own', () => {
    const line = fc.oneof(
      cell,
      fc.array(cell, { maxLength: 4 }).map((cells) => cells.join(',')),
      fc.constantFrom(
        'Name,E-mail',
        'BEGIN:VCARD',
        '[{"name":1}]',
        '"',
        'a;b;c',
        'Ana <a@b.c>, Bo',
      ),
    );
    fc.assert(
      fc.property(fc.array(line, { maxLength: 8 }), (lines) => {
        const result = readRosterText(lines.join('\n'));
        if (!result.ok) return;
        const names = result.roster.students.map(({ displayName }) => displayName);
        expect(new Set(names).size).toBe(names.length);
        expect(names.every((name) => name.trim() !== '')).toBe(true);
      }),
      { seed: 22, numRuns: 3_000 },
    );
  });

  test('no bytes crash the reader', async () => {
    const signature = fc.constantFrom(
      [],
      [0x50, 0x4b, 3, 4],
      [0xff, 0xfe],
      [0xfe, 0xff],
      [0xd0, 0xcf, 0x11, 0xe0],
      [0xef, 0xbb, 0xbf],
    );
    await fc.assert(
      fc.asyncProperty(signature, fc.uint8Array({ maxLength: 120 }), async (begin, bytes) => {
        expect(await readRosterFile(Uint8Array.from([...begin, ...bytes]))).toHaveProperty('ok');
      }),
      { seed: 23, numRuns: 3_000 },
    );
  });
});

test('a number that lost its zeros or a prefix is the same; one that says another name is asked about', () => {
  const before = read(
    'Name,Email,ID\nAna Ruiz,,00071\nBo Li,,2026-0072\nCaro Moe,,S0073\nDov Ash,dov@example.org,74\nEli Orr,,75',
  );
  const after = read(
    'Name,Email,ID\nAna Ruiz,,71\nBo Li,,0072\nCaro Moe,,73\nFay Ito,fay@example.org,74\nGil Roe,,0075',
  );
  const merge = mergeRosters(before.students, after.students);
  expect(merge.changed.map(({ name }) => name)).toEqual(['Fay Ito']);
  expect(merge.asked.map(({ name, before: was }) => [name, was])).toEqual([['Fay Ito', 'Dov Ash']]);
  expect([merge.added, merge.gone].map((all) => all.map(({ name }) => name))).toEqual([
    ['Gil Roe'],
    ['Eli Orr'],
  ]);
});

test.each([
  ['ANA DE LA CRUZ', 'Ana de la Cruz'],
  ["SEAN O'BRIEN-MOE", "Sean O'Brien-Moe"],
  ['JÜRGEN GROSS', 'Jürgen Gross'],
  ['IAN MCDONALD', 'Ian McDonald'],
  ['Amira HADDAD', 'Amira HADDAD'],
  ['O', 'O'],
])('a name in capitals, %s, is softened to %s', (name, soft) => {
  expect(softName(name)).toBe(soft);
});

test('letters that look wrong are told, and those that do not are not', async () => {
  const kinds = async (text: string): Promise<readonly string[]> =>
    (await readBytes(strToU8(text))).warnings.map(({ kind }) => kind);
  expect(await kinds('Name,Score\nZoÃ« Ås,5\nJosÃ© Peña,6')).toContain('wrongLetters');
  expect(await kinds('Name,Score\nZoë Ås,5\nJosé Peña,6')).not.toContain('wrongLetters');
});

test('a row taken for headings that holds no word of any is named, since it may be somebody', () => {
  expect(skips(read('Amira,Haddad,seven\nBram,Visser,5\nChipo,Dube,6'))).toEqual([
    [1, 'Amira', 'heading'],
  ]);
  // Who has only no mark is nobody's heading.
  expect(skips(read('Amira,Haddad,absent\nBram,Visser,5\nChipo,Dube,6'))).toEqual([]);
});

/** Names of letters alone, each another: as many as asked for. */
const manyNames = (count: number): readonly string[] =>
  Array.from({ length: count }, (_, at) => {
    const letters = [at % 20, Math.floor(at / 20) % 20, Math.floor(at / 400)]
      .map((one) => String.fromCharCode('a'.charCodeAt(0) + one))
      .join('');
    return `Am${letters} Ha${letters}`;
  });

// What takes the square of a line's length would run into the limit of a test here.
test.each([
  ['names', (name: string) => name],
  ['addresses', (name: string) => `${name} <${name.replace(' ', '.').toLowerCase()}@example.org>`],
])('1,200 %s on one line are 1,200 students', (_what, written) => {
  const names = manyNames(1200);
  const read = readRosterText(names.map(written).join('; '));
  expect(read.ok && read.roster.students.map(({ displayName }) => displayName)).toEqual(names);
});

test('long paragraphs are no students', () => {
  const paragraph = Array.from({ length: 400 }, (_, at) => `river${String(at % 7)} mill`).join(' ');
  const read = readRosterText(Array.from({ length: 40 }, () => `${paragraph}.`).join('\n'));
  expect(read.ok ? read.roster.students : []).toEqual([]);
});
