'use client';

import { isRevealing, leftOf } from '@/encode/conducting';
import { sayOut } from '@/messages/out';
import type { SceneName } from '@/schema/scene';
import type { KeyName } from '../frame/keyMap';
import { KeyOf } from '../frame/KeyOf';
import { nextStep } from '../frame/nextStep';
import { useNow } from '../frame/useNow';
import type { Conductor } from '../frame/useConductor';
import type { Shown } from '../frame/useShown';
import { Button } from '../primitives/Button';
import { KeyHint } from '../primitives/KeyHint';
import { otherLight, type StageLight } from './useStageLight';
import styles from './StageBar.module.css';

interface StageBarProps {
  readonly scenes: readonly SceneName[];
  readonly show: SceneName;
  readonly shown: Shown;
  readonly conductor: Conductor;
  readonly doings: {
    readonly back: () => void;
    readonly reshuffle: () => void;
    readonly fullScreen: () => void;
    readonly larger: () => void;
    readonly smaller: () => void;
    readonly contrast: () => void;
    readonly light: () => void;
  };
  readonly full: boolean;
  readonly contrast: boolean;
  /** What it is shown by now. */
  readonly light: StageLight;
  readonly told: string;
  readonly waiting: boolean;
}

/** Something to do that is not needed at every moment. */
interface Doing {
  readonly word: string;
  readonly run: () => void;
  readonly key?: KeyName;
  /** Of what is switched on and off. */
  readonly on?: boolean;
}

/** One quiet line at the foot of the stage for whoever leads; it steps back while nothing moves. */
export function StageBar(props: StageBarProps) {
  const { scenes, show, shown, conductor, doings, full, contrast, light, told, waiting } = props;
  const { scene, plan } = shown;
  const now = useNow(scene.clock?.endsAt ?? null);
  const running = scene.clock?.endsAt != null && leftOf(scene.clock, now) > 0;
  const next = nextStep(shown);
  const { stage } = sayOut;
  const more: readonly Doing[] = [
    { word: stage.reshuffle, run: doings.reshuffle, key: 'reshuffle' },
    { word: stage.reveal.group, run: () => conductor.revealBy('group') },
    { word: stage.reveal.name, run: () => conductor.revealBy('name') },
    { word: stage.clock.more, run: () => conductor.addMinutes(1), key: 'moreTime' },
    { word: stage.clock.less, run: () => conductor.addMinutes(-1), key: 'lessTime' },
    ...(scene.clock
      ? [
          { word: stage.clock.sound, run: conductor.toggleSound, on: scene.clock.sound },
          { word: stage.clock.remove, run: conductor.removeClock },
        ]
      : []),
    ...(plan.instructions.trim() === ''
      ? []
      : [
          {
            ...{ word: stage.beside, run: conductor.toggleBeside },
            ...{ key: 'beside' as const, on: scene.beside },
          },
        ]),
    {
      word: scene.follow ? stage.hold : stage.live,
      run: conductor.toggleFollow,
      key: 'follow',
    },
    { word: stage.larger, run: doings.larger, key: 'larger' },
    { word: stage.smaller, run: doings.smaller, key: 'smaller' },
    { word: stage.contrast, run: doings.contrast, key: 'contrast', on: contrast },
    { word: stage.light[otherLight(light)], run: doings.light, key: 'light' },
  ];
  return (
    <footer className={styles.bar} aria-label={sayOut.stage.controls}>
      <div className={styles.scenes} role="group" aria-label={sayOut.stage.scenesLegend}>
        {scenes.map((name, index) => (
          <button
            key={name}
            type="button"
            className={styles.scene}
            aria-pressed={name === show}
            onClick={() => conductor.show(name)}
          >
            {sayOut.stage.scenes[name]}
            <KeyHint>{String(index + 1)}</KeyHint>
          </button>
        ))}
      </div>
      <p className={styles.told}>{told}</p>
      <div className={styles.doings}>
        {waiting && (
          <Button variant="apricot" onClick={conductor.showNow}>
            {sayOut.stage.showNew}
            <KeyOf name="showNew" />
          </Button>
        )}
        {next !== null && (
          <Button variant="apricot" onClick={conductor.next}>
            {next}
            <KeyOf name="next" />
          </Button>
        )}
        {isRevealing(scene) && (
          <Button variant="paper" onClick={() => conductor.revealBy(null)}>
            {sayOut.stage.revealAll}
          </Button>
        )}
        {(scene.clock !== null || show === 'clock') && (
          <Button variant={show === 'clock' ? 'apricot' : 'paper'} onClick={conductor.pressClock}>
            {running ? sayOut.stage.clock.pause : sayOut.stage.clock.start}
            <KeyOf name="pressClock" />
          </Button>
        )}
        <details
          className={styles.more}
          onKeyDown={(event) => {
            if (event.key !== 'Escape' || !event.currentTarget.open) return;
            event.stopPropagation();
            event.currentTarget.open = false;
          }}
        >
          <summary>{sayOut.stage.more}</summary>
          <div className={styles.moreList}>
            {more.map(({ word, run, key, on }) => (
              <Button key={word} variant="plain" aria-pressed={on} onClick={run}>
                {word}
                {key && <KeyOf name={key} />}
              </Button>
            ))}
          </div>
        </details>
        <Button variant="paper" onClick={doings.fullScreen} aria-pressed={full}>
          {full ? sayOut.stage.leaveFull : sayOut.stage.full}
          <KeyOf name="fullScreen" />
        </Button>
        <Button variant="paper" onClick={doings.back}>
          {sayOut.stage.back}
          <KeyOf name="back" />
        </Button>
      </div>
    </footer>
  );
}
