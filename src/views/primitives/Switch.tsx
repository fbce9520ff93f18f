import type { ReactNode } from 'react';
import styles from './Switch.module.css';

interface SwitchProps {
  readonly checked: boolean;
  readonly onChange: (on: boolean) => void;
  /** Spoken where no words stand beside it. */
  readonly label?: string;
  readonly tabIndex?: number | undefined;
  readonly children?: ReactNode;
}

/** On or off, at once. */
export function Switch({ checked, onChange, label, tabIndex, children }: SwitchProps) {
  return (
    <label className={styles.switch}>
      <input
        type="checkbox"
        role="switch"
        checked={checked}
        aria-label={label}
        tabIndex={tabIndex}
        onChange={(event) => onChange(event.target.checked)}
      />
      {children}
    </label>
  );
}
