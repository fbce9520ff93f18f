'use client';

import { useState } from 'react';
import { MINUTE_MS } from '@/encode/conducting';
import { sayPrepare } from '@/messages/prepare';
import type { SceneRecord } from '@/schema/scene';
import type { Conductor } from '../frame/useConductor';
import { Button } from '../primitives/Button';
import { NumberStepper } from '../primitives/NumberStepper';
import styles from './ShowView.module.css';

const USUAL_MINUTES = 10;
const MOST_MINUTES = 600;

interface ClockSettingProps {
  readonly scene: SceneRecord;
  readonly conductor: Conductor;
}

/** How long the clock on stage runs, set before it is seen. */
export function ClockSetting({ scene, conductor }: ClockSettingProps) {
  const set = scene.clock ? Math.round(scene.clock.lengthMs / MINUTE_MS) : USUAL_MINUTES;
  const [minutes, setMinutes] = useState(Math.max(1, set));
  return (
    <div className={styles.clock}>
      <NumberStepper
        labelled
        label={sayPrepare.minutes}
        lessLabel={sayPrepare.lessMinutes}
        moreLabel={sayPrepare.moreMinutes}
        value={minutes}
        refusal={(value) => (value >= 1 && value <= MOST_MINUTES ? null : sayPrepare.notMinutes)}
        onChange={setMinutes}
      />
      <Button variant="paper" onClick={() => conductor.setClock(minutes)}>
        {sayPrepare.setClock}
      </Button>
    </div>
  );
}
