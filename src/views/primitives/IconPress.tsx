import type { ReactNode } from 'react';
import styles from './IconPress.module.css';

interface IconPressProps {
  /** What it does: spoken, and shown on hover. */
  readonly label: string;
  readonly onPress: () => void;
  readonly disabled?: boolean;
  readonly children: ReactNode;
}

/** A round button that is only an icon. */
export function IconPress({ label, onPress, disabled = false, children }: IconPressProps) {
  return (
    <button
      type="button"
      className={styles.press}
      aria-label={label}
      title={label}
      disabled={disabled}
      onClick={onPress}
    >
      {children}
    </button>
  );
}
