'use client';

import { Button } from '../../primitives/Button';
import { sayBench } from '@/messages/bench';
import { KeyOf } from '../../frame/KeyOf';
import styles from './Drawer.module.css';
import { GroupFacts } from './GroupFacts';
import { SeveralGroups } from './SeveralGroups';
import { SeveralStudents } from './SeveralStudents';
import { StudentFacts } from './StudentFacts';
import { useWorkbench } from '../workbench/Workbench';

/** What the drawer says of the students or the groups that are selected. */
export function Chosen() {
  const selection = useWorkbench('selection');
  const { student, students, groups } = selection;
  const [group] = groups;
  return (
    <>
      {student !== null && <StudentFacts id={student} />}
      {students.length > 1 && <SeveralStudents />}
      {groups.length === 1 && group !== undefined && <GroupFacts key={group} row={group} />}
      {groups.length > 1 && <SeveralGroups />}
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
