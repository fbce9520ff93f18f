import type { ClassFileIssue } from '../../schema/classFile';

/** Why a class file cannot be opened, what that leaves, and what to do. */
export function classFileIssueSentence(issue: ClassFileIssue): string {
  switch (issue.code) {
    case 'newerFile':
    case 'newerVersion':
      return 'This file was written by a newer Gruppetto than this one. Nothing was changed; update this one and open the file again.';
    case 'notAClassFile':
      return 'This is not a class file of Gruppetto. Nothing was changed; a class list is taken in from the roster of a class.';
    case 'unknownRecord':
    case 'damagedRecord':
      return `The file is damaged: ${issue.record === '' ? 'something in it' : `a ${issue.record} in it`} cannot be read. Nothing was changed; open an earlier copy of it.`;
    default:
      return issue satisfies never;
  }
}
