import { localeWords } from '../localeWords';

const LOCALE = 'es';
const words = localeWords(LOCALE);
const EITHER = new Intl.ListFormat(LOCALE, { type: 'disjunction' });
const LONG_DAY = new Intl.DateTimeFormat(LOCALE, {
  ...{ day: 'numeric', month: 'long', timeZone: 'UTC' },
});

export const { clockTime, compare, figureOf, listNames, listParts, megabytes, shortDay } = words;

/** "Ana o Bruno". */
export function eitherOf(names: readonly string[]): string {
  return EITHER.format(names);
}

/** "1 estudiante", "4 estudiantes", "1,5 veces". */
export function count(number: number, one: string, many = `${one}s`): string {
  return `${words.figureOf(number)} ${wordFor(number, one, many)}`;
}

/** One of two words, by the number that they go with. */
export function wordFor(number: number, one: string, many: string): string {
  return words.pluralOf(number) === 'one' ? one : many;
}

/** "26 de noviembre", of a day given as YYYY-MM-DD. */
export function longDay(day: string): string {
  return LONG_DAY.format(new Date(day));
}
