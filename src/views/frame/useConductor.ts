'use client';

import {
  addTime,
  clockOf,
  isRevealing,
  MINUTE_MS,
  pressClock,
  revealNext,
  toTurn,
} from '@/encode/conducting';
import type { ClassId } from '@/schema/ids';
import { emptyScene, sceneIdFor, type SceneName, type SceneRecord } from '@/schema/scene';
import { conduct, showLineup } from '@/store/actions/stage';
import { useStore } from '@/store/react';
import { today } from './today';
import type { Shown } from './useShown';

/** What whoever leads the class does with the stage: from the stage itself, or from the bench beside it. */
export function useConductor(classId: ClassId, shown: Shown) {
  const store = useStore();
  const scene = (): SceneRecord =>
    store.records.get('scene', sceneIdFor(classId)) ?? emptyScene(classId);
  const set = (change: (scene: SceneRecord) => Partial<SceneRecord>): void =>
    conduct(store, classId, change);
  const turnBy = (by: number): void =>
    set((now) => toTurn(now, shown.plan, now.turn + by, Date.now()));

  return {
    show: (show: SceneName): void => set(() => ({ show })),
    /** From group to name and back. */
    switchNames: (): void =>
      set(({ show }) => ({ show: show === 'byName' ? 'byGroup' : 'byName' })),
    /** What the bench has now, in place of what was shown. */
    showNow: (): void => {
      if (shown.waiting) showLineup(store, shown.waiting, today());
    },
    /** Holds what is shown now, or follows the bench from here on. */
    toggleFollow: (): void => {
      if (scene().follow && shown.lineup) showLineup(store, shown.lineup.id, today());
      set(({ follow }) => ({ follow: !follow }));
    },
    /** Hides the groups, to be revealed step by step; null shows them all. */
    revealBy: (by: 'group' | 'name' | null): void =>
      set(() => ({ reveal: by && { by, shown: 0 }, ...(by ? { show: 'byGroup' } : {}) })),
    /** The next step of what is going on: a name, a group, or a turn. */
    next: (): void => {
      if (isRevealing(scene())) set((now) => revealNext(now, shown.people));
      else if (scene().show === 'stations') turnBy(1);
      else if (scene().show === 'jigsaw') set(({ side }) => ({ side: other(side) }));
    },
    previous: (): void => {
      if (scene().show === 'stations') turnBy(-1);
      else if (scene().show === 'jigsaw') set(({ side }) => ({ side: other(side) }));
    },
    pressClock: (): void => set((now) => pressClock(now, Date.now())),
    addMinutes: (minutes: number): void =>
      set((now) => addTime(now, minutes * MINUTE_MS, Date.now())),
    setClock: (minutes: number): void => set((now) => clockOf(now, minutes * MINUTE_MS)),
    removeClock: (): void => set(() => ({ clock: null })),
    toggleSound: (): void =>
      set(({ clock }) => ({ clock: clock && { ...clock, sound: !clock.sound } })),
    toggleBeside: (): void => set(({ beside }) => ({ beside: !beside })),
  };
}

export type Conductor = ReturnType<typeof useConductor>;

const other = (side: SceneRecord['side']): SceneRecord['side'] =>
  side === 'home' ? 'experts' : 'home';
