import { SeatTerm } from '../terms/seatTerm';
import { membersByGroup, type RuleKind } from './kind';

/** A group's members share one section; the break names those of a group who are not of the section most are of. */
export const sameSection: RuleKind<'sameSection'> = {
  kind: 'sameSection',
  tellsGroupsApart: false,
  read: (_rule, requestIndex) => ({ kind: 'sameSection', requestIndex }),
  explain({ groupCount, sectionOfStudent }, rule, groupOfStudent) {
    const groups = Array.from({ length: groupCount }, (): number[] => []);
    groupOfStudent.forEach((group, student) => groups[group]?.push(student));
    return groups.flatMap((members, group) => {
      const sections = [...membersByGroup(members, sectionOfStudent).values()];
      const [, ...others] = sections.sort((a, b) => b.length - a.length);
      return others.length === 0 ? [] : [{ rule, students: others.flat(), group }];
    });
  },
  term({ sectionOfStudent, sectionOfGroup }, rules) {
    if (rules.length === 0 || sectionOfGroup.every((section) => section === -1)) return null;
    return new SeatTerm(
      (student, group) => (sectionOfStudent[student] === sectionOfGroup[group] ? 0 : 1),
      1,
    );
  },
  about: () => null,
  logLuck: () => 0,
  impossible: ({ sectionCount: sections, groupCount: groups }, rules) =>
    rules.length === 0 || sections <= groups
      ? null
      : { code: 'tooFewSections', students: [], sections, groups },
};
