import { existsSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { unzipSync } from 'fflate';
import { WAYS_OUT } from '@/formats/out/list';
import { main } from './main';
import { today } from './classes';

const folder = mkdtempSync(join(tmpdir(), 'gruppetto-out-'));
const DEMO = join(__dirname, '../demo/classes/thursday-crew.json');
const LINEUP = 'Week 7, bank walk';
const MOMENT = ['--date', '2026-11-26', '--time', '10:00', '--minutes', '40'];
const LINK = ['--link-template', 'https://rooms.example.org/{group}'];

interface ClassData {
  readonly class: Record<string, unknown>;
  readonly students: Record<string, unknown>[];
  readonly lineups: Record<string, unknown>[];
  readonly takes: { id: string; groups: { studentIds: string[] }[] }[];
  readonly rules: Record<string, unknown>[];
}
const demo = (): ClassData => JSON.parse(readFileSync(DEMO, 'utf8')) as ClassData;

let files = 0;
const place = (name: string): string => join(folder, `${++files}-${name}`);
function saved(data: unknown): string {
  const path = place('class.json');
  writeFileSync(path, typeof data === 'string' ? data : JSON.stringify(data));
  return path;
}

async function run(...args: string[]) {
  const said: string[] = [];
  const code = await main(['export', ...args], (sentence) => said.push(sentence));
  return { code, said: said.join('\n') };
}

async function exported(data: unknown, as: string, ...more: string[]) {
  const out = place('out');
  const ended = await run(saved(data), '--lineup', LINEUP, '--as', as, '--out', out, ...more);
  const bytes = existsSync(out) ? new Uint8Array(readFileSync(out)) : null;
  return { ...ended, bytes, text: bytes ? everything(bytes) : '' };
}

/** All that a file says, archives opened, links read. */
function everything(bytes: Uint8Array): string {
  if (bytes[0] !== 0x50 || bytes[1] !== 0x4b)
    return new TextDecoder().decode(bytes).replace(/\r\n /g, '');
  return Object.entries(unzipSync(bytes))
    .map(([name, inside]) => name + everything(inside))
    .join('\n');
}

test.each(WAYS_OUT.map(({ id }) => id))(
  '%s: nobody who is away, has left or stands aside, nothing quiet, goes',
  async (as) => {
    const data = demo();
    const shown = data.takes.find(
      ({ id }) => id === data.lineups.find(({ name }) => name === LINEUP)!.takeId,
    )!;
    const [away, left, aside] = shown.groups[0]!.studentIds;
    shown.groups[0]!.studentIds = shown.groups[0]!.studentIds.filter((id) => id !== aside);
    const mark = {
      note: 'QUIET-note',
      externalId: 'QUIET-number',
      mastery: { 'QUIET-skill': 3 },
      settled: ['QUIET-doubt'],
    };
    const gone: string[] = [];
    for (const student of data.students) {
      Object.assign(student, mark);
      if (student.id === away) student.awayOn = today();
      if (student.id === left) student.left = '2026-01-01';
      if ([away, left, aside].includes(String(student.id))) gone.push(String(student.name));
    }
    Object.assign(data.class, {
      skillLadder: [{ name: 'QUIET-ladder', text: 'QUIET-text' }],
      term: 'QUIET-term',
    });
    data.rules.forEach((rule) => Object.assign(rule, { reason: 'QUIET-reason' }));
    const { code, text } = await exported(data, as, '--with-addresses', ...MOMENT, ...LINK);
    expect(code).toBe(0);
    // A workbook and links are made of other places than texts; a mail merge of those alone who can be reached.
    if (as !== 'links')
      expect(decodeURIComponent(text.replace(/%(?![0-9A-F]{2})/g, '%25'))).toContain('Tariq Zaman');
    expect(text).not.toContain('QUIET');
    expect(gone).toHaveLength(3);
    gone.forEach((name) => {
      expect(text).not.toContain(name);
      expect(text).not.toContain(encodeURIComponent(name));
    });
  },
);

test('whoever cannot be reached is named, and the file is there all the same', async () => {
  for (const [as, ...more] of [['mailto'], ['rooms-csv', '--with-addresses']] as const) {
    const { code, said, bytes } = await exported(demo(), as, ...more);
    expect([code, said, bytes !== null]).toEqual([
      0,
      'Without an address that mail can reach: Iolo Wynne.',
      true,
    ]);
  }
  expect((await exported(demo(), 'rooms-csv')).said).toBe('');
});

test('own fields, a message and a template reach every page', async () => {
  const template = place('hand.md');
  writeFileSync(template, '# {{group}}\n\n{{kit}}: {{message}}');
  const { text } = await exported(
    demo(),
    'pack-html',
    '--template',
    template,
    '--field',
    'Kit=Boots & net',
    '--message',
    'Be on time',
  );
  expect(text.match(/<p>Boots &#x26; net: Be on time<\/p>/g)).toHaveLength(7);
});

test('a lineup and a message that begin with a hyphen are taken as they are', async () => {
  const data = demo();
  data.lineups.forEach((lineup) => {
    if (lineup.name === LINEUP) lineup.name = '-7';
  });
  const out = place('hyphen');
  const path = saved(data);
  const ended = await run(
    path,
    '--lineup',
    '-7',
    '--as',
    'mailto',
    '--message',
    '-net',
    '--out',
    out,
  );
  expect(ended.code).toBe(0);
  expect(readFileSync(out, 'utf8')).toContain('-net');
});

const REFUSED: readonly (readonly [string, readonly string[], RegExp])[] = [
  ['an unknown lineup', ['--lineup', 'Week 70', '--as', 'text'], /"Week 70"/],
  ['an unknown format', ['--lineup', LINEUP, '--as', 'fax'], /"fax"/],
  ['an unknown option', ['--lineup', LINEUP, '--as', 'text', '--loud'], /--loud/],
  ['no lineup', ['--as', 'text'], /--lineup/],
  ['links without a template', ['--lineup', LINEUP, '--as', 'links'], /template/],
  [
    'a malformed template',
    ['--lineup', LINEUP, '--as', 'links', '--link-template', 'https://a/{b'],
    /template/,
  ],
  [
    'a template that is not for the web',
    ['--lineup', LINEUP, '--as', 'text', '--link-template', 'file:///{group}'],
    /https/,
  ],
  ['a calendar without a day', ['--lineup', LINEUP, '--as', 'icalendar'], /day/],
  [
    'a day that does not exist',
    [
      '--lineup',
      LINEUP,
      '--as',
      'icalendar',
      '--date',
      '2026-02-29',
      '--time',
      '10:00',
      '--minutes',
      '40',
    ],
    /2026-02-29/,
  ],
  [
    'an empty time',
    [
      '--lineup',
      LINEUP,
      '--as',
      'icalendar',
      '--date',
      '2026-02-20',
      '--time',
      '',
      '--minutes',
      '40',
    ],
    /--time/,
  ],
  [
    'a missing template',
    ['--lineup', LINEUP, '--as', 'pack-html', '--template', '/nowhere.md'],
    /nowhere/,
  ],
  ['a field without a value', ['--lineup', LINEUP, '--as', 'text', '--field', 'x'], /"x"/],
];

test.each(REFUSED)(
  '%s: refused in one sentence, and an old file stays as it was',
  async (_, args, expected) => {
    const out = place('old');
    writeFileSync(out, 'old');
    const { code, said } = await run(DEMO, '--out', out, ...args);
    expect(code).toBe(2);
    expect(said).toMatch(expected);
    expect(said).not.toContain('\n');
    expect(readFileSync(out, 'utf8')).toBe('old');
  },
);

test.each([
  ['that is missing', join(folder, 'none.json')],
  ['that is not JSON', saved('{')],
  ['of another format', saved({ format: 'gruppetto.request' })],
  ['of a newer version', saved({ ...demo(), version: 9 })],
])('a class file %s is refused', async (_, path) => {
  const out = place('none');
  expect((await run(path, '--lineup', LINEUP, '--as', 'text', '--out', out)).code).toBe(2);
  expect(existsSync(out)).toBe(false);
});

test('a file in a folder that is not there, or no file at all, is refused', async () => {
  expect(
    (await run(DEMO, '--lineup', LINEUP, '--as', 'text', '--out', join(folder, 'no/where.txt')))
      .said,
  ).toMatch(/folder/);
  expect((await run(DEMO, '--lineup', LINEUP, '--as', 'text')).said).toMatch(/--out/);
  expect((await run('--lineup', LINEUP, '--as', 'text', '--out', place('x'))).said).toMatch(
    /class file/,
  );
});

test('a lineup before its first shuffle has nothing to hand off', async () => {
  const data = demo();
  Object.assign(
    data.lineups.find(({ name }) => name === LINEUP)!,
    { takeId: null },
  );
  expect(await exported(data, 'text')).toMatchObject({ code: 2, bytes: null });
});
