'use client';

import { Button } from '../../primitives/Button';
import { sayBench } from '@/messages/bench';
import { KeyOf } from '../../frame/KeyOf';
import styles from '../Drawer.module.css';
import { GroupFacts } from './GroupFacts';
import { SeveralGroups } from './SeveralGroups';
import { SeveralStudents } from './SeveralStudents';
import { StudentFacts } from './StudentFacts';
import { TakeFacts } from './TakeFacts';
import type { DrawerProps } from './types';

/** What the drawer says, by what is selected. */
export function DrawerBody(props: DrawerProps) {
  const { selection } = props;
  const { student, students, groups } = selection;
  const [group] = groups;
  if (students.length + groups.length === 0) return <TakeFacts {...props} />;
  return (
    <>
      {student !== null && <StudentFacts {...props} id={student} />}
      {students.length > 1 && <SeveralStudents {...props} />}
      {groups.length === 1 && group !== undefined && (
        <GroupFacts key={group} {...props} row={group} />
      )}
      {groups.length > 1 && <SeveralGroups {...props} />}
      <div className={styles.doings}>
        <Button
          size="small"
          variant="paper"
          aria-pressed={selection.adding}
          onClick={() => selection.setAdding(!selection.adding)}
        >
          {sayBench.drawer.selectMore}
        </Button>
        <Button size="small" onClick={selection.clear}>
          {sayBench.drawer.done}
          <KeyOf name="done" />
        </Button>
      </div>
    </>
  );
}
