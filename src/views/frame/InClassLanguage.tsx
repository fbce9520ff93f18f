'use client';

import { useEffect, useState, type ReactNode } from 'react';
import * as z from 'zod/mini';
import { languageCalled } from '@/messages/languages';
import { showIn } from '@/messages/speaking';
import type { ClassId } from '@/schema/ids';
import type { Setting } from '@/schema/setting';
import styles from './InClassLanguage.module.css';
import { useSetting } from './useDraft';

/** The tag of the language that a class reads; '' where it reads what the teacher does. */
const CLASS_LANGUAGE: Setting<string> = { name: 'classLanguage', shape: z.string(), usual: '' };

export function useClassLanguage(classId: ClassId): readonly [string, (tag: string) => void] {
  return useSetting(CLASS_LANGUAGE, classId);
}

/** Whether what the class reads is said in its language by now; it is for as long as this is in use. */
export function useSpokenForClass(classId: ClassId): boolean {
  const [tag] = useClassLanguage(classId);
  const [spoken, setSpoken] = useState('');
  useEffect(() => {
    let ended = false;
    // Without its words the teacher's language is better than nothing.
    void showIn(languageCalled(tag))
      .catch(() => showIn(null))
      .then(() => {
        if (!ended) setSpoken(tag);
      });
    return () => {
      ended = true;
      void showIn(null);
    };
  }, [tag]);
  return spoken === tag;
}

interface InClassLanguageProps {
  readonly classId: ClassId;
  readonly children: ReactNode;
}

/** What a class sees, in its language and in the direction in which that is read. */
export function InClassLanguage({ classId, children }: InClassLanguageProps) {
  const [tag] = useClassLanguage(classId);
  const spoken = useSpokenForClass(classId);
  if (!spoken) return null;
  const language = languageCalled(tag);
  if (!language) return children;
  return (
    <div key={tag} className={styles.same} lang={language.tag} dir={language.direction}>
      {children}
    </div>
  );
}
