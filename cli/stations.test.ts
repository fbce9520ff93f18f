import { existsSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { StationsResult } from '@/schema/stations';
import { main } from './main';

const folder = mkdtempSync(join(tmpdir(), 'gruppetto-'));
let runs = 0;

async function run(request: unknown) {
  const [from, to] = [join(folder, `${++runs}.json`), join(folder, `${runs}-table.json`)];
  writeFileSync(from, JSON.stringify(request));
  const said: string[] = [];
  const code = await main(['stations', from, to], (sentence) => said.push(sentence));
  const written: unknown = existsSync(to) ? JSON.parse(readFileSync(to, 'utf8')) : null;
  return { code, said, written };
}

test('a rotation comes back as a table of the published shape', async () => {
  const { code, written } = await run({ groups: 8, stations: 4, perStation: 2, turns: 4 });
  expect(code).toBe(0);
  const table = StationsResult.parse(written);
  expect(table).toMatchObject({ pairsTwice: 0, visitsTwice: 0, breaks: Array(8).fill(0) });
  expect(table.table).toHaveLength(4);
});

test('groups that meet groups, and turns that were not counted', async () => {
  const meeting = StationsResult.parse((await run({ groups: 7, meet: true })).written);
  expect(meeting.table).toHaveLength(7);
  expect(meeting.breaks).toEqual(Array(7).fill(1));
  const rotation = StationsResult.parse((await run({ groups: 6, stations: 4 })).written);
  expect(rotation.table).toHaveLength(6);
});

test.each([
  [{ groups: 0, stations: 4 }, /"groups".*1 to 120/],
  [{ groups: 2.5, stations: 4 }, /"groups"/],
  [{ groups: 4, stations: 'four' }, /"stations"/],
  [{ groups: 4 }, /"stations".*"meet"/],
  [{ groups: 4, stations: 2, station: 3 }, /no "station"/],
  [{ groups: 4, stations: 2, turns: 1e9 }, /"turns"/],
  [[], /no request/],
  [{ groups: 4, stations: 2, meet: 'yes' }, /no request/],
])('%j ends with 2, a sentence, and nothing written', async (request, sentence) => {
  const { code, said, written } = await run(request);
  expect(code).toBe(2);
  expect(said.join(' ')).toMatch(sentence);
  expect(written).toBeNull();
});
