import type { ArrangeRequest, RequestGoal, RequestRule } from '@/core/format';
import { rngFromSeed } from '@/core/random/rng';
import { shuffle, uniformInt } from '@/core/random/uniform';

const LEVELS = ['new', 'some', 'seasoned'];
const LANGUAGES = ['Welsh', 'Spanish', 'Arabic', 'Māori', 'Malayalam'];

export const EVERYDAY_GOALS: readonly RequestGoal[] = [
  { kind: 'spread', attribute: 'score', weight: 1 },
  { kind: 'spread', attribute: 'level', weight: 1 },
];

/** A class with two details, and rules that a hidden arrangement keeps. */
export function everyday(n: number, size: number, ruleCount: number, seed: number): ArrangeRequest {
  const rng = rngFromSeed(seed * 7919 + n);
  const groups = Math.max(1, Math.round(n / size));
  const students = Array.from({ length: n }, (_, i) => ({
    id: `s${i}`,
    section: i % 2 === 0 ? 'North' : 'South',
    attributes: {
      score: uniformInt(rng, 101),
      level: LEVELS[uniformInt(rng, 3)] ?? '',
      language: LANGUAGES[uniformInt(rng, 5)] ?? '',
    },
  }));
  const rules: RequestRule[] = [];
  while (rules.length < ruleCount) {
    const [one, two] = [uniformInt(rng, n), uniformInt(rng, n)];
    if (one === two) continue;
    const same = one % groups === two % groups;
    rules.push({ kind: same ? 'together' : 'apart', students: [`s${one}`, `s${two}`] });
  }
  return {
    format: 'gruppetto.request',
    version: 1,
    seed,
    students,
    sizing: { by: 'size', size, leftover: 'spread' },
    rules,
    goals: EVERYDAY_GOALS,
  };
}

/** What a teacher asks of a class late in a term, by the name of the ask. */
export const TERM_GOALS: Readonly<Record<string, readonly RequestGoal[]>> = {
  'fresh partners alone': [{ kind: 'freshPartners', weight: 1 }],
  'two details, fresh partners': [
    { kind: 'spread', attribute: 'score', weight: 1 },
    { kind: 'spread', attribute: 'language', weight: 1 },
    { kind: 'freshPartners', weight: 1 },
  ],
  'the same and wishes': [
    { kind: 'spread', attribute: 'score', weight: 1 },
    { kind: 'spread', attribute: 'language', weight: 1 },
    { kind: 'freshPartners', weight: 1 },
    { kind: 'wishes', weight: 1 },
  ],
  'level alike, language mixed, fresh': [
    { kind: 'alike', attribute: 'level', weight: 1 },
    { kind: 'spread', attribute: 'language', weight: 1 },
    { kind: 'freshPartners', weight: 1 },
  ],
};

/** An everyday class that has worked in random groups for six weeks, with two wishes each. */
export function lateInTerm(
  n: number,
  goals: readonly RequestGoal[],
  seed: number,
  size = 4,
): ArrangeRequest {
  const base = everyday(n, size, Math.round(n / 6), seed);
  const rng = rngFromSeed(seed * 31 + n);
  const ids = base.students.map(({ id }) => id);
  const history = Array.from({ length: 6 }, () => {
    const order = Int32Array.from(ids.keys());
    shuffle(rng, order);
    return {
      groups: Array.from({ length: Math.ceil(n / size) }, (_, group) =>
        Array.from(order.subarray(group * size, (group + 1) * size), (one) => ids[one] ?? ''),
      ),
    };
  });
  const students = base.students.map((student) => ({
    ...student,
    wishes: [`s${uniformInt(rng, n)}`, `s${uniformInt(rng, n)}`].filter((id) => id !== student.id),
  }));
  return { ...base, students, goals, history };
}

/** Random pairs apart, as dense as given (0 to 1), all of which a hidden arrangement keeps. */
export function denseApart(
  n: number,
  groups: number,
  density: number,
  seed: number,
): ArrangeRequest {
  const rng = rngFromSeed(seed * 104_729 + n);
  const rules: RequestRule[] = [];
  for (let one = 0; one < n; one++) {
    for (let two = one + 1; two < n; two++) {
      if (one % groups === two % groups) continue;
      if (uniformInt(rng, 1_000) < density * 1_000) {
        rules.push({ kind: 'apart', students: [`s${one}`, `s${two}`] });
      }
    }
  }
  return {
    format: 'gruppetto.request',
    version: 1,
    seed,
    students: Array.from({ length: n }, (_, i) => ({ id: `s${i}` })),
    sizing: { by: 'count', count: groups },
    rules,
  };
}

