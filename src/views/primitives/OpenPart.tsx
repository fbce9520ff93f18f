'use client';

import Button from '@mui/material/Button';
import ClickAwayListener from '@mui/material/ClickAwayListener';
import { useId, useRef, useState, type ReactNode } from 'react';
import styles from './OpenPart.module.css';

interface OpenPartProps {
  readonly label: string;
  /** The side on which the opened part lines up with its button. */
  readonly align: 'start' | 'end';
  readonly children: ReactNode;
}

/** A button that opens something small right below it; Escape or a press elsewhere closes it. */
export function OpenPart({ label, align, children }: OpenPartProps) {
  const [open, setOpen] = useState(false);
  const anchor = useRef<HTMLDivElement>(null);
  const partId = useId();
  return (
    <ClickAwayListener onClickAway={() => setOpen(false)}>
      <div
        ref={anchor}
        className={styles.anchor}
        onKeyDown={(event) => {
          if (event.key !== 'Escape' || !open) return;
          event.stopPropagation();
          setOpen(false);
          anchor.current?.querySelector('button')?.focus();
        }}
      >
        <Button
          size="small"
          variant="paper"
          aria-expanded={open}
          aria-controls={partId}
          onClick={() => setOpen(!open)}
        >
          {label}
        </Button>
        {open && (
          <div
            id={partId}
            className={styles.part}
            data-align={align}
            role="group"
            aria-label={label}
          >
            {children}
          </div>
        )}
      </div>
    </ClickAwayListener>
  );
}
