'use client';

import { useEffect } from 'react';
import { sayGroups } from '@/messages/groups';
import { useNotices } from '../../primitives/notices';
import { gainWords } from '../workbench/gainWords';
import { useWorkbench } from '../workbench/Workbench';
import styles from './TakeStrip.module.css';

/** Groups found since that are better than those shown, one press away; nothing while there are none. */
export function BetterReady() {
  const { better } = useWorkbench('shuffle');
  const { theClass } = useWorkbench('bench');
  const { announce } = useNotices();
  const { differences } = sayGroups;
  const gains = better?.gains.map((gain) => gainWords(theClass, gain, 'better')) ?? [];
  const spoken = better ? differences.readySpoken(gains) : '';
  useEffect(() => {
    if (spoken !== '') announce(spoken);
  }, [spoken, announce]);
  if (!better) return null;
  return (
    <button
      type="button"
      className={styles.ready}
      title={differences.gains(gains)}
      onClick={better.take}
    >
      <span className={styles.number}>{differences.ready}</span>
      <span className={styles.gains}>{differences.gains(gains)}</span>
    </button>
  );
}
