'use client';

import { useRef, useState, type KeyboardEvent } from 'react';
import styles from './InPlaceText.module.css';

interface InPlaceTextProps {
  readonly value: string;
  /** Says what is being edited, for instance "Name of the class". */
  readonly label: string;
  readonly onChange: (value: string) => void;
  readonly placeholder?: string;
  /** An empty text leaves the old one unless this is set. */
  readonly mayBeEmpty?: boolean;
  readonly className?: string | undefined;
  readonly inputMode?: 'text' | 'email' | 'decimal';
  readonly tabIndex?: number | undefined;
  /** Shown as it is, without the way to change it. */
  readonly readOnly?: boolean;
}

/** Text that turns into a field where it stands: Enter or leaving keeps the change, Escape drops it. */
export function InPlaceText(props: InPlaceTextProps) {
  const {
    value,
    label,
    onChange,
    placeholder = '',
    mayBeEmpty = false,
    className,
    inputMode,
    tabIndex,
    readOnly = false,
  } = props;
  const [draft, setDraft] = useState<string | null>(null);
  const button = useRef<HTMLButtonElement>(null);

  const finish = (keep: boolean, refocus: boolean): void => {
    const next = draft?.trim() ?? '';
    setDraft(null);
    if (keep && next !== value && (next !== '' || mayBeEmpty)) onChange(next);
    if (refocus) requestAnimationFrame(() => button.current?.focus());
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    event.stopPropagation();
    if (event.key === 'Enter') finish(true, true);
    if (event.key === 'Escape') finish(false, true);
  };

  if (draft === null) {
    return (
      <button
        ref={button}
        type="button"
        className={`${styles.text ?? ''} ${className ?? ''}`}
        aria-label={`${label}: ${value === '' ? placeholder : value}`}
        tabIndex={tabIndex}
        aria-disabled={readOnly || undefined}
        onClick={() => {
          if (!readOnly) setDraft(value);
        }}
      >
        {value === '' ? <span className={styles.empty}>{placeholder}</span> : value}
      </button>
    );
  }
  return (
    <input
      className={`${styles.field ?? ''} ${className ?? ''}`}
      aria-label={label}
      value={draft}
      inputMode={inputMode ?? 'text'}
      autoFocus
      onFocus={(event) => event.target.select()}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={() => finish(true, false)}
      onKeyDown={onKeyDown}
    />
  );
}
