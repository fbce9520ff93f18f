import type { RequestIssue } from '../../schema/request';
import { count, listNames } from './words';
import type { ProblemIssue } from '../../core/problem/problem';

/** One sentence for a request that cannot be used. */
export function requestIssueSentence(issue: RequestIssue): string {
  const at = issue.path === '' ? '' : ` (at ${issue.path})`;
  switch (issue.code) {
    case 'notARequest':
      return 'This is not a gruppetto.request file: its "format" says something else.';
    case 'newerRequest':
      return `This request has version ${issue.given}, newer than the version 1 that this Gruppetto reads.`;
    case 'ruleNotKnown':
      return issue.kind === ''
        ? `A rule names no kind${at}.`
        : `Rules of the kind "${issue.kind}" are not known${at}. Known are ${listNames(issue.known)}.`;
    case 'goalNotKnown':
      return issue.kind === ''
        ? `A goal names no kind${at}.`
        : `Goals of the kind "${issue.kind}" are not known${at}. Known are ${listNames(issue.known)}.`;
    case 'unknownField':
      return `The field "${issue.field}" is not part of the request format${at}.`;
    case 'wrongValue':
      return `A value does not fit the request format${at}: ${issue.detail}.`;
    case 'studentTwice':
      return `The student "${issue.id}" is in the list twice${at}.`;
    case 'unknownStudent':
      return `"${issue.id}" is named, but is not among the students${at}.`;
    case 'tooFewInRule':
      return `A rule needs at least two different students and has ${issue.given}${at}.`;
    case 'unknownAttribute':
      return `No student has "${issue.attribute}"${at}.`;
    case 'negativeGroup':
      return `Groups are counted from 0, and ${issue.given} is below that${at}.`;
    case 'noCurrent':
      return `The goal "steady" needs "current", the groups to stay near to${at}.`;
    case 'skillTwice':
      return `The ladder names the skill "${issue.skill}" twice${at}.`;
    case 'unknownSkill':
      return `"${issue.skill}" is needed, but is no skill of the ladder${at}.`;
    case 'seatedTwice':
      return `"${issue.id}" sits in two groups of "current"${at}.`;
    case 'tooManyStudents':
      return `The request has ${issue.given} students; the limit is ${issue.most}.`;
    default:
      return issue satisfies never;
  }
}

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
