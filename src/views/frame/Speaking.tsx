'use client';

import { Fragment, useEffect, useState, type ReactNode } from 'react';
import { ENGLISH, languageFor, LANGUAGES } from '@/messages/languages';
import { showIn, speak } from '@/messages/speaking';
import { onLanguage, wishedLanguages } from './languageChoice';

interface SpeakingProps {
  /** A class may read languages that are not those of teachers, and is sent to the page with the one it reads. */
  readonly toClass?: boolean;
  readonly children: ReactNode;
}

/** Speaks the reader's language: what is below is drawn once its words are there, and anew when another is chosen. */
export function Speaking({ toClass = false, children }: SpeakingProps) {
  const [spoken, setSpoken] = useState('');
  useEffect(() => {
    let latest = 0;
    const draw = async (): Promise<void> => {
      const turn = ++latest;
      const language = toClass
        ? (languageFor([sentWith(), ...wishedLanguages()], LANGUAGES) ?? ENGLISH)
        : (languageFor(wishedLanguages()) ?? ENGLISH);
      // Without its words English is better than nothing.
      const { tag, direction } = await (toClass ? showIn(language) : speak(language)).then(
        () => language,
        () => ENGLISH,
      );
      if (turn !== latest) return;
      document.documentElement.lang = tag;
      document.documentElement.dir = direction;
      setSpoken(tag);
    };
    void draw();
    return onLanguage(() => void draw());
  }, [toClass]);
  return spoken === '' ? null : <Fragment key={spoken}>{children}</Fragment>;
}

/** The language in the address, '' where there is none. */
function sentWith(): string {
  return new URLSearchParams(location.search).get('lang') ?? '';
}
