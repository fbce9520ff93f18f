import { arrangeNow } from '../core/arrange';
import type { ArrangeRequest } from '../core/format';
import { LineupId } from '../schema/ids';
import type { Dealing, Recipe, SizingChoice, Who } from '../schema/recipe';
import { RequestSchema } from '../schema/request';
import type { RollStudent } from '../schema/student';
import type { TakeRecord } from '../schema/take';
import { whoIsDealt, type Bench } from './bench';
import { moversBetween } from './compareTakes';
import { dealtWithoutDraw } from './dealing';
import { groupNames } from './groupNames';
import { WHOLE } from './openPart';
import { requestFor } from './request';
import { holdersFor, inTurns, turnReason, withRolesOf } from './roles';
import { savedRecipe, usableRecipe } from './savedRecipe';
import { countParted, movedTogether, separations } from './separations';
import { leavesOneAlone, previewOf, sizingsWithoutLone } from './sizing';
import { sameDivision, takeGroups, type Beside } from './takeGroups';
import { idOf, idsOf, rule, student, take, testBench, detail, section } from './testBench';

const DETAILS = [
  { ...detail('score', 'number'), name: 'Score' },
  detail('level', 'level', ['new', 'some', 'seasoned']),
  { ...detail('swims', 'yesNo'), name: 'Swims' },
] as const;
const LEVELS = ['seasoned', 'new', 'some'];

/** Nine students a to i; scores fall, levels go round, every third swims; two sections, the last in none. */
const crew: readonly RollStudent[] = idsOf('a b c d e f g h i').map((name, i) =>
  student(name, i, {
    familyName: `Z${9 - i}`,
    givenName: name,
    sectionId: i === 8 ? null : i < 4 ? 'north' : 'south',
    details: {
      score: 90 - i,
      level: LEVELS[i % 3] ?? '',
      ...(i === 4 ? {} : { swims: i % 3 === 0 }),
    },
  }),
);
const theClass = {
  details: DETAILS.map((one) => ({ ...one, levels: [...one.levels] })),
  sections: [section('north', 'North bank', 0), section('south', 'South bank', 1)],
};
const bench = (recipe: Partial<Recipe> = {}, more: Partial<Bench> = {}, pinned = ''): Bench =>
  testBench({ students: crew, theClass, recipe, bench: more, pinned });
const names = (groups: readonly { readonly studentIds: readonly string[] }[]): string[] =>
  groups.map(({ studentIds }) => studentIds.join(' '));

