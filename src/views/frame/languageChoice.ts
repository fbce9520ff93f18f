/** Where a language chosen by hand is kept: it is wanted before anything else of the browser's storage is open. */
const KEY = 'gruppetto-language';
const CHOSEN = 'gruppetto-language-chosen';

/** The tag that was chosen by hand; '' where the browser's wishes hold. */
export function chosenLanguage(): string {
  try {
    return localStorage.getItem(KEY) ?? '';
  } catch {
    // A browser that keeps nothing.
    return '';
  }
}

/** Chooses a language by hand, in all tabs; '' leaves it to the browser. */
export function chooseLanguage(tag: string): void {
  try {
    if (tag === '') localStorage.removeItem(KEY);
    else localStorage.setItem(KEY, tag);
  } catch {
    return;
  }
  window.dispatchEvent(new Event(CHOSEN));
}

/** What is wished for, first choice first (BCP 47). */
export function wishedLanguages(): readonly string[] {
  const chosen = chosenLanguage();
  return chosen === '' ? navigator.languages : [chosen, ...navigator.languages];
}

/** Listens for another choice, here or in another tab, until the returned function is called. */
export function onLanguage(changed: () => void): () => void {
  const elsewhere = ({ key }: StorageEvent): void => {
    if (key === KEY) changed();
  };
  window.addEventListener(CHOSEN, changed);
  window.addEventListener('storage', elsewhere);
  return () => {
    window.removeEventListener(CHOSEN, changed);
    window.removeEventListener('storage', elsewhere);
  };
}
