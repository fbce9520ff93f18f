'use client';

import { useEffect, useState, type ReactNode } from 'react';
import { LANGUAGES, languageFor } from '@/messages/languages';
import { speak } from '@/messages/speaking';

/** Speaks the reader's language: what is below is drawn once its words are there. English is at hand at once. */
export function Speaking({ children }: { readonly children: ReactNode }) {
  const [ready, setReady] = useState(LANGUAGES.length === 0);
  useEffect(() => {
    const language = languageFor(navigator.languages);
    speak(language)
      // Without its words English is better than nothing.
      .catch(() => speak(null))
      .finally(() => {
        if (language) document.documentElement.lang = language.tag;
        setReady(true);
      });
  }, []);
  return ready ? children : null;
}
