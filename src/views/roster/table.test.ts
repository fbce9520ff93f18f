/** @jest-environment jsdom */
import { detail, section } from '@/encode/testBench';
import {
  createTable,
  getFilteredRowModel,
  getSortedRowModel,
  type SortingState,
} from '@tanstack/react-table';
import { act, renderHook } from '@testing-library/react';
import type { KeyboardEvent } from 'react';
import { emptyClass, type ClassRecord } from '@/schema/classRecord';
import { ClassId, StudentId, LeaveOutId } from '@/schema/ids';
import { newStudent, type StudentRecord } from '@/schema/student';
import { maskStudents } from '../frame/masking';
import { detailColumn, rosterColumns, soughtIn, type RosterRow } from './columns';
import { keptRows } from './keptRows';
import { useDrawn } from './useDrawn';
import { useGridFocus } from './useGridFocus';
import { presenceOf } from './useRosterTable';

const DAY = '2026-11-26';

const classId = ClassId.parse('c_crew');
const theClass: ClassRecord = {
  ...emptyClass(classId, 'Crew', '2026-10-15T00:00:00.000Z'),
  sections: [section('north', 'North bank', 0)],
  details: [detail('score', 'number'), detail('level', 'level', ['new', 'some', 'seasoned'])],
  leaveOuts: [
    { id: LeaveOutId.parse('f'), when: 'any', parts: [{ by: 'level', values: ['new'] }], on: true },
  ],
};
const student = (name: string, more: Partial<StudentRecord> = {}): StudentRecord => ({
  ...newStudent(StudentId.parse(`s_${name}`), classId, 1, { name, email: '' }),
  ...more,
});
const crew = [
  student('Zoë', { details: { score: 9, level: 'seasoned' }, email: 'z@example.org' }),
  student('Ōkubo', { details: { score: 10, level: 'new' }, sectionId: 'north' }),
  student('amira', { details: { score: 100 }, note: 'early bus' }),
  student('Chipo', { details: { level: 'some' }, left: '2026-10-01' }),
];

