'use client';

import { useMemo } from 'react';
import { sayRoster } from '@/messages/roster';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentRecord } from '@/schema/student';
import { addDetail } from '@/store/actions/classParts';
import { useStore } from '@/store/react';
import { AddNamed } from '../primitives/AddNamed';
import { Select } from '../primitives/Select';
import { DetailBlock } from './DetailBlock';
import styles from './RosterPanel.module.css';
import type { RosterTable } from './useRosterTable';

interface DetailsProps {
  readonly theClass: ClassRecord;
  readonly students: readonly StudentRecord[];
  readonly table: RosterTable;
}

/** Each detail with how the class is spread over it; a press on a bar shows only those students. */
export function Details({ theClass, students, table }: DetailsProps) {
  const store = useStore();
  return (
    <section className={styles.block} aria-labelledby="details">
      <h3 id="details" className={styles.title}>
        {sayRoster.roster.detailsTitle}
      </h3>
      <div className={styles.shows}>
        <ShowColumn
          column="here"
          label={sayRoster.roster.column.here}
          table={table}
          nameOf={sayRoster.roster.presence}
        />
        {theClass.sections.length > 0 && (
          <ShowColumn column="section" label={sayRoster.roster.column.section} table={table} />
        )}
      </div>
      {theClass.details.length === 0 && <p className={styles.hint}>{sayRoster.roster.noDetails}</p>}
      {theClass.details.map((detail) => (
        <DetailBlock
          key={detail.id}
          theClass={theClass}
          detail={detail}
          students={students}
          table={table}
        />
      ))}
      <AddNamed
        action={sayRoster.roster.addDetail}
        label={sayRoster.roster.detailName}
        className={styles.select}
        onAdd={(name) => addDetail(store, theClass.id, { name, kind: 'category', levels: [] })}
      />
    </section>
  );
}

const EVERYBODY = '\u0000';

interface ShowColumnProps {
  readonly column: string;
  readonly label: string;
  readonly table: RosterTable;
  readonly nameOf?: (value: string) => string;
}

/** Shows only the students who have one value of a plain column. */
function ShowColumn({ column: id, label, table, nameOf = (value) => value }: ShowColumnProps) {
  const column = table.getColumn(id);
  const [chosen] = (column?.getFilterValue() as readonly string[] | undefined) ?? [];
  const { rows } = table.getCoreRowModel();
  const counts = useMemo(() => {
    const of = new Map<string, number>();
    rows.forEach((row) => {
      const value = String(row.getValue(id));
      of.set(value, (of.get(value) ?? 0) + 1);
    });
    return of;
  }, [rows, id]);
  if (counts.size < 2) return null;
  return (
    <Select
      quiet
      pale
      label={sayRoster.roster.showOnly(label)}
      value={chosen ?? EVERYBODY}
      options={[
        { value: EVERYBODY, label: sayRoster.roster.showingEverybody(label) },
        ...[...counts].map(([value, count]) => ({
          value,
          label: sayRoster.roster.barLabel(
            value === '' ? sayRoster.roster.noSection : nameOf(value),
            count,
          ),
        })),
      ]}
      onChange={(value) => column?.setFilterValue(value === EVERYBODY ? undefined : [value])}
    />
  );
}
