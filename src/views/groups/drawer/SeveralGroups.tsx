'use client';

import { useTold } from '../../frame/useTold';
import { Button } from '../../primitives/Button';
import { sayBench } from '@/messages/bench';
import { mergeGroups } from '@/store/actions/takes';
import { useStore } from '@/store/react';
import { KeyOf } from '../../frame/KeyOf';
import styles from './Drawer.module.css';
import { useShownTake, useWorkbench } from '../workbench/Workbench';

/** What can be done with two groups or more: deal only them anew, or put two together. */
export function SeveralGroups() {
  const take = useShownTake();
  const sheet = useWorkbench('sheet');
  const selection = useWorkbench('selection');
  const shuffle = useWorkbench('shuffle');
  const store = useStore();
  const told = useTold();
  const { drawer } = sayBench;
  const rows = [...selection.groups].sort((a, b) => a - b);
  const [into, from] = rows;
  const merge = (): void => {
    if (into === undefined || from === undefined) return;
    mergeGroups(store, take.id, from, into);
    selection.clear();
    told(drawer.merged(sheet.groups[into]?.name ?? ''));
  };
  return (
    <>
      <h2 className={styles.title}>{drawer.severalGroups(rows.length)}</h2>
      <ul className={styles.facts}>
        {rows.map((row) => (
          <li key={row}>{sheet.groups[row]?.name}</li>
        ))}
      </ul>
      <Button size="small" variant="paper" onClick={() => void shuffle.make({ rows, pins: true })}>
        {drawer.reshuffleThese}
        <KeyOf name="make" />
      </Button>
      {rows.length === 2 && (
        <Button size="small" variant="paper" onClick={merge}>
          {drawer.mergeThese}
        </Button>
      )}
    </>
  );
}
