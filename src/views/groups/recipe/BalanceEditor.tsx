'use client';

import { sayBench } from '@/messages/bench';
import type { Balance } from '@/schema/recipe';
import { Choice } from '../../primitives/Choice';
import { Select } from '../../primitives/Select';
import { IMPORTANCES, type EditorProps } from './editor';
import styles from './RecipeEditor.module.css';
import { useWorkbench } from '../workbench/Workbench';

const LEAVE = 'none';

/** Each detail of the class: mixed, matched or left alone, and how much it counts beside the rest. */
export function BalanceEditor({ change }: EditorProps) {
  const bench = useWorkbench('bench');
  const { theClass, lineup } = bench;
  const { editors } = sayBench;
  const { balance } = lineup.recipe;
  if (theClass.details.length === 0) return <p className={styles.hint}>{editors.noDetails}</p>;
  const put = (detail: string, next: Balance | null): void => {
    const known = balance.some((one) => one.detail === detail);
    const others = balance.flatMap((one) => (one.detail !== detail ? [one] : next ? [next] : []));
    change({ balance: known || !next ? others : [...others, next] });
  };
  return (
    <>
      <p className={styles.hint}>{editors.balanceHint}</p>
      {theClass.details.map(({ id, name }) => {
        const now = balance.find(({ detail }) => detail === id);
        return (
          <div key={id} className={styles.line}>
            <Choice<Balance['how'] | typeof LEAVE>
              legend={editors.howLegend(name)}
              value={now?.how ?? LEAVE}
              options={([LEAVE, 'mix', 'match'] as const).map((value) => ({
                value,
                label: editors.how[value],
              }))}
              onChange={(how) =>
                put(
                  id,
                  how === LEAVE
                    ? null
                    : { detail: id, how, importance: now?.importance ?? 'plain' },
                )
              }
            />
            {now && (
              <Select
                quiet
                label={editors.importanceLegend(name)}
                value={now.importance}
                options={IMPORTANCES.map((value) => ({
                  value,
                  label: editors.importance[value],
                }))}
                onChange={(importance) => put(id, { ...now, importance })}
              />
            )}
          </div>
        );
      })}
    </>
  );
}
