import { ladderFile, MOST_SKILLS, readLadder } from './ladder';

const skills = [
  { name: 'naming the banks', text: 'Left and right, looking downstream.' },
  { name: 'maps, and "scales"', text: '' },
  { name: '=flow', text: 'Area times speed;\nin m³/s' },
];

test.each(['json', 'csv'] as const)(
  'a ladder saved as %s comes back, no cell of it a formula',
  async (kind) => {
    const file = String((await ladderFile(kind, 'Rivers', skills)).content);
    expect(readLadder(file)).toEqual({
      ...{ ok: true, issues: [] },
      // A text is one line.
      skills: [...skills.slice(0, 2), { name: '=flow', text: 'Area times speed; in m³/s' }],
    });
    expect(file).not.toMatch(/^=flow/m);
  },
);

test.each([
  ['a skill a line', 'maps\nflow, and speed\n\ngauges', ['maps', 'flow, and speed', 'gauges']],
  ['a numbered list', '1. maps\n2. flow\n10) gauges', ['maps', 'flow', 'gauges']],
  ['bullets', '• maps\n- flow', ['maps', 'flow']],
  ['CSV without a heading', 'maps,finds it\nflow,works it out', ['maps', 'flow']],
  [
    'CSV with semicolons and a heading',
    'Skill;Text\nmaps;finds it, twice\nflow;',
    ['maps', 'flow'],
  ],
  ['one skill', 'maps', ['maps']],
])('%s is a ladder', (_, text, names) => {
  const read = readLadder(text);
  expect(read.ok && read.skills.map(({ name }) => name)).toEqual(names);
});

test('a skill named twice is taken once and told with its line; too long and too many are told too', () => {
  expect(readLadder('maps\nflow\nMaps')).toMatchObject({
    skills: [{ name: 'maps' }, { name: 'flow' }],
    issues: [{ code: 'twice', name: 'Maps', line: 3 }],
  });
  expect(readLadder('m'.repeat(500))).toMatchObject({ issues: [{ code: 'shortened', line: 1 }] });
  const many = Array.from({ length: MOST_SKILLS + 3 }, (_, at) => `skill ${at}`).join('\n');
  const read = readLadder(many);
  expect(read.ok && read.skills).toHaveLength(MOST_SKILLS);
  expect(read).toMatchObject({ issues: [{ code: 'tooMany', given: MOST_SKILLS + 3 }] });
});

test.each([
  ['', 'empty'],
  [' \n \n', 'empty'],
  ['skill\n', 'empty'],
  ['{ torn', 'notLadder'],
  ['{"format":"gruppetto.class"}', 'notLadder'],
  ['{"format":"gruppetto.ladder","version":2,"skills":[]}', 'newer'],
])('%j is no ladder: %s', (text, code) => {
  expect(readLadder(text)).toEqual({ ok: false, code });
});