/** The same, with a third of the class in pairs that stay together. */
export function denseWithPairs(
  n: number,
  groups: number,
  density: number,
  seed: number,
): ArrangeRequest {
  const base = denseApart(n, groups, density, seed);
  const firsts = Array.from({ length: n - groups }, (_, i) => i).filter(
    (i) => Math.floor(i / groups) % 6 === 0,
  );
  const pairs = firsts.map((i): RequestRule => ({
    kind: 'together',
    students: [`s${i}`, `s${i + groups}`],
  }));
  return { ...base, rules: [...base.rules, ...pairs] };
}

/** As dense as leaves about e^`nats` arrangements besides the hidden one, with a number and a level to be spread. */
export function denseWithGoals(
  n: number,
  groups: number,
  nats: number,
  seed: number,
): ArrangeRequest {
  const size = n / groups;
  const arrangements = logFactorial(n) - groups * logFactorial(size) - logFactorial(groups);
  const density = 1 - Math.exp((nats - arrangements) / ((n * (size - 1)) / 2));
  const { rules, sizing } = denseApart(n, groups, density, seed);
  return { ...everyday(n, size, 0, seed), rules, sizing };
}

function logFactorial(n: number): number {
  return Array.from({ length: n }, (_, i) => Math.log(i + 1)).reduce((sum, log) => sum + log, 0);
}

/** At least, at most and nobody alone, each near its limit, with three details to be spread. */
export function tightCounts(n: number, size: number, seed: number): ArrangeRequest {
  const rng = rngFromSeed(seed * 13 + n);
  const groups = Math.round(n / size);
  const base = everyday(n, size, 0, seed);
  const pairs = Array.from({ length: groups }, () => uniformInt(rng, 2));
  const students = base.students.map((student, i) => ({
    ...student,
    attributes: {
      ...student.attributes,
      swims: i < groups + 1 ? 'yes' : 'no',
      helper: i >= n - 2 * groups - 1 && i < n - 2 ? 'yes' : 'no',
      // Two of a group in the hidden arrangement, or none.
      shy: i < 2 * groups && pairs[i % groups] === 0 ? 'yes' : 'no',
    },
  }));
  return {
    ...base,
    students,
    rules: [
      { kind: 'atLeast', attribute: 'swims', value: 'yes', count: 1 },
      { kind: 'atMost', attribute: 'helper', value: 'yes', count: 2 },
      { kind: 'notAlone', attribute: 'shy', value: 'yes' },
    ],
    goals: [...EVERYDAY_GOALS, { kind: 'spread', attribute: 'language', weight: 1 }],
  };
}

/** Everything at once: sections, a value in every group, none alone, few of one level, blocks and pairs apart. */
export function mixedRules(n: number, size: number, seed: number): ArrangeRequest {
  const base = everyday(n, size, 0, seed);
  const groups = Math.round(n / size);
  const students = base.students.map((student, i) => ({
    ...student,
    // A hidden arrangement by i modulo groups keeps all of it; odd and even groups are of two sections.
    section: (i % groups) % 2 === 0 ? 'North' : 'South',
    attributes: {
      ...student.attributes,
      swims: Math.floor(i / groups) === 0 ? 'yes' : 'no',
      level: Math.floor(i / groups) === 1 ? 'new' : 'some',
      helper: i % groups < 2 && Math.floor(i / groups) > 1 ? 'yes' : 'no',
    },
  }));
  const at = (group: number, place: number): string => `s${place * groups + group}`;
  return {
    ...base,
    students,
    rules: [
      { kind: 'sameSection' },
      { kind: 'atLeast', attribute: 'swims', value: 'yes', count: 1 },
      { kind: 'atMost', attribute: 'level', value: 'new', count: 1 },
      { kind: 'notAlone', attribute: 'helper', value: 'yes' },
      { kind: 'together', students: [at(0, 0), at(0, 1)] },
      { kind: 'together', students: [at(1, 1), at(1, 2)] },
      { kind: 'apart', students: [at(0, 0), at(2, 0), at(2, 1)] },
      { kind: 'pin', student: at(3, 0), group: 1 },
    ],
  };
}

