import type { ArrangeRequest, RequestRule } from '../format';
import { prepareGoals } from '../goals/list';
import type { Problem } from '../problem/problem';
import { unitsOf } from '../problem/units';
import { rngFromSeed, type Rng } from '../random/rng';
import { uniformInt, uniformUnit } from '../random/uniform';
import { Covering } from './covering';
import { Formable, slotsFor, type Costs, type Slot } from './formable';
import { Priceable } from './priceable';
import { Prices } from './prices';
import { Pricing } from './pricing';
import { problemOf } from './testSearch';

const GROUPS = 5;

/** Twenty in fours, or eighteen of which some groups are smaller, with rules and details that each seed has others of. */
function classOf(seed: number): Problem {
  const rng = rngFromSeed(seed * 7);
  const n = seed % 4 === 3 ? 18 : 20;
  const id = (i: number): string => `s${i}`;
  const drawn = (): string => id(uniformInt(rng, n));
  const rules: RequestRule[] = [];
  while (rules.length < n / 2) {
    const [one, two] = [uniformInt(rng, n), uniformInt(rng, n)];
    if (one % GROUPS !== two % GROUPS) rules.push({ kind: 'apart', students: [id(one), id(two)] });
  }
  if (seed % 2 === 0) rules.push({ kind: 'together', students: [id(0), id(GROUPS)] });
  if (seed % 3 === 0) rules.push({ kind: 'pin', student: id(1), group: 1 });
  if (seed % 5 === 0) rules.push({ kind: 'atMost', attribute: 'rows', value: 'yes', count: 1 });
  const request: ArrangeRequest = {
    format: 'gruppetto.request',
    version: 1,
    seed,
    students: Array.from({ length: n }, (_, i) => ({
      id: id(i),
      attributes: { score: uniformInt(rng, 40), rows: i < GROUPS ? 'yes' : 'no' },
      wishes: [drawn(), drawn()].filter((one) => one !== id(i)),
      topics: [uniformInt(rng, GROUPS)],
    })),
    sizing: { by: 'count', count: GROUPS },
    rules,
    goals: [
      { kind: 'alike', attribute: 'score', weight: 1 },
      { kind: 'freshPartners', weight: 1 },
      { kind: 'wishes', weight: 1 },
      ...(seed % 2 === 0 ? [{ kind: 'topics', weight: 1 } as const] : []),
    ],
    history: [{ groups: [0, 1, 2].map((g) => [0, 1, 2, 3].map((i) => id(g + 3 * i))) }],
  };
  return problemOf(request);
}

/** Weighed as the search weighs them, by what grows, what does not, and what depends on the place. */
function costsFor(problem: Problem): Costs {
  const terms = prepareGoals(problem).map(({ term }) => term);
  const ofGroups = terms.filter(({ ofGroup }) => ofGroup);
  const cost =
    (term: (typeof terms)[number]) =>
    (all: Int32Array, count: number): number =>
      term.ofGroup!(all, count);
  return {
    growing: ofGroups.filter(({ ofGroupGrows }) => ofGroupGrows).map(cost),
    ofGroup: ofGroups.filter(({ ofGroupGrows }) => !ofGroupGrows).map(cost),
    ofPlace: terms.flatMap((term) =>
      term.ofPlace ? [(all, count, group) => term.ofPlace!(all, count, group)] : [],
    ),
  };
}

function slotsOf(problem: Problem, told: boolean): readonly Slot[] {
  const pinned = new Set([...unitsOf(problem).pinsOfStudent.values()].flat());
  return slotsFor(problem.sizeOfGroup.keys(), (group) => ({
    ...{ least: problem.sizeOfGroup[group]!, most: problem.sizeOfGroup[group]!, section: -1 },
    pinned: pinned.has(group) ? group : -1,
    told: told ? group : -1,
  })).slots;
}

function allFree<T extends Formable>(formable: T, problem: Problem): T {
  formable.freeCount = unitsOf(problem).unitCount;
  for (let unit = 0; unit < formable.freeCount; unit++) formable.free[unit] = unit;
  return formable;
}

