import { localeWords } from '../localeWords';

const LOCALE = 'es';
const words = localeWords(LOCALE);

export const { clockTime, compare, eitherOf, figureOf, listNames, listParts, megabytes } = words;
export const { fullDay, longDay, shortDay } = words;

/** "1 estudiante", "4 estudiantes", "1,5 veces". */
export function count(number: number, one: string, many = `${one}s`): string {
  return `${words.figureOf(number)} ${wordFor(number, one, many)}`;
}

/** One of two words, by the number that they go with. */
export function wordFor(number: number, one: string, many: string): string {
  return words.pluralOf(number) === 'one' ? one : many;
}
