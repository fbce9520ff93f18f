import type { ProblemIssue } from '../../core/problem/problem';
import { count } from './words';

/** Why a number of groups or a size of group cannot be had. */
export function sizingIssueSentence(issue: ProblemIssue): string {
  switch (issue.code) {
    case 'noStudents':
      return 'There is nobody to put into groups: no student is here.';
    case 'notWhole':
      return `${issue.given} is not a whole number.`;
    case 'countTooSmall':
      return 'There must be at least 1 group.';
    case 'countTooLarge':
      return issue.most === 1
        ? 'There can be only 1 group, for 1 student is here.'
        : `There can be at most ${issue.most} groups, one for each student here.`;
    case 'noSuchGroup':
      return `A student is fixed to group ${issue.given}, counted from 0, and there ${issue.groups === 1 ? 'is 1 group' : `are ${issue.groups} groups`}.`;
    case 'sizeTooSmall':
      return 'A group needs at least 1 student.';
    case 'tooLarge':
      return `${issue.given} is too large: figures up to ${issue.most} can be asked for.`;
    case 'sizesDoNotAddUp':
      return `These sizes hold ${count(issue.given, 'student')}, and ${issue.students === 1 ? '1 is' : `${issue.students} are`} here.`;
    case 'sizesWithSections':
      return 'Sizes cannot be given one by one while each section has groups of its own.';
    case 'sectionsNeedGroups':
      return `The sections need ${count(issue.needed, 'group')} of their own, and ${issue.given} ${issue.given === 1 ? 'is' : 'are'} asked for.`;
    case 'rangeTurned':
      return `The least size, ${issue.least}, is larger than the most, ${issue.most}.`;
    case 'rangeCannotHold':
      return `${count(issue.students, 'student')} cannot be shared into groups of ${issue.least} to ${issue.most}.`;
    default:
      return issue satisfies never;
  }
}
