'use client';

import { useState, type ReactNode } from 'react';
import { say } from '@/messages';
import { Button } from '../primitives/Button';
import { useNameMask } from './masking';
import styles from './RealNames.module.css';

/** What is to leave: with real names, or as the screen shows it. */
type Leave = (names: 'real' | 'shown') => void;

/**
 * While names are hidden on screen, what would carry them away is asked about first. `canMask` says whether it can also
 * leave as it is shown.
 */
export function useRealNames(canMask: boolean): {
  readonly leave: (take: Leave) => void;
  readonly question: ReactNode;
} {
  const [mask] = useNameMask();
  const [asked, setAsked] = useState<{ readonly take: Leave } | null>(null);
  const answer = (names: 'real' | 'shown') => (): void => {
    setAsked(null);
    asked?.take(names);
  };
  const sentence = canMask ? say.privacy.askedWhich : say.privacy.askedReal;
  const question = asked && mask !== 'names' && (
    <div role="alertdialog" aria-label={sentence} className={styles.asked}>
      <p>{sentence}</p>
      {canMask && (
        <Button size="small" variant="contained" onClick={answer('shown')} autoFocus>
          {say.privacy.asShown}
        </Button>
      )}
      <Button size="small" variant="paper" onClick={answer('real')}>
        {say.privacy.withNames}
      </Button>
      <Button size="small" onClick={() => setAsked(null)} autoFocus={!canMask}>
        {say.privacy.notNow}
      </Button>
    </div>
  );
  return {
    leave: (take) => {
      if (mask === 'names') take('real');
      else setAsked({ take });
    },
    question,
  };
}
