import type { ClashReason } from '../core/format';
import type { RosterError, RosterWarning, WarningKind } from '../formats/roster/types';
import { sayBench } from './bench';
import { sayClash } from './clash';
import { sayClassFiles } from './classFiles';
import { sayRoster } from './roster';

const students = ['a', 'b'];

/** One of each reason, with the words that its sentence must bring to the reader. */
const REASONS: readonly (readonly [ClashReason, readonly string[]])[] = [
  [{ code: 'togetherYetApart', students }, ['A and B', 'together', 'apart']],
  [{ code: 'blockTooLarge', students, blockSize: 5, largestGroup: 4 }, ['5 students', '4']],
  [{ code: 'tooManyApart', students, needed: 7, groups: 1 }, ['7', 'is 1 group']],
  [{ code: 'noGroupFits', students: ['a'] }, ['A', 'that student']],
  [{ code: 'noGroupFits', students }, ['them together']],
  [{ code: 'pinnedTooMany', students, group: 0, seats: 1 }, ['2 students', '1 seats']],
  [{ code: 'tooFewSections', students: [], sections: 5, groups: 3 }, ['5 sections', '3 groups']],
  [
    { code: 'tooFewWithValue', students, attribute: 'swims', value: 'yes', have: 1, needed: 7 },
    ['7', 'SWIMS is yes', '1 is here'],
  ],
  [
    { code: 'tooManyWithValue', students, attribute: 'level', value: 'new', have: 9, needed: 7 },
    ['9', '7'],
  ],
  [
    { code: 'aloneWithValue', students: ['a'], attribute: 'level', value: 3 },
    ['A is the only one', 'LEVEL is 3'],
  ],
  [{ code: 'exhausted', students: [] }, ['Every way of making groups']],
  [{ code: 'exhausted', students }, ['A and B']],
];

test.each(REASONS)('a clash %j is told with its figures', (reason, parts) => {
  const sentence = sayClash.sentence(reason, {
    student: (id) => id.toUpperCase(),
    value: (attribute, value) => `${attribute.toUpperCase()} is ${value}`,
  });
  parts.forEach((part) => expect(sentence).toContain(part));
  expect(sentence).toMatch(/^[A-Z].*\.$/);
});

const ERRORS: readonly RosterError[] = [
  { code: 'empty' },
  { code: 'binary' },
  { code: 'damaged', what: 'zip' },
  { code: 'damaged', what: 'workbook' },
  { code: 'damaged', what: 'json' },
  { code: 'protected' },
  { code: 'oldWorkbook' },
  { code: 'tooLarge', bytes: 30_000_000, most: 20_971_520 },
  { code: 'tooManyRows', most: 10_000 },
  { code: 'unpacksTooLarge' },
  { code: 'unknownZip' },
  { code: 'missingPart', part: 'users.csv' },
  { code: 'newerClassFile' },
  { code: 'nobody' },
];

test.each(ERRORS)(
  'a file that cannot be read (%j) says so, and that nothing was taken in',
  (error) => {
    expect(sayRoster.rosterErrorSentence(error)).toMatch(/Nothing was taken in/);
  },
);

const KINDS: readonly WarningKind[] = [
  ...(['duplicateRow', 'sameName', 'sameAddress', 'sameNumber', 'malformedAddress'] as const),
  ...(['missingAddress', 'otherDomain', 'headingLikeName', 'nameFromAddress'] as const),
  ...(['cleanedName', 'unreadValue'] as const),
];

test.each(KINDS)('the doubt %s names whom it is about, in the file and in the class', (kind) => {
  const warning: RosterWarning = { kind, row: 3, name: 'Ana Ruiz', given: 'x@y', likely: '2' };
  for (const sentence of [
    sayRoster.rosterWarningSentence(warning),
    sayRoster.classDoubtSentence(warning, 'Bo'),
  ]) {
    expect(sentence).toContain('Ana Ruiz');
    expect(sentence).not.toMatch(/undefined|null|NaN/);
  }
});

test('what will be taken in is said as one sentence, whatever parts it has', () => {
  expect(sayRoster.roster.takeIn(0, 0, 0, 0)).toBe('Add');
  expect(sayRoster.roster.takeIn(2, 0, 0, 0)).toBe('Add 2 students');
  expect(sayRoster.roster.takeIn(0, 1, 0, 0)).toBe('Update 1 student');
  expect(sayRoster.roster.takeIn(1, 1, 2, 0)).toBe(
    'Add 1 student, update 1 student and mark 2 as left',
  );
  expect(sayRoster.roster.takeIn(0, 0, 0, 12)).toBe('Keep 12 groups');
});

test.each([
  [{ code: 'newerFile', given: 2, known: 1 }, 'newer'],
  [{ code: 'newerVersion', record: 'student', given: 9, known: 1 }, 'newer'],
  [{ code: 'notAClassFile' }, 'not a class file'],
  [{ code: 'damagedRecord', record: 'take', path: 'x' }, 'a take in it'],
  [{ code: 'unknownRecord', record: '' }, 'something in it'],
] as const)(
  'a class file that cannot be opened (%j) says why and that nothing was changed',
  (issue, why) => {
    const sentence = sayClassFiles.classFileIssueSentence(issue);
    expect(sentence).toContain(why);
    expect(sentence).toContain('Nothing was changed');
  },
);

test('one in other company under the name of the same group is not told to have moved to it', () => {
  const { movedOne } = sayBench.compare;
  expect(movedOne('Iolo W.', 'Cress', 'Rush')).toBe('Iolo W.: Cress → Rush');
  expect(movedOne('Iolo W.', 'Cress', 'Cress')).toBe('Iolo W.: Cress, with others');
});
