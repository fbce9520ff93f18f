import fc from 'fast-check';
import Papa from 'papaparse';
import { doubtsOf, OUTLETS, writeOutlet, type OutletId } from './list';
import type { AddressedLineup, OutWords } from './outlet';

const words: OutWords = {
  headings: { room: 'room', group: 'group', name: 'name', email: 'e-mail' },
  compare: new Intl.Collator('en').compare,
};
const written = (id: OutletId, lineup: AddressedLineup) =>
  writeOutlet(
    OUTLETS.find((one) => one.id === id)!,
    lineup,
    words,
  );
const file = (id: OutletId, lineup: AddressedLineup): string => {
  const out = written(id, lineup);
  return out.to === 'file' ? out.text : '';
};

const cell = fc.oneof(
  fc.string({ unit: 'grapheme' }),
  fc.constantFrom('=1+1', '+1', '-1', '@x', '\t=1', '\r=1', '＝1', 'a,"b"\n;c', '<b>Bo</b>'),
);
const lineups: fc.Arbitrary<AddressedLineup> = fc.record({
  groups: fc.array(
    fc.record({ name: cell, members: fc.array(fc.record({ name: cell, email: cell })) }),
  ),
});
const harmlessly = (text: string): string =>
  /^[=+\-@\t\r＝＋－＠]/.test(text) ? `'${text}` : text;

test('the rooms file reads back to the same rows, none of them a formula', () => {
  fc.assert(
    fc.property(lineups, (lineup) => {
      const rows = Papa.parse<string[]>(file('rooms', lineup), { newline: '\r\n' }).data;
      const expected = lineup.groups.flatMap(({ name, members }) =>
        members.map((m) => [name, m.name, m.email]),
      );
      expect(rows.slice(0, -1)).toEqual([
        ['room', 'name', 'e-mail'],
        ...expected.map((row) => row.map(harmlessly)),
      ]);
    }),
    { seed: 14, numRuns: 500 },
  );
});

const lineup: AddressedLineup = {
  groups: [
    {
      name: 'Alder',
      members: [
        { name: 'Zoë <b>', email: 'z@example.org' },
        { name: '=HYPERLINK("x")', email: 'half@' },
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

test('lists by group and by name begin with a byte order mark and sort as the language does', () => {
  expect(file('byGroup', lineup)).toBe(
    '\ufeffgroup,name\r\nAlder,Zoë <b>\r\nAlder,"\'=HYPERLINK(""x"")"\r\nWillow,Ärne\r\nWillow,Bo\r\n',
  );
  const rows = file('byName', lineup).split('\r\n').slice(1, -1);
  expect(rows.map((row) => row.split(',').at(-1))).toEqual(['Alder', 'Willow', 'Willow', 'Alder']);
});

test('copies: a line for each group as text; cells as a table, with names never taken for markup', () => {
  expect(written('text', lineup)).toMatchObject({
    plain: 'Alder: Zoë <b>, =HYPERLINK("x")\nWillow: Ärne, Bo',
  });
  const table = written('table', lineup);
  if (table.to !== 'clipboard') throw new Error(table.to);
  expect(table.plain).toContain("'=HYPERLINK");
  expect(table.html).toContain('<td>Zoë &lt;b&gt;</td>');
  expect(table.html).not.toContain('<b>');
});

test.each(OUTLETS.map(({ id, needs }) => [id, needs]))(
  'the way out %s carries addresses only where it says that it needs %s',
  (id, needs) => {
    const out = JSON.stringify(written(id, lineup));
    expect(out.includes('z@example.org')).toBe(needs === 'addresses');
  },
);

test('what is doubtful about addresses is named before they go', () => {
  expect(doubtsOf(lineup)).toEqual([
    { code: 'malformedAddress', names: ['=HYPERLINK("x")'] },
    { code: 'noAddress', names: ['Ärne', 'Bo'] },
  ]);
  expect(doubtsOf({ groups: [] })).toEqual([]);
});
