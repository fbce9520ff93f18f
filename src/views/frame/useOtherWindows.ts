'use client';

import { useEffect } from 'react';
import { say } from '@/messages';
import type { ClassId } from '@/schema/ids';
import { useStore } from '@/store/react';
import { useNotices } from '../primitives/notices';
import { changedBy } from './harm';

/** Tells when another window has parted students of a lineup in use, with the way to have the groups as they were. */
export function useOtherWindows(classId: ClassId): void {
  const store = useStore();
  const { notify } = useNotices();
  useEffect(
    () =>
      store.records.listen((diff, source) => {
        if (source !== 'tab') return;
        for (const { lineup, parted, before } of changedBy(store.records, diff)) {
          if (lineup.classId !== classId) continue;
          notify({
            text: say.frame.otherWindow(lineup.name, parted),
            action: {
              label: say.frame.otherWindowBack,
              run: () =>
                store.history.act('bringBackTake', ({ get, put }) => {
                  const now = get('lineup', lineup.id);
                  if (!now) return;
                  put(before.take);
                  put({ ...now, takeId: before.take.id });
                }),
            },
          });
        }
      }),
    [store, classId, notify],
  );
}
