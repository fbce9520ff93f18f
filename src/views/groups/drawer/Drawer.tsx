'use client';

import dynamic from 'next/dynamic';
import { say } from '@/messages';
import styles from './Drawer.module.css';
import { useWorkbench } from '../workbench/Workbench';

/** Loaded beside the sheet, which does not wait for it. */
const DrawerBody = dynamic(() => import('./DrawerBody').then((module) => module.DrawerBody), {
  ssr: false,
});

/** Explains what is selected: students and where they could go, groups and how to change them, or the take as a whole. */
export function Drawer() {
  const { students, groups } = useWorkbench('selection');
  return (
    <aside
      className={styles.drawer}
      data-open={students.length + groups.length > 0}
      aria-label={say.groups.drawer}
    >
      <DrawerBody />
    </aside>
  );
}
