'use client';

import { useSyncExternalStore } from 'react';
import { draftText } from '@/store/actions/drafts';
import { useStore } from '@/store/react';

/** The text kept for a field, kept up to date. */
export function useDraft(field: string): string {
  const store = useStore();
  const read = (): string => draftText(store, field);
  return useSyncExternalStore((changed) => store.records.listen(changed), read, read);
}
