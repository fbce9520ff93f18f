const LOCALE = 'es';
// Made once: a formatter costs a hundred times what it is used for.
const PLURALS = new Intl.PluralRules(LOCALE);
const NUMBERS = new Intl.NumberFormat(LOCALE);
const LIST = new Intl.ListFormat(LOCALE, { type: 'conjunction' });
const EITHER = new Intl.ListFormat(LOCALE, { type: 'disjunction' });
const COLLATOR = new Intl.Collator(LOCALE, { numeric: true });

/** "Ana", "Ana y Bruno", "Ana, Bruno e Inés". */
export function listNames(names: readonly string[]): string {
  return LIST.format(names);
}

/** "Ana o Bruno". */
export function eitherOf(names: readonly string[]): string {
  return EITHER.format(names);
}

/** The same as `listNames` for things that are not words. */
export function listParts<T>(things: readonly T[]): readonly (T | string)[] {
  const marks = things.map((_, place) => String(place));
  return LIST.formatToParts(marks).map(({ type, value }) =>
    type === 'element' ? (things[Number(value)] ?? '') : value,
  );
}

/** "1 estudiante", "4 estudiantes", "1,5 veces". */
export function count(number: number, one: string, many = `${one}s`): string {
  return `${NUMBERS.format(number)} ${wordFor(number, one, many)}`;
}

/** One of two words, by the number that they go with. */
export function wordFor(number: number, one: string, many: string): string {
  return PLURALS.select(number) === 'one' ? one : many;
}

/** A number with the signs of the language. */
export function figureOf(number: number): string {
  return NUMBERS.format(number);
}

const DAY = new Intl.DateTimeFormat(LOCALE, { day: 'numeric', month: 'short', timeZone: 'UTC' });

/** "26 nov", of a day given as YYYY-MM-DD. */
export function shortDay(day: string): string {
  return DAY.format(new Date(day));
}

const LONG_DAY = new Intl.DateTimeFormat(LOCALE, {
  ...{ day: 'numeric', month: 'long', timeZone: 'UTC' },
});

/** "26 de noviembre", of a day given as YYYY-MM-DD. */
export function longDay(day: string): string {
  return LONG_DAY.format(new Date(day));
}

/** Puts words in the order of the language, figures in them by what they are worth. */
export function compare(one: string, two: string): number {
  return COLLATOR.compare(one, two);
}

const TIME = new Intl.DateTimeFormat(LOCALE, { hour: '2-digit', minute: '2-digit', hour12: false });

/** "14:05", of a moment in ms since 1970, where the reader is. */
export function clockTime(ms: number): string {
  return TIME.format(new Date(ms));
}

const SIZES = ['megabyte', 'gigabyte'].map(
  (unit) => new Intl.NumberFormat(LOCALE, { style: 'unit', unit, maximumSignificantDigits: 2 }),
);

/** "3,2 MB", "40 GB", of a number of bytes. */
export function megabytes(bytes: number): string {
  const [small, large] = SIZES;
  const mega = Math.max(bytes / 1e6, 0.1);
  return (mega < 1000 ? small?.format(mega) : large?.format(mega / 1000)) ?? '';
}
