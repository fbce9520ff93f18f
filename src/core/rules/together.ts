import { membersByGroup, type RuleKind } from './kind';

/** All of the students in one group; the break names those outside the group that holds most of them. */
export const together: RuleKind = {
  kind: 'together',
  explain(_problem, rule, groupOfStudent) {
    const groups = [...membersByGroup(rule, groupOfStudent)];
    const [home, ...others] = groups.sort(
      ([groupA, a], [groupB, b]) => b.length - a.length || groupA - groupB,
    );
    if (!home || others.length === 0) return [];
    return [{ rule, students: others.flatMap(([, students]) => students), group: home[0] }];
  },
};
