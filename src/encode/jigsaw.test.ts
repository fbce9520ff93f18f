import { arrangeNow } from '../core/arrange';
import { expertsRequest } from './jigsaw';
import { rule, student, take, testBench } from './testBench';

const HOMES = ['A1 A2 A3 A4', 'B1 B2 B3 B4', 'C1 C2 C3', 'D1 D2 D3 D4'];
const homes = take(HOMES).groups;
const students = HOMES.flatMap((names) => names.split(' ')).map((name, i) => student(name, i + 1));

function experts(count: number, rules: ReturnType<typeof rule>[] = [], softly = false) {
  const bench = testBench({ students, bench: { rules } });
  const outcome = arrangeNow(expertsRequest(bench, homes, count, 7, softly), 'quick');
  if (!outcome.ok) throw new Error('expected a result');
  return outcome.result;
}

/** Home → how many of it are in each expert group. */
const perHome = (groups: readonly (readonly string[])[]) =>
  ['A', 'B', 'C', 'D'].map((home) =>
    groups.map((ids) => ids.filter((id) => id.startsWith(home)).length),
  );

test('of each home there is one in every expert group, as far as it has so many', () => {
  const { feasible, rounds } = experts(4);
  expect(feasible).toBe(true);
  for (const [home, counts] of perHome(rounds[0]?.groups ?? []).entries()) {
    expect(Math.max(...counts)).toBe(1);
    expect(counts.reduce((sum, n) => sum + n, 0)).toBe(home === 2 ? 3 : 4);
  }
});

test('with fewer expert groups than members the homes are spread as evenly as they can be', () => {
  for (const counts of perHome(experts(3).rounds[0]?.groups ?? [])) {
    expect(Math.max(...counts) - Math.min(...counts)).toBeLessThanOrEqual(1);
  }
});

test('quiet rules hold in expert groups too', () => {
  const { feasible, rounds } = experts(4, [rule('apart', 'A1 B1'), rule('together', 'C1 D1')]);
  const groups = rounds[0]?.groups ?? [];
  expect(feasible).toBe(true);
  expect(groups.some((ids) => ids.includes('A1') && ids.includes('B1'))).toBe(false);
  expect(groups.some((ids) => ids.includes('C1') && ids.includes('D1'))).toBe(true);
});

test('two of one home who are kept together are so as experts, where that is asked for softly', () => {
  const together = [rule('together', 'A1 A2')];
  expect(experts(4, together).feasible).toBe(false);
  const { feasible, rounds } = experts(4, together, true);
  expect(feasible).toBe(true);
  const [a, ...others] = perHome(rounds[0]?.groups ?? []);
  expect(a?.toSorted()).toEqual([0, 1, 1, 2]);
  for (const counts of others) expect(Math.max(...counts)).toBe(1);
});

test('who is away is in no expert group, and their home is as even as it is without them', () => {
  const away = ['B1', 'B2', 'B3'];
  const bench = testBench({
    students: students.map((one) => ({ ...one, here: !away.includes(one.name) })),
  });
  const request = expertsRequest(bench, homes, 4, 7);
  expect(request.students.flatMap(({ id, absent }) => (absent ? [id] : []))).toEqual(away);
  const outcome = arrangeNow(request, 'quick');
  if (!outcome.ok) throw new Error('expected a result');
  expect(outcome.result.feasible).toBe(true);
  expect(outcome.result.rounds[0]?.groups.flat()).toHaveLength(12);
});
