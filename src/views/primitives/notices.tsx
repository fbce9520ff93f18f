'use client';

import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import styles from './notices.module.css';

export interface Notice {
  readonly text: string;
  readonly action?: { readonly label: string; readonly run: () => void };
}

interface Notices {
  /** Shows a line at the foot of the page for a while, with at most one thing to do about it. */
  readonly notify: (notice: Notice) => void;
  /** Says something to a screen reader only. */
  readonly announce: (text: string) => void;
}

const NoticeContext = createContext<Notices | null>(null);
const SHOWN_MS = 8_000;

export function NoticeProvider({ children }: { readonly children: ReactNode }) {
  const [shown, setShown] = useState<{ readonly notice: Notice; readonly key: number } | null>(
    null,
  );
  const [open, setOpen] = useState(false);
  const [spoken, setSpoken] = useState({ text: '', turn: 0 });
  const notify = useCallback((notice: Notice) => {
    setShown((last) => ({ notice, key: (last?.key ?? 0) + 1 }));
    setOpen(true);
  }, []);
  const announce = useCallback((text: string) => {
    setSpoken(({ turn }) => ({ text, turn: turn + 1 }));
  }, []);
  const notices = useMemo(() => ({ notify, announce }), [notify, announce]);
  const action = shown?.notice.action;
  return (
    <NoticeContext.Provider value={notices}>
      {children}
      {/* A space more or less each turn: the same sentence twice is then spoken twice. */}
      <div role="status" aria-live="polite" className={styles.spoken}>
        {spoken.text + (spoken.turn % 2 === 1 ? '\u00a0' : '')}
      </div>
      <Snackbar
        key={shown?.key}
        open={open}
        autoHideDuration={SHOWN_MS}
        onClose={(_, reason) => {
          if (reason !== 'clickaway') setOpen(false);
        }}
        // Spoken politely: nothing here is urgent.
        slotProps={{ content: { role: 'status' } }}
        message={shown?.notice.text}
        action={
          action && (
            <Button
              color="inherit"
              size="small"
              onClick={() => {
                setOpen(false);
                action.run();
              }}
            >
              {action.label}
            </Button>
          )
        }
      />
    </NoticeContext.Provider>
  );
}

export function useNotices(): Notices {
  const notices = useContext(NoticeContext);
  if (!notices) throw new Error('expected a NoticeProvider above this view, received none');
  return notices;
}
