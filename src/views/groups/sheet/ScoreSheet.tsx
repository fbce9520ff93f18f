'use client';

import { useMemo, useState, type CSSProperties } from 'react';
import { sayGroups } from '@/messages/groups';
import { GroupRow } from './GroupRow';
import { Headings, type Sorting } from './Headings';
import styles from './ScoreSheet.module.css';
import { sortedRows } from './sortedRows';
import { RowList, VIRTUAL_FROM } from './RowList';
import { useTileFacts } from './useTileFacts';
import { useWorkbench } from '../workbench/Workbench';

/** More seats than this wrap to a second line of the row. */
const MOST_SEATS_ABREAST = 8;
/** On a phone more seats than this stand in two lines. */
const MOST_SEATS_NARROW = 3;
/** Pairs in at least this many groups stand in two columns of rows. */
const TWO_COLUMNS_FROM = 9;

const MEASURE_PX = 92;

/** One row for each group: sign and name, the students along the row, then the measures in aligned columns. */
export function ScoreSheet() {
  const bench = useWorkbench('bench');
  const sheet = useWorkbench('sheet');
  const selection = useWorkbench('selection');
  const nameOf = useWorkbench('nameOf');
  const columns = useWorkbench('columns');
  const insight = useWorkbench('insight');
  const targets = useWorkbench('targets');
  const dragging = useWorkbench('dragging');
  const [sorting, setSorting] = useState<Sorting | null>(null);
  const rows = useMemo(() => sortedRows(sheet, insight, sorting), [sheet, insight, sorting]);
  const factsOf = useTileFacts(bench, sheet, columns.onTiles);
  const paired =
    sheet.mostStudents <= 2 && rows.length >= TWO_COLUMNS_FROM && rows.length < VIRTUAL_FROM;
  const seats = Math.max(1, Math.min(sheet.mostStudents, MOST_SEATS_ABREAST));
  const narrow = seats <= MOST_SEATS_NARROW ? seats : Math.ceil(seats / 2);
  const shown = paired ? [] : columns.shown;
  const head = (second: boolean) => (
    <Headings shown={shown} sorting={sorting} onSort={setSorting} second={second} />
  );
  return (
    <section
      className={styles.sheet}
      aria-label={sayGroups.sheet}
      data-paired={paired}
      style={
        {
          '--seats': seats,
          '--seats-narrow': narrow,
          ...(shown.length > 0 ? { '--measures': `repeat(${shown.length}, ${MEASURE_PX}px)` } : {}),
        } as CSSProperties
      }
    >
      {head(false)}
      {paired && head(true)}
      <RowList
        groups={rows}
        found={selection.student}
        row={(group, place) => (
          <GroupRow
            key={group.index}
            place={place}
            group={group}
            theClass={bench.theClass}
            selected={selection.students}
            chosen={selection.groups.includes(group.index)}
            onToggle={selection.toggle}
            onChoose={selection.toggleGroup}
            nameOf={nameOf}
            factsOf={factsOf}
            shown={shown}
            insight={insight}
            target={targets.get(group.index)}
            dragged={dragging.student}
            over={dragging.over === String(group.index)}
          />
        )}
      />
    </section>
  );
}
