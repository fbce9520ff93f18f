import type { Language } from './speaking';

/** The language that is at hand always. */
export const ENGLISH: Language = {
  tag: 'en',
  name: 'English',
  direction: 'ltr',
  load: null,
  loadShown: () => Promise.resolve({}),
};

/** Languages beside English; a line for each folder. */
export const LANGUAGES: readonly Language[] = [
  {
    tag: 'es',
    name: 'Español',
    direction: 'ltr',
    load: () => import('./es').then(({ spanish }) => spanish),
    loadShown: () => import('./es/forClass').then(({ forClass }) => forClass),
  },
  {
    tag: 'ar',
    name: 'العربية',
    direction: 'rtl',
    load: null,
    loadShown: () => import('./ar/forClass').then(({ forClass }) => forClass),
  },
];

/** Those in which everything is said. */
export const WHOLE_LANGUAGES = LANGUAGES.filter(({ load }) => load !== null);

const stretched = (tag: string, direction: Language['direction']): Language => ({
  tag,
  name: tag,
  direction,
  load: () => import('./stretched').then(({ stretchedEnglish }) => stretchedEnglish),
  loadShown: () => import('./stretched').then(({ stretchedEnglish }) => stretchedEnglish),
});

/** English as it is not: longer, accented, and read from the right. Nobody's browser asks for them; tests do. */
export const TRIAL_LANGUAGES: readonly Language[] = [
  stretched('und-x-long', 'ltr'),
  stretched('und-x-turned', 'rtl'),
];

/** The first of the wished languages that there is; null for English. */
export function languageFor(
  wished: readonly string[],
  known: readonly Language[] = [...WHOLE_LANGUAGES, ...TRIAL_LANGUAGES],
): Language | null {
  const base = (tag: string): string => tag.toLowerCase().split('-')[0] ?? '';
  for (const wish of wished) {
    if (base(wish) === 'en') return null;
    const found =
      known.find(({ tag }) => tag.toLowerCase() === wish.toLowerCase()) ??
      known.find(({ tag }) => base(tag) === base(wish));
    if (found) return found;
  }
  return null;
}

/** The language of a tag, English too; null where there is none, as for ''. */
export function languageCalled(tag: string): Language | null {
  return [ENGLISH, ...LANGUAGES].find((one) => one.tag === tag) ?? null;
}
