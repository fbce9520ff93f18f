import type { ReactNode } from 'react';
import styles from './Field.module.css';

interface FieldProps {
  readonly label: string;
  readonly hint?: string;
  /** The field itself, and what more is to be said below it. */
  readonly children: ReactNode;
}

/** Something to be typed, below what it is called: a dotted line on paper, no box. */
export function Field({ label, hint, children }: FieldProps) {
  return (
    <label className={styles.field}>
      <span>{label}</span>
      {children}
      {hint !== undefined && <small>{hint}</small>}
    </label>
  );
}
