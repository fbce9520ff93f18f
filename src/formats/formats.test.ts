import fc from 'fast-check';
import Papa from 'papaparse';
import { isAddress } from './address';
import {
  asHtmlTable,
  asTabbedTable,
  asText,
  byGroupCsv,
  byNameCsv,
  roomsCsv,
  type LineupOut,
} from './lineupOut';
import { shortNames } from './shortNames';

const headings = { room: 'room', group: 'group', name: 'name', email: 'e-mail' };

test.each([
  ['ana.ruiz+x@sub.example.org', true],
  ['ana@example', false],
  ['ana@@example.org', false],
  ['ana@exa mple.org', false],
  ['ana..r@example.org', false],
  ['@example.org', false],
  ['', false],
])('%s is an address: %s', (text, expected) => {
  expect(isAddress(text)).toBe(expected);
});

describe('short names', () => {
  const people = (...names: string[]) =>
    names.map((name) => ({ name, givenName: '', familyName: '' }));

  test('the given name with just as much of the family name as tells them apart', () => {
    expect(shortNames(people('Ana Ruiz', 'Ana Tavi', 'Yuki', 'Bo Li'), 'always')).toEqual([
      'Ana R.',
      'Ana T.',
      'Yuki',
      'Bo L.',
    ]);
    expect(shortNames(people('Ana Ruiz', 'Ana Rahn', 'Yuki', 'Bo Li'), 'whenNeeded')).toEqual([
      'Ana Ru.',
      'Ana Ra.',
      'Yuki',
      'Bo',
    ]);
    expect(shortNames(people('Ana Li', 'Ana Lin'), 'always')).toEqual(['Ana Li', 'Ana Lin']);
  });

  test('are all different, also for students of one name', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom('Ana Ruiz', 'Ana Ru', 'Ana', 'Ana Rui', 'Bo Li'), {
          maxLength: 9,
        }),
        (names) => {
          const shorts = shortNames(people(...names), 'whenNeeded');
          expect(new Set(shorts).size).toBe(names.length);
        },
      ),
      { seed: 13 },
    );
  });
});

describe('what leaves', () => {
  const cell = fc.oneof(
    fc.string({ unit: 'grapheme' }),
    fc.constantFrom('=1+1', '+1', '-1', '@x', '\t=1', '\r=1', '＝1', 'a,"b"\n;c', '<b>Bo</b>'),
  );
  const lineups: fc.Arbitrary<LineupOut> = fc.record({
    groups: fc.array(
      fc.record({ name: cell, members: fc.array(fc.record({ name: cell, email: cell })) }),
    ),
  });
  const harmlessly = (text: string): string =>
    /^[=+\-@\t\r＝＋－＠]/.test(text) ? `'${text}` : text;

  test('the rooms file reads back to the same rows, none of them a formula', () => {
    fc.assert(
      fc.property(lineups, (lineup) => {
        const rows = Papa.parse<string[]>(roomsCsv(lineup, headings), {
          newline: '\r\n',
        }).data.slice(0, -1);
        const expected = lineup.groups.flatMap(({ name, members }) =>
          members.map((m) => [name, m.name, m.email]),
        );
        expect(rows).toEqual([
          ['room', 'name', 'e-mail'],
          ...expected.map((row) => row.map(harmlessly)),
        ]);
      }),
      { seed: 14, numRuns: 500 },
    );
  });

  const lineup: LineupOut = {
    groups: [
      {
        name: 'Alder',
        members: [
          { name: 'Zoë <b>', email: 'z@example.org' },
          { name: '=HYPERLINK("x")', email: '' },
        ],
      },
      {
        name: 'Willow',
        members: [
          { name: 'Ärne', email: '' },
          { name: 'Bo', email: '' },
        ],
      },
    ],
  };

  test('lists by group and by name carry no address, begin with a byte order mark, and sort as the language does', () => {
    expect(byGroupCsv(lineup, headings)).toBe(
      '\ufeffgroup,name\r\nAlder,Zoë <b>\r\nAlder,"\'=HYPERLINK(""x"")"\r\nWillow,Ärne\r\nWillow,Bo\r\n',
    );
    expect(
      byNameCsv(lineup, headings, 'en')
        .split('\r\n')
        .slice(1, -1)
        .map((row) => row.split(',').at(-1)),
    ).toEqual(['Alder', 'Willow', 'Willow', 'Alder']);
  });

  test('copies: a line for each group as text; cells as a table, with names never taken for markup', () => {
    expect(asText(lineup)).toBe('Alder: Zoë <b>, =HYPERLINK("x")\nWillow: Ärne, Bo');
    expect(asTabbedTable(lineup)).toContain("'=HYPERLINK");
    expect(asHtmlTable(lineup)).toContain('<td>Zoë &lt;b&gt;</td>');
    expect(asHtmlTable(lineup)).not.toContain('<b>');
  });
});
