import { arrange, arrangeNow } from '../arrange';
import type { ArrangeRequest, RequestRule } from '../format';
import { prepareGoals } from '../goals/list';
import { hasPlacesOfTheirOwn } from '../problem/problem';
import { unitsOf } from '../problem/units';
import { rngFromSeed } from '../random/rng';
import { uniformInt } from '../random/uniform';
import { fillsTheSizes, keepsEverything } from '../reference/check';
import { Arrangement } from '../terms/arrangement';
import { areFew, isListable, listAll } from './listing';
import { Objective } from './objective';
import { polish } from './polish';
import { Regrouping } from './regrouping';
import { reopen } from './reopen';
import { Reseating } from './reseating';
import { roomLeft } from './room';
import { assignments, costOf, ended, planted, problemOf } from './testSearch';

/** Rules of every kind, which those who sit in i modulo the groups keep, and the more pairs apart the denser. */
function requestOf(n: number, groups: number, density: number, seed: number): ArrangeRequest {
  const rng = rngFromSeed(seed * 7 + n);
  const id = (student: number): string => `s${student}`;
  const rules: RequestRule[] = [];
  for (let one = 0; one < n; one++) {
    for (let two = one + 1; two < n; two++) {
      const apart = one % groups !== two % groups && uniformInt(rng, 100) < density * 100;
      if (apart) rules.push({ kind: 'apart', students: [id(one), id(two)] });
    }
  }
  if (seed % 2 === 0) rules.push({ kind: 'together', students: [id(0), id(groups)] });
  if (seed % 3 === 0) rules.push({ kind: 'pin', student: id(1), group: 1 });
  if (seed % 3 === 1) {
    rules.push({ kind: 'atLeast', attribute: 'swims', value: 'yes', count: 1 });
    rules.push({ kind: 'atMost', attribute: 'swims', value: 'yes', count: 2 });
    rules.push({ kind: 'notAlone', attribute: 'rows', value: 'yes' });
  }
  return {
    format: 'gruppetto.request',
    version: 1,
    seed,
    students: Array.from({ length: n }, (_, i) => ({
      id: id(i),
      attributes: {
        score: uniformInt(rng, 101),
        level: ['new', 'some', 'seasoned'][uniformInt(rng, 3)]!,
        swims: i < groups || i === n - 1 ? 'yes' : 'no',
        rows: i === 0 || i === groups ? 'yes' : 'no',
      },
      wishes: [id((i + 1) % n), id((i + 3) % n)],
    })),
    sizing: { by: 'count', count: groups },
    rules,
    goals: [
      { kind: 'spread', attribute: 'score', weight: 1 },
      { kind: 'spread', attribute: 'level', weight: 1 },
      { kind: 'freshPartners', weight: 1 },
      { kind: 'wishes', weight: 1 },
    ],
    history: [{ groups: [[id(0), id(1), id(2)]] }, { groups: [[id(2), id(groups), id(n - 1)]] }],
  };
}

/** The same for arrangements that differ in how groups of one size are numbered alone, but for the groups named. */
function nameless(groupOfStudent: Int32Array, named: readonly number[]): string {
  const groups = new Map<number, number[]>();
  groupOfStudent.forEach((group, one) => groups.set(group, [...(groups.get(group) ?? []), one]));
  return [...groups]
    .map(([group, members]) => `${named.includes(group) ? group : ''}:${members.join()}`)
    .sort()
    .join(' ');
}

const sizesOf = (groupOfStudent: Int32Array, groups: number): string =>
  Array.from({ length: groups }, (_, g) => groupOfStudent.filter((of) => of === g).length).join();

test.each([1, 2, 3, 4, 5, 6, 7, 8, 9])(
  'opened groups can be seated again in every way that keeps the rules and their sizes, each told once (seed %i)',
  (seed) => {
    const problem = problemOf(requestOf(8, 3, 0.3, seed));
    const start = planted(problem);
    const named = seed % 3 === 0 ? [1] : [];
    const expected = new Set<string>();
    for (const groups of assignments(8, 3)) {
      if (sizesOf(groups, 3) !== sizesOf(start, 3) || !keepsEverything(problem, groups)) continue;
      expected.add(nameless(groups, named));
    }
    const units = unitsOf(problem);
    const reseating = new Reseating(problem, units, false, rngFromSeed(seed));
    expect(reseating.begin(Int32Array.of(2, 0, 1), 3, start)).toBe(true);
    const found: string[] = [];
    for (;;) {
      const next = reseating.next(3);
      if (next === 'none') break;
      if (next === 'paused') continue;
      const groups = start.slice();
      for (let place = 0; place < reseating.freeCount; place++) {
        groups.forEach((_, one) => {
          if (units.unitOfStudent[one] === reseating.free[place])
            groups[one] = reseating.groupOfPlace[place]!;
        });
      }
      expect(keepsEverything(problem, groups)).toBe(true);
      found.push(nameless(groups, named));
    }
    expect(reseating.next(3)).toBe('none');
    expect(found.toSorted()).toEqual([...expected].sort());
  },
);

