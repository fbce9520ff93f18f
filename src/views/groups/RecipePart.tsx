'use client';

import ClickAwayListener from '@mui/material/ClickAwayListener';
import { useEffect, useId, useRef, useState, type ReactNode } from 'react';
import styles from './RecipeSentence.module.css';

interface RecipePartProps {
  readonly text: string;
  readonly label: string;
  readonly children: ReactNode;
}

/** An underlined part of the sentence; pressing it opens its editor right below. */
export function RecipePart({ text, label, children }: RecipePartProps) {
  const [open, setOpen] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  const editor = useRef<HTMLDivElement>(null);
  const editorId = useId();
  useEffect(() => {
    const fields = open ? editor.current : null;
    const chosen = fields?.querySelector<HTMLElement>('input:checked');
    (chosen ?? fields?.querySelector<HTMLElement>('input'))?.focus();
  }, [open]);
  const close = (): void => {
    setOpen(false);
    button.current?.focus();
  };
  return (
    <ClickAwayListener onClickAway={() => setOpen(false)}>
      <span
        className={styles.anchor}
        onKeyDown={(event) => {
          if (event.key === 'Escape' && open) {
            event.stopPropagation();
            close();
          }
        }}
      >
        <button
          ref={button}
          type="button"
          className={styles.part}
          aria-expanded={open}
          aria-controls={editorId}
          aria-label={`${label}: ${text}`}
          onClick={() => setOpen(!open)}
        >
          {text}
        </button>
        {open && (
          <div ref={editor} id={editorId} className={styles.editor} role="group" aria-label={label}>
            {children}
          </div>
        )}
      </span>
    </ClickAwayListener>
  );
}
