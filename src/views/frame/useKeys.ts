'use client';

import { useLayoutEffect, useRef } from 'react';
import { tinykeys } from 'tinykeys';
import { draftText, keepDraft } from '@/store/actions/drafts';
import { useDraft } from './useDraft';
import { useStore } from '@/store/react';

/** Where the choice about single-letter keys is kept. */
const LETTER_KEYS_FIELD = 'setting:letterKeys';
const OFF = 'off';

/** Whether keys without Ctrl or Alt act (WCAG 2.2, 2.1.4 asks that they can be turned off). */
export function useLetterKeys(): readonly [boolean, (on: boolean) => void] {
  const store = useStore();
  const setting = useDraft(LETTER_KEYS_FIELD);
  return [setting !== OFF, (on) => keepDraft(store, LETTER_KEYS_FIELD, on ? '' : OFF)];
}

/** Key (as tinykeys writes it) → what it does. */
export type KeyMap = Readonly<Record<string, (event: KeyboardEvent) => void>>;

/** Listens for keys everywhere on the page but in fields; letters only while they are turned on. */
export function useKeys(keys: KeyMap): void {
  const store = useStore();
  const current = useRef(keys);
  // With the painting, not after it: a key pressed on what has just appeared is heard.
  useLayoutEffect(() => {
    current.current = keys;
  });
  const names = Object.keys(keys).join(' ');
  useLayoutEffect(() => {
    const handler = (name: string) => (event: KeyboardEvent) => {
      const plain = !event.ctrlKey && !event.metaKey && !event.altKey;
      if (isTyping(event.target)) return;
      if (plain && name.length === 1 && draftText(store, LETTER_KEYS_FIELD) === OFF) return;
      event.preventDefault();
      current.current[name]?.(event);
    };
    return tinykeys(
      window,
      Object.fromEntries(names.split(' ').map((name) => [name, handler(name)])),
    );
  }, [names, store]);
}

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable ||
      target.matches('textarea, select, input:not([type=radio]):not([type=checkbox])'))
  );
}
