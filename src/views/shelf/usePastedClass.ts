'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { sayShelf } from '@/messages/shelf';
import { createClass } from '@/store/actions/classes';
import { keepDraft } from '@/store/actions/drafts';
import { useStore } from '@/store/react';
import { freshLineupName } from '../frame/lineupNames';

/** A list pasted anywhere on the first page becomes a class: it lies in the box of its roster, to be looked at first. */
export function usePastedClass(): void {
  const store = useStore();
  const router = useRouter();
  useEffect(() => {
    const onPaste = (event: ClipboardEvent): void => {
      const { target, clipboardData } = event;
      if (target instanceof HTMLElement && target.matches('input, textarea, [contenteditable]')) {
        return;
      }
      const text = clipboardData?.getData('text/plain') ?? '';
      if (text.trim() === '') return;
      event.preventDefault();
      const id = createClass(store, sayShelf.unnamed, freshLineupName([]));
      keepDraft(store, { of: 'paste', classId: id }, text);
      router.push(`/c/${id}/roster`);
    };
    document.addEventListener('paste', onPaste);
    return () => document.removeEventListener('paste', onPaste);
  }, [store, router]);
}
