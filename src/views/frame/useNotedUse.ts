'use client';

import { useEffect } from 'react';
import type { LineupRecord } from '@/schema/lineup';
import { noteUse } from '@/store/actions/lineups';
import { useStore } from '@/store/react';
import { useToday } from './useToday';

/** Shown to a class, a lineup counts as used from today on, with those who are here. */
export function useNotedUse(lineup: LineupRecord | undefined): void {
  const store = useStore();
  const day = useToday();
  const id = lineup?.takeId ? lineup.id : null;
  useEffect(() => {
    if (id !== null) noteUse(store, id, day);
  }, [store, id, day]);
}
