import type { HTMLAttributes } from 'react';
import styles from './Spoken.module.css';

/** Words for a screen reader alone. */
export function Spoken(props: HTMLAttributes<HTMLSpanElement>) {
  return <span {...props} className={styles.spoken} />;
}
