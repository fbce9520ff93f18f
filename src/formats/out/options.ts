import type { Template } from './handout/types';

/** What was chosen for a way out. */
export interface OutOptions {
  /** Whether addresses may leave where a way out does without them. */
  readonly addresses: boolean;
  /** URI template of the groups' links (RFC 6570); '' for none. */
  readonly linkTemplate: string;
  /** A hand-out or the text of a letter; null for the one that is shipped. */
  readonly template: Template | null;
  readonly message: string;
  /** Placeholders of the teacher's own, by name. */
  readonly fields: Readonly<Record<string, string>>;
  /** YYYY-MM-DD, HH:MM and a number of minutes as they were given; '' for none. */
  readonly date: string;
  readonly time: string;
  readonly minutes: string;
  /** IANA name of the zone whose clock is meant; null for floating times (RFC 5545, 3.3.5). */
  readonly zone: string | null;
  /** One event for all groups, or one for each. */
  readonly oneEvent: boolean;
  /** Whom a letter goes to. */
  readonly letterTo: LetterTo;
  readonly layout: TableLayout;
}

export type LetterTo = 'group' | 'lead' | 'each';

export type Column =
  | ('group' | 'number' | 'name' | 'givenName' | 'familyName' | 'role' | 'email')
  | ('place' | 'adult' | 'time' | 'link');

/** How a table is laid out. */
export interface TableLayout {
  /** In their order; null for those that the way out has usually. */
  readonly columns: readonly Column[] | null;
  /** Headings other than the usual ones. */
  readonly headings: Partial<Readonly<Record<Column, string>>>;
  readonly separator: ',' | ';' | '\t';
}

export const PLAIN_OPTIONS: OutOptions = {
  addresses: false,
  linkTemplate: '',
  template: null,
  message: '',
  fields: {},
  date: '',
  time: '',
  minutes: '',
  zone: null,
  oneEvent: false,
  letterTo: 'group',
  layout: { columns: null, headings: {}, separator: ',' },
};
