'use client';

import { sayShown } from '@/messages/shown';
import { useRef } from 'react';
import { Markdown } from '../../frame/Markdown';
import { usePaging } from '../usePaging';
import styles from './scenes.module.css';
import type { SceneProps } from './types';

/** The text for this lineup, as large as its length allows. */
export function Instructions({ shown }: SceneProps) {
  const box = useRef<HTMLDivElement>(null);
  usePaging(box);
  const { instructions } = shown.plan;
  const length =
    instructions.length < 280 ? 'short' : instructions.length < 900 ? 'middle' : 'long';
  return (
    <div
      ref={box}
      className={styles.instructions}
      data-length={length}
      tabIndex={0}
      role="region"
      aria-label={sayShown.stage.instructions}
    >
      <Markdown text={instructions} />
    </div>
  );
}
