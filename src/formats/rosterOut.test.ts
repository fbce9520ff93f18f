import fc from 'fast-check';
import { rosterWords as english } from '../messages/en/roster';
import { rosterWords as spanish } from '../messages/es/roster';
import { readRosterFile, readRosterText } from './roster/readRoster';
import { rosterCsv, rosterRows, rosterWorkbook, type RosterOut } from './rosterOut';

/** Names as people have them, some of which a spreadsheet would run. */
const word = fc.constantFrom(
  ...[
    'Amira',
    'Maëlle',
    'Nováková',
    "O'Neill",
    'Ōkubo',
    '李',
    '=HYPERLINK',
    '+Sione',
    '@Rongo',
    '-Mia',
  ],
);
const student = fc.record({
  givenName: word,
  familyName: word,
  section: fc.constantFrom('', 'North bank', '=1+1'),
  externalId: fc.constantFrom('', 'A7', '=cmd'),
  score: fc.option(fc.integer({ min: -50, max: 100 }), { nil: null }),
});
const roster = fc.array(student, { minLength: 2, maxLength: 12 }).map((students): RosterOut => ({
  details: ['Score'],
  students: students.map(({ score, ...one }, i) => ({
    ...one,
    // Numbers tell apart students of one name, who would else be asked about.
    familyName: `${one.familyName}${String.fromCharCode(97 + i)}`,
    externalId: `${one.externalId}${7_000 + i}`,
    name: `${one.givenName} ${one.familyName}${String.fromCharCode(97 + i)}`,
    preferredName: '',
    email: `s${i}@example.org`,
    left: false,
    details: [score],
  })),
}));

const sameAs = (out: RosterOut) =>
  out.students.map((one) => ({
    givenName: one.givenName,
    familyName: one.familyName,
    email: one.email,
    externalId: one.externalId,
    section: one.section === '' ? null : one.section,
    attributes: one.details[0] === null ? {} : { Score: one.details[0] },
  }));

describe.each([
  ['English', english],
  ['Spanish', spanish],
])('a roster file in %s', (_, rosterWords) => {
  test('as CSV is read back to the same students, whatever a spreadsheet would make of their names', () => {
    fc.assert(
      fc.property(roster, (out) => {
        const read = readRosterText(rosterCsv(out, rosterWords));
        expect(read.ok && read.roster.students).toMatchObject(sameAs(out));
      }),
      { seed: 31, numRuns: 400 },
    );
  });

  test('as a workbook is read back to the same students, numbers as numbers', async () => {
    const [out] = fc.sample(roster, { seed: 32, numRuns: 1 });
    const blob = await rosterWorkbook(out!, rosterWords, 'River [survey]: crew');
    const read = await readRosterFile(new Uint8Array(await blob.arrayBuffer()));
    expect(read.ok && read.roster.students).toMatchObject(sameAs(out!));
  });

  test('holds no cell that a spreadsheet would run', () => {
    fc.assert(
      fc.property(roster, (out) => {
        const cells = rosterRows(out, rosterWords).flat();
        expect(
          cells.filter((cell) => typeof cell === 'string' && /^[=+\-@\t\r]/.test(cell)),
        ).toEqual([]);
      }),
      { seed: 33, numRuns: 200 },
    );
  });

  test('names who has left, and they are not read as students of the class', () => {
    const [out] = fc.sample(roster, { seed: 34, numRuns: 1 });
    const [first, ...rest] = out!.students;
    const gone: RosterOut = { ...out!, students: [{ ...first!, left: true }, ...rest] };
    const read = readRosterText(rosterCsv(gone, rosterWords));
    expect(read.ok && read.roster.skipped).toMatchObject([{ reason: 'inactive' }]);
    expect(read.ok && read.roster.students).toHaveLength(rest.length);
  });
});
