'use client';

import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import { previewSizes } from '@/encode/sizing';
import { say } from '@/messages';
import type { LineupRecord } from '@/schema/lineup';
import type { useShuffle } from '../frame/useShuffle';
import { KeyHint } from '../primitives/KeyHint';
import styles from './MakeButton.module.css';

interface MakeButtonProps {
  readonly lineup: LineupRecord;
  readonly hereCount: number;
  readonly first: boolean;
  readonly shuffle: ReturnType<typeof useShuffle>;
}

/** A shuffle quicker than this needs no word about how far it is. */
const WORTH_TELLING_MS = 200;

/** The one press that deals; while it works for longer, how far it is and the way to stop it. */
export function MakeButton({ lineup, hereCount, first, shuffle }: MakeButtonProps) {
  const possible = previewSizes(hereCount, lineup.recipe.sizing).ok;
  const working = shuffle.state.state === 'working';
  const slow = useIsSlow(working);
  if (working && slow) {
    const done = shuffle.state.state === 'working' ? shuffle.state.done : 0;
    return (
      <div className={styles.working}>
        <progress className={styles.progress} value={done} aria-label={say.groups.working} />
        <Button variant="paper" onClick={shuffle.stop}>
          {say.groups.stop}
        </Button>
      </div>
    );
  }
  return (
    <Button
      variant="contained"
      size="large"
      className={styles.make}
      disabled={!possible}
      onClick={() => void shuffle.make()}
    >
      {first ? say.groups.make : say.groups.reshuffle}
      <KeyHint>{'R'}</KeyHint>
    </Button>
  );
}

function useIsSlow(working: boolean): boolean {
  const [slow, setSlow] = useState(false);
  useEffect(() => {
    if (!working) return undefined;
    const timer = setTimeout(() => setSlow(true), WORTH_TELLING_MS);
    return () => {
      clearTimeout(timer);
      setSlow(false);
    };
  }, [working]);
  return slow;
}
