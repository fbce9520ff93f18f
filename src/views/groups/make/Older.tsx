'use client';

import { changedSince } from '@/encode/madeFrom';
import { sayGroups } from '@/messages/groups';
import styles from './ShuffleTrouble.module.css';
import { useWorkbench } from '../workbench/Workbench';

/** That the shown groups are older than the sentence or the roll; nothing while they are not, and of groups in use. */
export function Older() {
  const bench = useWorkbench('bench');
  const { take, lineup } = bench;
  if (!take || lineup.state !== 'draft') return null;
  const parts = changedSince(take, bench);
  if (parts.length === 0) return null;
  return (
    <p role="status" className={styles.again}>
      {sayGroups.older(parts)}
    </p>
  );
}
