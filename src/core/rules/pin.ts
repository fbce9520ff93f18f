import { SeatTerm } from '../terms/seatTerm';
import type { RuleKind } from './kind';

/** The student in the group of that number. */
export const pin: RuleKind<'pin'> = {
  kind: 'pin',
  tellsGroupsApart: true,
  read({ student: id, group }, requestIndex, { indexOfId }) {
    const student = indexOfId.get(id);
    return student === undefined ? null : { kind: 'pin', requestIndex, student, group };
  },
  explain(_seating, rule, groupOfStudent) {
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
    return new SeatTerm((student, group) => (isWrong(student, group) ? 1 : 0), 1);
  },
  about: ({ student }) => [student],
  logLuck: (_rule, groupCount) => -Math.log(groupCount),
  impossible({ groupCount, sizeOfGroup, classOfGroup, baseOfClass, extrasOfClass }, rules) {
    const pinned = Array.from({ length: groupCount }, () => new Set<number>());
    for (const { group, student } of rules) pinned[group]?.add(student);
    for (let group = 0; group < groupCount; group++) {
      const of = classOfGroup[group] as number;
      const seats = (baseOfClass[of] as number) + ((extrasOfClass[of] as number) > 0 ? 1 : 0);
      const students = [...(pinned[group] ?? [])];
      if (students.length > Math.max(seats, sizeOfGroup[group] as number)) {
        return { code: 'pinnedTooMany', students, group, seats };
      }
    }
    return null;
  },
};
