'use client';

import { useCallback, useEffect } from 'react';
import { sayShelf } from '@/messages/shelf';
import { createClass } from '@/store/actions/classes';
import { keepDraft } from '@/store/actions/drafts';
import { useStore } from '@/store/react';
import { freshLineupName } from '../frame/lineupNames';
import { useRoute } from '../primitives/route';

/** Makes a class whose list lies in the box of its roster, to be looked at first. */
export function useListAsClass(): (text: string) => void {
  const store = useStore();
  const { go } = useRoute();
  return useCallback(
    (text) => {
      const id = createClass(store, sayShelf.unnamed, freshLineupName([]));
      keepDraft(store, { of: 'paste', classId: id }, text);
      go(`/c/${id}/roster`);
    },
    [store, go],
  );
}

/** A list pasted anywhere on the first page becomes a class. */
export function usePastedClass(): void {
  const make = useListAsClass();
  useEffect(() => {
    const onPaste = (event: ClipboardEvent): void => {
      const { target, clipboardData } = event;
      if (target instanceof HTMLElement && target.matches('input, textarea, [contenteditable]')) {
        return;
      }
      const text = clipboardData?.getData('text/plain') ?? '';
      if (text.trim() === '') return;
      event.preventDefault();
      make(text);
    };
    document.addEventListener('paste', onPaste);
    return () => document.removeEventListener('paste', onPaste);
  }, [make]);
}
