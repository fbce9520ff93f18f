'use client';

import { say } from '@/messages';
import type { RuleRecord } from '@/schema/rule';
import { changeSizing } from '@/store/actions/lineups';
import { removeRule } from '@/store/actions/rules';
import { rulesOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { ClashPanel } from '../frame/ClashPanel';
import { useTileNames } from '../frame/names';
import { useClassId } from '../frame/useClassId';
import { useRoll } from '../frame/students';
import { sizingWithSize } from '../frame/sizingWithSize';
import { useOpenLineup } from '../frame/useOpenLineup';
import { useNotices } from '../primitives/notices';
import { RuleEntry } from './RuleEntry';
import { RuleItem } from './RuleItem';
import styles from './RulesView.module.css';
import { useFeasibility } from './useFeasibility';

/** The quiet rules: who is kept apart, who together, and whether all of it can hold. */
export function RulesView() {
  const store = useStore();
  const classId = useClassId();
  const students = useRoll(classId);
  const rules = useQuery(rulesOf, classId);
  const lineup = useOpenLineup();
  const nameOf = useTileNames(students);
  const { notify } = useNotices();
  const check = useFeasibility(lineup, students, rules);

  const remove = (rule: RuleRecord): void => {
    removeRule(store, rule.id);
    notify({
      text: say.rules.removed,
      action: { label: say.frame.undoShort, run: () => void store.history.undo() },
    });
  };
  return (
    <div className={styles.rules}>
      <section className={styles.write} aria-labelledby="rules-title">
        <h2 id="rules-title" className={styles.title}>
          {say.rules.title}
        </h2>
        <p className={styles.quiet}>{say.rules.quiet}</p>
        <RuleEntry
          classId={classId}
          students={students.filter(({ left }) => left === null)}
          nameOf={nameOf}
        />
        {rules.length === 0 ? (
          <p className={styles.none}>{say.rules.none}</p>
        ) : (
          <ul className={styles.list}>
            {rules.map((rule) => (
              <RuleItem key={rule.id} rule={rule} nameOf={nameOf} onRemove={() => remove(rule)} />
            ))}
          </ul>
        )}
      </section>
      <section className={styles.check} aria-label={say.rules.check}>
        {check.state === 'holds' && rules.length > 0 && lineup && (
          <p className={styles.holds}>{say.rules.allCanHold(rules.length, check.groupCount)}</p>
        )}
        {check.state === 'clash' && lineup && (
          <ClashPanel
            result={check.result}
            rules={check.rules}
            nameOf={nameOf}
            onDrop={remove}
            onGroups={(count) => changeSizing(store, lineup.id, { by: 'count', count })}
            onSize={(size) => changeSizing(store, lineup.id, sizingWithSize(lineup, size))}
          />
        )}
        <h3 className={styles.subtitle}>{say.rules.whereTitle}</h3>
        <ul className={styles.where}>
          {say.rules.where.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      </section>
    </div>
  );
}
