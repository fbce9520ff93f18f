'use client';

import { useLayoutEffect, useRef } from 'react';
import { tinykeys } from 'tinykeys';
import * as z from 'zod/mini';
import type { Setting } from '@/schema/setting';
import { chosen } from '@/store/actions/drafts';
import { KEYS, type KeyName } from './keyMap';
import { useSetting } from './useDraft';
import { useStore } from '@/store/react';

const LETTER_KEYS: Setting<'on' | 'off'> = {
  name: 'letterKeys',
  shape: z.enum(['on', 'off']),
  usual: 'on',
};

/** Whether keys without Ctrl or Alt act (WCAG 2.2, 2.1.4 asks that they can be turned off). */
export function useLetterKeys(): readonly [boolean, (on: boolean) => void] {
  const [setting, set] = useSetting(LETTER_KEYS, null);
  return [setting === 'on', (on) => set(on ? 'on' : 'off')];
}

/** What a key does, by its name in the map of keys. */
type KeyHandlers = Readonly<Partial<Record<KeyName, (event: KeyboardEvent) => void>>>;

/** Listens for keys everywhere on the page but in fields; letters only while they are turned on. */
export function useKeys(keys: KeyHandlers): void {
  const store = useStore();
  const current = useRef(keys);
  // With the painting, not after it: a key pressed on what has just appeared is heard.
  useLayoutEffect(() => {
    current.current = keys;
  });
  const names = Object.keys(keys).join(' ');
  useLayoutEffect(() => {
    const handler = (name: KeyName, press: string) => (event: KeyboardEvent) => {
      const plain = !event.ctrlKey && !event.metaKey && !event.altKey;
      if (isTyping(event.target)) return;
      if (plain && press.length === 1 && chosen(store, LETTER_KEYS, null) === 'off') return;
      event.preventDefault();
      current.current[name]?.(event);
    };
    const heard = (names.split(' ') as KeyName[]).flatMap((name) =>
      KEYS[name].press.map((press) => [press, handler(name, press)] as const),
    );
    return tinykeys(window, Object.fromEntries(heard));
  }, [names, store]);
}

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable ||
      target.matches('textarea, select, input:not([type=radio]):not([type=checkbox])'))
  );
}
