'use client';

import { withWords } from '@/messages/speaking';
import * as z from 'zod/mini';
import { lazily } from '../primitives/lazily';
import { useEffect, useId, useRef, useState, type CSSProperties } from 'react';
import { scenesFor } from '@/encode/conducting';
import { sayOut } from '@/messages/out';
import { sayShown } from '@/messages/shown';
import type { Setting } from '@/schema/setting';
import { showLineup } from '@/store/actions/stage';
import { useStore } from '@/store/react';
import { useArrangeClient } from '../frame/arranging';
import { useRoute } from '../primitives/route';
import { today } from '../frame/today';
import { InClassLanguage } from '../frame/InClassLanguage';
import { useClassId } from '../frame/useClassId';
import { useConductor } from '../frame/useConductor';
import { useSetting } from '../frame/useDraft';
import { useKeys } from '../frame/useKeys';
import { useNotedUse } from '../frame/useNotedUse';
import { useShown } from '../frame/useShown';
import { useStagePresence } from '../frame/stagePresence';
import { ClockFace } from './ClockFace';
import { SCENE_VIEWS } from './scenes/list';
import { StageBar } from './StageBar';
import styles from './StageView.module.css';
import { useChime } from './useChime';
import { useDrawing } from './useDrawing';
import { useFullScreen } from './useFullScreen';
import { useStageLight } from './useStageLight';
import { useStill } from './useStill';
import { useWakeLock } from './useWakeLock';

/** Loaded when it is first opened. */
const KeyMapPanel = lazily(() =>
  import('../frame/KeyMapPanel').then((module) => module.KeyMapPanel),
);

const SCALE: Setting<number> = {
  name: 'stageScale',
  shape: z.number().check(z.gte(0.5), z.lte(2)),
  usual: 1,
};
const CONTRAST: Setting<boolean> = { name: 'stageContrast', shape: z.boolean(), usual: false };
const SCALE_STEP = 0.1;

/** What the class sees: one scene, as large as it can be, and nothing of the teacher's. */
export function StageView() {
  const classId = useClassId();
  const store = useStore();
  const client = useArrangeClient();
  const { go } = useRoute();
  const shown = useShown(classId);
  const conductor = useConductor(classId, shown);
  const drawing = useDrawing(classId, shown);
  const { scene, lineup, groups, plan, waiting } = shown;
  useNotedUse(lineup);
  useStagePresence(classId);
  const still = useStill();
  const page = useRef<HTMLDivElement>(null);
  const [told, setTold] = useState('');
  useWakeLock(() => setTold(sayOut.stage.sleeps));
  useChime(scene.clock, () => setTold(sayOut.stage.silent));
  const [keysOpen, setKeysOpen] = useState(false);
  const keysId = useId();
  const [full, toggleFull] = useFullScreen(page, () => setTold(sayOut.stage.fullRefused));
  const [scale, setScale] = useSetting(SCALE, null);
  const [contrast, setContrast] = useSetting(CONTRAST, null);
  const [light, chosenLight, switchLight] = useStageLight();
  const scenes = scenesFor(plan, shown.experts !== null);
  const show = scenes.includes(scene.show) ? scene.show : 'byGroup';
  const Scene = SCENE_VIEWS[show];

  // What is seen now is what is held, from the first look on.
  const firstLook = !scene.follow && groups !== undefined && scene.held?.on !== today();
  useEffect(() => {
    if (firstLook && lineup) showLineup(store, lineup.id, today());
  }, [firstLook, store, lineup]);

  const back = (): void => {
    if (document.fullscreenElement) void document.exitFullscreen();
    // A window of its own is closed; where it is the only one, it goes back to the bench.
    if (window.opener) window.close();
    else go(`/c/${classId}/groups`);
  };
  const again = async (): Promise<void> => {
    if (!lineup) return;
    const { reshuffle } = await withWords(import('./reshuffle'));
    const made = await reshuffle(store, client, lineup);
    setTold(made ? '' : sayOut.stage.staying);
    if (made) showLineup(store, lineup.id, today());
  };
  const grow = (by: number): void =>
    setScale(Math.min(2, Math.max(0.5, Math.round((scale + by) * 10) / 10)));
  const doings = {
    back,
    reshuffle: () => void again(),
    fullScreen: toggleFull,
    larger: () => grow(SCALE_STEP),
    smaller: () => grow(-SCALE_STEP),
    contrast: () => setContrast(!contrast),
    light: switchLight,
  };
  useKeys({
    ...doings,
    keys: () => setKeysOpen(!keysOpen),
    scene: ({ key }) => {
      const chosen = scenes[Number(key) - 1];
      if (chosen) conductor.show(chosen);
    },
    switchNames: conductor.switchNames,
    next: conductor.next,
    previous: conductor.previous,
    pressClock: conductor.pressClock,
    moreTime: () => conductor.addMinutes(1),
    lessTime: () => conductor.addMinutes(-1),
    draw: () => drawing.draw('student'),
    undraw: drawing.takeBack,
    showNew: conductor.showNow,
    follow: conductor.toggleFollow,
    beside: conductor.toggleBeside,
  });

  return (
    <div
      ref={page}
      className={styles.stage}
      data-still={still || undefined}
      data-contrast={contrast || undefined}
      data-light={chosenLight ?? undefined}
      style={{ '--scale': scale } as CSSProperties}
    >
      <InClassLanguage classId={classId}>
        <header className={styles.head}>
          <h1 className={styles.title}>{shown.title ?? sayShown.stage.nothing}</h1>
          <p className={styles.class}>{shown.className}</p>
          {scene.clock && show !== 'clock' && <ClockFace clock={scene.clock} />}
        </header>
        <main className={styles.main}>
          <Scene key={`${show} ${scale}`} classId={classId} shown={shown} />
        </main>
      </InClassLanguage>
      <StageBar
        scenes={scenes}
        show={show}
        shown={shown}
        conductor={conductor}
        doings={doings}
        full={full}
        contrast={contrast}
        light={light}
        told={told}
        waiting={waiting !== null}
      />
      {keysOpen && (
        <KeyMapPanel id={keysId} anchor={page} open onClose={() => setKeysOpen(false)} />
      )}
    </div>
  );
}
