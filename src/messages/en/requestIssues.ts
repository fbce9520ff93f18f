import type { RequestIssue } from '../../schema/request';
import { listNames } from './words';

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
