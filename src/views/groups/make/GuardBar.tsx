'use client';

import { Button } from '../../primitives/Button';
import { useLayoutEffect, useRef } from 'react';
import { sayBench } from '@/messages/bench';
import { createNextLineup } from '@/store/actions/lineups';
import { lineupsOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { freshLineupName } from '../../frame/lineupNames';
import styles from './GuardBar.module.css';
import type { PendingChange } from '../workbench/useGuard';
import { useWorkbench } from '../workbench/Workbench';
import { today } from '../../frame/today';

interface GuardBarProps {
  readonly pending: PendingChange;
}

/** More than this are counted, not named. */
const MOST_NAMED = 4;

/** Before a lineup in use loses somebody from a group: who would be parted from whom, and what to do instead. */
export function GuardBar({ pending }: GuardBarProps) {
  const store = useStore();
  const { lineup } = useWorkbench('bench');
  const guard = useWorkbench('guard');
  const nameOf = useWorkbench('nameOf');
  const lineups = useQuery(lineupsOf, lineup.classId);
  const leave = useRef<HTMLButtonElement>(null);
  useLayoutEffect(() => leave.current?.focus(), [pending]);
  const { separated } = pending;
  const next = (): void => {
    guard.leave();
    createNextLineup(store, lineup, freshLineupName(lineups.map(({ name }) => name)), today());
  };
  return (
    <section className={styles.bar} role="alertdialog" aria-labelledby="guard-title">
      <h2 id="guard-title" className={styles.title}>
        {sayBench.guard.title}
      </h2>
      <p>{sayBench.guard.explain(separated.length)}</p>
      <ul className={styles.parted}>
        {separated.slice(0, MOST_NAMED).map(({ studentId, from }) => (
          <li key={studentId}>{sayBench.guard.separation(nameOf(studentId), from.map(nameOf))}</li>
        ))}
        {separated.length > MOST_NAMED && (
          <li>{sayBench.guard.more(separated.length - MOST_NAMED)}</li>
        )}
      </ul>
      <div className={styles.ways}>
        <Button ref={leave} variant="paper" onClick={guard.leave}>
          {sayBench.guard.leave}
        </Button>
        <Button variant="paper" onClick={next}>
          {sayBench.guard.next}
        </Button>
        <Button variant="paper" grave onClick={guard.confirm}>
          {sayBench.guard.go}
        </Button>
      </div>
    </section>
  );
}
