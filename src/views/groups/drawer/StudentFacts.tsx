'use client';

import PushPinOutlined from '@mui/icons-material/PushPinOutlined';
import { Button } from '../../primitives/Button';
import { sayBench } from '@/messages/bench';
import type { StudentId } from '@/schema/ids';
import { KeyOf } from '../../frame/KeyOf';
import styles from './Drawer.module.css';
import { FactList } from './FactList';
import { MoveTargets } from './MoveTargets';
import { Offers } from './Offers';
import { RuleAbout } from './RuleAbout';
import { useWorkbench } from '../workbench/Workbench';

interface StudentFactsProps {
  readonly id: StudentId;
}

/** Why a student is where they are, which swaps would help them, and where else they could go. */
export function StudentFacts({ id }: StudentFactsProps) {
  const sheet = useWorkbench('sheet');
  const selection = useWorkbench('selection');
  const insight = useWorkbench('insight');
  const nameOf = useWorkbench('nameOf');
  const { drawer } = sayBench;
  const here = selection.groupOf(id);
  const group = here === null ? null : sheet.groups[here];
  const pinned = sheet.pinned.has(id);
  return (
    <>
      <h2 className={styles.title}>{drawer.studentIn(nameOf(id), group?.name ?? null)}</h2>
      {insight && here !== null && <FactList facts={insight.whyStudent(id)} about="student" />}
      {here !== null && (
        <Button
          size="small"
          variant="paper"
          startIcon={<PushPinOutlined fontSize="small" />}
          aria-pressed={pinned}
          onClick={() => selection.pin([id])}
        >
          {pinned ? drawer.unpin : drawer.pin}
          <KeyOf name="pin" />
        </Button>
      )}
      {here !== null && <Offers student={id} />}
      <MoveTargets ids={[id]} />
      <RuleAbout id={id} />
    </>
  );
}
