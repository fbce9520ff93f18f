'use client';

import { lazily } from '../../primitives/lazily';
import { sayGroups } from '@/messages/groups';
import styles from './Drawer.module.css';
import { useWorkbench } from '../workbench/Workbench';

/** Loaded beside the sheet, which does not wait for it. */
const DrawerBody = lazily(() => import('./DrawerBody').then((module) => module.DrawerBody));

/** Explains what is selected: students and where they could go, groups and how to change them, or the take as a whole. */
export function Drawer() {
  const { students, groups } = useWorkbench('selection');
  return (
    <aside
      className={styles.drawer}
      data-open={students.length + groups.length > 0}
      aria-label={sayGroups.drawer}
    >
      <DrawerBody />
    </aside>
  );
}