test('groups that are told apart are seated in every numbering too', () => {
  const request = { ...requestOf(6, 3, 0.2, 5), current: [['s0'], ['s1'], ['s2']] };
  const problem = problemOf(request);
  const reseating = new Reseating(problem, unitsOf(problem), true, rngFromSeed(1));
  reseating.begin(Int32Array.of(0, 1, 2), 3, planted(problem));
  let found = 0;
  while (reseating.next(1_000) === 'found') found++;
  const valid = [...assignments(6, 3)].filter((groups) => keepsEverything(problem, groups));
  expect(hasPlacesOfTheirOwn(problem)).toBe(true);
  expect(found).toBe(valid.length);
});

test.each([1, 2, 3, 4, 5, 6])(
  'taking groups from one seating to another and back keeps every cost up to date (seed %i)',
  (seed) => {
    const problem = problemOf(requestOf(20, 5, 0.15, seed));
    const [units, rng] = [unitsOf(problem), rngFromSeed(seed)];
    const arrangement = new Arrangement(problem, planted(problem));
    const objective = new Objective(prepareGoals(problem), []);
    objective.reset(arrangement);
    const reseating = new Reseating(problem, units, false, rng);
    const regrouping = new Regrouping(problem, units, arrangement, objective);
    let moved = 0;
    for (let opening = 0; opening < 60; opening++) {
      const groups = Int32Array.of(
        opening % 5,
        (opening + 1 + (opening % 3)) % 5,
        (opening + 4) % 5,
      );
      const before = arrangement.groupOfStudent.slice();
      reseating.begin(groups, new Set(groups).size, before);
      regrouping.begin(reseating, groups, new Set(groups).size);
      let chosen = before;
      for (let way = 0; way < 4 && reseating.next(200) === 'found'; way++) {
        if (!regrouping.follow(reseating)) continue;
        moved++;
        expect(keepsEverything(problem, arrangement.groupOfStudent)).toBe(true);
        expect(objective.cost()).toBeCloseTo(costOf(problem, arrangement.groupOfStudent), 9);
        if (way % 2 > 0) continue;
        regrouping.choose();
        chosen = arrangement.groupOfStudent.slice();
      }
      regrouping.seatBack();
      expect(arrangement.groupOfStudent).toEqual(before);
      if (chosen === before) continue;
      regrouping.seatChosen();
      expect(arrangement.groupOfStudent).toEqual(chosen);
    }
    expect(moved).toBeGreaterThan(50);
  },
);

test.each([1, 2, 3, 4, 5, 6, 7, 8])(
  'looking at all finds the least cost there is, and the least of every goal (seed %i)',
  (seed) => {
    const problem = problemOf(requestOf(9, 3, 0.35, seed));
    const units = unitsOf(problem);
    const goals = prepareGoals(problem);
    const valid = [...assignments(9, 3)].filter(
      (groups) => fillsTheSizes(problem, groups) && keepsEverything(problem, groups),
    );
    const listed = ended(
      listAll(problem, units, goals, planted(problem), Infinity, rngFromSeed(seed)),
    );
    const least = Math.min(...valid.map((groups) => costOf(problem, groups)));
    expect(costOf(problem, listed.groupOfStudent)).toBeCloseTo(least, 9);
    for (const one of goals) {
      const values = valid.map((groups) => {
        one.term.reset(new Arrangement(problem, groups));
        return one.term.value;
      });
      expect(listed.known?.leasts.get(one.goal)).toBeCloseTo(Math.min(...values), 9);
    }
    // Groups that a pin names are told apart from the others.
    const named = problem.rules.flatMap((rule) => (rule.kind === 'pin' ? [rule.group] : []));
    const costs = new Map(
      valid.map((groups) => [nameless(groups, named), costOf(problem, groups)] as const),
    );
    const isLeast = (cost: number): boolean => cost < least + 1e-9;
    const dearer = [...costs.values()].filter((cost) => !isLeast(cost));
    expect(listed.known?.asGood).toBe([...costs.values()].filter(isLeast).length);
    expect(listed.known?.next === undefined).toBe(dearer.length === 0);
    if (listed.known?.next) {
      expect(costOf(problem, listed.known.next)).toBeCloseTo(Math.min(...dearer), 9);
    }
  },
);

