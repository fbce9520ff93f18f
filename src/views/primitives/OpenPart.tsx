'use client';

import { Button } from './Button';
import ClickAwayListener from '@mui/material/ClickAwayListener';
import type { ReactNode } from 'react';
import styles from './OpenPart.module.css';
import { useOpenPart } from './useOpenPart';

interface OpenPartProps {
  readonly label: string;
  /** The side on which the opened part lines up with its button. */
  readonly align: 'start' | 'end';
  readonly children: ReactNode;
}

/** A button that opens something small right below it; Escape or a press elsewhere closes it. */
export function OpenPart({ label, align, children }: OpenPartProps) {
  const { open, toggle, close, partId, anchor, onKeyDown } = useOpenPart();
  return (
    <ClickAwayListener onClickAway={close}>
      <div ref={anchor} className={styles.anchor} onKeyDown={onKeyDown}>
        <Button
          size="small"
          variant="paper"
          aria-expanded={open}
          aria-controls={partId}
          onClick={toggle}
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
