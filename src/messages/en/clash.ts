import type { ClashReason } from '../../core/format';
import { clash } from './rules';
import { listNames } from './words';

/** How a clash calls what the engine knows by ids and attributes. */
export interface ClashNames {
  readonly student: (id: string) => string;
  /** A value with what it is a value of, as in "level: new". */
  readonly value: (attribute: string, value: string) => string;
}

/** Names in one sentence, at most. */
const MOST_NAMED = 12;

/** Why rules cannot all hold, in one sentence. */
function clashSentence(reason: ClashReason, { student, value }: ClashNames): string {
  const names = listNames(reason.students.map(student));
  const withValue = 'value' in reason ? value(reason.attribute, String(reason.value)) : '';
  switch (reason.code) {
    case 'togetherYetApart':
      return `${names} are kept together by one rule and apart by another.`;
    case 'blockTooLarge':
      return `${names} stay together: that is ${reason.blockSize} students, and the largest group has room for ${reason.largestGroup}.`;
    case 'tooManyApart':
      return `${names} would each need a group of their own: that is ${reason.needed}, and there ${reason.groups === 1 ? 'is 1 group' : `are ${reason.groups} groups`}.`;
    case 'noGroupFits':
      return `${names} cannot sit anywhere: what is fixed about groups and sections leaves no group for ${reason.students.length === 1 ? 'that student' : 'them together'}.`;
    case 'pinnedTooMany':
      return `${names} are fixed to one group: that is ${reason.students.length} students, and it has ${reason.seats} seats.`;
    case 'tooFewSections':
      return `Each section has groups of its own, and there are ${reason.sections} sections for ${reason.groups === 1 ? '1 group' : `${reason.groups} groups`}.`;
    case 'tooFewWithValue':
      return `All groups together need ${reason.needed} students with ${withValue}, and ${reason.have} ${reason.have === 1 ? 'is' : 'are'} here.`;
    case 'tooManyWithValue':
      return `There are ${reason.have} students with ${withValue}, and all groups together may take ${reason.needed}.`;
    case 'aloneWithValue':
      return `${names} is the only one with ${withValue}, so nobody can be there too.`;
    case 'cannotBeShared':
      return `${reason.have === 1 ? 'There is 1 student' : `There are ${reason.have} students`} with ${withValue}. Groups of these sizes cannot add up to that many with each group keeping what is asked of it.`;
    case 'exhausted':
      if (reason.students.length === 0) {
        return 'Every way of making groups of these sizes breaks one of the rules.';
      }
      if (reason.students.length > MOST_NAMED) {
        return `Every way of placing the ${reason.students.length} students of these rules in groups of these sizes breaks one of the rules about them.`;
      }
      return `Every way of placing ${names} in groups of these sizes breaks one of the rules about them.`;
    default:
      return reason satisfies never;
  }
}

/** For a result that breaks rules though nobody has proved that it must. */
const notFound =
  'No groups that keep every rule were found in the time allowed. They may still exist: try once more, or leave one rule out.';

export const clashEn = { ...clash, sentence: clashSentence, notFound };
