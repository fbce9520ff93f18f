'use client';

import { say } from '@/messages';
import { sayBench } from '@/messages/bench';
import { StudentId } from '@/schema/ids';
import { QUIET_KINDS, type RuleKindName } from '@/schema/rule';
import { addRule } from '@/store/actions/rules';
import { useStore } from '@/store/react';
import { useTold } from '../../frame/useTold';
import { InPlaceChoice } from '../../primitives/InPlaceChoice';
import styles from './Drawer.module.css';
import { useWorkbench } from '../workbench/Workbench';

const NOBODY = '';

interface RuleAboutProps {
  readonly id: StudentId;
}

/** A quiet rule about one student, made by naming the other. */
export function RuleAbout({ id }: RuleAboutProps) {
  const bench = useWorkbench('bench');
  const nameOf = useWorkbench('nameOf');
  const store = useStore();
  const told = useTold();
  const { drawer } = sayBench;
  const others = bench.students.filter((one) => one.left === null && one.id !== id);
  const keep = (kind: RuleKindName, other: string): void => {
    if (other === NOBODY) return;
    const ids = [id, StudentId.parse(other)];
    addRule(store, bench.theClass.id, kind, ids);
    told(drawer.ruleAdded(say.rules.sentence(kind, ids.map(nameOf))));
  };
  return (
    <dl className={styles.roles}>
      {QUIET_KINDS.map((kind) => (
        <div key={kind}>
          <dt>{drawer.keepWith[kind]}</dt>
          <dd>
            <InPlaceChoice
              value={NOBODY}
              label={drawer.keepWith[kind]}
              shown={drawer.somebody}
              options={[
                { value: NOBODY, label: drawer.somebody },
                ...others.map((one) => ({ value: one.id, label: nameOf(one.id) })),
              ]}
              onChange={(other) => keep(kind, other)}
            />
          </dd>
        </div>
      ))}
    </dl>
  );
}