test('those that cost the same are counted, each division once', () => {
  let most = 0;
  for (let seed = 1; seed <= 8; seed++) {
    const goals = [{ kind: 'freshPartners' as const, weight: 1 }];
    const problem = problemOf({ ...requestOf(9, 3, 0.2, seed), goals });
    const [units, prepared] = [unitsOf(problem), prepareGoals(problem)];
    const named = problem.rules.flatMap((rule) => (rule.kind === 'pin' ? [rule.group] : []));
    const costs = new Map(
      [...assignments(9, 3)]
        .filter((groups) => fillsTheSizes(problem, groups) && keepsEverything(problem, groups))
        .map((groups) => [nameless(groups, named), costOf(problem, groups)] as const),
    );
    const least = Math.min(...costs.values());
    const start = planted(problem);
    const { known } = ended(listAll(problem, units, prepared, start, Infinity, rngFromSeed(seed)));
    expect(known?.asGood).toBe([...costs.values()].filter((cost) => cost < least + 1e-9).length);
    most = Math.max(most, known?.asGood ?? 0);
  }
  expect(most).toBeGreaterThan(5);
});

test('what was looked at whole is called best, and no measure can be below what is told of it', () => {
  const request = requestOf(12, 3, 0.55, 2);
  const outcome = arrangeNow(request);
  if (!outcome.ok) throw new Error(outcome.issue.code);
  const { measures, search } = outcome.result;
  expect(search.provenBest).toBe(true);
  for (const goal of request.goals!) {
    const alone = arrangeNow({ ...request, goals: [goal] });
    if (!alone.ok) throw new Error(alone.issue.code);
    const { spread, repeats, wishes } = alone.result.measures;
    if (goal.kind === 'freshPartners') {
      expect(measures.repeats?.bestPossible).toBe(repeats?.pairs);
      expect(measures.repeats!.pairs).toBeGreaterThanOrEqual(repeats!.pairs);
    } else if (goal.kind === 'wishes') {
      expect(measures.wishes?.bestPossible).toBe(wishes?.unmet);
    } else if (goal.kind === 'spread') {
      const { attribute } = goal;
      expect(measures.spread![attribute]!.bestPossible).toBeCloseTo(spread![attribute]!.cost, 9);
    }
  }
});

test.each([
  ['without goals', { ...requestOf(12, 3, 0.4, 5), goals: [], history: [] }],
  [
    'of those that cost the same',
    { ...requestOf(8, 4, 0, 5), goals: [{ kind: 'freshPartners' as const, weight: 1 }] },
  ],
])('each of few arrangements comes as often as any other (%s)', (_name, request) => {
  const of = problemOf(request);
  const [units, goals] = [unitsOf(of), prepareGoals(of)];
  const counts = new Map<string, number>();
  const draws = 4_000;
  for (let draw = 0; draw < draws; draw++) {
    const listed = ended(listAll(of, units, goals, planted(of), Infinity, rngFromSeed(draw)));
    const key = nameless(listed.groupOfStudent, []);
    counts.set(key, (counts.get(key) ?? 0) + 1);
    expect(listed.known!.asGood).toBeGreaterThan(5);
  }
  const mean = draws / counts.size;
  const chiSquare = [...counts.values()].reduce(
    (sum, count) => sum + (count - mean) ** 2 / mean,
    0,
  );
  expect(counts.size).toBeGreaterThan(5);
  expect(counts.size).toBeLessThan(60);
  // Mean and deviation of the distribution, four deviations allowed.
  const free = counts.size - 1;
  expect(chiSquare).toBeLessThan(free + 4 * Math.sqrt(2 * free));
});

test('what is too much to look at is given up, and sizes that may lie elsewhere are not listed', () => {
  const wide = problemOf({ ...requestOf(40, 8, 0.05, 5), goals: [] });
  const start = planted(wide);
  const given = ended(listAll(wide, unitsOf(wide), [], start, 5_000, rngFromSeed(1)));
  expect(given.known).toBeNull();
  // It shows soon, and only what was looked at is counted.
  expect(given.evaluations).toBeLessThan(1_000);
  const uneven = requestOf(11, 3, 0.3, 3);
  expect(isListable(problemOf(uneven), unitsOf(problemOf(uneven)))).toBe(false);
  const even = requestOf(12, 3, 0.3, 3);
  expect(isListable(problemOf(even), unitsOf(problemOf(even)))).toBe(true);
});

