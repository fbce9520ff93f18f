'use client';

import { lazily } from '../../primitives/lazily';
import { sayGroups } from '@/messages/groups';
import { classFigure } from '../workbench/classFigure';
import { columnName } from '../workbench/columnName';
import { useNotices } from '../../primitives/notices';
import styles from './ScoreSheet.module.css';
import type { ColumnKey } from '../workbench/useColumns';
import { useWorkbench } from '../workbench/Workbench';

const ColumnChooser = lazily(() =>
  import('./ColumnChooser').then((module) => module.ColumnChooser),
);

/** As long as a figure and its best possible are, and unseen: nothing moves under the pointer when they come. */
const ROOM = { figure: '0 000000', best: '000000 00 00000 0' };

export interface Sorting {
  /** `group`, `size`, `rules`, or a measure's key. */
  readonly by: string;
  readonly down: boolean;
}

interface HeadingsProps {
  readonly shown: readonly ColumnKey[];
  readonly sorting: Sorting | null;
  readonly onSort: (sorting: Sorting | null) => void;
  /** The same again over the second column of rows. */
  readonly second: boolean;
}

/** What stands in the columns, with the figure of the class as a whole and the best possible; a press sorts the rows. */
export function Headings({ shown, sorting, onSort, second }: HeadingsProps) {
  const bench = useWorkbench('bench');
  const insight = useWorkbench('insight');
  const { announce } = useNotices();
  /** First the row that has most, then the one that has least, then as dealt. */
  const sortBy = (by: string, name: string) => (): void => {
    const last = sorting?.by === by ? sorting.down : null;
    const first = by !== 'group';
    const next = last === null ? { by, down: first } : last === first ? { by, down: !first } : null;
    onSort(next);
    announce(sayGroups.measures.sortedBy(name, next && (next.down ? 'down' : 'up')));
  };
  const heading = (by: string, name: string) => (
    <button
      type="button"
      className={styles.sort}
      aria-label={sayGroups.measures.sortBy(name)}
      data-sorted={sorting?.by === by ? (sorting.down ? 'down' : 'up') : undefined}
      onClick={sortBy(by, name)}
    >
      {name}
    </button>
  );
  return (
    <div className={styles.head} data-second={second} aria-hidden={second || undefined}>
      <span>{heading('group', sayGroups.column.group)}</span>
      <span className={styles.students}>
        {sayGroups.column.students}
        {!second && <ColumnChooser />}
      </span>
      <span className={styles.figure}>{heading('size', sayGroups.column.size)}</span>
      {shown.map((key) => {
        const figure = insight && classFigure(insight, key);
        return (
          <span key={key} className={styles.measureHead}>
            {heading(key, columnName(bench.theClass, key))}
            {figure && (
              <span className={styles.classFigure}>
                {figure.text}{' '}
                <span data-best={figure.isBest} title={figure.explained}>
                  {figure.best}
                </span>
              </span>
            )}
            {!insight && (
              <span className={styles.classFigure} data-coming aria-hidden>
                {ROOM.figure} <span data-best>{ROOM.best}</span>
              </span>
            )}
          </span>
        );
      })}
      <span>{heading('rules', sayGroups.column.rules)}</span>
    </div>
  );
}
