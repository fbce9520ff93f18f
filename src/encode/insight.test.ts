import { rngFromSeed } from '../core/random/rng';
import { uniformInt } from '../core/random/uniform';
import type { StudentId } from '../schema/ids';
import type { RollStudent } from '../schema/student';
import type { Bench } from './bench';
import type { Target } from './insightTypes';
import { Insight } from './insight';
import { brokenRules } from './ruleState';
import { idOf, idsOf, rule, student, take, testBench, detail } from './testBench';

const SCORES = [10, 20, 30, 60, 70, 80];
const crew: readonly RollStudent[] = SCORES.map((score, i) =>
  student('abcdef'[i]!, i, {
    details: { score, swims: i === 0 || i === 3 },
    wishes: i === 0 ? idsOf('d') : [],
  }),
);
const details = [detail('score', 'number'), detail('swims', 'yesNo')];
const base = testBench({
  students: crew,
  theClass: { details },
  recipe: {
    balance: [{ detail: 'score', how: 'mix', importance: 'plain' }],
    freshPartners: 'plain',
  },
  bench: { history: [[idsOf('a b'), idsOf('c d')]], rules: [rule('apart', 'a b')] },
});

function insightOf(
  groups: readonly string[],
  bench: Bench = base,
  measured: string[] = [],
): Insight {
  const insight = Insight.of(bench, take(groups), measured);
  if (!insight) throw new Error('expected an insight, received none');
  return insight;
}

const asNames = (groups: readonly (readonly StudentId[])[]): string[] =>
  groups.map((row) => row.join(' '));

/** Pairs who share a group and should not, or should and do not, counted from the rules alone. */
function brokenPairs(groups: readonly (readonly StudentId[])[], { rules }: Bench): number {
  const groupOf = (id: StudentId): number => groups.findIndex((row) => row.includes(id));
  let broken = 0;
  for (const { kind, studentIds } of rules) {
    studentIds.forEach((one, i) =>
      studentIds.slice(i + 1).forEach((two) => {
        if ((groupOf(one) === groupOf(two)) !== (kind === 'together')) broken++;
      }),
    );
  }
  return broken;
}

test('a number is told by its values in each group beside the mean of the class', () => {
  const column = insightOf(['a b c', 'd e f']).column('score');
  // Means 20 and 70 about 45: between 6 x 25^2 = 3750 of a total of 4150.
  expect(column).toMatchObject({
    ...{ kind: 'number', least: 10, most: 80, mean: 45 },
    groups: [
      [10, 20, 30],
      [60, 70, 80],
    ],
  });
  expect(column?.figure.cost).toBeCloseTo(3750 / 4150, 9);
  expect(column!.figure.bestPossible).toBeLessThanOrEqual(0.01);
});

test('a detail that is only looked at is measured and bounded without swaying what is offered', () => {
  const insight = insightOf(['a d c', 'b e f'], base, ['swims']);
  expect(insight.column('swims')).toMatchObject({
    ...{ kind: 'category', values: ['no', 'yes'] },
    groups: [
      [1, 2],
      [3, 0],
    ],
    // An even share of three is one who swims and two who do not: each group is one off in both.
    figure: { cost: 4, bestPossible: 0 },
  });
  insight.offers().swaps.forEach(({ better }) => expect(better).not.toContain('swims'));
});

test('partners and wishes are counted in each group and for all', () => {
  const insight = insightOf(['a b c', 'd e f']);
  expect(insight.partners()).toEqual({
    groups: [
      { met: 1, of: 3 },
      { met: 0, of: 3 },
    ],
    figure: { cost: 1, bestPossible: 0 },
  });
  expect(insight.wishes()).toMatchObject({ met: 0, of: 1 });
});

test('every offered swap does what it says: it mends a rule, or lowers the cost of what it names', () => {
  const rng = rngFromSeed(5);
  for (let turn = 0; turn < 30; turn++) {
    const order = idsOf('a b c d e f').sort(() => uniformInt(rng, 3) - 1);
    const groups = [order.slice(0, 3), order.slice(3)];
    const insight = insightOf(groups.map((row) => row.join(' ')));
    for (const offer of insight.offers().swaps) {
      const [one, two] = offer.studentIds;
      const swapped = groups.map((row) =>
        row.map((id) => (id === one ? two! : id === two ? one! : id)).join(' '),
      );
      const after = insightOf(swapped);
      const broken = (of: readonly string[]) => brokenRules(of.map(idsOf), base).length;
      expect(broken(swapped) < broken(groups.map((row) => row.join(' ')))).toBe(offer.mends);
      const cost = (of: Insight) => of.column('score')!.figure.cost;
      if (offer.better.includes('score')) expect(cost(after)).toBeLessThan(cost(insight));
      if (offer.worse.includes('score')) expect(cost(after)).toBeGreaterThan(cost(insight));
    }
  }
});

