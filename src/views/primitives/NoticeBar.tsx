'use client';

import Snackbar from '@mui/material/Snackbar';
import { useSyncExternalStore } from 'react';
import { Button } from './Button';
import { MuiRoot } from '../theme/MuiRoot';
import styles from './NoticeBar.module.css';

export interface Notice {
  readonly text: string;
  readonly action?: NoticeAction;
}

interface NoticeAction {
  readonly label: string;
  readonly run: () => void;
  /** Whether the action still means what it says; where it no longer does, it is not offered. */
  readonly stands?: {
    readonly listen: (changed: () => void) => () => void;
    readonly now: () => boolean;
  };
}

const ALWAYS = { listen: () => () => undefined, now: () => true };

const SHOWN_MS = 8_000;

interface NoticeBarProps {
  readonly notice: Notice;
  readonly open: boolean;
  readonly onClose: () => void;
}

/** One line at the head of the page; spoken politely, for nothing here is urgent. */
export function NoticeBar({ notice, open, onClose }: NoticeBarProps) {
  const { text, action } = notice;
  const { listen, now } = action?.stands ?? ALWAYS;
  const stands = useSyncExternalStore(listen, now, now);
  return (
    <MuiRoot>
      <Snackbar
        className={styles.notice}
        anchorOrigin={{ vertical: 'top', horizontal: 'left' }}
        open={open}
        autoHideDuration={SHOWN_MS}
        onClose={(_, reason) => {
          if (reason !== 'clickaway') onClose();
        }}
        message={text}
        slotProps={{ content: { role: 'status' } }}
        action={
          action &&
          stands && (
            <Button
              variant="inherit"
              size="small"
              onClick={() => {
                onClose();
                action.run();
              }}
            >
              {action.label}
            </Button>
          )
        }
      />
    </MuiRoot>
  );
}
