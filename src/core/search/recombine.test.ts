import type { ArrangeRequest, RequestGoal, RequestRule } from '../format';
import { prepareGoals } from '../goals/list';
import type { Problem } from '../problem/problem';
import { unitsOf } from '../problem/units';
import { rngFromSeed } from '../random/rng';
import { shuffle, uniformInt, uniformUnit } from '../random/uniform';
import { repeatPairs } from '../reference/costs';
import { fillsTheSizes, keepsEverything } from '../reference/check';
import { Arrangement } from '../terms/arrangement';
import { Covering } from './covering';
import { Formable, NO_COSTS, type CostOfGroup, type Costs, type Slot } from './formable';
import { Prices } from './prices';
import { isOfGroups, Recombination, type Recombined } from './recombine';
import { Deal } from './shuffleTrial';
import { costOf, ended, planted, problemOf, valid } from './testSearch';

const id = (student: number): string => `s${student}`;

const GOALS: readonly RequestGoal[] = [
  { kind: 'spread', attribute: 'score', weight: 1 },
  { kind: 'alike', attribute: 'level', weight: 0.5 },
  { kind: 'freshPartners', weight: 1 },
  { kind: 'wishes', weight: 2 },
];

/** Rules of many kinds, all of which those who sit in i modulo the groups keep; each seed has others. */
function requestOf(n: number, groups: number, seed: number, density = 0.2): ArrangeRequest {
  const rng = rngFromSeed(seed * 11 + n);
  const rules: RequestRule[] = [];
  for (let one = 0; one < n; one++) {
    for (let two = one + 1; two < n; two++) {
      if (one % groups === two % groups || uniformUnit(rng) >= density) continue;
      rules.push({ kind: 'apart', students: [id(one), id(two)] });
    }
  }
  if (seed % 2 === 0) rules.push({ kind: 'together', students: [id(0), id(groups)] });
  if (seed % 3 === 0) rules.push({ kind: 'pin', student: id(1), group: 1 });
  if (seed % 4 === 1) {
    rules.push({ kind: 'atLeast', attribute: 'swims', value: 'yes', count: 1 });
    rules.push({ kind: 'atMost', attribute: 'swims', value: 'yes', count: 2 });
    rules.push({ kind: 'notAlone', attribute: 'rows', value: 'yes' });
  }
  if (seed % 5 === 2) rules.push({ kind: 'sameSection' });
  const past = (step: number): { groups: string[][] } => ({
    groups: [0, 1].map((g) => [0, 1, 2].map((i) => id((g * 3 + i * step) % n))),
  });
  return {
    format: 'gruppetto.request',
    version: 1,
    seed,
    students: Array.from({ length: n }, (_, i) => ({
      id: id(i),
      section: i % groups === 0 ? 'North' : 'South',
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
    goals: seed % 6 === 5 ? [...GOALS, { kind: 'avoid', weight: 3 }] : GOALS,
    history: [past(1), past(2)],
    ...(seed % 6 === 5 ? { avoid: { share: 0.6, results: [past(2)] } } : {}),
  };
}

/** The same where it matters which group is which: where they were, and which group they would like. */
function toldApart(request: ArrangeRequest, groups: number): ArrangeRequest {
  const rng = rngFromSeed(request.seed);
  return {
    ...request,
    students: request.students.map((one) => ({ ...one, topics: [uniformInt(rng, groups)] })),
    current: Array.from({ length: groups }, (_, group) => [id(group), id(group + 3)]),
    goals: [...(request.goals ?? []), { kind: 'topics', weight: 2 }, { kind: 'steady', weight: 1 }],
  };
}

function slotOf(size: number, section: number, pinned: number): Slot {
  return { least: size, most: size, section, pinned, told: -1, groups: 3 };
}

function recombined(
  problem: Problem,
  evaluations: number,
  seed = 1,
  start = planted(problem),
): Recombined {
  const [units, goals] = [unitsOf(problem), prepareGoals(problem)];
  const recombination = new Recombination(problem, units, goals, start, rngFromSeed(seed));
  return ended(recombination.run(start, evaluations));
}

const SEEDS = Array.from({ length: 17 }, (_, i) => i + 1);

test.each([1, 2, 3, 4])(
  'sections that stay apart are proven best together at what each is by itself (seed %i)',
  (seed) => {
    const leastOf = (sections: readonly number[]): number => {
      const problem = problemOf(sectioned(seed, sections));
      const { known, reach, groupOfStudent } = recombined(problem, 1e5, seed, dealt(problem));
      expect([known === null, reach > 0]).toEqual([false, true]);
      expect(keepsEverything(problem, groupOfStudent)).toBe(true);
      return repeatPairs(problem, [groupOfStudent]);
    };
    const alone = [0, 1, 2, 3, 4].map((section) => leastOf([section]));
    expect(leastOf([0, 1, 2, 3, 4])).toBe(alone.reduce((sum, one) => sum + one, 0));
    expect(alone.some((one) => one > 0)).toBe(true);
  },
);

function dealt(problem: Problem): Int32Array {
  const deal = new Deal(problem);
  deal.draw(rngFromSeed(1));
  return deal.groupOfStudent.slice();
}

test('as long as one section is not looked at to its end, nothing is called best', () => {
  const problem = problemOf(sectioned(1, [0, 1, 2, 3, 4]));
  // Just too little work for the last of the five.
  expect(recombined(problem, 20_000, 1, dealt(problem)).known).toBeNull();
  expect(recombined(problem, 40_000, 1, dealt(problem)).known).not.toBeNull();
});

/** Some of five sections of twelve, in fours after five weeks in fours. */
function sectioned(seed: number, sections: readonly number[]): ArrangeRequest {
  const base = requestOf(60, 2, 1);
  const rng = rngFromSeed(seed);
  const all = [0, 1, 2, 3, 4].map((section) =>
    Array.from({ length: 12 }, (_, place) => id(section * 12 + place)),
  );
  const history = Array.from({ length: 5 }, () => ({
    groups: all.flatMap((of) => {
      const order = Int32Array.from({ length: 12 }, (_, place) => place);
      shuffle(rng, order);
      return [0, 4, 8].map((from) => [...order.slice(from, from + 4)].map((place) => of[place]!));
    }),
  }));
  const there = sections.flatMap((section) =>
    (all[section] ?? []).map((one) => ({ id: one, section: `P${section}` })),
  );
  const ids = new Set(there.map((one) => one.id));
  return {
    ...base,
    students: there,
    rules: [{ kind: 'sameSection' }],
    sizing: { by: 'size', size: 4, leftover: 'spread' },
    goals: [{ kind: 'freshPartners', weight: 1 }],
    history: history.map(({ groups }) => ({
      groups: groups.filter((group) => group.every((one) => ids.has(one))),
    })),
  };
}

test.each([
  ...SEEDS.map((seed) => [seed, false] as const),
  ...[1, 2, 3, 5, 6, 7].map((seed) => [seed, true] as const),
])(
  'what is called best costs the least of all arrangements, and each goal has its least (seed %i, groups told apart %s)',
  (seed, tells) => {
    // Eight in three groups are of uneven sizes.
    const request = requestOf(seed % 2 === 0 ? 9 : 8, 3, seed);
    const problem = problemOf(tells ? toldApart(request, 3) : request);
    const all = [...valid(problem)];
    const least = Math.min(...all.map((groups) => costOf(problem, groups)));
    const { known, groupOfStudent } = recombined(problem, 1e6, seed);
    expect(keepsEverything(problem, groupOfStudent)).toBe(true);
    expect(fillsTheSizes(problem, groupOfStudent)).toBe(true);
    // Of groups that are pinned to in uneven sizes other sizes may do better: nothing is claimed.
    const settled = seed % 3 !== 0 || problem.studentCount % 3 === 0;
    const parted = seed % 5 === 2;
    expect(known === null).toBe(tells ? parted : !settled);
    if (!known) return;
    expect(costOf(problem, groupOfStudent)).toBeCloseTo(least, 9);
    for (const { goal, term } of prepareGoals(problem)) {
      const told = [...known.leasts].find(([{ kind }]) => kind === goal.kind)?.[1];
      // How far earlier results are from these is no sum over groups; by themselves most goals tell no group from another.
      const ofPlaces = goal.kind === 'topics' || goal.kind === 'steady';
      if (settled || ofPlaces) expect(told === undefined).toBe(goal.kind === 'avoid');
      const values = all.map((groups) => {
        term.reset(new Arrangement(problem, groups));
        return term.value;
      });
      if (told !== undefined) expect(told).toBeCloseTo(Math.min(...values), 9);
    }
  },
);

test('what groups cost beside each other counts too: an earlier result is left for one that costs a little more', () => {
  const request: ArrangeRequest = {
    ...requestOf(8, 2, 1, 0),
    rules: [],
    goals: [
      { kind: 'spread', attribute: 'score', weight: 1 },
      { kind: 'avoid', weight: 5 },
    ],
  };
  const first = recombined(problemOf({ ...request, goals: request.goals!.slice(0, 1) }), 1e6);
  const groups = [0, 1].map((group) =>
    Array.from({ length: 8 }, (_, i) => i).filter((i) => first.groupOfStudent[i] === group),
  );
  const results = [{ groups: groups.map((all) => all.map(id)) }];
  const other = problemOf({ ...request, avoid: { share: 0.5, results } });
  const { groupOfStudent, known } = recombined(other, 1e6);
  expect(known).not.toBeNull();
  const least = Math.min(...[...valid(other)].map((all) => costOf(other, all)));
  expect(costOf(other, groupOfStudent)).toBeCloseTo(least, 9);
  expect(costOf(other, groupOfStudent)).toBeLessThan(costOf(other, first.groupOfStudent));
});

/** What the places of members in the class add up to. */
const SUM: CostOfGroup = (all, n) => all.subarray(0, n).reduce((one, other) => one + other, 0);

test.each([1, 2, 5, 7, 9, 12])(
  'every group that keeps the rules and is wanted is listed once, with what it costs (seed %i)',
  (seed) => {
    const problem = problemOf(requestOf(8, 3, seed));
    const units = unitsOf(problem);
    const [goal] = prepareGoals(problem);
    const costs: Costs = { ...NO_COSTS, ofGroup: [(all, n) => goal!.term.ofGroup!(all, n)] };
    const formable = new Formable(problem, units);
    formable.freeCount = units.unitCount;
    for (let unit = 0; unit < units.unitCount; unit++) formable.free[unit] = unit;
    const expected = new Map<string, number>();
    for (const groups of valid(problem)) {
      for (let group = 0; group < 3; group++) {
        const members = [...groups.keys()].filter((student) => groups[student] === group);
        expected.set(members.join(), goal!.term.ofGroup!(Int32Array.from(members), members.length));
      }
    }
    const parted = problem.sectionOfGroup.some((section) => section >= 0);
    const pins = [...units.pinsOfStudent.values()].flat();
    const slots = [2, 3].flatMap((size) =>
      (parted ? [0, 1] : [-1]).flatMap((section) =>
        [-1, ...pins].map((pinned): Slot => slotOf(size, section, pinned)),
      ),
    );
    expect(formable.list(slots, costs, Infinity, Infinity)).toBe(true);
    const listed = new Map<string, number>();
    for (let number = 0; number < formable.count; number++) {
      const members = [...units.unitOfStudent.keys()].filter((student) =>
        formable.holds(number, units.unitOfStudent[student] as number),
      );
      const key = members.join();
      expect(listed.has(key)).toBe(false);
      listed.set(key, formable.costOf[number] as number);
    }
    // Some can be formed that leave the others no way to be seated.
    for (const [key, cost] of expected) expect(listed.get(key)).toBeCloseTo(cost, 12);
    // Those who cost too much are left out, and a walk that is too long is given up.
    const dearest = Math.max(...listed.values());
    expect(formable.list(slots, costs, dearest, Infinity)).toBe(true);
    expect(formable.count).toBe([...listed.values()].filter((cost) => cost < dearest).length);
    expect(formable.list(slots, costs, Infinity, 5)).toBe(false);
    // What only grows is cut off early, and nothing else is.
    const listedBy = (by: Costs): number => {
      expect(formable.list(slots, by, 6, Infinity)).toBe(true);
      return formable.count;
    };
    expect(listedBy({ ...NO_COSTS, growing: [SUM] })).toBe(
      listedBy({ ...NO_COSTS, ofGroup: [SUM] }),
    );
  },
);

test('a group is not looked at to the end where some of its members already cost too much', () => {
  const problem = problemOf({ ...requestOf(16, 4, 1, 0), rules: [] });
  const formable = new Formable(problem, unitsOf(problem));
  formable.freeCount = 16;
  for (let unit = 0; unit < 16; unit++) formable.free[unit] = unit;
  formable.list([slotOf(4, -1, -1)], { ...NO_COSTS, growing: [SUM] }, 10, Infinity);
  // 0, 1, 2 and one up to 6; 0, 1, 3 and one up to 5; 0, 2, 3, 4.
  expect(formable.count).toBe(7);
  expect(formable.looks).toBeLessThan(1500);
});

test('prices bound every covering from below, and covering finds the cheapest', () => {
  let [gained, most] = [0, 0];
  for (let seed = 1; seed <= 12; seed++) {
    const problem = problemOf({ ...requestOf(9, 3, 1, 0), rules: [] });
    const rng = rngFromSeed(seed);
    const costs = new Map<string, number>();
    const cost = (members: Int32Array): number => {
      const key = [...members.slice(0, 3)].sort().join();
      const known = costs.get(key) ?? uniformUnit(rng);
      costs.set(key, known);
      return known;
    };
    const formable = new Formable(problem, unitsOf(problem));
    formable.freeCount = 9;
    for (let unit = 0; unit < 9; unit++) formable.free[unit] = unit;
    formable.list([slotOf(3, -1, -1)], { ...NO_COSTS, ofGroup: [cost] }, Infinity, Infinity);
    expect(formable.count).toBe(84);
    let least = Infinity;
    for (const all of valid(problem)) {
      const sums = [0, 1, 2].map((g) =>
        cost(Int32Array.from(all.keys()).filter((i) => all[i] === g)),
      );
      least = Math.min(least, sums[0]! + sums[1]! + sums[2]!);
    }
    const prices = new Prices(formable);
    prices.set(3, 3, Infinity);
    const cheapest = [...prices.above.subarray(0, 84)].sort((a, b) => a - b).slice(0, 3);
    const paid = prices.ofPlace.subarray(0, 9).reduce((sum, price) => sum + price, 0);
    const bound = paid + cheapest.reduce((sum, one) => sum + one, 0);
    const without = [...costs.values()].sort((a, b) => a - b).slice(0, 3);
    expect(bound).toBeLessThan(least + 1e-9);
    const simple = without.reduce((sum, one) => sum + one, 0);
    gained += bound - simple;
    most += least - simple;
    const covering = new Covering(formable);
    covering.begin(3, 10_000);
    while (!covering.run(50));
    expect(covering.bestCost).toBeCloseTo(least, 9);
    covering.begin(least - 1e-9, 10_000);
    expect(covering.run(Infinity)).toBe(true);
    expect(covering.bestCost).toBe(Infinity);
  }
  // Worth having: most of the way from what the cheapest cost, whoever is in them, to what is possible.
  expect(gained).toBeGreaterThan(0.5 * most);
});

test('where no goal is a sum over groups, they are not recombined', () => {
  const request = requestOf(9, 3, 1);
  const of = (more: Partial<ArrangeRequest>): boolean => {
    const problem = problemOf({ ...request, ...more });
    return isOfGroups(problem, prepareGoals(problem));
  };
  expect(of({})).toBe(true);
  expect(of({ goals: [] })).toBe(false);
  const results = [{ groups: [['s0', 's1', 's2']] }];
  expect(of({ goals: [{ kind: 'avoid', weight: 1 }], avoid: { share: 0.5, results } })).toBe(false);
  expect(of({ current: [['s0', 's1']], goals: [{ kind: 'steady', weight: 1 }] })).toBe(true);
  expect(of({ rules: [], sizing: { by: 'count', count: 1 } })).toBe(false);
});

test.each([1, 2, 3, 4, 5, 6])(
  'rules near their limit and goals: nothing is ever worse than before, and little work is enough for little (seed %i)',
  (seed) => {
    const problem = problemOf(requestOf(36, 6, seed, 0.45));
    const before = costOf(problem, planted(problem));
    let last = before;
    for (const evaluations of [500, 20_000, 400_000]) {
      const { groupOfStudent, evaluations: taken } = recombined(problem, evaluations, seed);
      expect(keepsEverything(problem, groupOfStudent)).toBe(true);
      expect(costOf(problem, groupOfStudent)).toBeLessThanOrEqual(before + 1e-9);
      // One opening at the most goes beyond.
      expect(taken).toBeLessThan(evaluations + 80_000);
      last = costOf(problem, groupOfStudent);
    }
    expect(last).toBeLessThan(before);
  },
);

test('a search that was stopped goes on from what it has learnt', () => {
  const proven = (seed: number, afresh: boolean): boolean => {
    const problem = problemOf(requestOf(36, 6, seed, 0.45));
    const [units, goals, rng] = [unitsOf(problem), prepareGoals(problem), rngFromSeed(seed)];
    let work = new Recombination(problem, units, goals, planted(problem), rng);
    let best = ended(work.run(planted(problem), 5_000));
    for (let turn = 1; turn < 4 && !best.known; turn++) {
      if (afresh) work = new Recombination(problem, units, goals, best.groupOfStudent, rng);
      best = ended(work.run(best.groupOfStudent, 5_000));
    }
    return best.known !== null;
  };
  const seeds = Array.from({ length: 16 }, (_, i) => i + 1);
  const [goingOn, afresh] = [false, true].map(
    (anew) => seeds.filter((seed) => proven(seed, anew)).length,
  );
  expect(goingOn).toBeGreaterThan(afresh!);
  expect(goingOn).toBeGreaterThanOrEqual(10);
});
