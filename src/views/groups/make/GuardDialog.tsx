'use client';

import { daysAhead } from '@/encode/dependents';
import { countParted } from '@/encode/separations';
import { sayBench } from '@/messages/bench';
import { createNextLineup } from '@/store/actions/lineups';
import { lineupsOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { freshLineupName } from '../../frame/lineupNames';
import { useDependents } from '../../frame/useDependents';
import { today } from '../../frame/today';
import { AskDialog } from '../../primitives/AskDialog';
import type { PendingChange } from '../workbench/useGuard';
import { useWorkbench } from '../workbench/Workbench';

interface GuardDialogProps {
  readonly pending: PendingChange;
}

/** A move or a swap parts no more than these. */
const FEW = 8;

/** Before a lineup in use or over changes: who would be parted from whom, all of it, and what to do instead. */
export function GuardDialog({ pending }: GuardDialogProps) {
  const store = useStore();
  const { lineup } = useWorkbench('bench');
  const guard = useWorkbench('guard');
  const nameOf = useWorkbench('nameOf');
  const lineups = useQuery(lineupsOf, lineup.classId);
  const { separated, moved } = pending;
  const words = sayBench.guard;
  const hanging = useDependents(lineup);
  const ahead = daysAhead(lineup).find((day) => day > today());
  const next = (): void => {
    guard.leave();
    const name = freshLineupName(lineups.map((one) => one.name));
    createNextLineup(store, lineup, name, today());
  };
  return (
    <AskDialog
      title={lineup.state === 'retired' ? words.title.retired : words.title.inUse}
      leave={words.leave}
      onLeave={guard.leave}
      others={[{ label: words.next, onPress: next }]}
      go={words.go}
      onGo={guard.confirm}
    >
      {lineup.state === 'retired' && <p>{words.closed}</p>}
      {separated.length > 0 && (
        <>
          <p>{words.explain(countParted(separated))}</p>
          <ul>
            {separated.map(({ studentId, from }) => (
              <li key={studentId}>{words.separation(nameOf(studentId), from.map(nameOf))}</li>
            ))}
          </ul>
        </>
      )}
      {moved.length > 0 && <p>{words.moved(moved.map(nameOf))}</p>}
      {hanging.length > 0 && (
        <>
          <p>{words.hanging}</p>
          <ul>
            {hanging.map((sentence) => (
              <li key={sentence}>{sentence}</li>
            ))}
          </ul>
        </>
      )}
      {countParted(separated) > FEW && <p>{words.gentler}</p>}
      {ahead !== undefined && <p>{words.takesOver(ahead)}</p>}
    </AskDialog>
  );
}
