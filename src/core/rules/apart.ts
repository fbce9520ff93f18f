import { membersByGroup, type RuleKind } from './kind';

/** No two of the students in one group; one break for each group that holds several of them. */
export const apart: RuleKind = {
  kind: 'apart',
  explain(_problem, rule, groupOfStudent) {
    return [...membersByGroup(rule, groupOfStudent)]
      .filter(([, students]) => students.length > 1)
      .map(([group, students]) => ({ rule, students, group }));
  },
};
