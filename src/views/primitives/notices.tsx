'use client';

import { lazily } from './lazily';
import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import { nextTask } from './nextTask';
import type { Notice } from './NoticeBar';
import { Spoken } from './Spoken';

interface Notices {
  /** Shows a line at the head of the page for a while, with at most one thing to do about it. */
  readonly notify: (notice: Notice) => void;
  /** Says something to a screen reader only. */
  readonly announce: (text: string) => void;
}

const NoticeContext = createContext<Notices | null>(null);
/** Loaded with the first notice; what it needs of the package a task at a time, for each takes a while to begin. */
const NoticeBar = lazily(async () => {
  await import('../theme/theme');
  await nextTask();
  await import('../theme/MuiRoot');
  await nextTask();
  return (await import('./NoticeBar')).NoticeBar;
});

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
  return (
    <NoticeContext.Provider value={notices}>
      {children}
      {/* A space more or less each turn: the same sentence twice is then spoken twice. */}
      <Spoken role="status" aria-live="polite">
        {spoken.text + (spoken.turn % 2 === 1 ? '\u00a0' : '')}
      </Spoken>
      {shown && (
        <NoticeBar
          key={shown.key}
          notice={shown.notice}
          open={open}
          onClose={() => setOpen(false)}
        />
      )}
    </NoticeContext.Provider>
  );
}

export function useNotices(): Notices {
  const notices = useContext(NoticeContext);
  if (!notices) throw new Error('expected a NoticeProvider above this view, received none');
  return notices;
}
