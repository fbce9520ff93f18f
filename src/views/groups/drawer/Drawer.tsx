'use client';

import { lazily } from '../../primitives/lazily';
import { sayGroups } from '@/messages/groups';
import { useRef } from 'react';
import { StudentId } from '@/schema/ids';
import { useKeys } from '../../frame/useKeys';
import styles from './Drawer.module.css';
import { useFocusKept } from './useFocusKept';
import { useWorkbench } from '../workbench/Workbench';

/** Loaded beside the sheet, which does not wait for it. */
const DrawerBody = lazily(() => import('./DrawerBody').then((module) => module.DrawerBody));

/** Explains what is selected: students and where they could go, groups and how to change them, or the take as a whole. */
export function Drawer() {
  const { students, groups, selectStudents } = useWorkbench('selection');
  const drawer = useRef<HTMLElement>(null);
  const leave = useFocusKept(drawer);
  /** From the sheet into the drawer, about the student in focus where nothing is selected; from the drawer back. */
  const toDrawer = (): void => {
    const { activeElement } = document;
    if (drawer.current?.contains(activeElement)) {
      leave();
      return;
    }
    const tile = activeElement instanceof HTMLElement ? activeElement.dataset.student : undefined;
    if (tile !== undefined && students.length === 0) selectStudents([StudentId.parse(tile)]);
    drawer.current?.focus();
  };
  useKeys({ toDrawer });
  return (
    <aside
      ref={drawer}
      tabIndex={-1}
      className={styles.drawer}
      data-open={students.length + groups.length > 0}
      aria-label={sayGroups.drawer}
    >
      <DrawerBody />
    </aside>
  );
}
