import { PairBuilder } from '../problem/pairs';
import { PairTerm } from '../terms/pairTerm';
import { membersByGroup, type RuleKind } from './kind';
import { readMembers } from './members';

/** No two of the students in one group; one break for each group that holds several of them. */
export const apart: RuleKind<'apart'> = {
  kind: 'apart',
  tellsGroupsApart: false,
  read: (rule, requestIndex, present) => readMembers('apart', rule.students, requestIndex, present),
  explain(_seating, rule, groupOfStudent) {
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
  about: ({ members }) => [...members],
  logLuck({ members: { length } }, groupCount) {
    const pairs = (length * (length - 1)) / 2;
    return pairs * Math.log1p(-1 / Math.max(groupCount, 1.01));
  },
  impossible: (_problem, _rules, { contradiction }) =>
    contradiction ? { code: 'togetherYetApart', students: contradiction } : null,
};
