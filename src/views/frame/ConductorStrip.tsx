'use client';

import { clockFigures } from '@/messages/clockFigures';
import { useEffect } from 'react';
import { clockState, leftOf, scenesFor, secondsShown } from '@/encode/conducting';
import { sayOut } from '@/messages/out';
import { sayPrepare } from '@/messages/prepare';
import type { ClassId } from '@/schema/ids';
import type { Clock } from '@/schema/scene';
import { useStore } from '@/store/react';
import { Button } from '../primitives/Button';
import { Select } from '../primitives/Select';
import styles from './ConductorStrip.module.css';
import { nextStep } from './nextStep';
import { useConductor } from './useConductor';
import { useNow } from './useNow';
import { useShown } from './useShown';

/** While a stage stands in another window: what the class sees there now, and what may be done with it from here. */
export function ConductorStrip({ classId }: { readonly classId: ClassId }) {
  const store = useStore();
  const shown = useShown(classId);
  const conductor = useConductor(classId, shown);
  const { scene, plan, waiting, experts } = shown;
  const next = nextStep(shown);
  // What is done here is to be seen there at once.
  useEffect(() => store.records.listen(() => void store.saver.flush()), [store]);
  return (
    <section className={styles.strip} aria-label={sayPrepare.conductor.title}>
      <p className={styles.what}>
        <strong>{sayPrepare.conductor.title}</strong> {shown.title}
      </p>
      <Select
        quiet
        label={sayPrepare.conductor.scene}
        value={scene.show}
        options={scenesFor(plan, experts !== null).map((value) => ({
          value,
          label: sayOut.stage.scenes[value],
        }))}
        onChange={conductor.show}
      />
      <Button
        size="small"
        variant="paper"
        aria-pressed={scene.follow}
        onClick={conductor.toggleFollow}
      >
        {scene.follow ? sayPrepare.conductor.hold : sayPrepare.conductor.follow}
      </Button>
      <p className={styles.state}>
        {scene.follow
          ? sayPrepare.conductor.live
          : waiting
            ? sayPrepare.conductor.differs
            : sayPrepare.conductor.held}
      </p>
      {waiting && (
        <Button size="small" variant="apricot" onClick={conductor.showNow}>
          {sayPrepare.conductor.showNow}
        </Button>
      )}
      {next === null ? (
        <Button size="small" variant="paper" onClick={() => conductor.revealBy('group')}>
          {sayOut.stage.reveal.group}
        </Button>
      ) : (
        <Button size="small" variant="apricot" onClick={conductor.next}>
          {next}
        </Button>
      )}
      <StripClock
        clock={scene.clock}
        onPress={conductor.pressClock}
        onMinutes={conductor.addMinutes}
      />
    </section>
  );
}

interface StripClockProps {
  readonly clock: Clock | null;
  readonly onPress: () => void;
  readonly onMinutes: (minutes: number) => void;
}

function StripClock({ clock, onPress, onMinutes }: StripClockProps) {
  const now = useNow(clock?.endsAt ?? null);
  const runs = clock?.endsAt != null && leftOf(clock, now) > 0;
  return (
    <div className={styles.clock}>
      {clock && (
        <span className={styles.figures} data-state={clockState(clock, now)}>
          {clockFigures(secondsShown(clock, now))}
        </span>
      )}
      <Button size="small" variant="paper" onClick={onPress}>
        {runs ? sayOut.stage.clock.pause : sayOut.stage.clock.start}
      </Button>
      {clock &&
        ([-1, 1] as const).map((by) => (
          <Button
            key={by}
            size="small"
            variant="plain"
            aria-label={by > 0 ? sayOut.stage.clock.more : sayOut.stage.clock.less}
            onClick={() => onMinutes(by)}
          >
            {by > 0 ? '+1' : '−1'}
          </Button>
        ))}
    </div>
  );
}