/** Ordinary sets that cannot hold, by the kind of reason. */
export const INFEASIBLE: Readonly<Record<string, (seed: number) => ArrangeRequest>> = {
  'seven apart in six groups': (seed) => ({
    ...everyday(28, 4, 4, seed),
    sizing: { by: 'count', count: 6 },
    rules: [
      { kind: 'apart', students: ['s0', 's1', 's2', 's3', 's4', 's5', 's6'] },
      { kind: 'apart', students: ['s8', 's9'] },
      { kind: 'together', students: ['s10', 's11'] },
    ],
  }),
  'blocks that cannot be packed': (seed) => ({
    ...everyday(24, 4, 0, seed),
    rules: [0, 3, 6, 9, 12, 15, 18].map((i) => ({
      kind: 'together' as const,
      students: [`s${i}`, `s${i + 1}`, `s${i + 2}`],
    })),
  }),
  'too few swimmers': (seed) => {
    const base = everyday(28, 4, 3, seed);
    return {
      ...base,
      students: base.students.map((one, i) => ({
        ...one,
        attributes: { swims: i < 6 ? 'yes' : 'no' },
      })),
      rules: [{ kind: 'atLeast', attribute: 'swims', value: 'yes', count: 1 }],
      goals: [],
    };
  },
  'swimmers tied together': (seed) => {
    const base = everyday(28, 4, 0, seed);
    return {
      ...base,
      students: base.students.map((one, i) => ({
        ...one,
        attributes: { swims: i < 8 ? 'yes' : 'no' },
      })),
      rules: [
        { kind: 'atLeast', attribute: 'swims', value: 'yes', count: 1 },
        { kind: 'together', students: ['s0', 's1'] },
        { kind: 'together', students: ['s2', 's3'] },
        { kind: 'apart', students: ['s9', 's10'] },
      ],
      goals: [],
    };
  },
  'a ring of pairs with two groups': (seed) => ({
    ...everyday(15, 8, 0, seed),
    sizing: { by: 'count', count: 2 },
    rules: Array.from({ length: 9 }, (_, i) => ({
      kind: 'apart' as const,
      students: [`s${i}`, `s${(i + 1) % 9}`],
    })),
    goals: [],
  }),
};

/** Late in a term, in sections that stay apart, with a pair apart for every eight students within them. */
export function sectioned(n: number, size: number, sections: number, seed: number): ArrangeRequest {
  const base = lateInTerm(n, TERM_GOALS['two details, fresh partners'] ?? [], seed);
  const groups = n / size;
  const rng = rngFromSeed(seed + n);
  // Of a hidden arrangement by i modulo groups, so many groups after each other are a section's.
  const sectionOf = (i: number): number => Math.floor(((i % groups) * sections) / groups);
  const rules: RequestRule[] = [{ kind: 'sameSection' }];
  while (rules.length <= n / 8) {
    const [one, two] = [uniformInt(rng, n), uniformInt(rng, n)];
    if (one % groups === two % groups || sectionOf(one) !== sectionOf(two)) continue;
    rules.push({ kind: 'apart', students: [`s${one}`, `s${two}`] });
  }
  const students = base.students.map((student, i) => ({ ...student, section: `P${sectionOf(i)}` }));
  return { ...base, rules, students };
}

interface RoundsWish {
  readonly apart?: number;
  readonly together?: number;
  readonly counts?: boolean;
  /** Sections that stay apart: alike, or with scores that differ. */
  readonly sections?: 'alike' | 'unlike';
  /** What a repeat weighs beside the mix. */
  readonly fresh?: number;
}

/** Several rounds with rules that a hidden arrangement by i modulo groups keeps, a number and a language to be mixed. */
export function mixedRounds(
  [n, size, rounds]: readonly [number, number, number],
  { apart = 0, together = 0, counts = false, sections, fresh = 1 }: RoundsWish,
  seed: number,
): ArrangeRequest {
  const base = everyday(n, size, 0, seed);
  const rng = rngFromSeed(seed * 77 + n * 3 + size);
  const groups = Math.round(n / size);
  const rules: RequestRule[] = [];
  while (rules.length < apart) {
    const [one, two] = [uniformInt(rng, n), uniformInt(rng, n)];
    if (one % groups !== two % groups) {
      rules.push({ kind: 'apart', students: [`s${one}`, `s${two}`] });
    }
  }
  for (let i = 0; i < together; i++) {
    rules.push({ kind: 'together', students: [`s${i}`, `s${i + groups}`] });
  }
  if (counts) {
    rules.push(
      { kind: 'atLeast', attribute: 'swims', value: 'yes', count: 1 },
      { kind: 'atMost', attribute: 'helper', value: 'yes', count: 1 },
    );
  }
  if (sections) rules.push({ kind: 'sameSection' });
  const students = base.students.map((student, i) => ({
    ...student,
    attributes: {
      ...student.attributes,
      score: Number(student.attributes?.score) / 2 + (sections === 'unlike' && i % 2 ? 40 : 0),
      swims: i < groups + 1 ? 'yes' : 'no',
      helper: i >= n - groups ? 'yes' : 'no',
    },
  }));
  const goals: RequestGoal[] = [
    { kind: 'spread', attribute: 'score', weight: 1 },
    { kind: 'spread', attribute: 'language', weight: 1 },
    { kind: 'freshPartners', weight: fresh },
  ];
  return { ...base, students, rules, rounds, goals };
}
