/** What a language takes from Intl (ECMA-402); made once, for a formatter costs a hundred times what it is used for. */
export interface LocaleWords {
  /** "Ana", "Ana and Ben", "Ana, Ben and Caro". */
  readonly listNames: (names: readonly string[]) => string;
  /** "Ana or Ben". */
  readonly eitherOf: (names: readonly string[]) => string;
  /** The same as `listNames` for things that are not words: what the language puts between them stands between them. */
  readonly listParts: <T>(things: readonly T[]) => readonly (T | string)[];
  /** A number with the signs of the language. */
  readonly figureOf: (number: number) => string;
  readonly pluralOf: (number: number) => Intl.LDMLPluralRule;
  /** "26 Nov", of a day given as YYYY-MM-DD. */
  readonly shortDay: (day: string) => string;
  /** "26 November", of a day given as YYYY-MM-DD. */
  readonly longDay: (day: string) => string;
  /** "Thursday 26 November", of a moment where the reader is. */
  readonly fullDay: (moment: Date) => string;
  /** Puts words in the order of the language, figures in them by what they are worth. */
  readonly compare: (one: string, two: string) => number;
  /** "14:05", of a moment in ms since 1970, where the reader is. */
  readonly clockTime: (ms: number) => string;
  /** "3.2 MB", "40 GB", of a number of bytes. */
  readonly megabytes: (bytes: number) => string;
}

/** The same for every language, by its tag (BCP 47). */
export function localeWords(locale: string): LocaleWords {
  const plurals = new Intl.PluralRules(locale);
  const numbers = new Intl.NumberFormat(locale);
  const list = new Intl.ListFormat(locale, { type: 'conjunction' });
  const either = new Intl.ListFormat(locale, { type: 'disjunction' });
  const collator = new Intl.Collator(locale, { numeric: true });
  const day = new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'short', timeZone: 'UTC' });
  const longDay = new Intl.DateTimeFormat(locale, {
    ...{ day: 'numeric', month: 'long', timeZone: 'UTC' },
  });
  const fullDay = new Intl.DateTimeFormat(locale, {
    ...{ weekday: 'long', day: 'numeric', month: 'long' },
  });
  const clock = new Intl.DateTimeFormat(locale, {
    ...{ hour: '2-digit', minute: '2-digit', hour12: false },
  });
  const inUnit = (unit: string): Intl.NumberFormat =>
    new Intl.NumberFormat(locale, { style: 'unit', unit, maximumSignificantDigits: 2 });
  const [mega, giga] = [inUnit('megabyte'), inUnit('gigabyte')];
  return {
    listNames: (names) => list.format(names),
    eitherOf: (names) => either.format(names),
    listParts: (things) => {
      const marks = things.map((_, place) => String(place));
      return list
        .formatToParts(marks)
        .map(({ type, value }) => (type === 'element' ? (things[Number(value)] ?? '') : value));
    },
    figureOf: (number) => numbers.format(number),
    pluralOf: (number) => plurals.select(number),
    shortDay: (given) => day.format(new Date(given)),
    longDay: (given) => longDay.format(new Date(given)),
    fullDay: (moment) => fullDay.format(moment),
    compare: (one, two) => collator.compare(one, two),
    clockTime: (ms) => clock.format(new Date(ms)),
    megabytes: (bytes) => {
      const millions = Math.max(bytes / 1e6, 0.1);
      return millions < 1000 ? mega.format(millions) : giga.format(millions / 1000);
    },
  };
}
