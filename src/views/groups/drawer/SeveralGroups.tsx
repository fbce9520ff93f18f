'use client';

import { Button } from '../../primitives/Button';
import { say } from '@/messages';
import { sayBench } from '@/messages/bench';
import { mergeGroups } from '@/store/actions/takes';
import { useStore } from '@/store/react';
import { KeyHint } from '../../primitives/KeyHint';
import { useNotices } from '../../primitives/notices';
import styles from '../Drawer.module.css';
import type { DrawerProps } from './types';

/** What can be done with two groups or more: deal only them anew, or put two together. */
export function SeveralGroups({ take, sheet, selection, shuffle }: DrawerProps) {
  const store = useStore();
  const { notify } = useNotices();
  const { drawer } = sayBench;
  const rows = [...selection.groups].sort((a, b) => a - b);
  const [into, from] = rows;
  const merge = (): void => {
    if (into === undefined || from === undefined) return;
    mergeGroups(store, take.id, from, into);
    selection.clear();
    notify({
      text: drawer.merged(sheet.groups[into]?.name ?? ''),
      action: { label: say.frame.undoShort, run: () => void store.history.undo() },
    });
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
        <KeyHint>{'R'}</KeyHint>
      </Button>
      {rows.length === 2 && (
        <Button size="small" variant="paper" onClick={merge}>
          {drawer.mergeThese}
        </Button>
      )}
    </>
  );
}
