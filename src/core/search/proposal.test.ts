import { prepareGoals } from '../goals/list';
import { unitsOf } from '../problem/units';
import { rngFromSeed } from '../random/rng';
import { Arrangement, type Term } from '../terms/arrangement';
import { Objective } from './objective';
import { Proposals } from './proposal';
import { planted, problemOf } from './testSearch';

/** Fifteen in five groups of three sections; the one group of the last has nobody to exchange with. */
const problem = problemOf({
  format: 'gruppetto.request',
  version: 1,
  seed: 1,
  students: Array.from({ length: 15 }, (_, i) => ({
    id: `s${i}`,
    section: ['North', 'North', 'South', 'South', 'Estuary'][i % 5]!,
  })),
  sizing: { by: 'count', count: 5 },
  rules: [{ kind: 'sameSection' }],
});

/** The ordered pairs of groups that so many draws are between, as text. */
function drawnBetween(kept: boolean): ReadonlySet<string> {
  const proposals = new Proposals(problem, unitsOf(problem), rngFromSeed(5), kept);
  const arrangement = new Arrangement(problem, planted(problem));
  const pairs = new Set<string>();
  for (let draw = 0; draw < 2_000; draw++) {
    if (!proposals.draw(arrangement)) continue;
    pairs.add(`${proposals.exchange.from} ${proposals.exchange.to}`);
  }
  return pairs;
}

test('where sections are kept, exchanges are drawn between groups of one section, all of them', () => {
  expect([...drawnBetween(true)].sort()).toEqual(['0 1', '1 0', '2 3', '3 2']);
});

test('where they are still to be mended, between any two groups', () => {
  expect(drawnBetween(false).size).toBe(20);
});

/** 120 in 30 groups of two sections; each named the next two of the list, of whom one is in the other section. */
const wishing = problemOf({
  format: 'gruppetto.request',
  version: 1,
  seed: 1,
  students: Array.from({ length: 120 }, (_, i) => ({
    id: `s${i}`,
    section: i % 2 === 0 ? 'North' : 'South',
    wishes: [`s${(i + 1) % 120}`, `s${(i + 2) % 120}`],
  })),
  sizing: { by: 'count', count: 30 },
  rules: [{ kind: 'sameSection' }],
  goals: [{ kind: 'wishes', weight: 1 }],
});

test('where wishes lead, far more exchanges bring one who is without together with one they named', () => {
  const start = planted(wishing);
  const arrangement = new Arrangement(wishing, start);
  const objective = new Objective(prepareGoals(wishing), []);
  objective.reset(arrangement);
  const namedBy = (one: number): number[] => [(one + 1) % 120, (one + 2) % 120];
  const isWithout = (one: number): boolean =>
    namedBy(one).every((other) => start[other] !== start[one]);
  const shareHelped = (leaders: readonly Term[]): number => {
    const proposals = new Proposals(wishing, unitsOf(wishing), rngFromSeed(7), true, leaders);
    let [drawn, helped] = [0, 0];
    for (let draw = 0; draw < 4_000; draw++) {
      if (!proposals.draw(arrangement)) continue;
      const { exchange } = proposals;
      const mover = exchange.going[0]!;
      const joined = [...start.keys()].filter(
        (other) => start[other] === exchange.to && !exchange.moves(other),
      );
      expect(wishing.sectionOfGroup[exchange.from]).toBe(wishing.sectionOfGroup[exchange.to]);
      drawn++;
      const goes = isWithout(mover) && namedBy(mover).some((other) => joined.includes(other));
      const comes = joined.some((other) => isWithout(other) && namedBy(other).includes(mover));
      if (goes || comes) helped++;
    }
    return helped / drawn;
  };
  const [led, unled] = [shareHelped(objective.leaders), shareHelped([])];
  expect(unled).toBeLessThan(0.2);
  expect(led).toBeGreaterThan(2 * unled);
  expect(objective.leaders).toHaveLength(1);
});

test.each(['topics', 'steady'] as const)(
  'where %s leads, far more exchanges bring somebody to a group they want more',
  (kind) => {
    // Sixty in twenty groups by their numbers; three that each ranks, of which the second is the one they were in.
    const ranks = (i: number): number[] => [(7 * i + 5) % 20, (3 * i + 1) % 20, (11 * i + 2) % 20];
    const ids = (group: number): string[] =>
      Array.from({ length: 60 }, (_, i) => i).flatMap((i) =>
        ranks(i)[1] === group ? [`s${i}`] : [],
      );
    const problem = problemOf({
      format: 'gruppetto.request',
      version: 1,
      seed: 1,
      students: Array.from({ length: 60 }, (_, i) => ({ id: `s${i}`, topics: ranks(i) })),
      sizing: { by: 'count', count: 20 },
      rules: [],
      goals: [{ kind, weight: 1 }],
      current: Array.from({ length: 20 }, (_, group) => ids(group)),
    });
    const start = planted(problem);
    const arrangement = new Arrangement(problem, start);
    const objective = new Objective(prepareGoals(problem), []);
    objective.reset(arrangement);
    const rankOf = (one: number, group: number): number => {
      if (kind === 'steady') return ranks(one)[1] === group ? 0 : 1;
      return ranks(one).includes(group) ? ranks(one).indexOf(group) : 3;
    };
    const shareWanted = (leaders: readonly Term[]): number => {
      const proposals = new Proposals(problem, unitsOf(problem), rngFromSeed(7), true, leaders);
      let wanted = 0;
      for (let draw = 0; draw < 4_000; draw++) {
        expect(proposals.draw(arrangement)).toBe(true);
        const { going, from, to } = proposals.exchange;
        expect(start[going[0]!]).toBe(from);
        if (rankOf(going[0]!, to) < rankOf(going[0]!, from)) wanted++;
      }
      return wanted / 4_000;
    };
    expect(shareWanted(objective.leaders)).toBeGreaterThan(0.6);
    expect(shareWanted([])).toBeLessThan(0.25);
  },
);
