'use client';

import RedoRounded from '@mui/icons-material/RedoRounded';
import UndoRounded from '@mui/icons-material/UndoRounded';
import IconButton from '@mui/material/IconButton';
import Tooltip from '@mui/material/Tooltip';
import { say } from '@/messages';
import { useSaveState, useStore } from '@/store/react';
import styles from './SaveMark.module.css';
import { useSpokenUndo } from './useUndoKeys';

/** Whether all is on the disk, and the way back and forth. */
export function SaveMark() {
  const { lasting, unreadable } = useStore();
  const save = useSaveState();
  const { back, forth, nextUndo, nextRedo } = useSpokenUndo();
  const text = !lasting ? say.frame.memoryOnly : say.frame.saveState[save.state];
  const worry = !lasting || save.state === 'failed';
  return (
    <div className={styles.mark}>
      <span className={worry ? styles.worry : styles.calm} role={worry ? 'alert' : undefined}>
        {text}
        {unreadable > 0 && ` ${say.frame.unreadable(unreadable)}`}
      </span>
      <Tooltip title={say.frame.undo(nextUndo && say.actions[nextUndo])}>
        <span>
          <IconButton
            aria-label={say.frame.undo(nextUndo && say.actions[nextUndo])}
            onClick={back}
            disabled={!nextUndo}
            size="small"
          >
            <UndoRounded />
          </IconButton>
        </span>
      </Tooltip>
      <Tooltip title={say.frame.redo(nextRedo && say.actions[nextRedo])}>
        <span>
          <IconButton
            aria-label={say.frame.redo(nextRedo && say.actions[nextRedo])}
            onClick={forth}
            disabled={!nextRedo}
            size="small"
          >
            <RedoRounded />
          </IconButton>
        </span>
      </Tooltip>
    </div>
  );
}
