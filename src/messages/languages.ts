import { arabic } from './ar';
import { english } from './en';
import { spanish } from './es';
import type { Language, Parts } from './speaking';

/** The language that is said where no other is wished for. */
export const ENGLISH: Language = {
  tag: 'en',
  name: 'English',
  direction: 'ltr',
  whole: english,
  shown: english,
};

/** Languages beside English; a line for each folder. */
export const LANGUAGES: readonly Language[] = [
  {
    tag: 'es',
    name: 'Español',
    direction: 'ltr',
    whole: spanish,
    shown: spanish,
  },
  {
    tag: 'ar',
    name: 'العربية',
    direction: 'rtl',
    whole: null,
    shown: arabic,
  },
];

/** Those in which everything is said. */
export const WHOLE_LANGUAGES = LANGUAGES.filter(({ whole }) => whole !== null);

const longer = Object.fromEntries(
  Object.keys(english).map((name) => [
    name,
    () => import('./stretched').then((words) => words.stretchedEnglish[name as keyof Parts]),
  ]),
) as unknown as Parts;

const stretched = (tag: string, direction: Language['direction']): Language => ({
  ...{ tag, name: tag, direction, whole: longer, shown: longer },
});

/** English as it is not: longer, accented, and read from the right. Nobody's browser asks for them; tests do. */
export const TRIAL_LANGUAGES: readonly Language[] = [
  stretched('und-x-long', 'ltr'),
  stretched('und-x-turned', 'rtl'),
];

/** The first of the wished languages that there is, or English. */
export function languageFor(
  wished: readonly string[],
  known: readonly Language[] = [...WHOLE_LANGUAGES, ...TRIAL_LANGUAGES],
): Language {
  const base = (tag: string): string => tag.toLowerCase().split('-')[0] ?? '';
  for (const wish of wished) {
    if (base(wish) === 'en') return ENGLISH;
    const found =
      known.find(({ tag }) => tag.toLowerCase() === wish.toLowerCase()) ??
      known.find(({ tag }) => base(tag) === base(wish));
    if (found) return found;
  }
  return ENGLISH;
}

/** The language of a tag, English too; null where there is none, as for ''. */
export function languageCalled(tag: string): Language | null {
  return [ENGLISH, ...LANGUAGES].find((one) => one.tag === tag) ?? null;
}
