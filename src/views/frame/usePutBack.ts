'use client';

import { useMemo, useRef } from 'react';
import { say } from '@/messages';
import type { ActionLabel, MarkId } from '@/store/history';
import { useStore } from '@/store/react';
import { useNotices } from '../primitives/notices';
import type { TakesBack } from '../primitives/Opening';

/** Escape takes back what an editor has done at once since it was opened: its steps, of the kinds named. */
export function usePutBack(kinds: ReadonlySet<ActionLabel>): TakesBack {
  const { history } = useStore();
  const { notify } = useNotices();
  const before = useRef<MarkId | null>(null);
  return useMemo(
    () => ({
      opened: () => {
        before.current = history.newest;
      },
      escaped: () => {
        const since = before.current;
        const steps = history.undoSince(since, kinds);
        if (steps === 0) return;
        notify({
          text: say.frame.putBack,
          action: {
            label: say.frame.changeAfterAll,
            run: () => {
              for (let step = 0; step < steps; step += 1) history.redo();
            },
            stands: {
              listen: (changed) => history.listen(changed),
              now: () => history.newest === since && history.nextRedo() !== null,
            },
          },
        });
      },
    }),
    [history, notify, kinds],
  );
}
