import { SeatTerm } from '../search/seatTerm';
import type { RuleKind } from './kind';

/** The student in the group of that number. */
export const pin: RuleKind<'pin'> = {
  kind: 'pin',
  explain(_problem, rule, groupOfStudent) {
    const group = groupOfStudent[rule.student] as number;
    return group === rule.group ? [] : [{ rule, students: [rule.student], group }];
  },
  term(problem, rules) {
    if (rules.length === 0) return null;
    const groupOfPinned = new Int32Array(problem.studentCount).fill(-1);
    rules.forEach(({ student, group }) => (groupOfPinned[student] = group));
    const isWrong = (student: number, group: number): boolean => {
      const pinned = groupOfPinned[student] as number;
      return pinned !== -1 && pinned !== group;
    };
    return new SeatTerm(isWrong, 1);
  },
};
