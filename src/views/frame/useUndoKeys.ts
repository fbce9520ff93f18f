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

type Way = 'undo' | 'redo';

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
  const tell = (way: Way, label: ActionLabel | null): void => {
    const words = way === 'undo' ? sayUndoing.undone : sayUndoing.redone;
    const nothing = way === 'undo' ? sayUndoing.nothingToUndo : sayUndoing.nothingToRedo;
    announce(label ? words(sayUndoing.actions[label]) : nothing);
  };
  /** Nothing is taken back here: where the last step was elsewhere it is named, and taken where that is asked for. */
  const offerElsewhere = (way: Way): void => {
    const next = history.next(way);
    if (!next) {
      tell(way, null);
      return;
    }
    const { id: step, label, places } = next;
    const theClass = records.all('class').find(({ id }) => places.includes(id));
    const diff = way === 'undo' ? history.diffOfUndo() : history.diffOfRedo();
    notify({
      text: sayUndoing.elsewhere[way](
        sayUndoing.actions[label],
        theClass?.name ?? sayUndoing.allClasses,
      ),
      action: {
        label: sayUndoing.there[way],
        run: () => guarded(diff, label, () => tell(way, history[way]())),
        stands: {
          listen: (changed) => history.listen(changed),
          now: () => history.next(way)?.id === step,
        },
      },
    });
  };
  const go = (way: Way): void => {
    const [label, run] = way === 'undo' ? [nextUndo, undo] : [nextRedo, redo];
    const diff = way === 'undo' ? history.diffOfUndo(place) : history.diffOfRedo(place);
    if (label === null) offerElsewhere(way);
    else guarded(diff, label, () => tell(way, run()));
  };
  const back = useStable(() => go('undo'));
  const forth = useStable(() => go('redo'));
  return { back, forth, nextUndo, nextRedo };
}

export function useUndoKeys(place: Place): void {
  const { back, forth } = useSpokenUndo(place);
  useKeys({ undo: back, redo: forth });
}
