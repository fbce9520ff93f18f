'use client';

import { useCallback } from 'react';
import { say } from '@/messages';
import { useStore } from '@/store/react';
import { useNotices } from '../primitives/notices';

/**
 * Tells of the step just taken, with the way back: Undo takes back this step and no other, and is gone once something
 * else has been done.
 */
export function useTold(): (text: string) => void {
  const { history } = useStore();
  const { notify } = useNotices();
  return useCallback(
    (text) => {
      const step = history.newest;
      if (step === null) {
        notify({ text });
        return;
      }
      notify({
        text,
        action: {
          label: say.frame.undoShort,
          run: () => void history.undoStep(step),
          stands: {
            listen: (changed) => history.listen(changed),
            now: () => history.isNewest(step),
          },
        },
      });
    },
    [history, notify],
  );
}
