import type { OtherKind, RosterError, RosterWarning, SkipReason } from '../../formats/roster/types';

/** Why a file cannot be read at all, what that leaves, and what to do. */
export function rosterErrorSentence(error: RosterError): string {
  switch (error.code) {
    case 'empty':
      return 'The file is empty. Nothing was taken in; choose the file that holds the class list.';
    case 'binary':
      return 'This file is not a class list that can be read: it holds no text. Nothing was taken in; save the list as CSV or XLSX and try that.';
    case 'damaged':
      return `The ${DAMAGED[error.what]} is damaged and cannot be opened. Nothing was taken in; save or download it once more.`;
    case 'protected':
      return 'The workbook is protected by a password. Nothing was taken in; save a copy without the password and open that.';
    case 'oldWorkbook':
      return 'The workbook is in an old format that cannot be read. Nothing was taken in; save it as XLSX or CSV and open that.';
    case 'otherKind':
      return OTHER_KINDS[error.kind];
    case 'noSuchSheet':
      return `The workbook has no sheet of that name. It has: ${error.sheets.join(', ')}. Nothing was taken in; name one of these.`;
    case 'tooLarge':
      return `The file has ${Math.ceil(error.bytes / 1_048_576)} MB; up to ${error.most / 1_048_576} MB can be read. Nothing was taken in.`;
    case 'tooManyRows':
      return `The file has more than ${error.most.toLocaleString('en')} rows. Nothing was taken in; split the list and open the parts.`;
    case 'unpacksTooLarge':
      return 'The file would unpack to far more than a class list can hold. Nothing was taken in.';
    case 'unknownZip':
      return 'This archive holds no class list that can be read: neither a workbook nor a OneRoster export. Nothing was taken in.';
    case 'missingPart':
      return `This OneRoster export has no ${error.part}, in which its people stand. Nothing was taken in; export it once more with that part.`;
    case 'newerClassFile':
      return 'This file was written by a newer Gruppetto than this one. Nothing was taken in; update this one and open it again.';
    case 'nobody':
      return 'No student was found in this file. Nothing was taken in.';
    default:
      return error satisfies never;
  }
}

const DAMAGED = { zip: 'archive', workbook: 'workbook', json: 'JSON file' };

const OTHER_KINDS: Readonly<Record<OtherKind, string>> = {
  photo:
    'This is a picture: letters in it cannot be read. Nothing was taken in; type the names, or save the list as text, CSV or XLSX.',
  pdf: 'This is a PDF, which cannot be read as a list. Nothing was taken in; open it, select the names, copy them and paste them here.',
  document:
    'This is a document, not a list that can be read. Nothing was taken in; open it, copy the names and paste them here.',
  richText:
    'This is formatted text (RTF). Nothing was taken in; open it, copy the names and paste them here, or save it as plain text.',
  page: 'This is a web page (HTML), whatever its name says. Nothing was taken in; open it, copy the table and paste it here, or save it as CSV or XLSX.',
  calendar:
    'This is a calendar, not a class list. Nothing was taken in; copy the names from it and paste them here.',
  markup:
    'This is data in XML, which cannot be read as a list. Nothing was taken in; save it as CSV or XLSX and open that.',
  otherSheets:
    'This is a spreadsheet of a program whose files cannot be read. Nothing was taken in; save it as XLSX or CSV and open that.',
};

export const skipReasons: Readonly<Record<SkipReason, string>> = {
  title: 'a title above the list',
  heading: 'a heading',
  points: 'a row of possible points',
  total: 'a row of totals',
  footer: 'a remark, not a student',
  test: 'a test account',
  staff: 'staff: kept for rooms and channels, never put into groups',
  notStudent: 'not a student',
  inactive: 'no longer in the class',
  noName: 'no name on this row',
  duplicate: 'the same row twice',
  rule: 'a line of signs',
  section: 'the name of a class or group, kept with those below it',
  place: 'a thing of the room, not a seat',
  sender: 'who wrote the letter, not one of those it goes to',
  hidden: 'a hidden row of the sheet',
  hiddenSheet: 'a hidden sheet of the workbook',
  notEnrolled: 'in no class of the export',
  otherClass: 'in a class that was not chosen',
  noRecord: 'enrolled, but without a record of a person',
  notAName: 'unlike the names around it',
  private: 'a telephone number, a date, an age or the like, which groups do not need',
  otherList: 'another list of the file, which was not read',
  unread: 'not understood',
};

/** What is doubtful about somebody on a row. */
export function rosterWarningSentence({ kind, name, given, likely }: RosterWarning): string {
  switch (kind) {
    case 'duplicateRow':
      return `${name} stands twice with the same facts (also on row ${likely}); taken once.`;
    case 'sameName':
      return `${name} is also the name on row ${likely}. Both are kept: are they two students?`;
    case 'sameAddress':
      return `${name} has the address ${given}, which also stands on row ${likely}.`;
    case 'sameNumber':
      return `${name} has the student number ${given}, which also stands on row ${likely}.`;
    case 'malformedAddress':
      return `${name}: ${given} is not a complete address.${likely === '' ? '' : ` Perhaps ${likely}?`}`;
    case 'missingAddress':
      return `${name} has no address.`;
    case 'otherDomain':
      return `${name}: ${given} ends differently from the others.${likely === '' ? '' : ` Perhaps ${likely}?`}`;
    case 'headingLikeName':
      return `${name} reads like a heading. Is it a student?`;
    case 'nameFromAddress':
      return `No name stands beside ${given}; ${name} was taken from the address.`;
    case 'cleanedName':
      return `Invisible characters were taken out of the row of ${name}.`;
    case 'unreadValue':
      return `${name}: "${given}" could not be read as a value of ${likely} and is left out.`;
    case 'doubtfulName':
      return `${name} may be a name, or only stand for something else. Is it a student?`;
    case 'twoNames':
      return `${name} may be two students on one line. A semicolon, or a line for each, parts them.`;
    case 'otherSheet':
      return `The sheet ${name} holds ${given === '1' ? 'one student' : `${given} students`} and was not read. Choose it to read it instead.`;
    case 'wrongLetters':
      return 'Some letters look wrong. Read the file in another encoding before you take the names in.';
    case 'strayQuote':
      return 'A quotation mark without its other half would have swallowed the rows below. They were read line by line.';
    default:
      return kind satisfies never;
  }
}

/** The same about a student who is in the class; `other` is the name of the second student of a pair. */
export function classDoubtSentence(warning: RosterWarning, other: string): string {
  const { kind, name, given } = warning;
  switch (kind) {
    case 'sameName':
      return `${name} stands twice in the list. One student, or two of that name?`;
    case 'sameAddress':
      return `${name} and ${other} have the same address, ${given}.`;
    case 'sameNumber':
      return `${name} and ${other} have the same student number, ${given}.`;
    case 'duplicateRow':
    case 'malformedAddress':
    case 'missingAddress':
    case 'otherDomain':
    case 'headingLikeName':
    case 'nameFromAddress':
    case 'cleanedName':
    case 'unreadValue':
    case 'doubtfulName':
    case 'twoNames':
    case 'otherSheet':
    case 'wrongLetters':
    case 'strayQuote':
      return rosterWarningSentence(warning);
    default:
      return kind satisfies never;
  }
}
