'use client';

import { say } from '@/messages';
import { sayUndoing } from '@/messages/undoing';
import type { Diff } from '@/store/diff';
import type { ActionLabel, Place } from '@/store/history';
import { useStore, useUndo } from '@/store/react';
import { useAsk } from '../primitives/asking';
import { harmOf } from './harm';
import { useStable } from './useStable';
import { useNotices } from '../primitives/notices';
import { useKeys } from './useKeys';

/** Undo and redo as the bar and the keys call them, each spoken. */
export function useSpokenUndo(place: Place) {
  const { undo, redo, nextUndo, nextRedo } = useUndo(place);
  const { announce, notify } = useNotices();
  const { records, history } = useStore();
  const ask = useAsk();
  /** Runs at once, but for a step that would part students of a lineup in use. */
  const guarded = (diff: Diff | null, label: ActionLabel | null, run: () => void): void => {
    const parted = diff ? harmOf(records, diff) : 0;
    if (parted === 0 || !label) run();
    else {
      ask({
        title: say.frame.partsTitle,
        text: say.frame.parts(sayUndoing.actions[label], parted),
        go: say.frame.partsGo,
        leave: say.frame.partsLeave,
        run,
      });
    }
  };
  /** Nothing is taken back here: where the last step was elsewhere it is named, and taken where that is asked for. */
  const offerElsewhere = (way: 'undo' | 'redo'): void => {
    const next = history.next(way);
    if (!next) {
      announce(way === 'undo' ? sayUndoing.nothingToUndo : sayUndoing.nothingToRedo);
      return;
    }
    const { id: step, label, places } = next;
    const theClass = records.all('class').find(({ id }) => places.includes(id));
    const where = theClass?.name ?? sayUndoing.allClasses;
    const diff = way === 'undo' ? history.diffOfUndo() : history.diffOfRedo();
    notify({
      text: sayUndoing.elsewhere[way](sayUndoing.actions[label], where),
      action: {
        label: sayUndoing.there[way],
        run: () =>
          guarded(diff, label, () => {
            const action = sayUndoing.actions[label];
            if (way === 'undo') history.undo();
            else history.redo();
            announce(way === 'undo' ? sayUndoing.undone(action) : sayUndoing.redone(action));
          }),
        stands: {
          listen: (changed) => history.listen(changed),
          now: () => history.next(way)?.id === step,
        },
      },
    });
  };
  const back = useStable(() => {
    if (nextUndo === null) offerElsewhere('undo');
    else {
      guarded(history.diffOfUndo(place), nextUndo, () => {
        const label = undo();
        announce(label ? sayUndoing.undone(sayUndoing.actions[label]) : sayUndoing.nothingToUndo);
      });
    }
  });
  const forth = useStable(() => {
    if (nextRedo === null) offerElsewhere('redo');
    else {
      guarded(history.diffOfRedo(place), nextRedo, () => {
        const label = redo();
        announce(label ? sayUndoing.redone(sayUndoing.actions[label]) : sayUndoing.nothingToRedo);
      });
    }
  });
  return { back, forth, nextUndo, nextRedo };
}

export function useUndoKeys(place: Place): void {
  const { back, forth } = useSpokenUndo(place);
  useKeys({ undo: back, redo: forth });
}
