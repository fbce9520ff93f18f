import type { Language } from './speaking';

/** The language that is at hand always. */
export const ENGLISH = { tag: 'en', name: 'English' };

/** Languages beside English; a line for each folder. */
export const LANGUAGES: readonly Language[] = [
  { tag: 'es', name: 'Español', load: () => import('./es').then(({ spanish }) => spanish) },
];

/** The first of the wished languages that there is; null for English. */
export function languageFor(
  wished: readonly string[],
  known: readonly Language[] = LANGUAGES,
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
