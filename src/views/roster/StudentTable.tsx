'use client';

import ArrowDownwardRounded from '@mui/icons-material/ArrowDownwardRounded';
import ArrowUpwardRounded from '@mui/icons-material/ArrowUpwardRounded';
import { useVirtualizer } from '@tanstack/react-virtual';
import { startTransition, useEffect, useMemo, useRef, useState } from 'react';
import type { RosterWarning } from '@/formats/roster/types';
import { sayRoster } from '@/messages/roster';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentId } from '@/schema/ids';
import { setTakesPart } from '@/store/actions/students';
import { useStore } from '@/store/react';
import { isKey } from '../frame/keyMap';
import { columnTitle } from './columnTitle';
import { StudentRow } from './StudentRow';
import styles from './StudentTable.module.css';
import { useGridFocus } from './useGridFocus';
import type { RosterTable } from './useRosterTable';
import { today } from '../frame/today';

/** Pixels; a row on a phone is measured when it is drawn. */
const ROW_HEIGHT = 42;
const ROWS_BEYOND = 6;

interface StudentTableProps {
  readonly theClass: ClassRecord;
  readonly table: RosterTable;
  readonly doubtsOf: ReadonlyMap<StudentId, readonly RosterWarning[]>;
  readonly opened: StudentId | null;
  readonly onOpen: (id: StudentId | null) => void;
  /** Names are masked: nothing can be changed here meanwhile. */
  readonly readOnly: boolean;
}

/** Everybody in the class; only the rows in view are drawn. */
export function StudentTable(props: StudentTableProps) {
  const { theClass, table, doubtsOf, opened, onOpen, readOnly } = props;
  const store = useStore();
  const scroll = useRef<HTMLDivElement>(null);
  const { rows } = table.getRowModel();
  // First the rows in view alone, to be seen sooner; those beyond a moment later.
  const [beyond, setBeyond] = useState(0);
  const anyRows = rows.length > 0;
  useEffect(() => {
    if (anyRows) startTransition(() => setBeyond(ROWS_BEYOND));
  }, [anyRows]);
  const columns = table.getVisibleLeafColumns();
  // What it hands out is read while drawing and never handed on to a memoised child.
  // eslint-disable-next-line react-hooks/incompatible-library -- see above
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroll.current,
    estimateSize: () => ROW_HEIGHT,
    overscan: beyond,
  });
  const grid = useGridFocus({
    table: scroll,
    rows: rows.map(({ id }) => id),
    columns: columns.map(({ id }) => id),
    show: (row) => virtual.scrollToIndex(row),
    onKey: (event, id) => {
      const student = table.getRow(id, true).original;
      if (isKey('hereOrNot', event))
        setTakesPart(store, [student.student.id], student.presence !== 'here', today());
      else if (isKey('openStudent', event)) onOpen(student.student.id);
      else return false;
      return true;
    },
  });
  const visible = columns.map(({ id }) => id).join('\n');
  // The same list while the same columns are shown, so that rows in view are not drawn anew while scrolling.
  const columnIds = useMemo(() => visible.split('\n'), [visible]);
  const drawn = virtual.getVirtualItems();
  const before = drawn[0]?.start ?? 0;
  const after = virtual.getTotalSize() - (drawn.at(-1)?.end ?? 0);
  const width = columns.reduce((total, column) => total + column.getSize(), 52);

  return (
    <div ref={scroll} className={styles.scroll} onKeyDown={grid.onKeyDown}>
      <table
        role="grid"
        className={styles.table}
        style={{ minWidth: width }}
        aria-label={sayRoster.roster.title}
        aria-rowcount={rows.length + 1}
      >
        <colgroup>
          {columns.map((column) => (
            <col key={column.id} style={{ width: column.getSize() }} />
          ))}
          <col style={{ width: 52 }} />
        </colgroup>
        <thead>
          <tr aria-rowindex={1}>
            {columns.map((column) => {
              const sorted = column.getIsSorted();
              const title = columnTitle(column.id, theClass);
              return (
                <th
                  key={column.id}
                  scope="col"
                  data-column={column.id}
                  aria-sort={
                    sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : undefined
                  }
                >
                  <button
                    type="button"
                    className={styles.sort}
                    title={sayRoster.roster.sortBy(title)}
                    onClick={column.getToggleSortingHandler()}
                  >
                    {title}
                    {sorted === 'asc' && <ArrowUpwardRounded fontSize="inherit" />}
                    {sorted === 'desc' && <ArrowDownwardRounded fontSize="inherit" />}
                  </button>
                </th>
              );
            })}
            <td />
          </tr>
        </thead>
        <tbody>
          {before > 0 && <tr aria-hidden="true" style={{ height: before }} />}
          {drawn.map(({ index }) => {
            const row = rows[index];
            if (!row) return null;
            return (
              <StudentRow
                key={row.id}
                measure={virtual.measureElement}
                index={index}
                row={row.original}
                columns={columnIds}
                theClass={theClass}
                doubts={doubtsOf.get(row.original.student.id)}
                opened={opened === row.id}
                onOpen={onOpen}
                stop={grid.stop.row === row.id ? grid.stop.column : null}
                onFocusCell={grid.focused}
                readOnly={readOnly}
              />
            );
          })}
          {after > 0 && <tr aria-hidden="true" style={{ height: after }} />}
        </tbody>
      </table>
      {rows.length === 0 && table.getCoreRowModel().rows.length > 0 && (
        <p className={styles.none}>
          {sayRoster.roster.nobody(String(table.getState().globalFilter ?? ''))}
        </p>
      )}
    </div>
  );
}