test.each([
  [12, 3, 5_775, true],
  [12, 6, 10_395, true],
  [12, 4, 15_400, false],
  [13, 4, 200_200, false],
  [15, 3, 126_126, false],
  [5_000, 1_250, Infinity, false],
])('%i students in %i groups of one size can be divided in %d ways', (students, groups, _, few) => {
  const request = { ...requestOf(12, 3, 0, 5), rules: [] };
  const all = Array.from({ length: students }, (_one, i) => ({ id: `s${i}` }));
  const of = problemOf({
    ...request,
    ...{ students: all, goals: [], history: [], sizing: { by: 'count', count: groups } },
  });
  expect(areFew(of)).toBe(few);
});

test('a small class is looked at whole: how many are as good, and what the next best costs', () => {
  const request: ArrangeRequest = {
    ...{ format: 'gruppetto.request', version: 1, seed: 4 },
    students: ['a', 'b', 'c', 'd', 'e', 'f'].map((id) => ({ id })),
    sizing: { by: 'count', count: 3 },
    rules: [],
    goals: [{ kind: 'freshPartners', weight: 1 }],
    // Of the fifteen ways to pair six, one repeats no pair of these.
    history: [
      {
        groups: [
          ['a', 'b', 'c'],
          ['d', 'e', 'f'],
        ],
      },
      {
        groups: [
          ['a', 'e'],
          ['b', 'f'],
          ['c', 'd'],
        ],
      },
      {
        groups: [
          ['a', 'f'],
          ['b', 'd'],
          ['c', 'e'],
        ],
      },
    ],
  };
  const outcome = arrangeNow(request);
  if (!outcome.ok) throw new Error(outcome.issue.code);
  const { search, measures, rounds } = outcome.result;
  expect(rounds[0]!.groups.map((group) => [...group].sort().join('')).sort()).toEqual([
    'ad',
    'be',
    'cf',
  ]);
  const told = measures.repeats!.pairs;
  expect(search).toMatchObject({ provenBest: true, asGood: 1 });
  expect(search.next?.repeats?.pairs).toBe(told + 2);
});

test('where exchanges of two find no way on, opening whole groups mostly finds the least there is', () => {
  let [byOpening, byExchanges, cases] = [0, 0, 0];
  for (let seed = 5; seed < 80; seed += 6) {
    const problem = problemOf(requestOf(24, 6, 0.55, seed));
    const [units, goals, start] = [unitsOf(problem), prepareGoals(problem), planted(problem)];
    const listed = ended(listAll(problem, units, goals, start, 400_000, rngFromSeed(1)));
    if (!listed.known) continue;
    cases++;
    const opened = ended(reopen(problem, units, goals, start, 100_000, rngFromSeed(1)));
    const polished = ended(polish(problem, units, goals, start, 100_000, rngFromSeed(1)));
    expect(keepsEverything(problem, opened.groupOfStudent)).toBe(true);
    const least = costOf(problem, listed.groupOfStudent);
    byOpening += Number(costOf(problem, opened.groupOfStudent) < least + 1e-9);
    byExchanges += Number(costOf(problem, polished.groupOfStudent) < least + 1e-9);
  }
  expect(cases).toBeGreaterThan(4);
  expect(byOpening).toBeGreaterThan(0.7 * cases);
  expect(byExchanges).toBeLessThan(0.4 * cases);
});

test.each([
  ['little room', requestOf(36, 6, 0.3, 5)],
  ['some room', requestOf(28, 7, 0.1, 4)],
  ['no rules', { ...requestOf(28, 7, 0, 5), rules: [] }],
  ['groups too large to polish', { ...requestOf(200, 4, 0, 5), rules: [] }],
])(
  'how far the work has come is never taken back, and comes beyond the half (%s)',
  (_name, request) => {
    const told: number[] = [];
    for (const { done } of arrange({ ...request, goals: request.goals!.slice(0, 2) })) {
      told.push(done);
    }
    expect(told).toEqual(told.toSorted((a, b) => a - b));
    expect(told.at(-1)).toBeGreaterThan(0.5);
  },
);

test('the room that rules leave is all of it without rules, and none where nobody can move', () => {
  const free = problemOf({ ...requestOf(12, 3, 0, 5), rules: [] });
  expect(roomLeft(free, unitsOf(free), planted(free), rngFromSeed(1))).toBe(1);
  const stuck = problemOf(requestOf(12, 3, 1, 5));
  expect(roomLeft(stuck, unitsOf(stuck), planted(stuck), rngFromSeed(1))).toBe(0);
});
