'use client';

import { lazily } from '../../primitives/lazily';
import { TakeFacts } from './TakeFacts';
import { useWorkbench } from '../workbench/Workbench';

/** Loaded with the first selection. */
const Chosen = lazily(() => import('./Chosen').then((module) => module.Chosen));

/** What the drawer says, by what is selected. */
export function DrawerBody() {
  const { students, groups } = useWorkbench('selection');
  return students.length + groups.length === 0 ? <TakeFacts /> : <Chosen />;
}
