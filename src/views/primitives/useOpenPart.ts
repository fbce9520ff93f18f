'use client';

import { useId, useRef, useState, type KeyboardEvent, type RefObject } from 'react';

export interface OpenPartState {
  readonly open: boolean;
  readonly toggle: () => void;
  readonly close: () => void;
  readonly partId: string;
  /** Holds the button and what it opens. */
  readonly anchor: RefObject<HTMLDivElement | null>;
  readonly onKeyDown: (event: KeyboardEvent) => void;
}

/** Something small that a button opens beside itself; Escape closes it and gives the focus back to the button. */
export function useOpenPart(): OpenPartState {
  const [open, setOpen] = useState(false);
  const anchor = useRef<HTMLDivElement>(null);
  const partId = useId();
  return {
    open,
    toggle: () => setOpen(!open),
    close: () => setOpen(false),
    partId,
    anchor,
    onKeyDown: (event) => {
      if (event.key !== 'Escape' || !open) return;
      event.stopPropagation();
      setOpen(false);
      anchor.current?.querySelector('button')?.focus();
    },
  };
}
