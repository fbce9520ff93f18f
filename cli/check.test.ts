import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { main } from './main';

const DEMO = join(__dirname, '../demo/classes/thursday-crew.json');
const folder = mkdtempSync(join(tmpdir(), 'gruppetto-check-'));

interface ClassData {
  lineups: { name: string; takeId: string; state: string }[];
  takes: { id: string; groups: { studentIds: string[] }[] }[];
  rules: { reason: string; kind: string; studentIds: string[] }[];
}

async function check(change: (data: ClassData) => void) {
  const data = JSON.parse(readFileSync(DEMO, 'utf8')) as ClassData;
  change(data);
  const [path, report] = [join(folder, 'class.json'), join(folder, 'report.json')];
  writeFileSync(path, JSON.stringify(data));
  const said: string[] = [];
  const code = await main(['check', path, report], (sentence) => said.push(sentence));
  return { code, said, text: readFileSync(report, 'utf8') };
}

const lastGroups = ({ lineups, takes }: ClassData) =>
  takes.find(({ id }) => id === lineups.find(({ name }) => name === 'Week 7, bank walk')!.takeId)!
    .groups;

test('the demo’s class is in order, and its report tells the term without a reason or a rule', async () => {
  const { code, said, text } = await check((data) => {
    data.rules.forEach((rule) => (rule.reason = 'QUIET'));
  });
  expect([code, said]).toEqual([0, []]);
  expect(text).not.toContain('QUIET');
  const report = JSON.parse(text) as {
    term: { used: number };
    lineups: { placed: number; sizes: number[] }[];
  };
  expect(report.term.used).toBe(6);
  expect(report.lineups.at(-1)).toMatchObject({ placed: 28, sizes: [4, 4, 4, 4, 4, 4, 4] });
});

test('a student in two groups and a broken rule are to be looked at, told without whom the rule is about', async () => {
  const { code, said } = await check((data) => {
    const [one, two] = lastGroups(data);
    one!.studentIds.push(two!.studentIds[0]!);
    data.rules.push({ ...data.rules[0]!, kind: 'apart', studentIds: one!.studentIds.slice(0, 2) });
  });
  expect(code).toBe(3);
  expect(said[0]).toMatch(/^Week 7, bank walk: in more than one group: Dara Sokolova\.$/);
  expect(said[1]).toBe('Week 7, bank walk: 1 quiet rule is broken.');
});

test('a file that cannot be read ends with 2', async () => {
  const said: string[] = [];
  expect(await main(['check', join(folder, 'none.json')], (one) => said.push(one))).toBe(2);
  expect(said).toHaveLength(1);
});
