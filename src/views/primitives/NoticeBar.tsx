'use client';

import { Button } from './Button';
import Snackbar from '@mui/material/Snackbar';

export interface Notice {
  readonly text: string;
  readonly action?: { readonly label: string; readonly run: () => void };
}

const SHOWN_MS = 8_000;

interface NoticeBarProps {
  readonly notice: Notice;
  readonly open: boolean;
  readonly onClose: () => void;
}

/** One line at the foot of the page; spoken politely, for nothing here is urgent. */
export function NoticeBar({ notice, open, onClose }: NoticeBarProps) {
  const { text, action } = notice;
  return (
    <Snackbar
      open={open}
      autoHideDuration={SHOWN_MS}
      onClose={(_, reason) => {
        if (reason !== 'clickaway') onClose();
      }}
      message={text}
      slotProps={{ content: { role: 'status' } }}
      action={
        action && (
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
  );
}
