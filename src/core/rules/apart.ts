import { PairBuilder } from '../problem/pairs';
import { PairTerm } from '../search/pairTerm';
import { membersByGroup, type RuleKind } from './kind';

/** No two of the students in one group; one break for each group that holds several of them. */
export const apart: RuleKind<'apart'> = {
  kind: 'apart',
  explain(_problem, rule, groupOfStudent) {
    return [...membersByGroup(rule.members, groupOfStudent)]
      .filter(([, students]) => students.length > 1)
      .map(([group, students]) => ({ rule, students, group }));
  },
  term(problem, rules) {
    const pairs = new PairBuilder(problem.studentCount);
    for (const { members } of rules) {
      members.forEach((one, i) => {
        for (let j = i + 1; j < members.length; j++) pairs.add(one, members[j] as number, 1);
      });
    }
    return pairs.count === 0 ? null : new PairTerm(pairs.build(), 1);
  },
};
