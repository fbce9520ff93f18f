import { arrangeNow } from '../core/arrange';
import { rngFromSeed, type Rng } from '../core/random/rng';
import { uniformInt } from '../core/random/uniform';
import { SectionId, StudentId } from '../schema/ids';
import { newSeatSession } from '../schema/seatSession';
import type { Bench } from './bench';
import { brokenRules } from './ruleState';
import {
  choosingBench,
  closedGroups,
  closingPlans,
  sizesForRanks,
  whoChooses,
  type Seating,
} from './seats';
import { detail, rule, student, take, testBench } from './testBench';

const places = (...seats: readonly number[]): Seating[] =>
  seats.map((count) => ({ seats: count, least: 0 }));

/** A bench of students named by letters, some in sections, with rules such as `['apart', 'a b']`. */
function benchOf(
  names: string,
  rules: readonly (readonly ['apart' | 'together', string])[] = [],
  of: {
    readonly sections?: Readonly<Record<string, string>>;
    readonly away?: string;
    readonly groups?: readonly string[];
  } = {},
): Bench {
  return testBench({
    students: names.split('').map((name, order) =>
      student(name, order, {
        sectionId: of.sections?.[name] ?? null,
        here: !(of.away ?? '').includes(name),
      }),
    ),
    bench: {
      rules: rules.map(([kind, who]) => rule(kind, who)),
      ...(of.groups ? { take: take(of.groups) } : {}),
    },
  });
}

const id = (name: string): StudentId => StudentId.parse(name);
const seatsOf = (given: Readonly<Record<string, number>>): Map<StudentId, number> =>
  new Map(Object.entries(given).map(([one, group]) => [id(one), group]));

/** "a: 0 1" for each who has groups closed to them. */
function closedIn(
  bench: Bench,
  groups: readonly Seating[],
  given: Readonly<Record<string, number>>,
) {
  const who = bench.students.map((one) => one.id);
  return [...closedGroups(bench, who, groups, seatsOf(given))].flatMap(([one, closed]) =>
    closed.size === 0 ? [] : [`${one}: ${[...closed].sort().join(' ')}`],
  );
}

/** Every way in which all could sit, those who sit staying where they are; slow. */
function canBeCompleted(
  bench: Bench,
  groups: readonly Seating[],
  seated: ReadonlyMap<StudentId, number>,
): boolean {
  const waiting = bench.students.map((one) => one.id).filter((one) => !seated.has(one));
  const [next] = waiting;
  const members = groups.map((_, at) =>
    [...seated].flatMap(([one, group]) => (group === at ? [one] : [])),
  );
  if (members.some(({ length }, at) => length > (groups[at]?.seats ?? 0))) return false;
  if (next === undefined) return brokenRules(members, bench).length === 0;
  return groups.some((_, at) => canBeCompleted(bench, groups, new Map([...seated, [next, at]])));
}

const pick = <T>(rng: Rng, list: readonly T[]): T => list[uniformInt(rng, list.length)] as T;

function randomCase(seed: number) {
  const rng = rngFromSeed(seed);
  const names = ['a', 'b', 'c', 'd', 'e', 'f'].slice(0, 4 + uniformInt(rng, 3));
  const pairs = Array.from({ length: 1 + uniformInt(rng, 3) }, () => {
    const one = pick(rng, names);
    const two = pick(
      rng,
      names.filter((name) => name !== one),
    );
    return [pick(rng, ['apart', 'together'] as const), `${one} ${two}`] as const;
  });
  const groups = places(
    ...Array.from({ length: 2 + uniformInt(rng, 2) }, () => 1 + uniformInt(rng, 3)),
  );
  const bench = benchOf(names.join(''), pairs);
  return { rng, bench, groups, who: bench.students.map((one) => one.id) };
}

