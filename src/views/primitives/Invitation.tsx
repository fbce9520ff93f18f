import type { ReactNode } from 'react';
import styles from './Invitation.module.css';

interface InvitationProps {
  /** What is not there yet. */
  readonly text: string;
  /** The one thing to press. */
  readonly children: ReactNode;
}

/** What stands on a page with nothing in it yet: a sentence and the way on. */
export function Invitation({ text, children }: InvitationProps) {
  return (
    <div className={styles.invitation}>
      <p>{text}</p>
      {children}
    </div>
  );
}
