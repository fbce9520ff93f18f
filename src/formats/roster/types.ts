/** One row of a file: its cells as text, and the line of the file on which it begins, counted from 1. */
export interface Row {
  readonly line: number;
  readonly cells: readonly string[];
  /** What the cell above says for a cell that is joined to it; '' and left out for others. */
  readonly joined?: readonly string[];
  /** Whether the sheet does not show the row. */
  readonly hidden?: boolean;
  /** Where the row stands around the list, and heads no column. */
  readonly around?: 'over' | 'below';
}

/** Rows that belong together: a delimited file, one sheet of a workbook, the cards of an address book. */
export interface Table {
  readonly name: string;
  readonly rows: readonly Row[];
  /** Whether a comma is certain to be a decimal sign, since cells are parted by something else. */
  readonly commaIsDecimal: boolean;
  /** How much more than others this way of making rows is believed where several fit a text; 0 where left out. */
  readonly belief?: number;
  /** What was left out, and what was found doubtful, when the rows were made. */
  readonly skipped?: readonly Skipped[];
  readonly warnings?: readonly RosterWarning[];
}

/** What a column is taken for. */
export type ColumnRole =
  | 'givenName'
  | 'familyName'
  | 'fullName'
  | 'preferredName'
  | 'email'
  | 'externalId'
  | 'section'
  | 'role'
  | 'status'
  | 'detail'
  | 'leftOut';

export type DetailKind = 'number' | 'level' | 'category' | 'yesNo' | 'skill';

export interface ColumnReading {
  readonly role: ColumnRole;
  /** Name of the detail; '' for other roles. */
  readonly name: string;
  /** For details: the guessed kind; the values of a level from low to high. */
  readonly kind: DetailKind;
  readonly levels: readonly string[];
}

/** How a table is understood: where its heading stands and what each column is. */
export interface Reading {
  /** Index into the table's rows; -1 when there is no heading. */
  readonly headingRow: number;
  readonly columns: readonly ColumnReading[];
  /** Lines of rows to be taken in although they look like no student's; none where it is left out. */
  readonly takenIn?: readonly number[];
}

/** One student read from a file; null and '' where nothing is known, never a made-up value. */
export interface RosterStudent {
  readonly row: number;
  readonly givenName: string;
  readonly familyName: string;
  /** What the student is called in place of the given name; '' where the list says nothing. */
  readonly preferredName: string;
  /** As the student is shown, different for every student of the list. */
  readonly displayName: string;
  readonly email: string | null;
  readonly externalId: string | null;
  readonly section: string | null;
  readonly attributes: Readonly<Record<string, string | number>>;
}

export interface RosterAttribute {
  readonly name: string;
  readonly kind: DetailKind;
  readonly levels: readonly string[];
}

export type SkipReason =
  | 'title'
  | 'heading'
  | 'points'
  | 'total'
  | 'footer'
  | 'test'
  | 'staff'
  | 'notStudent'
  | 'inactive'
  | 'noName'
  | 'duplicate'
  | 'rule'
  | 'section'
  | 'place'
  | 'sender'
  | 'hidden'
  | 'hiddenSheet'
  | 'notEnrolled'
  | 'otherClass'
  | 'noRecord'
  | 'notAName'
  | 'private'
  | 'otherList'
  | 'unread';

/** Somebody or something left out, and why. */
export interface Skipped {
  readonly row: number;
  readonly name: string;
  readonly reason: SkipReason;
}

export type WarningKind =
  | 'duplicateRow'
  | 'sameName'
  | 'sameAddress'
  | 'sameNumber'
  | 'malformedAddress'
  | 'missingAddress'
  | 'otherDomain'
  | 'headingLikeName'
  | 'nameFromAddress'
  | 'cleanedName'
  | 'unreadValue'
  | 'doubtfulName'
  | 'twoNames'
  | 'strayQuote'
  | 'otherSheet'
  | 'wrongLetters';

/** Something doubtful on a row; `given` and `likely` are filled where they help. */
export interface RosterWarning {
  readonly kind: WarningKind;
  readonly row: number;
  readonly name: string;
  readonly given: string;
  /** What was probably meant, the other row, or the column, as the kind has it; '' for nothing. */
  readonly likely: string;
}

/** A person beside the groups; the role as the file names it. */
export interface RosterStaff extends RosterStudent {
  readonly role: string;
}

export interface Roster {
  readonly students: readonly RosterStudent[];
  readonly staff: readonly RosterStaff[];
  readonly attributes: readonly RosterAttribute[];
  readonly skipped: readonly Skipped[];
  readonly warnings: readonly RosterWarning[];
}

/** What a file is that no list can be read from. */
export type OtherKind =
  'photo' | 'pdf' | 'document' | 'richText' | 'page' | 'calendar' | 'markup' | 'otherSheets';

/** Why a file cannot be read at all. */
export type RosterError =
  | { readonly code: 'empty' }
  | { readonly code: 'binary' }
  | { readonly code: 'damaged'; readonly what: 'zip' | 'workbook' | 'json' }
  | { readonly code: 'protected' }
  | { readonly code: 'oldWorkbook' }
  | { readonly code: 'otherKind'; readonly kind: OtherKind }
  | { readonly code: 'noSuchSheet'; readonly sheets: readonly string[] }
  | { readonly code: 'tooLarge'; readonly bytes: number; readonly most: number }
  | { readonly code: 'tooManyRows'; readonly most: number }
  | { readonly code: 'unpacksTooLarge' }
  | { readonly code: 'unknownZip' }
  | { readonly code: 'missingPart'; readonly part: string }
  | { readonly code: 'newerClassFile' }
  | { readonly code: 'nobody' };

export const MOST_BYTES = 20 * 1024 * 1024;
export const MOST_ROWS = 10_000;