describe('the request of a lineup', () => {
  test('says in the open format all that the recipe and the rules say', () => {
    const { request, sources } = requestFor(
      bench(
        {
          sections: 'mixed',
          balance: [
            { detail: 'score', how: 'mix', importance: 'plain' },
            { detail: 'level', how: 'match', importance: 'most' },
          ],
          freshPartners: 'little',
          limits: [{ kind: 'atMost', detail: 'swims', value: 'yes', count: 1 }],
        },
        {
          rules: [rule('apart', 'a b'), rule('apart', 'c d', '2026-11-01')],
          history: [[idsOf('a c')]],
        },
      ),
      7,
    );
    expect(RequestSchema.safeParse(request).success).toBe(true);
    expect(request.rules).toEqual([
      { kind: 'apart', students: ['a', 'b'] },
      { kind: 'atMost', attribute: 'swims', value: 'yes', count: 1 },
    ]);
    expect(sources.map(({ from }) => from)).toEqual(['rule', 'limit']);
    expect(request.goals).toEqual([
      { kind: 'spread', attribute: 'score', weight: 1 },
      { kind: 'alike', attribute: 'rank of level', weight: 4 },
      { kind: 'spread', attribute: 'section', weight: 1 },
      { kind: 'freshPartners', weight: 0.25 },
    ]);
    expect(request.students[0]?.attributes).toEqual({
      ...{ score: 90, level: 'seasoned', 'rank of level': 2, swims: 'yes', section: 'north' },
    });
  });

  test('asks nothing about a detail that nobody here has', () => {
    const plain = crew.map((one) => ({ ...one, details: {} }));
    const { request } = requestFor(
      bench(
        {
          balance: [{ detail: 'score', how: 'mix', importance: 'plain' }],
          limits: [{ kind: 'notAlone', detail: 'swims', value: 'yes', count: 0 }],
        },
        { students: plain },
      ),
      1,
    );
    expect([request.goals, request.rules]).toEqual([[], []]);
  });

  const CASES: readonly (readonly [Who, string])[] = [
    [{ of: 'all' }, 'a b c d e f g h i'],
    [{ of: 'sections', sectionIds: ['north'] }, 'a b c d'],
    [{ of: 'unplaced' }, 'b d e f g h i'],
    [{ of: 'groups', lineupId: LineupId.parse('l_0'), groups: [1] }, 'c'],
    [{ of: 'values', detail: 'swims', values: ['no'] }, 'b c f h i'],
  ];
  test.each(CASES)('deals whom the recipe speaks of: %j', (who, dealt) => {
    const of = bench({ who }, { others: { l_0: [idsOf('a'), idsOf('c')] } });
    expect(
      whoIsDealt(of)
        .map(({ id }) => id)
        .join(' '),
    ).toBe(dealt);
  });

  test('leaves locked groups and their students out, and asks for so many groups fewer', () => {
    const shown = take(['a b c', 'd e f', 'g h i']);
    const groups = shown.groups.map((group, row) => ({ ...group, locked: row === 1 }));
    const plan = requestFor(
      bench({ sizing: { by: 'count', count: 3 } }, { take: { ...shown, groups } }),
      1,
    );
    expect(plan.keptRows).toEqual([1]);
    expect(plan.request.sizing).toEqual({ by: 'count', count: 2 });
    expect(present(plan.request)).toBe('a b c g h i');
  });

  test('deals only the chosen rows, with those who stand aside', () => {
    const plan = requestFor(bench({}, { take: take(['a b', 'c d', 'e f']) }), 1, {
      rows: [0, 2],
      pins: true,
    });
    expect(plan.keptRows).toEqual([1]);
    expect(plan.request.sizing).toEqual({ by: 'count', count: 2 });
    expect(present(plan.request)).toBe('a b e f g h i');
  });

  test('keeps pinned students in their rows, also beside a locked one, unless told to shuffle them too', () => {
    const shown = take(['a b c', 'd e f', 'g h i']);
    const groups = shown.groups.map((group, row) => ({ ...group, locked: row === 0 }));
    const of = bench(
      { sizing: { by: 'count', count: 3 } },
      { take: { ...shown, groups } },
      'e i b',
    );
    const pins = requestFor(of, 1).request.rules;
    expect(pins).toEqual([
      { kind: 'pin', student: 'e', group: 0 },
      { kind: 'pin', student: 'i', group: 1 },
    ]);
    expect(requestFor(of, 1, { ...WHOLE, pins: false }).request.rules).toEqual([]);
  });

  test('puts a result in place: pinned students and locked rows are where they were, nobody is lost', () => {
    for (let seed = 1; seed <= 20; seed++) {
      const shown = take(['a b c', 'd e f', 'g h i']);
      const groups = shown.groups.map((group, row) => ({ ...group, locked: row === 1 }));
      const of = bench(
        { sizing: { by: 'count', count: 3 } },
        { take: { ...shown, groups } },
        'a h',
      );
      const plan = requestFor(of, seed);
      const outcome = arrangeNow(plan.request);
      if (!outcome.ok) throw new Error(outcome.issue.code);
      const made = takeGroups(outcome.result, (row) => `new ${row}`, {
        take: of.take,
        keptRows: plan.keptRows,
        pinned: of.lineup.pinned,
      });
      expect(made[1]).toEqual(groups[1]);
      expect(made[0]?.studentIds).toContain('a');
      expect(made[2]?.studentIds).toContain('h');
      expect(made.flatMap(({ studentIds }) => studentIds).sort()).toEqual(
        idsOf('a b c d e f g h i'),
      );
    }
  });

  function present({ students }: ArrangeRequest): string {
    return students.flatMap(({ id, absent }) => (absent ? [] : [id])).join(' ');
  }
});

