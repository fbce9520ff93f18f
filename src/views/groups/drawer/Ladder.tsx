'use client';

import { sayGroups } from '@/messages/groups';
import { sayBench } from '@/messages/bench';
import { Sign } from '../../primitives/Sign';
import { Spoken } from '../../primitives/Spoken';
import { useWorkbench } from '../workbench/Workbench';
import styles from './Ladder.module.css';

interface LadderProps {
  /** The row of the group that is looked at; null for the class as a whole. */
  readonly row: number | null;
}

/**
 * The ladder as a picture, its first skill at the bottom: on each rung whoever needs it next, filled where their group
 * works on it, and the signs of the groups that do. Of one group its members stand there by name, and its rungs are lit.
 */
export function Ladder({ row }: LadderProps) {
  const insight = useWorkbench('insight');
  const sheet = useWorkbench('sheet');
  const nameOf = useWorkbench('nameOf');
  const needs = insight?.needs();
  if (!needs || needs.of === 0) return null;
  const { ladder } = sayBench.drawer;
  return (
    <section>
      <h3 className={styles.title}>{ladder.title}</h3>
      <ol className={styles.ladder} reversed>
        {[...needs.skills].reverse().map(({ name, students, rows }) => {
          const own = students.filter((one) => one.row === row);
          const groups = rows.flatMap((one) => sheet.groups[one] ?? []);
          return (
            <li key={name} data-lit={(row !== null && rows.includes(row)) || undefined}>
              <span className={styles.skill}>
                {name === '' ? sayGroups.measures.noResults : name}
              </span>
              {row === null ? (
                <>
                  <span className={styles.marks} aria-hidden="true">
                    {students.map(({ id, row: at }) => (
                      <i key={id} data-served={rows.includes(at) || undefined} title={nameOf(id)} />
                    ))}
                  </span>
                  <span className={styles.signs}>
                    {groups.map(({ index, sign }) => (
                      <Sign key={index} index={sign} size={16} />
                    ))}
                  </span>
                  <Spoken>
                    {ladder.rung(
                      students.length,
                      groups.map((group) => group.name),
                    )}
                  </Spoken>
                </>
              ) : (
                <span className={styles.names}>{own.map(({ id }) => nameOf(id)).join(', ')}</span>
              )}
            </li>
          );
        })}
      </ol>
      <p className={styles.key}>{row === null ? ladder.key : ladder.keyOfGroup}</p>
    </section>
  );
}
