'use client';

import {
  getFilteredRowModel,
  getSortedRowModel,
  useReactTable,
  type ColumnFiltersState,
  type SortingState,
  type Table,
  type VisibilityState,
} from '@tanstack/react-table';
import { useEffect, useMemo, useState } from 'react';
import type { ClassRecord } from '@/schema/classRecord';
import { filtersOn } from '@/schema/presence';
import type { StudentRecord } from '@/schema/student';
import * as z from 'zod/mini';
import type { ClassId } from '@/schema/ids';
import type { Setting } from '@/schema/setting';
import { useSetting } from '../frame/useDraft';
import { HIDDEN_FIRST, rosterColumns, soughtIn, type Presence, type RosterRow } from './columns';
import { useToday } from '../frame/useToday';
import { nextTask } from '../primitives/nextTask';
import { keptRows } from './keptRows';
import { AT_ONCE } from './useDrawn';

export type RosterTable = Table<RosterRow>;

/** How a teacher likes to see a class's table; kept, but no step to undo. */
interface TableTaste {
  readonly hidden: VisibilityState;
  readonly sorting: SortingState;
}

/** The class list as a table: sorted, filtered, searched, columns shown or hidden. */
export function useRosterTable(
  theClass: ClassRecord,
  students: readonly StudentRecord[],
): RosterTable {
  const [taste, setTaste] = useTaste(theClass.id);
  const [columnFilters, setColumnFilters] = useState<ColumnFiltersState>([]);
  const [sought, setSought] = useState('');
  const day = useToday();
  const rowOf = useMemo(() => rowsOf(theClass, day), [theClass, day]);
  const data = useMemo(() => students.map(rowOf), [students, rowOf]);
  const wished = useMemo(() => namesWished(students), [students]);
  const columns = useMemo(
    () => [...rosterColumns(theClass, (id) => wished.get(id) ?? '')],
    [theClass, wished],
  );
  const finding = useMemo(() => soughtIn(columns), [columns]);
  useReadAhead(data, finding.read);
  const firstHidden = useMemo((): VisibilityState => {
    const hidden = Object.fromEntries(HIDDEN_FIRST.map((id) => [id, false]));
    return theClass.sections.length === 0 ? { ...hidden, section: false } : hidden;
  }, [theClass.sections.length]);
  // The table hands out functions that see its newest state: nothing of it is memoised by the views.
  return useReactTable({
    data,
    columns,
    getRowId: ({ student }) => student.id,
    state: {
      columnFilters,
      globalFilter: sought,
      sorting: taste.sorting,
      columnVisibility: { ...firstHidden, ...taste.hidden },
    },
    onColumnFiltersChange: setColumnFilters,
    onGlobalFilterChange: setSought,
    onSortingChange: (next) =>
      setTaste({ ...taste, sorting: typeof next === 'function' ? next(taste.sorting) : next }),
    onColumnVisibilityChange: (next) => {
      const before = { ...firstHidden, ...taste.hidden };
      setTaste({ ...taste, hidden: typeof next === 'function' ? next(before) : next });
    },
    globalFilterFn: finding.isSought,
    getColumnCanGlobalFilter: ({ id }) => id === 'name',
    getCoreRowModel: keptRows,
    getFilteredRowModel: getFilteredRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
}

/** The row of a student, the same while neither the student nor the class has changed. */
function rowsOf(theClass: ClassRecord, day: string): (student: StudentRecord) => RosterRow {
  const made = new WeakMap<StudentRecord, RosterRow>();
  return (student) => {
    const known = made.get(student);
    if (known) return known;
    const row = { student, presence: presenceOf(student, theClass, day) };
    made.set(student, row);
    return row;
  };
}

/** Looks at every row of a long list before anything is sought in it, a piece at a time. */
function useReadAhead(data: readonly RosterRow[], read: (row: RosterRow) => void): void {
  useEffect(() => {
    if (data.length <= AT_ONCE) return undefined;
    const stop = new AbortController();
    void (async () => {
      for (let from = 0; from < data.length; from += AT_ONCE) {
        await nextTask();
        if (stop.signal.aborted) return;
        data.slice(from, from + AT_ONCE).forEach(read);
      }
    })();
    return () => stop.abort();
  }, [data, read]);
}

const NO_NAMES: ReadonlyMap<string, string> = new Map();

/** Names by id for the column of wishes, none while nobody wishes: columns are made anew where names change. */
function namesWished(students: readonly StudentRecord[]): ReadonlyMap<string, string> {
  if (students.every(({ wishes }) => wishes.length === 0)) return NO_NAMES;
  return new Map(students.map(({ id, name }) => [id, name]));
}

/** Whether and why a student takes part or does not, on a day. */
export function presenceOf(student: StudentRecord, theClass: ClassRecord, day: string): Presence {
  if (student.left !== null) return 'left';
  if (student.awayOn === day) return 'away';
  return !student.inAnyway && filtersOn(student, theClass).length > 0 ? 'leftOut' : 'here';
}

const TABLE: Setting<TableTaste> = {
  name: 'table',
  shape: z.object({
    hidden: z._default(z.record(z.string(), z.boolean()), {}),
    sorting: z._default(z.array(z.object({ id: z.string(), desc: z.boolean() })), []),
  }),
  usual: { hidden: {}, sorting: [] },
};

function useTaste(classId: ClassId): readonly [TableTaste, (taste: TableTaste) => void] {
  return useSetting(TABLE, classId);
}