describe('groups made without a draw', () => {
  test('carry a value as what they are about, never as the name that the class reads; sections have names', () => {
    const by = (of: string) =>
      dealtWithoutDraw(bench({ dealing: { by: 'value', of } }), (_, value) => `is ${value}`);
    expect(by('level')?.map(({ name, about }) => [name, about])).toEqual([
      [null, 'is new'],
      [null, 'is some'],
      [null, 'is seasoned'],
    ]);
    expect(by('section')?.map(({ name, about }) => [name, about])).toEqual([
      ['is north', ''],
      ['is south', ''],
    ]);
  });

  const count: Partial<Recipe> = { sizing: { by: 'count', count: 2 } };
  const CASES: readonly (readonly [Dealing, readonly string[]])[] = [
    [{ by: 'order', order: 'list', inBlocks: true }, ['a b c d e', 'f g h i']],
    [{ by: 'order', order: 'list', inBlocks: false }, ['a c e g i', 'b d f h']],
    [{ by: 'order', order: 'familyName', inBlocks: true }, ['i h g f e', 'd c b a']],
    [{ by: 'order', order: { detail: 'score' }, inBlocks: true }, ['i h g f e', 'd c b a']],
    [{ by: 'order', order: { detail: 'level' }, inBlocks: true }, ['b e h c f', 'i a d g']],
    [{ by: 'order', order: { detail: 'swims' }, inBlocks: true }, ['b c f h i', 'a d g e']],
    [{ by: 'value', of: 'level' }, ['b e h', 'c f i', 'a d g']],
    [{ by: 'value', of: 'section' }, ['a b c d', 'e f g h']],
    [{ by: 'hand' }, ['', '']],
  ];
  test.each(CASES)('%j', (dealing, expected) => {
    const dealt = dealtWithoutDraw(bench({ ...count, dealing }), (_, value) => value);
    expect(names(dealt ?? [])).toEqual(expected);
  });

  test('by student number go by its figures, those without one at the end', () => {
    const numbers = { Ana: '10', Bo: '9', Caro: '', Dov: '0010', Eli: 'B2' };
    const bench = testBench({
      students: Object.entries(numbers).map(([name, externalId], i) =>
        student(name, i, { externalId }),
      ),
      recipe: {
        sizing: { by: 'count', count: 1 },
        dealing: { by: 'order', order: 'number', inBlocks: true },
      },
    });
    expect(dealtWithoutDraw(bench, () => '')?.[0]?.studentIds).toEqual(
      idsOf('Bo Ana Dov Eli Caro'),
    );
  });

  test('with leftovers in a smaller group fill the others first', () => {
    const dealt = dealtWithoutDraw(
      bench({
        sizing: { by: 'size', size: 4, leftover: 'smaller' },
        dealing: { by: 'order', order: 'list', inBlocks: false },
      }),
      (_, value) => value,
    );
    expect(names(dealt ?? [])).toEqual(['a d f h', 'b e g i', 'c']);
  });
});

test.each([
  ['words', 3, ['Alder', 'Reed', 'Alder 2']],
  ['numbers', 2, ['Group 1', 'Group 2']],
  ['list', 3, ['Ours', 'Yours', 'Group 3']],
] as const)('groups named by %s', (from, count, expected) => {
  const naming = { from, list: ['Ours', 'Yours'], withCode: false, withDate: false };
  const words = { words: ['Alder', 'Reed'], courseCode: 'RIV-2', date: '15 Oct' };
  const numbered = (number: number) => `Group ${number}`;
  expect(groupNames(naming, count, { ...words, numbered })).toEqual(expected);
});

