import type { RequestIssue } from '../../schema/request';
import type { SizingIssue } from '../../core/problem/sizes';

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
        : `Rules of the kind "${issue.kind}" cannot be kept yet${at}. This Gruppetto knows "apart" and "together".`;
    case 'goalNotKnown':
      return `Goals of the kind "${issue.kind}" cannot be pursued yet${at}. Leave "goals" empty.`;
    case 'roundsNotKnown':
      return `${issue.given} rounds at once cannot be made yet${at}. Leave "rounds" at 1.`;
    case 'unknownField':
      return `The field "${issue.field}" is not part of the request format${at}.`;
    case 'wrongValue':
      return `A value does not fit the request format${at}: ${issue.detail}.`;
    case 'studentTwice':
      return `The student "${issue.id}" is in the list twice${at}.`;
    case 'unknownStudent':
      return `A rule names "${issue.id}", who is not among the students${at}.`;
    case 'tooFewInRule':
      return `A rule needs at least two different students and has ${issue.given}${at}.`;
    case 'tooManyStudents':
      return `The request has ${issue.given} students; the limit is ${issue.most}.`;
    default:
      return issue satisfies never;
  }
}

/** Why a number of groups or a size of group cannot be had. */
export function sizingIssueSentence(issue: SizingIssue): string {
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
    case 'sizeTooSmall':
      return 'A group needs at least 1 student.';
    default:
      return issue satisfies never;
  }
}
