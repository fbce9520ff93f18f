'use client';

import type { KeyboardEvent } from 'react';
import { StudentId } from '@/schema/ids';
import type { LineupRecord } from '@/schema/lineup';
import { setPinned } from '@/store/actions/lineups';
import { useStore } from '@/store/react';
import type { Selection } from './useSelection';
import type { Sheet } from './useSheet';

/**
 * Keys while a tile has the focus: arrows look around, a figure or Alt and an arrow moves the student, X swaps with the
 * selected one, P pins. What is selected moves where it is more than the tile in focus.
 */
export function useSheetKeys(sheet: Sheet, selection: Selection, lineup: LineupRecord) {
  const store = useStore();
  return (event: KeyboardEvent<HTMLElement>): void => {
    if (event.key === 'Escape') selection.clear();
    const tile = event.target instanceof HTMLElement ? event.target.dataset.student : undefined;
    if (tile === undefined || event.ctrlKey || event.metaKey) return;
    const id = StudentId.parse(tile);
    const concerned = selection.students.length > 0 ? selection.students : [id];
    if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault();
      moveToNeighbour(sheet, selection, id, event.key === 'ArrowDown' ? 1 : -1);
      return;
    }
    if (event.altKey) return;
    if (/^[0-9]$/.test(event.key)) {
      event.preventDefault();
      const target = Number(event.key) - 1;
      if (target < sheet.groups.length) selection.move(concerned, target < 0 ? null : target);
    } else if (event.key === 'x' && selection.student !== null) {
      event.preventDefault();
      selection.swap(selection.student, id);
    } else if (event.key === 'p') {
      event.preventDefault();
      const pinned = concerned.every((one) => sheet.pinned.has(one));
      setPinned(store, lineup.id, concerned, !pinned);
    } else if (event.key in STEPS) {
      event.preventDefault();
      focusNeighbour(
        event.currentTarget,
        event.target as HTMLElement,
        event.key as keyof typeof STEPS,
      );
    }
  };
}

const STEPS = { ArrowLeft: 0, ArrowRight: 0, ArrowUp: 0, ArrowDown: 0, Home: 0, End: 0 };

function moveToNeighbour(sheet: Sheet, selection: Selection, id: StudentId, step: 1 | -1): void {
  const count = sheet.groups.length;
  const from = selection.groupOf(id);
  // From aside, down leads to the first group and up to the last.
  const start = from ?? (step === 1 ? -1 : count);
  selection.move([id], (start + step + count) % count);
}

/** Moves the focus along the row, or to the tile nearest in the row above or below. */
function focusNeighbour(container: HTMLElement, from: HTMLElement, key: keyof typeof STEPS): void {
  const rows = [...container.querySelectorAll<HTMLElement>('[data-row]')]
    .map((row) => [...row.querySelectorAll<HTMLElement>('[data-student]')])
    .filter((tiles) => tiles.length > 0);
  const rowIndex = rows.findIndex((tiles) => tiles.includes(from));
  const row = rows[rowIndex] ?? [];
  const place = row.indexOf(from);
  const target = {
    ArrowLeft: row[place - 1],
    ArrowRight: row[place + 1],
    Home: row[0],
    End: row.at(-1),
    ArrowUp: atOrLast(rows[rowIndex - 1], place),
    ArrowDown: atOrLast(rows[rowIndex + 1], place),
  }[key];
  target?.focus();
}

function atOrLast(row: readonly HTMLElement[] | undefined, place: number): HTMLElement | undefined {
  return row?.[place] ?? row?.at(-1);
}
