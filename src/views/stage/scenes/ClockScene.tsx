'use client';

import { ClockFace } from '../ClockFace';
import { sayOut } from '@/messages/out';
import styles from './scenes.module.css';
import type { SceneProps } from './types';

/** The countdown alone, to be read from the last row. */
export function ClockScene({ shown }: SceneProps) {
  const { clock } = shown.scene;
  return (
    <div className={styles.clock}>
      {clock ? (
        <ClockFace clock={clock} large />
      ) : (
        <p className={styles.hint}>{sayOut.stage.clock.none}</p>
      )}
    </div>
  );
}
