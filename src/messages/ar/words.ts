/** Figures are those of the slips, the clock and the address, so that what is read can be typed. */
const LOCALE = 'ar-u-nu-latn';
const PLURALS = new Intl.PluralRules(LOCALE);
const NUMBERS = new Intl.NumberFormat(LOCALE, { maximumFractionDigits: 2 });
const LIST = new Intl.ListFormat(LOCALE, { type: 'conjunction' });
const COLLATOR = new Intl.Collator('ar', { numeric: true });
const TIME = new Intl.DateTimeFormat(LOCALE, { hour: '2-digit', minute: '2-digit', hour12: false });

/** The forms of a counted word: one and two stand for themselves, the others follow their number. */
export interface Counted {
  readonly none: string;
  readonly one: string;
  readonly two: string;
  /** 3 to 10. */
  readonly few: string;
  /** 11 to 99. */
  readonly many: string;
  /** 100 and what else there is. */
  readonly other: string;
}

export function count(number: number, word: Counted): string {
  switch (PLURALS.select(number)) {
    case 'zero':
      return word.none;
    case 'one':
      return word.one;
    case 'two':
      return word.two;
    case 'few':
      return `${figure(number)} ${word.few}`;
    case 'many':
      return `${figure(number)} ${word.many}`;
    case 'other':
      return `${figure(number)} ${word.other}`;
  }
}

export function figure(number: number): string {
  return NUMBERS.format(number);
}

export function listNames(names: readonly string[]): string {
  return LIST.format(names);
}

export function compare(one: string, two: string): number {
  return COLLATOR.compare(one, two);
}

/** "14:05", of a moment in ms since 1970, where the reader is. */
export function clockTime(ms: number): string {
  return TIME.format(new Date(ms));
}

export const MINUTES: Counted = {
  none: 'أقل من دقيقة',
  one: 'دقيقة واحدة',
  two: 'دقيقتان',
  few: 'دقائق',
  many: 'دقيقة',
  other: 'دقيقة',
};

export const SECONDS: Counted = {
  none: 'لا ثوانٍ',
  one: 'ثانية واحدة',
  two: 'ثانيتان',
  few: 'ثوانٍ',
  many: 'ثانية',
  other: 'ثانية',
};
