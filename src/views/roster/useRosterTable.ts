'use client';

import {
  getCoreRowModel,
  getFilteredRowModel,
  getSortedRowModel,
  useReactTable,
  type ColumnFiltersState,
  type SortingState,
  type Table,
  type VisibilityState,
} from '@tanstack/react-table';
import { useMemo, useState } from 'react';
import type { ClassRecord } from '@/schema/classRecord';
import { filtersOn } from '@/schema/presence';
import type { StudentRecord } from '@/schema/student';
import * as z from 'zod/mini';
import type { ClassId } from '@/schema/ids';
import type { Setting } from '@/schema/setting';
import { useSetting } from '../frame/useDraft';
import { HIDDEN_FIRST, rosterColumns, soughtIn, type Presence, type RosterRow } from './columns';
import { useToday } from '../frame/useToday';

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
  const data = useMemo(
    () => students.map((student) => ({ student, presence: presenceOf(student, theClass, day) })),
    [students, theClass, day],
  );
  const columns = useMemo(() => {
    const nameOfId = new Map<string, string>(students.map(({ id, name }) => [id, name]));
    return [...rosterColumns(theClass, (id) => nameOfId.get(id) ?? '')];
  }, [theClass, students]);
  const isSought = useMemo(() => soughtIn(columns), [columns]);
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
    globalFilterFn: isSought,
    getColumnCanGlobalFilter: ({ id }) => id === 'name',
    getCoreRowModel: getCoreRowModel(),
    getFilteredRowModel: getFilteredRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
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
