import type { RequestRule } from '../format';
import { rngFromSeed } from '../random/rng';
import { uniformInt } from '../random/uniform';
import { problemFromRequest } from '../reading/problemFromRequest';
import type { Problem } from './problem';
import { singleUnits, unitsOf } from './units';

function problemOf(n: number, rules: readonly RequestRule[]): Problem {
  const read = problemFromRequest({
    format: 'gruppetto.request',
    version: 1,
    seed: 1,
    students: Array.from({ length: n }, (_, i) => ({ id: `s${i}` })),
    sizing: { by: 'count', count: 3 },
    rules,
  });
  if (!read.ok) throw new Error(read.issue.code);
  return read.problem;
}

/** Whether two students are bound to each other through any chain of together rules, found by spreading out. */
function boundTogether(rules: readonly RequestRule[], one: string, two: string): boolean {
  const reached = new Set([one]);
  for (let before = 0; before !== reached.size;) {
    before = reached.size;
    for (const rule of rules) {
      if (rule.kind !== 'together' || !rule.students.some((id) => reached.has(id))) continue;
      rule.students.forEach((id) => reached.add(id));
    }
  }
  return reached.has(two);
}

function partedByRule(rules: readonly RequestRule[], one: string, two: string): boolean {
  return rules.some(
    (rule) => rule.kind === 'apart' && rule.students.includes(one) && rule.students.includes(two),
  );
}

function randomRules(n: number, seed: number): readonly RequestRule[] {
  const rng = rngFromSeed(seed);
  return Array.from({ length: 2 + uniformInt(rng, 7) }, (): RequestRule => {
    const count = 2 + uniformInt(rng, 2);
    const students = new Set<string>();
    while (students.size < count) students.add(`s${uniformInt(rng, n)}`);
    return { kind: uniformInt(rng, 2) === 0 ? 'together' : 'apart', students: [...students] };
  });
}

describe.each([1, 2, 3, 4, 5, 6, 7, 8, 9, 10])('blocks of random rules (seed %i)', (seed) => {
  const n = 9;
  const rules = randomRules(n, seed);
  const problem = problemOf(n, rules);
  const units = unitsOf(problem);
  const each = Array.from({ length: n }, (_, i) => i);

  test('two students are in one block just where a chain of rules binds them', () => {
    for (const one of each) {
      for (const two of each) {
        const same = units.unitOfStudent[one] === units.unitOfStudent[two];
        expect({ one, two, same }).toEqual({
          one,
          two,
          same: boundTogether(rules, `s${one}`, `s${two}`),
        });
      }
    }
  });

  test('the students of a block stand side by side, everybody once', () => {
    expect([...units.studentsByUnit].sort((a, b) => a - b)).toEqual(each);
    for (let unit = 0; unit < units.unitCount; unit++) {
      const [start, end] = [units.startOfUnit[unit]!, units.startOfUnit[unit + 1]!];
      const members = [...units.studentsByUnit.subarray(start, end)];
      expect(members).toHaveLength(units.sizeOfUnit[unit]!);
      expect(new Set(members.map((student) => units.unitOfStudent[student]))).toEqual(
        new Set([unit]),
      );
    }
  });

  test('two blocks are neighbours, of each other and once, just where a rule parts members of them', () => {
    const members = (unit: number): readonly number[] =>
      each.filter((student) => units.unitOfStudent[student] === unit);
    for (let one = 0; one < units.unitCount; one++) {
      const [start, end] = [units.startOfNeighbours[one]!, units.startOfNeighbours[one + 1]!];
      const told = [...units.neighbours.subarray(start, end)].sort((a, b) => a - b);
      const parted = Array.from({ length: units.unitCount }, (_, two) => two).filter(
        (two) =>
          two !== one &&
          members(one).some((a) => members(two).some((b) => partedByRule(rules, `s${a}`, `s${b}`))),
      );
      expect(told).toEqual(parted);
    }
  });

  test('a contradiction is named just where somebody is bound to whom they must not meet', () => {
    const torn = each.flatMap((one) =>
      each
        .filter((two) => two > one)
        .filter((two) => boundTogether(rules, `s${one}`, `s${two}`))
        .filter((two) => partedByRule(rules, `s${one}`, `s${two}`))
        .map((two) => [one, two]),
    );
    if (units.contradiction === null) expect(torn).toEqual([]);
    else expect(torn).toContainEqual([...units.contradiction].sort((a, b) => a - b));
  });
});

test('where blocks may break, each student is a block of one and pins stay', () => {
  const problem = problemOf(4, [
    { kind: 'together', students: ['s0', 's1', 's2'] },
    { kind: 'pin', student: 's1', group: 2 },
    { kind: 'pin', student: 's1', group: 0 },
  ]);
  const single = singleUnits(unitsOf(problem), 4);
  expect([...single.sizeOfUnit]).toEqual([1, 1, 1, 1]);
  expect([...single.unitOfStudent]).toEqual([0, 1, 2, 3]);
  expect(single.pinsOfStudent).toEqual(new Map([[1, [2, 0]]]));
});
