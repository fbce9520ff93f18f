'use client';

import ArrowDownwardRounded from '@mui/icons-material/ArrowDownwardRounded';
import ArrowUpwardRounded from '@mui/icons-material/ArrowUpwardRounded';
import { useRef, type ReactNode } from 'react';
import type { RosterWarning } from '@/formats/roster/types';
import { sayRoster } from '@/messages/roster';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentId } from '@/schema/ids';
import { setTakesPart } from '@/store/actions/students';
import { useStore } from '@/store/react';
import { isKey } from '../frame/keyMap';
import { lazily } from '../primitives/lazily';
import { columnTitle } from './columnTitle';
import { StudentRow } from './StudentRow';
import styles from './StudentTable.module.css';
import { useGridFocus } from './useGridFocus';
import type { RosterTable } from './useRosterTable';
import { useSameList } from './useSameList';
import { today } from '../frame/today';

/** From so many students on only the rows in view are drawn. */
const WINDOWED_FROM = 60;
/** Loaded for the first large class. */
const RowsInView = lazily(() => import('./RowsInView').then((module) => module.RowsInView));

interface StudentTableProps {
  readonly theClass: ClassRecord;
  readonly table: RosterTable;
  readonly doubtsOf: ReadonlyMap<StudentId, readonly RosterWarning[]>;
  readonly opened: StudentId | null;
  readonly onOpen: (id: StudentId | null) => void;
  /** Names are masked: nothing can be changed here meanwhile. */
  readonly readOnly: boolean;
}

/** Everybody in the class; of many only the rows in view are drawn. */
export function StudentTable(props: StudentTableProps) {
  const { theClass, table, doubtsOf, opened, onOpen, readOnly } = props;
  const store = useStore();
  const scroll = useRef<HTMLDivElement>(null);
  const { rows } = table.getRowModel();
  const columns = table.getVisibleLeafColumns();
  // How a row out of view is brought into it; of few none is.
  const show = useRef<(row: number) => void>(() => undefined);
  const grid = useGridFocus({
    table: scroll,
    rows: rows.map(({ id }) => id),
    columns: columns.map(({ id }) => id),
    show: (row) => show.current(row),
    onKey: (event, id) => {
      const student = table.getRow(id, true).original;
      if (isKey('hereOrNot', event))
        setTakesPart(store, [student.student.id], student.presence !== 'here', today());
      else if (isKey('openStudent', event)) onOpen(student.student.id);
      else return false;
      return true;
    },
  });
  const columnIds = useSameList(columns.map(({ id }) => id));
  const width = columns.reduce((total, column) => total + column.getSize(), 52);

  const draw = (index: number, measure?: (element: Element | null) => void): ReactNode => {
    const row = rows[index];
    if (!row) return null;
    return (
      <StudentRow
        key={row.id}
        measure={measure}
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
  };

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
          {rows.length < WINDOWED_FROM ? (
            rows.map((_, index) => draw(index))
          ) : (
            <RowsInView count={rows.length} scroll={scroll} show={show}>
              {draw}
            </RowsInView>
          )}
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