describe('what is closed to whom', () => {
  test('a group is closed to whom must not sit with somebody in it, and to nobody else', () => {
    const bench = benchOf('abc', [['apart', 'a b']]);
    expect(closedIn(bench, places(2, 2), { a: 0 })).toEqual(['b: 0']);
    expect(closedIn(bench, places(2, 2), {})).toEqual([]);
  });

  test('who belongs together follows, and finds the place kept', () => {
    const bench = benchOf('abcd', [['together', 'a b']]);
    expect(closedIn(bench, places(2, 2), { a: 0 })).toEqual(['b: 1', 'c: 0', 'd: 0']);
    expect(closedIn(bench, places(1, 3), {})).toEqual(['a: 0', 'b: 0']);
  });

  test('a seat that breaks a rule is closed, and none is closed from which all could be seated', () => {
    let closedCount = 0;
    for (let seed = 1; seed <= 250; seed++) {
      const { rng, bench, groups, who } = randomCase(seed);
      const seated = new Map<StudentId, number>();
      for (let step = 0; step < 4; step++) {
        const closed = closedGroups(bench, who, groups, seated);
        const counts = groups.map(
          (_, at) => [...seated.values()].filter((one) => one === at).length,
        );
        for (const one of who.filter((student) => !seated.has(student))) {
          groups.forEach(({ seats }, at) => {
            if ((counts[at] ?? 0) >= seats) return;
            const then = new Map([...seated, [one, at]]);
            const isClosed = closed.get(one)?.has(at) ?? false;
            if (isClosed) {
              closedCount++;
              expect(canBeCompleted(bench, groups, then)).toBe(false);
            }
            const members = groups.map((__, group) =>
              [...then].flatMap(([who_, where]) => (where === group ? [who_] : [])),
            );
            const apart = brokenRules(members, {
              ...bench,
              rules: bench.rules.filter(({ kind }) => kind === 'apart'),
            });
            if (!isClosed) expect(apart).toEqual([]);
          });
        }
        const open = who.flatMap((one) =>
          seated.has(one)
            ? []
            : groups.flatMap(({ seats }, at) =>
                (counts[at] ?? 0) < seats && !closed.get(one)?.has(at) ? [[one, at] as const] : [],
              ),
        );
        if (open.length === 0) break;
        seated.set(...pick(rng, open));
      }
    }
    expect(closedCount).toBeGreaterThan(100);
  });

  test('sections that are kept apart each find room, and limits hold', () => {
    const bench = choosingBench(
      benchOf('abcd', [], { sections: { a: 'x', b: 'x', c: 'y', d: 'y' } }),
      { sectionsApart: true },
    );
    expect(closedIn(bench, places(2, 2), { a: 0 })).toEqual(['b: 1', 'c: 0', 'd: 0']);
    expect(closedIn(bench, places(2, 2), {})).toEqual([]);
    expect(closedIn(bench, places(2, 2, 2), { a: 0, c: 1 })).toEqual([
      'a: 1',
      'b: 1',
      'c: 0',
      'd: 0',
    ]);
    const limited: Bench = {
      ...bench,
      lineup: {
        ...bench.lineup,
        recipe: {
          ...bench.lineup.recipe,
          sections: 'any',
          limits: [{ kind: 'atMost', detail: 'section', value: 'x', count: 1 }],
        },
      },
    };
    expect(closedIn(limited, places(4, 4), { a: 0 })).toEqual(['b: 0']);
  });

  test('who chooses is who is here, of a section, or in no group yet', () => {
    const bench = benchOf('abc', [], {
      sections: { a: 'x', b: 'y' },
      away: 'c',
      groups: ['a', ''],
    });
    const names = (who: Parameters<typeof whoChooses>[1]) =>
      whoChooses(bench, who).map((one) => String(one.id));
    expect(names({ of: 'here' })).toEqual(['a', 'b']);
    expect(names({ of: 'section', sectionId: SectionId.parse('x') })).toEqual(['a']);
    expect(names({ of: 'unplaced' })).toEqual(['b']);
  });
});

