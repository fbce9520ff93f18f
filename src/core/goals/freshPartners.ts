import { PairBuilder } from '../problem/pairs';
import type { Problem } from '../problem/problem';
import { leastTogetherAgain } from '../problem/spreading';
import { companyTerm } from '../terms/companyTerm';
import type { GoalKind } from './kind';

/** What a recent meeting weighs beside the repeat itself: enough to break a tie, never to make one. */
const RECENT_WEIGHT = 1e-4;

/** Students meet people they have not worked with yet; a repeat with an old partner is better than with a recent one. */
export const freshPartners: GoalKind<'freshPartners'> = {
  kind: 'freshPartners',
  prepare(problem, goal) {
    const met = metBefore(problem, true);
    if (met.count === 0) return null;
    const pairs = met.build((recent) => 1 + RECENT_WEIGHT * recent);
    const scale = 1 / partnerPlaces(problem);
    return {
      goal,
      term: companyTerm(pairs, scale, problem),
      leastValue: leastRepeats(problem, met) / partnerPlaces(problem),
    };
  },
};

/** Pairs who met in the history; weighed by how recently (up to 1 for each meeting), or by how often. */
export function metBefore({ studentCount, history }: Problem, byRecency: boolean): PairBuilder {
  const met = new PairBuilder(studentCount);
  history.forEach((groups, round) => {
    const weight = byRecency ? (round + 1) / history.length : 1;
    for (const members of groups) {
      members.forEach((one, i) => {
        for (let j = i + 1; j < members.length; j++) met.add(one, members[j] as number, weight);
      });
    }
  });
  return met;
}

/** Pairs who share a group in one round. */
export function partnerPlaces({ sizeOfGroup }: Problem): number {
  const pairs = sizeOfGroup.reduce((sum, size) => sum + (size * (size - 1)) / 2, 0);
  return Math.max(1, pairs);
}

/**
 * Whoever has met so many that fewer are left than a smallest group has partners must repeat with some; and the groups
 * of no earlier round can be spread so thinly that none of its pairs is together again, where there are too few groups.
 */
function leastRepeats(problem: Problem, met: PairBuilder): number {
  const { studentCount, sizeOfGroup, history } = problem;
  const partners = sizeOfGroup.reduce((least, size) => Math.min(least, size), studentCount) - 1;
  const { start } = met.build();
  let short = 0;
  for (let student = 0; student < studentCount; student++) {
    const known = (start[student + 1] as number) - (start[student] as number);
    short += Math.max(0, partners - (studentCount - 1 - known));
  }
  const crowded = history.map((groups) => leastTogetherAgain(groups, problem));
  return Math.max(Math.ceil(short / 2), ...crowded);
}
