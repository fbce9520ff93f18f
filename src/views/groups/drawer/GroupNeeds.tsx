'use client';

import { sayBench } from '@/messages/bench';
import styles from './Drawer.module.css';
import { useWorkbench } from '../workbench/Workbench';

/** What a group works on, and by name who needs something else next; nothing where the recipe asks for no needs. */
export function GroupNeeds({ row }: { readonly row: number }) {
  const insight = useWorkbench('insight');
  const nameOf = useWorkbench('nameOf');
  const needs = insight?.needs()?.groups[row];
  if (!needs || needs.of === 0) return null;
  return (
    <ul className={styles.facts}>
      <li>{sayBench.drawer.worksOn(needs.focus)}</li>
      {needs.unserved.map(({ id, need }) => (
        <li key={id} className={styles.broken}>
          {sayBench.drawer.notServed(nameOf(id), need)}
        </li>
      ))}
    </ul>
  );
}