test('letters go on after Z as AA, and code and date follow the name', () => {
  const naming = { from: 'letters', list: [], withCode: true, withDate: true } as const;
  const made = groupNames({ ...naming, list: [] }, 703, {
    ...{ words: [], courseCode: 'RIV-2', date: '15 Oct', numbered: String },
  });
  expect([made[0], made[25], made[26], made[701], made[702]]).toEqual(
    ['A', 'Z', 'AA', 'ZZ', 'AAA'].map((name) => `${name} · RIV-2 · 15 Oct`),
  );
  expect(new Set(made).size).toBe(703);
});

describe('who is parted from whom', () => {
  const groups = (rows: readonly string[]) => rows.map(idsOf);
  const told = (before: readonly string[], after: readonly string[]) =>
    separations(groups(before), groups(after)).map(
      ({ studentId, from }) => `${studentId}: ${[...from].sort().join(' ')}`,
    );

  test('one who leaves is parted from those who stay, told once', () => {
    expect(told(['a b c', 'd e'], ['b c', 'd e a'])).toEqual(['a: b c']);
  });

  test('a newcomer, or groups in another order, part nobody', () => {
    expect(told(['a b', 'c d'], ['d c', 'b a e'])).toEqual([]);
  });

  test('a split is told from the side of the fewest, and standing aside counts as leaving', () => {
    expect(told(['a b c d'], ['a b c'])).toEqual(['d: a b c']);
    expect(told(['a b c d'], ['a b', 'c d'])).toHaveLength(2);
  });
});

test('two takes are compared by company, not by the number of the group', () => {
  const groups = (rows: readonly string[]) => rows.map((row) => ({ studentIds: idsOf(row) }));
  expect(moversBetween(groups(['a b c', 'd e f']), groups(['d e f', 'c b a']))).toEqual([]);
  expect(moversBetween(groups(['a b c', 'd e f']), groups(['d e c', 'a b f']))).toEqual([
    { studentId: 'c', from: 0, to: 0 },
    { studentId: 'f', from: 1, to: 1 },
  ]);
  expect(moversBetween(groups(['a b']), groups(['a b c']))).toEqual([
    { studentId: 'c', from: null, to: 0 },
  ]);
});

describe('roles', () => {
  const here = new Set(idsOf('a b c d'));
  const group = (row: string, roles = {}) => ({ studentIds: idsOf(row), roles });

  test('in turns come round: after as many lineups as students, everybody has led once', () => {
    const past: ReturnType<typeof group>[][] = [];
    for (let week = 0; week < 4; week++) {
      const holder = holdersFor('lead', 'turns', [group('a b c d')], here, past, week).get(0);
      past.push([group('a b c d', { lead: holder })]);
    }
    expect(
      past
        .flat()
        .map(({ roles }: { roles: { lead?: string } }) => roles.lead)
        .sort(),
    ).toEqual(idsOf('a b c d'));
  });

  test('go to the first who is here, and past one who has another role already', () => {
    const first = (row: string, roles = {}) =>
      holdersFor('lead', 'first', [group(row, roles)], here, [], 1).get(0);
    expect(first('x b a')).toBe('b');
    expect(first('a b', { recorder: idOf('a') })).toBe('b');
    expect(first('a', { recorder: idOf('a') })).toBe('a');
    expect(first('x')).toBeUndefined();
  });

  const times = (role: string, rounds: readonly (readonly ReturnType<typeof group>[])[]) => {
    const all = new Map<string, number>();
    for (const { roles } of rounds.flat()) {
      const holder = (roles as Record<string, string>)[role];
      if (holder !== undefined) all.set(holder, (all.get(holder) ?? 0) + 1);
    }
    return all;
  };

  test('over rounds made together are within one of each other, for each role, with nobody holding two', () => {
    const names = idsOf('a b c d e f g h i j k l');
    const rounds = Array.from({ length: 8 }, (_, round) => {
      const mixed = names.map((id, at) => ({ id, key: (at * 5 + round * 7) % 12 }));
      mixed.sort((one, two) => one.key - two.key);
      return [0, 4, 8].map((at) =>
        group(
          mixed
            .slice(at, at + 4)
            .map(({ id }) => id)
            .join(' '),
        ),
      );
    });
    const given = inTurns(['lead', 'scribe'], rounds, [], 3);
    for (const role of ['lead', 'scribe']) {
      const counts = [...times(role, given).values()];
      expect([counts.length, Math.max(...counts) - Math.min(...counts)]).toEqual([12, 0]);
    }
    for (const { roles, studentIds } of given.flat()) {
      const held: readonly string[] = Object.values(roles);
      expect(new Set(held).size).toBe(2);
      expect(held.every((id) => studentIds.includes(idOf(id)))).toBe(true);
    }
  });

  test('turns of before count for those who were there, and what a group has given stays', () => {
    const past = [[group('a b', { lead: idOf('a') })], [group('b c', { lead: idOf('a') })]];
    const [[one]] = inTurns(['lead'], [[group('a b')]], past, 1) as [[ReturnType<typeof group>]];
    expect(one.roles).toEqual({ lead: 'b' });
    const kept = [[group('a b', { lead: idOf('a') })], [group('a b')]];
    expect(inTurns(['lead'], kept, [], 1).map(([only]) => only?.roles)).toEqual([
      { lead: 'a' },
      { lead: 'b' },
    ]);
    expect(turnReason('lead', idOf('b'), idsOf('a b c'), past)).toEqual({
      before: 0,
      others: [0, 1],
    });
    expect(turnReason('lead', idOf('b'), idsOf('b'), past).others).toBeNull();
  });

  test('stay with whoever is in a group again; who has left takes the role along', () => {
    const before = [group('a b', { lead: idOf('a') }), group('c d', { lead: idOf('c') })];
    const roles = withRolesOf(before, [group('b d'), group('a c')]).map((one) => one.roles);
    expect(roles).toEqual([{}, { lead: 'a' }]);
  });
});

