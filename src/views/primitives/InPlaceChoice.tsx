'use client';

import { useRef, useState } from 'react';
import styles from './InPlaceText.module.css';

export interface ChoiceOption {
  readonly value: string;
  readonly label: string;
}

interface InPlaceChoiceProps {
  readonly value: string;
  readonly label: string;
  /** What stands where the value is none of the options. */
  readonly shown: React.ReactNode;
  readonly options: readonly ChoiceOption[];
  readonly onChange: (value: string) => void;
  readonly tabIndex?: number | undefined;
}

/** A value that turns into a list to choose from where it stands; Escape or leaving keeps the old one. */
export function InPlaceChoice(props: InPlaceChoiceProps) {
  const { value, label, shown, options, onChange, tabIndex } = props;
  const [open, setOpen] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  const close = (): void => {
    setOpen(false);
    requestAnimationFrame(() => button.current?.focus());
  };
  if (!open) {
    const current = options.find((option) => option.value === value)?.label ?? value;
    return (
      <button
        ref={button}
        type="button"
        className={styles.text}
        aria-label={`${label}: ${current}`}
        tabIndex={tabIndex}
        onClick={() => setOpen(true)}
      >
        {shown}
      </button>
    );
  }
  return (
    <select
      className={styles.field}
      aria-label={label}
      value={value}
      autoFocus
      onChange={(event) => {
        onChange(event.target.value);
        close();
      }}
      onBlur={() => setOpen(false)}
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key === 'Escape' || event.key === 'Enter') close();
      }}
    >
      {options.map((option) => (
        <option key={option.value} value={option.value}>
          {option.label}
        </option>
      ))}
    </select>
  );
}
