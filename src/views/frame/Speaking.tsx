'use client';

import { Suspense, useEffect, useState, type ReactNode } from 'react';
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
  const [failure, setFailure] = useState<Error | null>(null);
  useEffect(() => {
    let latest = 0;
    const draw = async (): Promise<void> => {
      const turn = ++latest;
      const say = toClass ? showIn : speak;
      let said = toClass
        ? languageFor([sentWith(), ...wishedLanguages()], LANGUAGES)
        : languageFor(wishedLanguages());
      try {
        await say(said);
      } catch {
        // Without its words English is better than nothing.
        said = ENGLISH;
        await say(said);
      }
      if (turn !== latest) return;
      const { tag, direction } = said;
      document.documentElement.lang = tag;
      document.documentElement.dir = direction;
      if (said.whole) installedIn(tag);
      setSpoken(tag);
    };
    const show = (): void =>
      void draw().catch((reason: unknown) =>
        setFailure(reason instanceof Error ? reason : new Error(String(reason))),
      );
    show();
    return onLanguage(show);
  }, [toClass]);
  // Without any words there is nothing to show: whoever stands around it says so.
  if (failure !== null) throw failure;
  if (spoken === '') return null;
  // What is below may say words that come with it, a moment later.
  return (
    <Suspense key={spoken} fallback={null}>
      {children}
    </Suspense>
  );
}

/** Whoever installs it from here on has it in this language. */
function installedIn(tag: string): void {
  const link = document.querySelector('link[rel="manifest"]');
  const address = tag === ENGLISH.tag ? '/manifest.webmanifest' : `/manifests/${tag}`;
  // Put again, the same address would be fetched again.
  if (link && link.getAttribute('href') !== address) link.setAttribute('href', address);
}

/** The language in the address, '' where there is none. */
function sentWith(): string {
  return new URLSearchParams(location.search).get('lang') ?? '';
}
