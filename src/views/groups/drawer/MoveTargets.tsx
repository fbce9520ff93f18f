'use client';

import { Button } from '../../primitives/Button';
import { sayGroups } from '@/messages/groups';
import { sayBench } from '@/messages/bench';
import type { StudentId } from '@/schema/ids';
import { KeyHint } from '../../primitives/KeyHint';
import { KeyOf } from '../../frame/KeyOf';
import { Sign } from '../../primitives/Sign';
import styles from './Drawer.module.css';
import { useWorkbench } from '../workbench/Workbench';

interface MoveTargetsProps {
  readonly ids: readonly StudentId[];
}

/** More groups than this are reached by dragging, or by their number. */
const MOST_LISTED = 40;

/** The groups to which the selected can be moved, each with what that would do. */
export function MoveTargets({ ids }: MoveTargetsProps) {
  const sheet = useWorkbench('sheet');
  const selection = useWorkbench('selection');
  const targets = useWorkbench('targets');
  const { drawer } = sayBench;
  const here = new Set(ids.map(selection.groupOf));
  const alone = here.size === 1 ? [...here][0] : undefined;
  const listed = sheet.groups
    .filter(({ index }) => sheet.groups.length <= MOST_LISTED || targets.get(index)?.place !== null)
    .slice(0, MOST_LISTED);
  return (
    <section className={styles.part}>
      <h3 className={styles.subtitle}>{drawer.moveTo}</h3>
      <ul className={styles.targets}>
        {listed.map(({ index, name, sign, size }) => {
          const target = targets.get(index);
          return (
            <li key={index}>
              <Button
                variant="paper"
                size="small"
                disabled={index === alone}
                data-best={target !== undefined && target.place !== null}
                onClick={() => selection.move(ids, index)}
              >
                <Sign index={sign} size={18} />
                <span className={styles.target}>{name}</span>
                <span className={styles.size} data-effect={target?.effect}>
                  {target && index !== alone
                    ? sayGroups.effect[target.effect]
                    : drawer.nowSize(size)}
                </span>
                <KeyHint>{String(index + 1)}</KeyHint>
              </Button>
            </li>
          );
        })}
        <li>
          <Button
            variant="paper"
            size="small"
            disabled={alone === null}
            onClick={() => selection.move(ids, null)}
          >
            <span className={styles.target}>{drawer.aside}</span>
            <KeyOf name="aside" />
          </Button>
        </li>
      </ul>
    </section>
  );
}
