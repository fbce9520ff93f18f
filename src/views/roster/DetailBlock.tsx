'use client';

import { useMemo, useState } from 'react';
import { sayRoster } from '@/messages/roster';
import type { ClassRecord, Detail } from '@/schema/classRecord';
import type { StudentRecord } from '@/schema/student';
import { Select } from '../primitives/Select';
import { detailColumn } from './columns';
import { DetailEditor } from './DetailEditor';
import styles from './RosterPanel.module.css';
import { SpreadBars } from './SpreadBars';
import { spreadOf, type Spread } from './spread';
import type { RosterTable } from './useRosterTable';

interface DetailBlockProps {
  readonly theClass: ClassRecord;
  readonly detail: Detail;
  readonly students: readonly StudentRecord[];
  readonly table: RosterTable;
}

/** One detail: how the class is spread over it, or, on a press, what it is. */
export function DetailBlock({ theClass, detail, students, table }: DetailBlockProps) {
  const [editing, setEditing] = useState(false);
  const spread = useMemo(() => spreadOf(detail, students), [detail, students]);
  const column = table.getColumn(detailColumn(detail.id));
  const chosen = (column?.getFilterValue() as readonly string[] | undefined) ?? [];
  const choose = (values: readonly string[]): void => {
    const same = values.join('\n') === chosen.join('\n');
    column?.setFilterValue(same ? undefined : values);
  };
  return (
    <div className={styles.detail}>
      <div className={styles.detailHead}>
        <h4 className={styles.detailName}>{detail.name}</h4>
        <span className={styles.dim}>
          {sayRoster.roster.spreadFacts(spread.mean, spread.missing)}
        </span>
        <button
          type="button"
          className={styles.edit}
          aria-expanded={editing}
          aria-label={sayRoster.roster.editDetail(detail.name)}
          onClick={() => setEditing(!editing)}
        >
          {editing ? sayRoster.roster.done : sayRoster.roster.change}
        </button>
      </div>
      {editing ? (
        <DetailEditor theClass={theClass} detail={detail} />
      ) : (
        <>
          {spread.bars.length > 0 && (
            <SpreadBars
              spread={spread}
              label={sayRoster.roster.chartLabel(detail.name, spread.bars)}
              chosen={chosen}
              onChoose={choose}
            />
          )}
          <ShowOnly spread={spread} detail={detail} chosen={chosen} onChoose={choose} />
        </>
      )}
    </div>
  );
}

interface ShowOnlyProps {
  readonly spread: Spread;
  readonly detail: Detail;
  readonly chosen: readonly string[];
  readonly onChoose: (values: readonly string[]) => void;
}

const EVERYBODY = '\u0000';

/** The same as a press on a bar, for the keyboard and for a screen reader; also for missing values. */
function ShowOnly({ spread, detail, chosen, onChoose }: ShowOnlyProps) {
  const missing = { label: '', values: [''], count: spread.missing };
  const bars = [...spread.bars, ...(spread.missing > 0 ? [missing] : [])];
  return (
    <Select
      quiet
      pale
      label={sayRoster.roster.showOnly(detail.name)}
      value={chosen.length === 0 ? EVERYBODY : chosen.join('\n')}
      options={[
        { value: EVERYBODY, label: sayRoster.roster.showEverybody },
        ...bars.map(({ label, values, count }) => ({
          value: values.join('\n'),
          label: sayRoster.roster.barLabel(label || sayRoster.roster.missingValue, count),
        })),
      ]}
      onChange={(value) => onChoose(value === EVERYBODY ? [] : value.split('\n'))}
    />
  );
}
