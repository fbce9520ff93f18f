import { localeWords } from '../localeWords';

/** Figures are those of the slips, the clock and the address, so that what is read can be typed. */
const LOCALE = 'ar-u-nu-latn';
const words = localeWords(LOCALE);
const NUMBERS = new Intl.NumberFormat(LOCALE, { maximumFractionDigits: 2 });

export const { clockTime, compare, listNames } = words;

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
  switch (words.pluralOf(number)) {
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
