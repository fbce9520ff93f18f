'use client';

import { useMemo, useState, type CSSProperties } from 'react';
import type { Bench } from '@/encode/bench';
import type { Insight } from '@/encode/insight';
import { say } from '@/messages';
import type { StudentId } from '@/schema/ids';
import type { NameOf } from '../frame/names';
import { useStable } from '../frame/useStable';
import { GroupRow } from './GroupRow';
import { Headings, type Sorting } from './Headings';
import styles from './ScoreSheet.module.css';
import { sortedRows } from './sortedRows';
import type { Columns } from './useColumns';
import { RowList, VIRTUAL_FROM } from './RowList';
import type { Selection } from './useSelection';
import type { Sheet } from './useSheet';
import type { Targets } from './useTargets';
import { useTileFacts } from './useTileFacts';

export interface ScoreSheetProps {
  readonly bench: Bench;
  readonly sheet: Sheet;
  readonly selection: Selection;
  readonly nameOf: NameOf;
  readonly columns: Columns;
  readonly insight: Insight | null;
  readonly targets: Targets;
  readonly dragged: StudentId | null;
  /** The row over which something is dragged. */
  readonly over: string | null;
}

/** More seats than this wrap to a second line of the row. */
const MOST_SEATS_ABREAST = 8;
/** On a phone more seats than this stand in two lines. */
const MOST_SEATS_NARROW = 3;
/** Pairs in at least this many groups stand in two columns of rows. */
const TWO_COLUMNS_FROM = 9;

const MEASURE_PX = 92;

/** One row for each group: sign and name, the students along the row, then the measures in aligned columns. */
export function ScoreSheet(props: ScoreSheetProps) {
  const { bench, sheet, selection, nameOf, columns, insight, targets, dragged, over } = props;
  const [sorting, setSorting] = useState<Sorting | null>(null);
  const rows = useMemo(() => sortedRows(sheet, insight, sorting), [sheet, insight, sorting]);
  const factsOf = useTileFacts(bench, sheet, columns.onTiles);
  const onToggle = useStable(selection.toggle);
  const onChoose = useStable(selection.toggleGroup);
  const paired =
    sheet.mostStudents <= 2 && rows.length >= TWO_COLUMNS_FROM && rows.length < VIRTUAL_FROM;
  const seats = Math.max(1, Math.min(sheet.mostStudents, MOST_SEATS_ABREAST));
  const narrow = seats <= MOST_SEATS_NARROW ? seats : Math.ceil(seats / 2);
  const shown = paired ? [] : columns.shown;
  const head = (second: boolean) => (
    <Headings
      bench={bench}
      shown={shown}
      columns={columns}
      insight={insight}
      sorting={sorting}
      onSort={setSorting}
      second={second}
    />
  );
  return (
    <section
      className={styles.sheet}
      aria-label={say.groups.sheet}
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
            onToggle={onToggle}
            onChoose={onChoose}
            nameOf={nameOf}
            factsOf={factsOf}
            shown={shown}
            insight={insight}
            target={targets.get(group.index)}
            dragged={dragged}
            over={over === String(group.index)}
          />
        )}
      />
    </section>
  );
}
