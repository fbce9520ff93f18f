import { arrangeNow } from '../arrange';
import type { ArrangeRequest, RequestRule } from '../format';
import { rngFromSeed } from '../random/rng';
import { shuffle, uniformInt } from '../random/uniform';
import { unitsOf } from '../problem/units';
import { fillsTheSizes } from '../reference/check';
import { ruleBreaks } from '../rules/list';
import { Packing } from './packing';
import { problemOf } from './testSearch';

/** Groups drawn first, then blocks of two to five that fill them, and rules that they keep to the last student. */
function planted(seed: number, studentCount: number, groupCount: number): ArrangeRequest {
  const rng = rngFromSeed(seed);
  const order = Int32Array.from({ length: studentCount }, (_, student) => student);
  shuffle(rng, order);
  const groups: number[][] = Array.from({ length: groupCount }, () => []);
  order.forEach((student, place) => groups[place % groupCount]!.push(student));
  const id = (student: number): string => `s${student}`;
  const students = Array.from({ length: studentCount }, (_, student) => ({
    id: id(student),
    attributes: new Map(['swims', 'rows', 'reads', 'language'].map((name) => [name, 'no'])),
  }));
  const rules: RequestRule[] = [];
  for (const members of groups) {
    for (let left = members.length, at = 0; left > 0;) {
      const wish = 3 + uniformInt(rng, 3);
      const width = left - wish < 2 ? Math.min(left, left > 5 ? 3 : 5) : wish;
      const block = members.slice(at, at + width);
      if (block.length > 1) rules.push({ kind: 'together', students: block.map(id) });
      at += block.length;
      left -= block.length;
    }
  }
  for (const attribute of ['swims', 'rows', 'reads']) {
    const count = 1 + uniformInt(rng, 3);
    groups.forEach((members) => {
      const drawn = Int32Array.from(members);
      shuffle(rng, drawn);
      drawn.slice(0, count).forEach((one) => students[one]!.attributes.set(attribute, 'yes'));
    });
    rules.push({ kind: 'atLeast', attribute, value: 'yes', count });
    rules.push({ kind: 'atMost', attribute, value: 'yes', count });
  }
  groups.forEach((members, group) => {
    if (group % 2 === 0)
      members
        .slice(-2 - (group % 3))
        .forEach((one) => students[one]!.attributes.set('language', 'es'));
  });
  rules.push({ kind: 'notAlone', attribute: 'language', value: 'es' });
  const groupOf = new Map(groups.flatMap((members, group) => members.map((one) => [one, group])));
  for (let pair = 0; pair < studentCount; pair++) {
    const [one, two] = [uniformInt(rng, studentCount), uniformInt(rng, studentCount)];
    if (groupOf.get(one) !== groupOf.get(two))
      rules.push({ kind: 'apart', students: [id(one), id(two)] });
  }
  return {
    format: 'gruppetto.request',
    version: 1,
    seed,
    students: students.map(({ id: name, attributes }) => ({
      id: name,
      attributes: Object.fromEntries(attributes),
    })),
    sizing: { by: 'count', count: groupCount },
    rules,
    goals: [],
  };
}

test.each([
  [132, 12, 1],
  [132, 12, 2],
  [144, 16, 3],
  [150, 13, 4],
  [180, 16, 5],
  [200, 20, 6],
])(
  '%i students in %i groups that blocks fill to the last seat are found (%i)',
  (students, groups, seed) => {
    const outcome = arrangeNow(planted(seed, students, groups));
    expect(outcome.ok && outcome.result.feasible).toBe(true);
  },
);

/** Pairs kept together, one after the other in i modulo the groups, and pairs apart between groups as dense as given. */
function crowded(n: number, groups: number, density: number, seed: number): ArrangeRequest {
  const rng = rngFromSeed(seed);
  const rules: RequestRule[] = [];
  for (let one = 0; one < n; one++) {
    const partner = one + groups;
    if (Math.floor(one / groups) % 3 === 0 && partner < n)
      rules.push({ kind: 'together', students: [`s${one}`, `s${partner}`] });
    for (let two = one + 1; two < n; two++) {
      if (one % groups !== two % groups && uniformInt(rng, 100) < 100 * density)
        rules.push({ kind: 'apart', students: [`s${one}`, `s${two}`] });
    }
  }
  const students = Array.from({ length: n }, (_, i) => ({
    id: `s${i}`,
    attributes: { swims: i % 7 === 0 ? 'yes' : 'no' },
  }));
  rules.push({
    kind: 'atMost',
    attribute: 'swims',
    value: 'yes',
    count: Math.ceil(n / groups / 7),
  });
  rules.push({ kind: 'pin', student: 's1', group: 1 });
  return {
    format: 'gruppetto.request',
    version: 1,
    seed,
    students,
    sizing: { by: 'count', count: groups },
    rules,
  };
}

test('what packing counts as wrong is what is wrong: seats, marked students, and twice each pair of units', () => {
  for (let seed = 0; seed < 40; seed++) {
    const rng = rngFromSeed(seed);
    const groups = 3 + uniformInt(rng, 3);
    const problem = problemOf(crowded(12 + uniformInt(rng, 12), groups, 0.8, seed));
    const units = unitsOf(problem);
    const packing = new Packing(problem, units, rng);
    for (let step = 0; step < 5 && !packing.done; step++) {
      packing.run(100);
      const groupOf = packing.incumbent;
      const sizes = new Array<number>(groups).fill(0);
      const swim = new Array<number>(groups).fill(0);
      groupOf.forEach((group, student) => {
        sizes[group]! += 1;
        if (student % 7 === 0) swim[group]! += 1;
      });
      const [least, most] = [Math.min(...problem.sizeOfGroup), Math.max(...problem.sizeOfGroup)];
      const ofSizes = sizes.map((size) => Math.max(0, size - most, least - size));
      const ofCounts = swim.map((held) =>
        Math.max(0, held - Math.ceil(problem.studentCount / groups / 7)),
      );
      const met = new Set(
        problem.rules.flatMap((rule) => {
          if (rule.kind !== 'apart') return [];
          const [one, two] = [...rule.members] as [number, number];
          const pair = [units.unitOfStudent[one]!, units.unitOfStudent[two]!].sort((a, b) => a - b);
          return groupOf[one] === groupOf[two] ? [pair.join()] : [];
        }),
      );
      const wrong = [...ofSizes, ...ofCounts].reduce((sum, more) => sum + more, 2 * met.size);
      expect({ seed, wrong: packing.incumbentPenalty }).toEqual({ seed, wrong });
      expect(groupOf[1]).toBe(1);
    }
  }
});

test.each([
  [132, 11, 0.25, 1],
  [120, 10, 0.25, 2],
  [120, 12, 0.35, 3],
])(
  '%i students in %i groups, pairs of them together and a part of %d of all others apart, are packed (%i)',
  (n, groups, density, seed) => {
    const problem = problemOf(crowded(n, groups, density, seed));
    const units = unitsOf(problem);
    const packing = new Packing(problem, units, rngFromSeed(4));
    packing.run(20_000_000);
    expect(ruleBreaks(problem, packing.incumbent)).toEqual([]);
    expect(fillsTheSizes(problem, packing.incumbent)).toBe(true);
    expect(packing.done).toBe(true);
  },
);
