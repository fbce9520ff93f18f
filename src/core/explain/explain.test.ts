import type { ArrangeRequest } from '../format';
import type { Problem } from '../problem/problem';
import { problemFromRequest } from '../reading/problemFromRequest';
import { spreadCost } from '../reference/costs';
import { ruleBreaks } from '../rules/list';
import { bestChanges, bestGroups } from './changes';
import { whyGroup, whyStudent } from './why';

const request: ArrangeRequest = {
  format: 'gruppetto.request',
  version: 1,
  seed: 1,
  students: [10, 20, 30, 60, 70, 80].map((score, i) => ({
    id: `s${i}`,
    attributes: { score, swims: i === 0 || i === 3 ? 'yes' : 'no' },
    wishes: i === 0 ? ['s1'] : i === 4 ? ['s0'] : [],
  })),
  sizing: { by: 'count', count: 2 },
  rules: [
    { kind: 'apart', students: ['s0', 's1'] },
    { kind: 'together', students: ['s4', 's5'] },
  ],
  goals: [
    { kind: 'spread', attribute: 'score', weight: 1 },
    { kind: 'spread', attribute: 'swims', weight: 1 },
  ],
  history: [
    {
      groups: [
        ['s0', 's2'],
        ['s3', 's4'],
      ],
    },
  ],
};

function problem(of: ArrangeRequest = request): Problem {
  const read = problemFromRequest(of);
  if (!read.ok) throw new Error(read.issue.code);
  return read.problem;
}

/** The low numbers in one group, the high ones in the other; s0 and s1 meet. */
const sorted = Int32Array.of(0, 0, 0, 1, 1, 1);

test('the best swaps mend rules first, then goals, and do just what they say', () => {
  const of = problem();
  const { swaps } = bestChanges(of, sorted);
  expect(swaps).toHaveLength(3);
  for (const { students, penaltyDelta, costDelta } of swaps) {
    const after = sorted.slice();
    [after[students[0]!], after[students[1]!]] = [sorted[students[1]!]!, sorted[students[0]!]!];
    expect(ruleBreaks(of, after).length - ruleBreaks(of, sorted).length).toBe(penaltyDelta);
    const cost = (groups: Int32Array): number =>
      of.goals.reduce((sum, goal) => {
        if (!('attribute' in goal)) return sum;
        const scale = goal.attribute.kind === 'category' ? of.studentCount : 1;
        return sum + spreadCost(of, goal.attribute, groups) / scale;
      }, 0);
    expect(cost(after) - cost(sorted)).toBeCloseTo(costDelta, 9);
  }
  // s1 and s3 part the two who must not meet; of such swaps this leaves the means closest but for breaking a block.
  expect(swaps[0]!.penaltyDelta).toBe(-1);
});

test('changes can be asked for about one student or one group only', () => {
  const of = problem();
  bestChanges(of, sorted, { student: 3 }, 5).swaps.forEach(({ students }) =>
    expect(students).toContain(3),
  );
  bestChanges(of, sorted, { group: 1 }, 5).moves.forEach(({ from }) => expect(from).toBe(1));
});

test('a newcomer fits best where rules hold and the group comes nearer to the class', () => {
  const order = bestGroups(problem(), sorted, 0);
  expect(order.map(({ to }) => to)).toEqual([1, 0]);
  expect(order[0]!.penaltyDelta).toBe(-1);
});

test('a group explains itself: rules, means, shares, meetings and wishes', () => {
  const of = problem();
  const facts = whyGroup(of, sorted, 0);
  expect(facts.map(({ code }) => code)).toEqual([
    ...['ruleBroken', 'mean', 'share', 'share', 'metBefore', 'wishes'],
  ]);
  expect(facts).toEqual(
    expect.arrayContaining([
      { code: 'mean', attribute: 'score', group: 20, all: 45 },
      { code: 'share', attribute: 'swims', value: 'yes', have: 1, share: 1 },
      { code: 'metBefore', met: 1, of: 3 },
      { code: 'wishes', met: 1, of: 1 },
    ]),
  );
});

test('a kept rule is told where it names one of a group, and of a student only where it names them', () => {
  const of = problem();
  const apart = Int32Array.of(0, 1, 0, 1, 0, 0);
  const rulesOf = (facts: ReturnType<typeof whyGroup>): readonly string[] =>
    facts.flatMap((fact) => ('rule' in fact ? [`${fact.code} ${fact.rule.kind}`] : []));
  expect(rulesOf(whyGroup(of, apart, 1))).toEqual(['ruleKept apart']);
  expect(rulesOf(whyGroup(of, apart, 0))).toEqual(['ruleKept apart', 'ruleKept together']);
  expect(rulesOf(whyStudent(of, apart, 0))).toEqual(['ruleKept apart']);
  expect(rulesOf(whyStudent(of, apart, 2))).toEqual([]);
});

test('a student explains why they are there: the only swimmer, rules that name them, partners met before', () => {
  const facts = whyStudent(problem(), sorted, 3);
  expect(facts).toEqual([
    { code: 'onlyOne', attribute: 'swims', value: 'yes' },
    { code: 'metBefore', met: 1, of: 2 },
  ]);
  expect(whyStudent(problem(), sorted, 4)).toEqual(
    expect.arrayContaining([{ code: 'ruleKept', rule: problem().rules[1] }]),
  );
});
