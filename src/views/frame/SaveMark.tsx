'use client';

import RedoRounded from '@mui/icons-material/RedoRounded';
import UndoRounded from '@mui/icons-material/UndoRounded';
import { say } from '@/messages';
import { sayUndoing } from '@/messages/undoing';
import type { Place } from '@/store/history';
import { useSaveState, useStore } from '@/store/react';
import { Button } from '../primitives/Button';
import { IconPress } from '../primitives/IconPress';
import { takeNewerBuild, useNewerBuild } from './newerBuild';
import styles from './SaveMark.module.css';
import { useSpokenUndo } from './useUndoKeys';

/** Whether all is on the disk, and the way back and forth. */
export function SaveMark({ place }: { readonly place: Place }) {
  const { lasting, inStep, unreadable } = useStore();
  const save = useSaveState();
  const { back, forth, nextUndo, nextRedo } = useSpokenUndo(place);
  const text = !lasting ? say.frame.memoryOnly : say.frame.saveState[save.state];
  const newer = useNewerBuild();
  const worry = !lasting || save.state === 'failed';
  return (
    <div className={styles.mark}>
      {newer && save.state === 'saved' && (
        <span role="status" className={styles.newer}>
          {say.frame.newerReady}{' '}
          <Button
            size="small"
            variant="paper"
            title={say.frame.openNewerHint}
            onClick={() => void takeNewerBuild()}
          >
            {say.frame.openNewer}
          </Button>
        </span>
      )}
      <span className={worry ? styles.worry : styles.calm} role={worry ? 'alert' : undefined}>
        {text}
        {unreadable > 0 && ` ${say.frame.unreadable(unreadable)}`}
      </span>
      {lasting && !inStep && <span className={styles.calm}>{say.frame.outOfStep}</span>}
      <IconPress
        label={sayUndoing.undo(nextUndo && sayUndoing.actions[nextUndo])}
        onPress={back}
        disabled={!nextUndo}
      >
        <UndoRounded />
      </IconPress>
      <IconPress
        label={sayUndoing.redo(nextRedo && sayUndoing.actions[nextRedo])}
        onPress={forth}
        disabled={!nextRedo}
      >
        <RedoRounded />
      </IconPress>
    </div>
  );
}