/** Names in the order of the table, sorted or searched as given. */
function namesIn(state: { sorting?: SortingState; sought?: string; level?: string[] }): string[] {
  const columns = rosterColumns(theClass, () => '');
  const table = createTable<RosterRow>({
    data: crew.map((one) => ({ student: one, presence: presenceOf(one, theClass, DAY) })),
    columns: [...columns],
    state: {
      sorting: state.sorting ?? [],
      globalFilter: state.sought ?? '',
      columnFilters: state.level ? [{ id: detailColumn('level'), value: state.level }] : [],
      columnPinning: {},
    },
    onStateChange: () => undefined,
    renderFallbackValue: null,
    globalFilterFn: soughtIn(columns).isSought,
    getColumnCanGlobalFilter: ({ id }) => id === 'name',
    getCoreRowModel: keptRows,
    getFilteredRowModel: getFilteredRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  return table.getRowModel().rows.map((row) => row.original.student.name);
}

describe('the rows of the table', () => {
  const rowOf = (one: StudentRecord): RosterRow => ({ student: one, presence: 'here' });
  const [zoe, okubo, amira] = crew.slice(0, 3).map(rowOf) as [RosterRow, RosterRow, RosterRow];
  const table = (data: RosterRow[], columns = [...rosterColumns(theClass, () => '')]) =>
    createTable<RosterRow>({
      ...{ data, columns, state: { columnPinning: {} }, onStateChange: () => undefined },
      ...{ renderFallbackValue: null, getCoreRowModel: keptRows },
      getRowId: ({ student: { id } }) => id,
    });

  test('are kept for whoever has not changed, and made anew for who has, came, or moved up', () => {
    const one = table([zoe, okubo]);
    const before = one.getCoreRowModel().rows;
    const edited = rowOf({ ...okubo.student, name: 'Ōkubo R.' });
    one.setOptions((all) => ({ ...all, data: [zoe, edited, amira] }));
    const after = one.getCoreRowModel().rows;
    expect(after.map((row) => before.includes(row))).toEqual([true, false, false]);
    expect(after.map((row) => row.getValue('name'))).toEqual(['Zoë', 'Ōkubo R.', 'amira']);
    one.setOptions((all) => ({ ...all, data: [edited, amira] }));
    expect(one.getCoreRowModel().rows.map(({ index }) => index)).toEqual([0, 1]);
    expect(one.getRow(amira.student.id).original).toBe(amira);
  });

  test('say what the columns say now', () => {
    const one = table([okubo]);
    expect(one.getRow(okubo.student.id).getValue('section')).toBe('North bank');
    const renamed = { ...theClass, sections: [section('north', 'South bank', 0)] };
    one.setOptions((all) => ({ ...all, columns: [...rosterColumns(renamed, () => '')] }));
    expect(one.getRow(okubo.student.id).getValue('section')).toBe('South bank');
  });
});

test('a long list is drawn a piece at a time until all of it is there, a short one at once', () => {
  const seen: number[] = [];
  const { rerender } = renderHook(
    ({ list }: { list: readonly number[] }) => seen.push(useDrawn(list).length),
    { initialProps: { list: Array.from({ length: 40 }, (_, place) => place) } },
  );
  expect(seen[0]).toBe(40);
  rerender({ list: Array.from({ length: 2_500 }, (_, place) => place) });
  expect([...new Set(seen)]).toEqual([40, 0, 1_000, 2_000, 2_500]);
  rerender({ list: Array.from({ length: 2_499 }, (_, place) => place) });
  expect(seen.at(-1)).toBe(2_499);
});

describe('the table', () => {
  test('sorts names as the language does, accents and capitals aside', () => {
    expect(namesIn({ sorting: [{ id: 'name', desc: false }] })).toEqual([
      'amira',
      'Chipo',
      'Ōkubo',
      'Zoë',
    ]);
  });

  test('sorts numbers by size and levels by their order, what is missing last', () => {
    expect(namesIn({ sorting: [{ id: detailColumn('score'), desc: false }] })).toEqual([
      'Zoë',
      'Ōkubo',
      'amira',
      'Chipo',
    ]);
    expect(namesIn({ sorting: [{ id: detailColumn('level'), desc: false }] })).toEqual([
      'Ōkubo',
      'Chipo',
      'Zoë',
      'amira',
    ]);
  });

  test('finds by any part of what is known, accents aside, every word of it', () => {
    expect(namesIn({ sought: 'okubo' })).toEqual(['Ōkubo']);
    expect(namesIn({ sought: 'z@example' })).toEqual(['Zoë']);
    expect(namesIn({ sought: 'early AMIRA' })).toEqual(['amira']);
    expect(namesIn({ sought: 'north' })).toEqual(['Ōkubo']);
    expect(namesIn({ sought: 'early zoe' })).toEqual([]);
  });

  test('shows only chosen values, missing ones among them', () => {
    expect(namesIn({ level: ['seasoned', ''] })).toEqual(['Zoë', 'amira']);
  });

  test('tells who takes part, and why somebody does not', () => {
    expect(crew.map((one) => presenceOf(one, theClass, DAY))).toEqual([
      'here',
      'leftOut',
      'here',
      'left',
    ]);
    expect(presenceOf({ ...crew[1]!, inAnyway: true }, theClass, DAY)).toBe('here');
    expect(presenceOf({ ...crew[1]!, awayOn: DAY, inAnyway: true }, theClass, DAY)).toBe('away');
  });
});

describe('the keys of the table', () => {
  function grid() {
    const table = document.createElement('div');
    for (const row of ['a', 'b', 'c']) {
      for (const column of ['x', 'y']) {
        const cell = table.appendChild(document.createElement('div'));
        cell.dataset.cell = `${row}\n${column}`;
        cell.appendChild(document.createElement('button')).id = row + column;
      }
    }
    document.body.replaceChildren(table);
    const pressed: string[] = [];
    const { result } = renderHook(() =>
      useGridFocus({
        table: { current: table },
        rows: ['a', 'b', 'c'],
        columns: ['x', 'y'],
        show: () => undefined,
        onKey: ({ key }, row) => {
          pressed.push(key + row);
          return key === 'o';
        },
      }),
    );
    const press = (key: string, more: Partial<KeyboardEvent<HTMLElement>> = {}): boolean => {
      let prevented = false;
      act(() =>
        result.current.onKeyDown({
          key,
          target: document.activeElement,
          preventDefault: () => (prevented = true),
          ...more,
        } as unknown as KeyboardEvent<HTMLElement>),
      );
      return prevented;
    };
    return { result, press, pressed };
  }

  test('arrows go from cell to cell and stop at the edges', () => {
    const { press } = grid();
    document.getElementById('ax')!.focus();
    for (const [key, id] of [
      ['ArrowDown', 'bx'],
      ['ArrowRight', 'by'],
      ['ArrowRight', 'by'],
      ['PageDown', 'cy'],
      ['Home', 'cx'],
      ['End', 'cy'],
      ['PageUp', 'ay'],
      ['ArrowUp', 'ay'],
    ]) {
      press(key!);
      expect([key, document.activeElement?.id]).toEqual([key, id]);
    }
  });

  test('other keys are offered to the row, and only those it takes are held back', () => {
    const { press, pressed } = grid();
    document.getElementById('bx')!.focus();
    expect([press('o'), press('p')]).toEqual([true, false]);
    expect(pressed).toEqual(['ob', 'pb']);
    expect(press('ArrowDown', { ctrlKey: true })).toBe(false);
  });

  test('the tab key stops at the first cell, then at the one that had the focus', () => {
    const { result } = grid();
    expect(result.current.stop).toEqual({ row: 'a', column: 'x' });
    act(() => result.current.focused('b', 'y'));
    expect(result.current.stop).toEqual({ row: 'b', column: 'y' });
    act(() => result.current.focused('gone', 'y'));
    expect(result.current.stop).toEqual({ row: 'a', column: 'x' });
  });
});

describe('names that are masked', () => {
  test('are each different, always the same for a place, and take along what would tell who it is', () => {
    for (const mask of ['initials', 'aliases'] as const) {
      const masked = maskStudents([...crew, student('Zed')], mask);
      expect(new Set(masked.map(({ name }) => name)).size).toBe(5);
      expect(masked).toEqual(maskStudents([...crew, student('Zed')], mask));
      expect(JSON.stringify(masked.map(({ id: _id, ...one }) => one))).not.toMatch(
        /Zoë|Ōkubo|amira|example\.org|early bus/,
      );
    }
    expect(maskStudents(crew, 'names')).toBe(crew);
  });

  test('a thousand students have a thousand aliases', () => {
    const many = Array.from({ length: 1_000 }, (_, i) => student(`n${i}`));
    expect(new Set(maskStudents(many, 'aliases').map(({ name }) => name)).size).toBe(1_000);
  });
});
