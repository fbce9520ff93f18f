import type { Column, LetterTo } from './options';

/** What the ways out say in the reader's language. */
export interface OutWords {
  readonly headings: Readonly<Record<Column | 'room' | 'subject' | 'text', string>>;
  /** The word for a role, `lead` among them. */
  readonly role: (role: string) => string;
  /** Names of the sheets of a workbook. */
  readonly sheets: Readonly<Record<'byGroup' | 'byName', string>>;
  /** What a group without a name is called. */
  readonly unnamed: (number: number) => string;
  /** Title of a page, an event or a table about one group. */
  readonly title: (group: string, lineup: string) => string;
  /** Lines that stand in the hand-out that is shipped, in Markdown with placeholders. */
  readonly handout: string;
  /** First line `Subject: …`, then the text. */
  readonly letter: Readonly<Record<LetterTo, string>>;
  /** A day, YYYY-MM-DD, as it is read. */
  readonly day: (date: string) => string;
  /** Puts names in the order of the language. */
  readonly compare: (one: string, two: string) => number;
  /** Tag of the language (BCP 47). */
  readonly language: string;
}
