'use client';

import { useEffect } from 'react';
import { say } from '@/messages';
import type { ClassId } from '@/schema/ids';
import { useStore } from '@/store/react';
import { useNotices } from '../primitives/notices';
import { changedBy } from './harm';
import { changedParts } from './otherWindow';

/** Steps that come together are told together. */
const GATHERED_MS = 400;
/** The same is not told again before this: two windows side by side would never be quiet. */
const QUIET_MS = 30_000;

/**
 * Tells what another window has changed in the class, once somebody looks here: of students of a lineup in use who were
 * parted, with the way to have the groups as they were; of anything else, by its part.
 */
export function useOtherWindows(classId: ClassId): void {
  const store = useStore();
  const { notify } = useNotices();
  useEffect(() => {
    const parts = new Set<string>();
    let waiting: ReturnType<typeof setTimeout> | null = null;
    let last = { text: '', at: 0 };
    const tell = (): void => {
      waiting = null;
      if (document.hidden || parts.size === 0) return;
      const text = say.frame.otherWindowDid([...parts]);
      parts.clear();
      if (text === last.text && Date.now() - last.at < QUIET_MS) return;
      last = { text, at: Date.now() };
      notify({ text });
    };
    const gather = (): void => {
      waiting ??= setTimeout(tell, GATHERED_MS);
    };
    const stop = store.records.listen((diff, source) => {
      if (source !== 'tab') return;
      const harmed = changedBy(store.records, diff).filter(
        ({ lineup }) => lineup.classId === classId,
      );
      for (const { lineup, parted, before } of harmed) {
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
      if (harmed.length > 0) return;
      for (const one of changedParts(store.records, diff, classId)) {
        const { groups, lineup, ...plain } = say.frame.otherWindowPart;
        if (one.part === 'groups') parts.add(groups(one.lineup));
        else parts.add(one.part === 'lineup' ? lineup(one.lineup) : plain[one.part]);
      }
      if (parts.size > 0) gather();
    });
    document.addEventListener('visibilitychange', gather);
    return () => {
      stop();
      document.removeEventListener('visibilitychange', gather);
      if (waiting !== null) clearTimeout(waiting);
    };
  }, [store, classId, notify]);
}
