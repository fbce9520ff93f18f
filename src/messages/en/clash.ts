import type { ClashReason } from '../../core/format';
import { listNames } from './words';

/** Why rules cannot all hold, in one sentence; `nameOf` turns a student's id into a name. */
export function clashSentence(reason: ClashReason, nameOf: (id: string) => string): string {
  const names = listNames(reason.students.map(nameOf));
  switch (reason.code) {
    case 'togetherYetApart':
      return `${names} are kept together by one rule and apart by another.`;
    case 'blockTooLarge':
      return `${names} stay together: that is ${reason.blockSize} students, and the largest group has room for ${reason.largestGroup}.`;
    case 'tooManyApart':
      return `${names} would each need a group of their own: that is ${reason.needed}, and there ${reason.groups === 1 ? 'is 1 group' : `are ${reason.groups} groups`}.`;
    case 'exhausted':
      return `Every way of placing ${names} in groups of these sizes breaks one of the rules about them.`;
    default:
      return reason satisfies never;
  }
}

/** For a result that breaks rules though nobody has proved that it must. */
export const notFound =
  'No groups that keep every rule were found in the time allowed. They may still exist: try once more, or leave one rule out.';
