'use client';

import { Fragment, useEffect, useState, type ReactNode } from 'react';
import { languageFor } from '@/messages/languages';
import { speak } from '@/messages/speaking';
import { onLanguage, wishedLanguages } from './languageChoice';

/** Speaks the reader's language: what is below is drawn once its words are there, and anew when another is chosen. */
export function Speaking({ children }: { readonly children: ReactNode }) {
  const [spoken, setSpoken] = useState('');
  useEffect(() => {
    let latest = 0;
    const draw = async (): Promise<void> => {
      const turn = ++latest;
      const language = languageFor(wishedLanguages());
      // Without its words English is better than nothing.
      const tag = await speak(language).then(
        () => language?.tag ?? 'en',
        () => 'en',
      );
      if (turn !== latest) return;
      document.documentElement.lang = tag;
      setSpoken(tag);
    };
    void draw();
    return onLanguage(() => void draw());
  }, []);
  return spoken === '' ? null : <Fragment key={spoken}>{children}</Fragment>;
}
