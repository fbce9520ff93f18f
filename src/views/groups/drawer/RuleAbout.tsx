'use client';

import { lazily } from '../../primitives/lazily';
import { useRef, useState } from 'react';
import { sayRules } from '@/messages/rules';
import { sayBench } from '@/messages/bench';
import type { StudentId } from '@/schema/ids';
import { QUIET_KINDS, type RuleKindName } from '@/schema/rule';
import { addRule } from '@/store/actions/rules';
import { useStore } from '@/store/react';
import { useTold } from '../../frame/useTold';
import { Button } from '../../primitives/Button';
import { useWorkbench } from '../workbench/Workbench';
import styles from './Drawer.module.css';

/** Loaded with the first name that is asked for. */
const StudentEntry = lazily(() =>
  import('../../frame/StudentEntry').then((module) => module.StudentEntry),
);

interface RuleAboutProps {
  readonly id: StudentId;
}

/** A quiet rule about one student, made by naming the other. */
export function RuleAbout({ id }: RuleAboutProps) {
  const bench = useWorkbench('bench');
  const nameOf = useWorkbench('nameOf');
  const store = useStore();
  const told = useTold();
  const [asking, setAsking] = useState<RuleKindName | null>(null);
  const list = useRef<HTMLDivElement>(null);
  const { drawer } = sayBench;
  const others = bench.students.filter((one) => one.left === null && one.id !== id);
  const close = (kind: RuleKindName): void => {
    setAsking(null);
    requestAnimationFrame(() =>
      list.current?.querySelector<HTMLElement>(`[data-kind="${kind}"]`)?.focus(),
    );
  };
  const keep = (kind: RuleKindName, other: StudentId): void => {
    const ids = [id, other];
    addRule(store, bench.theClass.id, kind, ids);
    told(drawer.ruleAdded(sayRules.sentence(kind, ids.map(nameOf))));
    close(kind);
  };
  return (
    <div ref={list} className={styles.doings}>
      {QUIET_KINDS.map((kind) =>
        asking === kind ? (
          <div key={kind} className={styles.entry}>
            <StudentEntry
              label={drawer.keepWith[kind]}
              students={others}
              onPick={(other) => keep(kind, other.id)}
              onLeave={() => setAsking(null)}
            />
          </div>
        ) : (
          <Button
            key={kind}
            size="small"
            variant="paper"
            data-kind={kind}
            onClick={() => setAsking(kind)}
          >
            {drawer.keepWithWhom[kind]}
          </Button>
        ),
      )}
    </div>
  );
}
