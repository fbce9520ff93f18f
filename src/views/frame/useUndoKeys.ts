'use client';

import { useCallback } from 'react';
import { say } from '@/messages';
import type { Place } from '@/store/history';
import { useUndo } from '@/store/react';
import { useNotices } from '../primitives/notices';
import { useKeys } from './useKeys';

/** Undo and redo as the bar and the keys call them, each spoken. */
export function useSpokenUndo(place: Place) {
  const { undo, redo, nextUndo, nextRedo } = useUndo(place);
  const { announce } = useNotices();
  const back = useCallback(() => {
    const label = undo();
    announce(label ? say.frame.undone(say.actions[label]) : say.frame.nothingToUndo);
  }, [undo, announce]);
  const forth = useCallback(() => {
    const label = redo();
    announce(label ? say.frame.redone(say.actions[label]) : say.frame.nothingToRedo);
  }, [redo, announce]);
  return { back, forth, nextUndo, nextRedo };
}

export function useUndoKeys(place: Place): void {
  const { back, forth } = useSpokenUndo(place);
  useKeys({ undo: back, redo: forth });
}
