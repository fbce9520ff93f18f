import { unitsOf } from '../problem/units';
import { rngFromSeed } from '../random/rng';
import { Arrangement } from '../terms/arrangement';
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