describe('seating whoever has no place at the end', () => {
  const seat = (
    bench: Bench,
    groups: readonly Seating[],
    given: Readonly<Record<string, number>>,
  ) => {
    const who = bench.students.map((one) => one.id);
    for (const { request, rows } of closingPlans(bench, who, groups, seatsOf(given), 7)) {
      const outcome = arrangeNow(request);
      if (!outcome.ok || !outcome.result.feasible) continue;
      return groups.map((_, at) =>
        [...(outcome.result.rounds[0]?.groups[rows.indexOf(at)] ?? [])].sort(),
      );
    }
    return null;
  };

  test('nobody who sits has to move while the rules can be kept without', () => {
    const bench = benchOf('abcdefgh', [['apart', 'a g']]);
    const groups = places(4, 4);
    const seated = { a: 0, b: 0, c: 1, d: 1, e: 1 };
    const after = seat(bench, groups, seated);
    for (const [one, at] of Object.entries(seated)) expect(after?.[at]).toContain(one);
    expect(after?.[1]).toContain('g');
    expect(after?.flat()).toHaveLength(8);
  });

  test('as few as can be move where a group is too small or a rule asks for it', () => {
    const bench = benchOf('abcdef');
    const groups = [
      { seats: 4, least: 2 },
      { seats: 4, least: 2 },
    ];
    const after = seat(bench, groups, { a: 0, b: 0, c: 0, d: 0, e: 1 });
    expect(after?.map((one) => one.length)).toEqual([4, 2]);
    expect(after?.[0]).toEqual(['a', 'b', 'c', 'd']);
  });

  test('random choices end within every group, with every rule kept where that can be', () => {
    for (let seed = 1; seed <= 60; seed++) {
      const { rng, bench, groups, who } = randomCase(seed);
      const seated: Record<string, number> = {};
      for (const one of who) {
        const closed = closedGroups(bench, who, groups, seatsOf(seated)).get(one);
        const open = groups.flatMap(({ seats }, at) => {
          const count = Object.values(seated).filter((group) => group === at).length;
          return count < seats && !closed?.has(at) ? [at] : [];
        });
        if (open.length > 0 && uniformInt(rng, 3) > 0) seated[one] = pick(rng, open);
      }
      const possible = canBeCompleted(bench, groups, new Map());
      const after = seat(bench, groups, seated);
      if (!possible) continue;
      expect({ seed, found: after !== null }).toEqual({ seed, found: true });
      expect(after?.flat().sort()).toEqual([...who].sort());
      after?.forEach((group, at) =>
        expect(group.length).toBeLessThanOrEqual(groups[at]?.seats ?? 0),
      );
      const members = (after ?? []).map((group) => group.map((one) => id(one)));
      expect(brokenRules(members, bench)).toEqual([]);
    }
  });
});

test('sizes follow what is ranked, within the seats, and even out where nobody cares', () => {
  const groups = [
    { seats: 3, least: 0 },
    { seats: 3, least: 0 },
    { seats: 3, least: 0 },
  ];
  expect(sizesForRanks(groups, [[0], [0], [0], [], [], []])).toMatchObject({ 0: 3, length: 3 });
  expect(sizesForRanks(groups, [[0], [0], [0], [0, 1], [1], [1]])).toEqual([3, 2, 1]);
  expect(sizesForRanks(groups, [[], [], [], [], [], []])).toEqual([2, 2, 2]);
  expect(sizesForRanks(places(1, 1), [[0], [0], [1]])).toBeNull();
});

test('a session that is made asks for what is usual', () => {
  const { theClass, lineup } = benchOf('a');
  expect(newSeatSession(theClass.id, lineup.id, [])).toMatchObject({ kind: 'seats', minutes: 5 });
});

