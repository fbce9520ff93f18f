'use client';

import { sayShown } from '@/messages/shown';
import { ClockFace } from '../ClockFace';
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
        <p className={styles.hint}>{sayShown.stage.clock.none}</p>
      )}
    </div>
  );
}
