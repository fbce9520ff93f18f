'use client';

import { useId, useLayoutEffect, useRef, type ReactNode } from 'react';
import { Button } from './Button';
import styles from './AskDialog.module.css';

export interface AskDialogProps {
  readonly title: string;
  readonly children: ReactNode;
  /** On the button that leaves all as it is; Escape does the same. */
  readonly leave: string;
  readonly onLeave: () => void;
  /** Gentler ways than what was asked for. */
  readonly others?: readonly { readonly label: string; readonly onPress: () => void }[];
  readonly go: string;
  readonly onGo: () => void;
}

/** A question that waits for its answer: the focus stays in it, begins on the safe answer, and goes back where it was. */
export function AskDialog(props: AskDialogProps) {
  const { title, children, leave, onLeave, others = [], go, onGo } = props;
  const dialog = useRef<HTMLDialogElement>(null);
  const safe = useRef<HTMLButtonElement>(null);
  const titleId = useId();
  useLayoutEffect(() => {
    const box = dialog.current;
    box?.showModal();
    safe.current?.focus();
    return () => box?.close();
  }, []);
  return (
    <dialog
      ref={dialog}
      role="alertdialog"
      className={styles.dialog}
      aria-labelledby={titleId}
      onCancel={(event) => {
        event.preventDefault();
        onLeave();
      }}
      // Keys of the page below mean nothing while it waits.
      onKeyDown={(event) => event.stopPropagation()}
    >
      <h2 id={titleId} className={styles.title}>
        {title}
      </h2>
      <div className={styles.text}>{children}</div>
      <div className={styles.ways}>
        <Button ref={safe} variant="paper" onClick={onLeave}>
          {leave}
        </Button>
        {others.map(({ label, onPress }) => (
          <Button key={label} variant="paper" onClick={onPress}>
            {label}
          </Button>
        ))}
        <Button variant="paper" grave onClick={onGo}>
          {go}
        </Button>
      </div>
    </dialog>
  );
}
