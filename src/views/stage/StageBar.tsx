'use client';

import { sayOut } from '@/messages/out';
import type { SceneName } from '@/schema/scene';
import { KeyOf } from '../frame/KeyOf';
import type { Conductor } from '../frame/useConductor';
import type { Shown } from '../frame/useShown';
import { Button } from '../primitives/Button';
import { KeyHint } from '../primitives/KeyHint';
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
  };
  readonly full: boolean;
  readonly contrast: boolean;
  readonly told: string;
  readonly waiting: boolean;
}

/** One quiet line at the foot of the stage for whoever leads; it steps back while nothing moves. */
export function StageBar(props: StageBarProps) {
  const { scenes, show, shown, conductor, doings, full, contrast, told, waiting } = props;
  const { scene, plan } = shown;
  const running = scene.clock?.endsAt !== null && scene.clock !== null;
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
        {scene.reveal && (
          <>
            <Button variant="apricot" onClick={conductor.next}>
              {sayOut.stage.next}
              <KeyOf name="next" />
            </Button>
            <Button variant="paper" onClick={() => conductor.revealBy(null)}>
              {sayOut.stage.revealAll}
            </Button>
          </>
        )}
        {show === 'stations' && plan.turns && (
          <Button variant="apricot" onClick={conductor.next}>
            {sayOut.stage.nextTurn}
            <KeyOf name="next" />
          </Button>
        )}
        {show === 'jigsaw' && (
          <Button variant="apricot" onClick={conductor.next}>
            {sayOut.stage.otherSide[scene.side]}
            <KeyOf name="next" />
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
            <Button variant="plain" onClick={doings.reshuffle}>
              {sayOut.stage.reshuffle}
              <KeyOf name="reshuffle" />
            </Button>
            {(['group', 'name'] as const).map((by) => (
              <Button key={by} variant="plain" onClick={() => conductor.revealBy(by)}>
                {sayOut.stage.reveal[by]}
              </Button>
            ))}
            <Button variant="plain" onClick={() => conductor.addMinutes(1)}>
              {sayOut.stage.clock.more}
              <KeyOf name="moreTime" />
            </Button>
            <Button variant="plain" onClick={() => conductor.addMinutes(-1)}>
              {sayOut.stage.clock.less}
              <KeyOf name="lessTime" />
            </Button>
            {scene.clock && (
              <>
                <Button
                  variant="plain"
                  aria-pressed={scene.clock.sound}
                  onClick={conductor.toggleSound}
                >
                  {sayOut.stage.clock.sound}
                </Button>
                <Button variant="plain" onClick={conductor.removeClock}>
                  {sayOut.stage.clock.remove}
                </Button>
              </>
            )}
            {plan.instructions.trim() !== '' && (
              <Button variant="plain" aria-pressed={scene.beside} onClick={conductor.toggleBeside}>
                {sayOut.stage.beside}
                <KeyOf name="beside" />
              </Button>
            )}
            <Button variant="plain" onClick={conductor.toggleFollow}>
              {scene.follow ? sayOut.stage.hold : sayOut.stage.live}
              <KeyOf name="follow" />
            </Button>
            <Button variant="plain" onClick={doings.larger}>
              {sayOut.stage.larger}
              <KeyOf name="larger" />
            </Button>
            <Button variant="plain" onClick={doings.smaller}>
              {sayOut.stage.smaller}
              <KeyOf name="smaller" />
            </Button>
            <Button variant="plain" aria-pressed={contrast} onClick={doings.contrast}>
              {sayOut.stage.contrast}
              <KeyOf name="contrast" />
            </Button>
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