/** Slot and places of each listed group, with its cost. */
function listed(formable: Formable): ReadonlyMap<string, number> {
  const groups = new Map<string, number>();
  for (let number = 0; number < formable.count; number++) {
    const places = Array.from({ length: formable.placeCount }, (_, place) => place);
    const held = places.filter((place) => formable.holds(number, place));
    groups.set(`${formable.slotOf[number]!}: ${held.join()}`, formable.costOf[number]!);
  }
  return groups;
}

function randomPrices(rng: Rng, mean: number): Float64Array {
  return Float64Array.from({ length: 128 }, () => (uniformUnit(rng) * 2.5 - 0.25) * mean);
}

const SEEDS = [1, 2, 3, 4, 5, 6, 7, 8];

test.each(SEEDS)(
  'what costs little above its prices is listed, and nothing else (seed %i)',
  (seed) => {
    const problem = classOf(seed);
    const rng = rngFromSeed(seed);
    const costs = costsFor(problem);
    const slots = slotsOf(problem, costs.ofPlace.length > 0);
    const every = allFree(new Formable(problem, unitsOf(problem)), problem);
    expect(every.list(slots, costs, Infinity, Infinity)).toBe(true);
    const all = listed(every);
    const mean = [...all.values()].reduce((sum, cost) => sum + cost, 0) / all.size;
    const some = allFree(new Priceable(problem, unitsOf(problem)), problem);
    for (const part of [0.5, 1, Infinity]) {
      const prices = randomPrices(rng, mean / 6);
      const above = Float64Array.from(slots, () => uniformUnit(rng) * 0.5 * mean);
      const limits = { below: part * mean, prices, above };
      expect(some.listAbove(slots, costs, limits, Infinity)).toBe(true);
      const expected = [...all].filter(([key, cost]) => {
        const [slot, places] = key.split(': ') as [string, string];
        const paid = places.split(',').reduce((sum, place) => sum + prices[Number(place)]!, 0);
        return cost < limits.below && cost - paid < above[Number(slot)]! - 1e-12;
      });
      expect([...listed(some).keys()].sort()).toEqual(expected.map(([key]) => key).sort());
      for (const [key, cost] of listed(some)) expect(cost).toBeCloseTo(all.get(key)!, 12);
    }
    const none = {
      below: Infinity,
      prices: new Float64Array(128),
      above: limitsOf(slots, Infinity),
    };
    expect(some.listAbove(slots, costs, none, 20)).toBe(false);
  },
);

const limitsOf = (slots: readonly Slot[], limit: number): Float64Array =>
  Float64Array.from(slots, () => limit);

test('what is listed by prices holds the cheapest covering of all, and none is promised in vain', () => {
  let [proven, shorter] = [0, 0];
  for (const seed of SEEDS) {
    const problem = classOf(seed);
    const costs = costsFor(problem);
    const slots = slotsOf(problem, costs.ofPlace.length > 0);
    const every = allFree(new Formable(problem, unitsOf(problem)), problem);
    expect(every.list(slots, costs, Infinity, Infinity)).toBe(true);
    const least = cheapestOf(every, new Prices(every), Infinity);
    expect(least).toBeLessThan(Infinity);
    const formable = allFree(new Priceable(problem, unitsOf(problem)), problem);
    for (const below of [1.2 * least, least + 1e-6, least - 1e-6, 0.8 * least]) {
      const prices = new Prices(formable);
      prices.ofPlace.fill(least / formable.freeCount, 0, formable.freeCount);
      const outcome = new Pricing(formable, prices).list(slots, costs, below, 1e6);
      if (outcome === 'none') proven++;
      expect(outcome).not.toBe(below > least ? 'none' : 'stopped');
      if (outcome !== 'all') continue;
      if (formable.count < every.count / 4) shorter++;
      const found = cheapestOf(formable, prices, below);
      if (below > least) expect(found).toBeCloseTo(least, 9);
      else expect(found).toBe(Infinity);
    }
  }
  // Where many groups could be formed, prices leave few of them, or tell by themselves that there is nothing.
  expect(proven).toBeGreaterThan(0);
  expect(shorter).toBeGreaterThanOrEqual(6);
});

function cheapestOf(formable: Formable, prices: Prices, below: number): number {
  const covering = new Covering(formable, prices);
  covering.begin(below, 1e5);
  while (!covering.run(100_000));
  return covering.bestCost;
}