describe('the least that a group is to hold', () => {
  const sizes = (groups: readonly (readonly [number, number])[], ranks: readonly number[][]) =>
    sizesForRanks(
      groups.map(([seats, least]) => ({ seats, least })),
      ranks,
    );
  const wish = (...groups: number[]): number[][] => groups.map((one) => [one]);

  test('is filled up from the group that can spare most', () => {
    expect(
      sizes(
        [
          [6, 2],
          [6, 3],
          [6, 1],
        ],
        wish(0, 0, 0, 0, 0, 1, 1, 2),
      ),
    ).toEqual([4, 3, 1]);
  });

  test('empties the smallest group where nobody can spare anybody, and its members go where fewest are over', () => {
    expect(
      sizes(
        [
          [4, 3],
          [4, 3],
          [4, 3],
        ],
        wish(0, 0, 0, 1, 1, 1, 2),
      ),
    ).toEqual([4, 3, 0]);
  });

  test('stays short where there are no places for those of a group that would go', () => {
    expect(
      sizes(
        [
          [3, 3],
          [2, 2],
        ],
        wish(0, 0, 0, 1),
      ),
    ).toEqual([3, 1]);
  });

  test('an empty group is not too small, and fewer seats than students are no sizes', () => {
    expect(
      sizes(
        [
          [4, 2],
          [4, 2],
        ],
        wish(0, 0),
      ),
    ).not.toContain(1);
    expect(sizes([[1, 0]], wish(0, 0))).toBeNull();
  });
});

test('the last places of a group are kept for those who are still needed there', () => {
  const bench = testBench({
    students: 'abcd'
      .split('')
      .map((name, at) => student(name, at, { details: { swims: at < 2 ? 'yes' : 'no' } })),
    theClass: { details: [detail('swims', 'category')] },
    recipe: { limits: [{ kind: 'atLeast', detail: 'swims', value: 'yes', count: 1 }] },
  });
  const two = places(2, 2);
  expect(closedIn(bench, two, {})).toEqual([]);
  // c took one of two places: the other is for a swimmer, and d finds the other group.
  expect(closedIn(bench, two, { c: 0 })).toEqual(['d: 0']);
  expect(closedIn(bench, two, { a: 0 })).toEqual([]);
  // There are too few swimmers for three groups: nobody is kept out for a limit that cannot hold.
  expect(closedIn(bench, places(2, 1, 1), { c: 0 })).toEqual([]);
});

test('too small groups are filled up by whoever has most over, the neediest first', () => {
  const wish = (...groups: number[]): number[][] => groups.map((one) => [one]);
  const sizes = (least: readonly number[], ...ranked: number[]) =>
    sizesForRanks(
      least.map((one) => ({ seats: 8, least: one })),
      wish(...ranked),
    );
  // Two over in the first, four in the second: the third takes from the second, twice.
  expect(sizes([2, 1, 3], 0, 0, 0, 0, 1, 1, 1, 1, 1, 2)).toEqual([4, 3, 3]);
  // The largest is not the one that has most over.
  expect(sizes([5, 1, 2], 0, 0, 0, 0, 0, 0, 1, 1, 1, 2)).toEqual([6, 2, 2]);
  // Of two that are to go, the smaller goes, to where fewest are over.
  expect(sizes([4, 4, 4, 1], 0, 0, 0, 1, 1, 1, 1, 2, 2, 3)).toEqual([5, 4, 0, 1]);
});

test('limits on a value that nobody is known to have close no group', () => {
  const bench = testBench({
    students: 'abc'.split('').map((name, at) => student(name, at)),
    theClass: { details: [detail('swims', 'category')] },
    recipe: {
      limits: [{ kind: 'atMost', detail: 'swims', value: 'undefined', count: 1 }],
    },
  });
  expect(closedIn(bench, places(2, 2), { a: 0 })).toEqual([]);
});

test('where sections have groups of their own, an empty one is left to the section that needs it', () => {
  const sections = { a: 'x', b: 'x', c: 'x', d: 'y', e: 'y' };
  const bench = choosingBench(benchOf('abcde', [], { sections }), { sectionsApart: true });
  // A seat is left for x beside a, and one of three groups; two of y need one of the empty groups, of two and of one.
  expect(closedIn(bench, places(2, 2, 1), { a: 0 })).toEqual([
    ...['a: 1', 'b: 1', 'c: 1', 'd: 0 2', 'e: 0 2'],
  ]);
  // With room for all of y in either, both are open to them and to the one of x who needs a group.
  expect(closedIn(bench, places(2, 2, 2), { a: 0 })).toEqual(['d: 0', 'e: 0']);
});
