'use client';

import ClickAwayListener from '@mui/material/ClickAwayListener';
import { useId, useRef, type ReactNode } from 'react';
import styles from './RecipeSentence.module.css';

interface RecipePartProps {
  readonly text: string;
  readonly label: string;
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  /** A part that is only an offer, not yet part of the recipe. */
  readonly pale?: boolean;
  readonly children: ReactNode;
}

/** An underlined part of the sentence; pressing it opens its editor right below. */
export function RecipePart({ text, label, open, onOpen, pale = false, children }: RecipePartProps) {
  const button = useRef<HTMLButtonElement>(null);
  const editorId = useId();
  // Not at the end of a touch: the sentence would close up before the press, under the finger, and the press miss.
  return (
    <ClickAwayListener touchEvent={false} onClickAway={() => open && onOpen(false)}>
      <span
        className={styles.anchor}
        onKeyDown={(event) => {
          if (event.key === 'Escape' && open) {
            event.stopPropagation();
            onOpen(false);
            button.current?.focus();
          }
        }}
      >
        <button
          ref={button}
          type="button"
          className={styles.part}
          data-pale={pale}
          aria-expanded={open}
          aria-controls={editorId}
          aria-label={`${label}: ${text}`}
          onClick={() => onOpen(!open)}
        >
          {text}
        </button>
        {open && (
          <div id={editorId} className={styles.editor} role="group" aria-label={label}>
            {children}
          </div>
        )}
      </span>
    </ClickAwayListener>
  );
}