test('a kept recipe finds the details of another class by their names and says what it lost', () => {
  const from = bench({
    balance: [
      { detail: 'score', how: 'mix', importance: 'most' },
      { detail: 'level', how: 'mix', importance: 'plain' },
    ],
    limits: [{ kind: 'atLeast', detail: 'swims', value: 'yes', count: 1 }],
    who: { of: 'sections', sectionIds: ['north'] },
  });
  const other = {
    ...from.theClass,
    sections: [],
    details: [{ ...detail('x9', 'number'), name: 'score ' }],
  };
  const saved = savedRecipe('Usual', from.lineup.recipe, from.theClass);
  expect(usableRecipe(saved, from.theClass)).toEqual({ recipe: from.lineup.recipe, lost: [] });
  const { recipe, lost } = usableRecipe(saved, other);
  expect(recipe.balance).toEqual([{ detail: 'x9', how: 'mix', importance: 'most' }]);
  expect([recipe.limits, recipe.who]).toEqual([[], { of: 'all' }]);
  expect(lost).toEqual(['level', 'Swims']);
});

describe('the sizes told before a shuffle', () => {
  const sizing = { by: 'size', size: 4, leftover: 'spread' } as const;
  /** As told, and as the engine makes them. */
  const both = (of: Bench) => {
    const told = previewOf(of);
    const plan = requestFor(of, 3);
    const outcome = arrangeNow(plan.request);
    if (!told.ok || !outcome.ok) throw new Error('expected sizes, received none');
    const kept = plan.keptRows.map((row) => of.take!.groups[row]!.studentIds.length);
    const made = [...outcome.result.rounds[0]!.groups.map(({ length }) => length), ...kept];
    const flat = told.counts.flatMap(({ groups, size }) =>
      Array.from({ length: groups }, () => size),
    );
    return { told: flat, made: made.sort((a, b) => b - a) };
  };
  const people = (north: number, south: number) =>
    Array.from({ length: north + south }, (_, i) =>
      student(`p${i}`, i, { sectionId: i < north ? 'n' : 's' }),
    );

  test.each([
    [10, 17],
    [5, 22],
    [14, 14],
    [1, 20],
  ])('are those made, also of sections of %i and %i kept apart', (north, south) => {
    const of = bench({ sizing, sections: 'kept' }, { students: people(north, south) });
    const { told, made } = both(of);
    expect(told).toEqual(made);
  });

  test('are those made where rows are locked', () => {
    const students = people(7, 6);
    const locked = take(['p0 p1 p2 p3 p4 p5', 'p6 p7 p8', 'p9 p10 p11 p12']);
    locked.groups[0]!.locked = true;
    const { told, made } = both(bench({ sizing }, { students, take: locked }));
    expect(told).toEqual(made);
    expect(told[0]).toBe(6);
  });
});