test('targets say which group breaks a rule, and mark at most three, never one that breaks it', () => {
  const insight = insightOf(['a c', 'b d', 'e f']);
  const targets = insight.targets(idOf('a'));
  expect(targets.find(({ group }) => group === 1)).toMatchObject({ effect: 'breaks', place: null });
  expect(targets.filter(({ place }) => place !== null).map(({ group }) => group)).toEqual([2]);
});

test('what a row says that a move of several would do is of rules what comes of it, and of one what is said of one alone', () => {
  const rng = rngFromSeed(9);
  const effects = (all: readonly Target[]) =>
    Object.fromEntries(all.map(({ group, effect }) => [group, effect]));
  for (let turn = 0; turn < 40; turn++) {
    const groups: StudentId[][] = [[], [], []];
    idsOf('a b c d e f').forEach((id) => groups[uniformInt(rng, 3)]!.push(id));
    const now = insightOf(asNames(groups));
    const several = idsOf('a b c d e f').filter(() => uniformInt(rng, 2) === 0);
    for (const { group, effect, isHome, place } of now.targetsOfSeveral(several)) {
      const moved = groups.map((row, to) => [
        ...row.filter((id) => !several.includes(id)),
        ...(to === group ? several : []),
      ]);
      const pairs = brokenPairs(moved, base) - brokenPairs(groups, base);
      expect({ breaks: effect === 'breaks', mends: effect === 'mends' }).toEqual({
        ...{ breaks: pairs > 0, mends: pairs < 0 },
      });
      expect(isHome).toBe(several.every((id) => groups[group]!.includes(id)));
      if (place !== null) expect([effect, isHome]).not.toEqual(['breaks', isHome]);
    }
    for (const id of several)
      expect(effects(now.targetsOfSeveral([id]))).toEqual(effects(now.targets(id)));
  }
  expect(insightOf(['a c', 'b d']).targetsOfSeveral(idsOf('a e'))).toEqual([]);
});

test.each([1, 2, 3, 4])(
  'what a row says that a move would do is what comes of it (seed %i)',
  (seed) => {
    const rng = rngFromSeed(seed);
    const students = crew.map((one) => ({
      ...one,
      details: { score: uniformInt(rng, 101), swims: uniformInt(rng, 2) === 0 },
      wishes: uniformInt(rng, 2) === 0 ? idsOf('abcdef'[uniformInt(rng, 6)]!) : [],
    }));
    // One goal at a time, so that its figure alone tells better from worse.
    const bench: Bench = {
      ...testBench({
        students,
        theClass: { details },
        recipe: { balance: [{ detail: 'score', how: 'mix', importance: 'most' }] },
      }),
      rules: [rule('apart', 'a b'), rule('together', 'c d'), rule('apart', 'd e f')],
    };
    for (let turn = 0; turn < 12; turn++) {
      const groups: StudentId[][] = [[], [], []];
      idsOf('a b c d e f').forEach((id) => groups[uniformInt(rng, 3)]!.push(id));
      const now = insightOf(asNames(groups), bench);
      for (const id of idsOf('a b c d e f')) {
        for (const { group, effect, isHome } of now.targets(id)) {
          expect(isHome).toBe(groups[group]!.includes(id));
          if (isHome) continue;
          const moved = groups.map((row, to) => [
            ...row.filter((one) => one !== id),
            ...(to === group ? [id] : []),
          ]);
          const after = insightOf(asNames(moved), bench);
          const cost = after.column('score')!.figure.cost - now.column('score')!.figure.cost;
          const pairs = brokenPairs(moved, bench) - brokenPairs(groups, bench);
          const expected =
            pairs > 0
              ? 'breaks'
              : pairs < 0
                ? 'mends'
                : cost < -1e-6
                  ? 'better'
                  : cost > 1e-6
                    ? 'worse'
                    : 'same';
          expect({ seed, turn, id, group, effect }).toEqual({
            seed,
            turn,
            id,
            group,
            effect: expected,
          });
        }
      }
    }
  },
);

test('somebody aside is placed in the smallest group that breaks no rule, then where the goals are best', () => {
  expect(insightOf(['b c', 'd', 'e f']).bestPlace(idOf('a'))).toBe(1);
  expect(insightOf(['b', 'c d', 'e f']).bestPlace(idOf('a'))).not.toBe(0);
  // Both have two; with 10 beside 80 and 70 the means come nearest.
  expect(insightOf(['c d', 'e f', 'b']).bestPlace(idOf('a'))).toBe(1);
});

test('rules told about a student are the quiet ones, with where they come from', () => {
  const told = insightOf(['a b c', 'd e f']).whyStudent(idOf('a'));
  expect(told[0]).toMatchObject({ code: 'ruleBroken', source: { from: 'rule' } });
});

test('there is nothing to say about groups with more rows than students', () => {
  expect(Insight.of(base, take(['a', '', '', '', '', '', '']), [])).toBeNull();
  expect(Insight.of(base, undefined, [])).toBeNull();
});

