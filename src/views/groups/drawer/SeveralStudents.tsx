'use client';

import { useTold } from '../../frame/useTold';
import { Button } from '../../primitives/Button';
import { sayGroups } from '@/messages/groups';
import { sayRules } from '@/messages/rules';
import { sayBench } from '@/messages/bench';
import { QUIET_KINDS, type RuleKindName } from '@/schema/rule';
import { addRule } from '@/store/actions/rules';
import { useStore } from '@/store/react';
import { KeyOf } from '../../frame/KeyOf';
import styles from './Drawer.module.css';
import { MoveTargets } from './MoveTargets';
import { useWorkbench } from '../workbench/Workbench';

/** What can be done with two students or more: swap, pin, a quiet rule, move all of them. */
export function SeveralStudents() {
  const bench = useWorkbench('bench');
  const sheet = useWorkbench('sheet');
  const selection = useWorkbench('selection');
  const insight = useWorkbench('insight');
  const nameOf = useWorkbench('nameOf');
  const store = useStore();
  const told = useTold();
  const { drawer } = sayBench;
  const ids = selection.students;
  const [one, two] = ids;
  const effect = ids.length === 2 && one && two ? (insight?.swapEffect(one, two) ?? null) : null;
  const apart = new Set(ids.map(selection.groupOf)).size > 1;
  const keep = (kind: RuleKindName) => (): void => {
    addRule(store, bench.theClass.id, kind, ids);
    told(drawer.ruleAdded(sayRules.sentence(kind, ids.map(nameOf))));
  };
  const pinned = ids.every((id) => sheet.pinned.has(id));
  return (
    <>
      <h2 className={styles.title}>{drawer.several(ids.length)}</h2>
      <ul className={styles.facts}>
        {ids.map((id) => {
          const row = selection.groupOf(id);
          const group = row === null ? null : (sheet.groups[row]?.name ?? null);
          return <li key={id}>{drawer.studentIn(nameOf(id), group)}</li>;
        })}
      </ul>
      {ids.length === 2 && one && two && apart && (
        <Button size="small" variant="paper" onClick={() => selection.swap(one, two)}>
          {drawer.swapThem}
          <KeyOf name="swap" />
          {effect && (
            <span className={styles.size} data-effect={effect}>
              {sayGroups.effect[effect]}
            </span>
          )}
        </Button>
      )}
      {QUIET_KINDS.map((kind) => (
        <Button key={kind} size="small" variant="paper" onClick={keep(kind)}>
          {drawer.keep[kind]}
        </Button>
      ))}
      <Button size="small" variant="paper" aria-pressed={pinned} onClick={() => selection.pin(ids)}>
        {pinned ? drawer.unpin : drawer.pin}
        <KeyOf name="pin" />
      </Button>
      <MoveTargets ids={ids} />
    </>
  );
}