describe('where one student would be alone', () => {
  const of = (count: number, sizing: SizingChoice): Bench =>
    bench({ sizing }, { students: Array.from({ length: count }, (_, i) => student(`p${i}`, i)) });

  test.each<[number, SizingChoice, readonly SizingChoice[]]>([
    [
      29,
      { by: 'size', size: 2, leftover: 'spread' },
      [{ by: 'size', size: 2, leftover: 'larger' }],
    ],
    [
      25,
      { by: 'size', size: 4, leftover: 'smaller' },
      [
        { by: 'size', size: 4, leftover: 'spread' },
        { by: 'size', size: 4, leftover: 'larger' },
      ],
    ],
    [29, { by: 'count', count: 15 }, [{ by: 'count', count: 14 }]],
    [9, { by: 'atMost', size: 2 }, [{ by: 'range', least: 2, most: 3 }]],
    [28, { by: 'size', size: 2, leftover: 'spread' }, []],
    [29, { by: 'count', count: 28 }, []],
    [3, { by: 'size', size: 1, leftover: 'spread' }, []],
    [5, { by: 'sizes', sizes: [4, 1] }, []],
  ])('%i students, %j: %j leave nobody alone', (count, sizing, others) => {
    expect(sizingsWithoutLone(of(count, sizing))).toEqual(others);
    for (const other of others) {
      const given = previewOf(of(count, other));
      expect(given.ok && leavesOneAlone(given.counts)).toBe(false);
    }
  });
});

describe('a reshuffle', () => {
  const pairsOf = (groups: readonly { readonly studentIds: readonly string[] }[]): Set<string> =>
    new Set(
      groups.flatMap(({ studentIds }) =>
        studentIds.flatMap((one, i) =>
          studentIds.slice(i + 1).map((two) => [one, two].sort().join()),
        ),
      ),
    );
  const shuffled = (of: Bench, seed: number, scope = WHOLE) => {
    const { request, keptRows } = requestFor(of, seed, scope);
    const outcome = arrangeNow(request);
    if (!outcome.ok) throw new Error(outcome.issue.code);
    return {
      cost: outcome.result.measures.spread?.score?.cost ?? 0,
      groups: takeGroups(outcome.result, (row) => `Group ${row}`, { take: of.take, keptRows }),
    };
  };
  const recipe = {
    sizing: { by: 'count', count: 3 },
    balance: [{ detail: 'score', how: 'mix', importance: 'plain' }],
  } as const;

  test('has a real share of its pairs new beside every take, and is about as good', () => {
    const takes: TakeRecord[] = [];
    const costs: number[] = [];
    for (let seed = 1; seed <= 5; seed++) {
      const { groups, cost } = shuffled(
        bench({ ...recipe, balance: [...recipe.balance] }, { takes }),
        seed,
      );
      for (const before of takes) {
        const fresh = [...pairsOf(groups)].filter((pair) => !pairsOf(before.groups).has(pair));
        expect(fresh.length).toBeGreaterThanOrEqual(0.3 * pairsOf(groups).size);
      }
      takes.push({ ...take([]), groups: [...groups] });
      costs.push(cost);
    }
    expect(Math.max(...costs)).toBeLessThan(0.02);
  });

  test('asked to let go takes other groups than the only ones that are best', () => {
    // Two who must be together in pairs with scores that fit one way alone.
    const students = [0, 100, 40, 60].map((score, i) =>
      student(`q${i}`, i, { details: { score } }),
    );
    const of = (takes: TakeRecord[]) =>
      bench(
        { ...recipe, sizing: { by: 'count', count: 2 }, balance: [...recipe.balance] },
        { students, takes },
      );
    const best = shuffled(of([]), 1).groups;
    const takes = [{ ...take([]), groups: [...best] }];
    expect(sameDivision(shuffled(of(takes), 2).groups, best)).toBe(true);
    expect(sameDivision(shuffled(of(takes), 2, { ...WHOLE, letGo: true }).groups, best)).toBe(
      false,
    );
  });
});