describe('a swap that is not offered', () => {
  const groups = ['a b c', 'd e f'];

  test('is told by what it would do: mend a rule, break it, better or worsen what is asked', () => {
    // a and b are to be apart.
    expect(insightOf(groups).swapEffect(idOf('b'), idOf('d'))).toBe('mends');
    expect(insightOf(['a c d', 'b e f']).swapEffect(idOf('b'), idOf('c'))).toBe('breaks');
    const plain = { ...base, rules: [], history: [] };
    const even = insightOf(['a d e', 'b c f'], plain);
    const uneven = insightOf(groups, plain);
    expect(uneven.swapEffect(idOf('a'), idOf('f'))).toBe('better');
    const [mean, other] = [even, even].map((one) => one.column('score')?.figure.cost ?? 0);
    expect(mean).toBe(other);
    expect(even.swapEffect(idOf('a'), idOf('f'))).toBe('worse');
  });

  test('does nothing within a group, or with somebody who is in none', () => {
    expect(insightOf(groups).swapEffect(idOf('a'), idOf('c'))).toBeNull();
    expect(insightOf(['a b', 'd e f']).swapEffect(idOf('c'), idOf('d'))).toBeNull();
    expect(insightOf(['a b', 'd e f']).swapEffect(idOf('d'), idOf('c'))).toBeNull();
  });
});

test('for somebody aside every group is judged beside the best of them, and none is home', () => {
  const aside = insightOf(['a d', 'e f'], { ...base, history: [] }).targets(idOf('b'));
  expect(aside.map(({ isHome }) => isHome)).toEqual([false, false]);
  expect(aside.map(({ group, effect }) => [group, effect])).toEqual([
    [1, 'same'],
    [0, 'breaks'],
  ]);
  // Where each group breaks the rule neither is said to break it: nothing better can be had.
  const both = { ...base, rules: [rule('apart', 'a b'), rule('apart', 'b e')], history: [] };
  const told = insightOf(['a d', 'e f'], both).targets(idOf('b'));
  expect(told.map(({ effect }) => effect)).not.toContain('breaks');
  expect(told.filter(({ place }) => place === 0)).toHaveLength(1);
});

test('ranked groups are told beside the best that these sizes allow', () => {
  const take2 = take(['a b', 'c d']);
  const students = crew.slice(0, 4);
  const bench = testBench({ students, recipe: { topics: 'plain' }, bench: { take: take2 } });
  // Three would like the first group, which has two seats.
  const ranks = { a: [0, 1], b: [0, 1], c: [0, 1], d: [1, 0] };
  const of = { ...bench, lineup: { ...bench.lineup, ranks } };
  expect(Insight.of(of, take2, [])?.topics()).toEqual({
    groups: [
      { met: 2, of: 2 },
      { met: 1, of: 2 },
    ],
    met: 3,
    figure: { cost: 1, bestPossible: 1 },
  });
  const worse = take(['c d', 'a b']);
  expect(Insight.of({ ...of, take: worse }, worse, [])?.topics()).toMatchObject({
    met: 1,
    figure: { cost: 3, bestPossible: 1 },
  });
});

test('what is offered about a student or a group is about nobody else, and nothing about who is in none', () => {
  const groups = ['a b c', 'd e f'];
  const three = insightOf(['a b', 'c d', 'e f']);
  for (const { studentIds, from, to } of [...three.offers({ group: 2 }).swaps]) {
    expect([from, to]).toContain(2);
    expect(studentIds.some((id) => idsOf('e f').includes(id))).toBe(true);
  }
  expect(three.offers({ group: 2 }).swaps.length).toBeGreaterThan(0);
  const aboutF = insightOf(groups).offers({ student: idOf('f') }).swaps;
  expect(aboutF.every(({ studentIds }) => studentIds.includes(idOf('f')))).toBe(true);
  const without = insightOf(['a b', 'd e f']);
  expect(without.offers({ student: idOf('c') })).toEqual({ swaps: [], moves: [] });
  expect(without.whyStudent(idOf('c'))).toEqual([]);
});

test('partners are measured once, whether the recipe asks for fresh ones or not', () => {
  const unasked = testBench({ students: crew, bench: { history: base.history } });
  for (const bench of [base, unasked]) {
    expect(insightOf(['a b c', 'd e f'], bench).partners().figure.cost).toBe(1);
  }
  // Asked for, they are what a swap betters; only looked at, they sway nothing.
  const told = (bench: Bench) =>
    insightOf(['a b c', 'd e f'], bench)
      .offers()
      .swaps.flatMap(({ better }) => better);
  expect(told({ ...base, rules: [] })).toContain('partners');
  expect(told(unasked)).not.toContain('partners');
});

test('no more than three places are marked, the best first', () => {
  const six = 'g h i j k l m'.split(' ').map((name, at) => student(name, at));
  const bench = testBench({ students: six });
  const marked = insightOf(['g h', 'i', 'j', 'k', 'l', 'm'], bench)
    .targets(idOf('g'))
    .flatMap(({ place }) => (place === null ? [] : [place]));
  expect(marked.sort()).toEqual([0, 1, 2]);
});
