import type { ArrangeRequest, RequestRule } from '../format';
import { prepareGoals } from '../goals/list';
import { unitsOf } from '../problem/units';
import { rngFromSeed } from '../random/rng';
import { uniformInt } from '../random/uniform';
import { ruleBreaks } from '../rules/list';
import { Arrangement } from '../terms/arrangement';
import { Chains } from './chains';
import { Colouring } from './colouring';
import { Objective } from './objective';
import { costOf, problemOf } from './testSearch';

/** 40 in 8 groups, half of all pairs apart that do not sit together in one arrangement, with a number to be spread. */
function denseRequest(seed: number): ArrangeRequest {
  const rng = rngFromSeed(seed);
  const id = (student: number): string => `s${student}`;
  const rules: RequestRule[] = [];
  for (let one = 0; one < 40; one++) {
    for (let two = one + 1; two < 40; two++) {
      const apart = one % 8 !== two % 8 && uniformInt(rng, 2) === 0;
      if (apart) rules.push({ kind: 'apart', students: [id(one), id(two)] });
    }
  }
  return {
    ...{ format: 'gruppetto.request', version: 1, seed, rules },
    students: Array.from({ length: 40 }, (_, student) => ({
      ...{ id: id(student), attributes: { score: uniformInt(rng, 101) } },
    })),
    sizing: { by: 'count', count: 8 },
    goals: [{ kind: 'spread', attribute: 'score', weight: 1 }],
  };
}

function chainsIn(seed: number) {
  const problem = problemOf(denseRequest(seed));
  const units = unitsOf(problem);
  const colouring = new Colouring(problem, units, rngFromSeed(seed));
  while (!colouring.done) colouring.run(100_000);
  const arrangement = new Arrangement(problem, colouring.incumbent);
  const objective = new Objective(prepareGoals(problem), []);
  objective.reset(arrangement);
  const chains = new Chains(problem, units, arrangement, objective, rngFromSeed(seed + 1));
  return { problem, arrangement, objective, chains };
}

test('a chain ends where every rule holds, its cost known, and can be taken back', () => {
  for (let seed = 1; seed <= 3; seed++) {
    const { problem, arrangement, objective, chains } = chainsIn(seed);
    const met = new Set<string>();
    let ended = 0;
    for (let chain = 0; chain < 200; chain++) {
      const before = arrangement.groupOfStudent.slice();
      const found = chains.follow();
      const { groupOfStudent } = arrangement;
      expect(objective.cost()).toBeCloseTo(costOf(problem, groupOfStudent), 9);
      expect(ruleBreaks(problem, groupOfStudent)).toEqual([]);
      if (!found) {
        expect(groupOfStudent).toEqual(before);
        continue;
      }
      ended++;
      met.add(groupOfStudent.join());
      expect(groupOfStudent).not.toEqual(before);
      if (chain % 2 === 0) continue;
      chains.back();
      expect(arrangement.groupOfStudent).toEqual(before);
      expect(objective.cost()).toBeCloseTo(costOf(problem, before), 9);
    }
    expect(ended).toBeGreaterThan(20);
    expect(met.size).toBeGreaterThan(20);
  }
});
