'use client';

import type { KeyboardEvent } from 'react';
import { StudentId } from '@/schema/ids';
import type { LineupRecord } from '@/schema/lineup';
import { setPinned } from '@/store/actions/lineups';
import { useStore } from '@/store/react';
import { isKey } from '../../frame/keyMap';
import { roveAmong } from '../../primitives/roving';
import type { Selection } from '../workbench/useSelection';
import type { Sheet } from '../workbench/useSheet';

/**
 * Keys while a tile has the focus: arrows look around, a figure or Alt and an arrow moves the student, X swaps with the
 * selected one, P pins, M says who is missing since. What is selected moves where it is more than the tile in focus.
 */
export function useSheetKeys(
  sheet: Sheet,
  selection: Selection,
  lineup: LineupRecord,
  takeOff: (ids: readonly StudentId[]) => void,
) {
  const store = useStore();
  return (event: KeyboardEvent<HTMLElement>): void => {
    if (isKey('done', event)) selection.clear();
    const tile = event.target instanceof HTMLElement ? event.target.dataset.student : undefined;
    if (tile === undefined || event.ctrlKey || event.metaKey) return;
    const id = StudentId.parse(tile);
    const concerned = selection.students.length > 0 ? selection.students : [id];
    if (isKey('rowUp', event)) moveToNeighbour(sheet, selection, id, -1);
    else if (isKey('rowDown', event)) moveToNeighbour(sheet, selection, id, 1);
    else if (isKey('aside', event)) selection.move(concerned, null);
    else if (isKey('gone', event)) takeOff(concerned);
    else if (isKey('toRow', event)) {
      const target = Number(event.key) - 1;
      if (target < sheet.groups.length) selection.move(concerned, target);
    } else if (isKey('swap', event) && selection.student !== null) {
      selection.swap(selection.student, id);
    } else if (isKey('pin', event)) {
      const pinned = concerned.every((one) => sheet.pinned.has(one));
      setPinned(store, lineup.id, concerned, !pinned);
    } else if (isKey('look', event)) {
      roveAmong(tilesIn(event.currentTarget), event.key);
    } else return;
    event.preventDefault();
  };
}

function moveToNeighbour(sheet: Sheet, selection: Selection, id: StudentId, step: 1 | -1): void {
  const count = sheet.groups.length;
  const from = selection.groupOf(id);
  // From aside, down leads to the first group and up to the last.
  const start = from ?? (step === 1 ? -1 : count);
  selection.move([id], (start + step + count) % count);
}

/** Tiles row by row; rows without any are passed over. */
function tilesIn(container: HTMLElement): readonly (readonly HTMLElement[])[] {
  return [...container.querySelectorAll<HTMLElement>('[data-row]')]
    .map((row) => [...row.querySelectorAll<HTMLElement>('[data-student]')])
    .filter((tiles) => tiles.length > 0);
}
