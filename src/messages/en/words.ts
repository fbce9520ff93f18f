import { localeWords } from '../localeWords';

const words = localeWords('en-GB');

export const { clockTime, compare, eitherOf, listNames, listParts, megabytes } = words;
export const { fullDay, longDay, shortDay } = words;

/** "1 student", "4 students". */
export function count(number: number, one: string, many = `${one}s`): string {
  return `${words.figureOf(number)} ${words.pluralOf(number) === 'one' ? one : many}`;
}