describe('groups keep their name and sign', () => {
  const before = take(['a b c', 'd e f', 'g h i']);
  before.groups[1]!.name = 'Heron';
  before.groups[1]!.sign = 7;
  const put = (groups: string[], more: Partial<Beside> = {}) =>
    takeGroups(
      { rounds: [{ groups: groups.map((one) => one.split(' ')) }] },
      (row) => `new ${row}`,
      {
        take: before,
        ...more,
      },
    ).map(({ name, sign, studentIds }) => [name, sign, studentIds.join(' ')]);

  test('where most of their members stay, wherever they are dealt', () => {
    expect(put(['e d c', 'g h i', 'a b f'])).toEqual([
      ['Group 1', 0, 'a b f'],
      ['Heron', 7, 'e d c'],
      ['Group 3', 2, 'g h i'],
    ]);
  });

  test('and are called by their row where few of them stay', () => {
    expect(put(['a d g', 'b e h', 'c f i'])).toEqual([
      ['new 0', 0, 'a d g'],
      ['new 1', 7, 'b e h'],
      ['new 2', 2, 'c f i'],
    ]);
  });

  test('half of a group is not most of it, on either side', () => {
    const names = (groups: string[]) => put(groups).map(([name]) => name);
    // Of d e f two are with one more: most of both. Of six with three of them, half: no more.
    expect(names(['a b c', 'd e x', 'g h i'])[1]).toBe('Heron');
    expect(names(['a b c', 'd e f x y z', 'g h i'])[1]).toBe('new 1');
  });

  test('but not where rows have sizes of their own, or somebody is pinned', () => {
    expect(put(['d e', 'a b c f'], { sized: true }).map(([, , who]) => who)).toEqual([
      'd e',
      'a b c f',
    ]);
    expect(
      put(['d e f', 'a b c', 'g h i'], { pinned: idsOf('a') }).map(([, , who]) => who),
    ).toEqual(['d e f', 'a b c', 'g h i']);
  });

  test('the same students together are the same division, whatever it is called', () => {
    expect(sameDivision(before.groups, take(['i h g', 'c b a', 'f e d']).groups)).toBe(true);
    expect(sameDivision(before.groups, take(['i h a', 'c b g', 'f e d']).groups)).toBe(false);
    expect(sameDivision(take(['a b', 'c d']).groups, take(['a', 'b c d']).groups)).toBe(false);
    expect(sameDivision(take(['a b', '']).groups, take(['b a']).groups)).toBe(true);
  });
});

describe('what a change of groups would do to those in them', () => {
  const before = [idsOf('a b c d'), idsOf('e f g h')];

  test('everybody who loses somebody is counted, those who are left behind too', () => {
    const parted = (after: string[]): number =>
      countParted(
        separations(
          before,
          after.map((row) => idsOf(row)),
        ),
      );
    expect(parted(['a b c', 'd e f g h'])).toBe(4);
    expect(parted(['a b e f', 'c d g h'])).toBe(8);
    expect(parted(['a b c d', 'h g f e'])).toBe(0);
  });

  test('groups that change places as a whole part nobody, and are told all the same', () => {
    expect(movedTogether(before, [before[1]!, before[0]!])).toEqual(idsOf('a b c d e f g h'));
    expect(movedTogether(before, [idsOf('d c b a'), idsOf('e f g h')])).toEqual([]);
    expect(movedTogether(before, [idsOf('a b'), idsOf('c d e f g h')])).toEqual([]);
  });
});
