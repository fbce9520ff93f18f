'use client';

import { sayShown } from '@/messages/shown';
import { lazily } from '../../primitives/lazily';
import { useMemo, useRef } from 'react';
import { seenIn } from '@/encode/conducting';
import { StageSheet } from '../StageSheet';
import { usePaging } from '../usePaging';
import styles from '../StageView.module.css';
import type { SceneProps } from './types';

const Markdown = lazily(() => import('../../frame/Markdown').then((module) => module.Markdown));

/** Groups and their names, with the instructions beside them where that is wished. */
export function ByGroup({ shown }: SceneProps) {
  const { scene, people, plan, groups } = shown;
  const seen = useMemo(() => seenIn(scene, people), [scene, people]);
  const box = useRef<HTMLDivElement>(null);
  usePaging(box);
  if (!groups) return <p className={styles.empty}>{sayShown.stage.empty}</p>;
  const beside = scene.beside && plan.instructions.trim() !== '';
  return (
    <div className={styles.sideBySide} data-beside={beside || undefined}>
      <div
        ref={box}
        className={styles.pages}
        tabIndex={0}
        role="region"
        aria-label={sayShown.stage.groups}
      >
        <StageSheet groups={people.groups} seen={seen} />
      </div>
      {beside && (
        <aside className={styles.beside} aria-label={sayShown.stage.instructions}>
          <Markdown text={plan.instructions} />
        </aside>
      )}
    </div>
  );
}
