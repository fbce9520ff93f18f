'use client';

import type { KeyboardEvent } from 'react';
import { StudentId } from '@/schema/ids';
import { isKey } from '../../frame/keyMap';
import { useTypedNumber } from '../../frame/useTypedNumber';
import { roveAmong } from '../../primitives/roving';
import type { Selection } from '../workbench/useSelection';
import type { Sheet } from '../workbench/useSheet';

const FIGURE = /^[0-9]$/;

/**
 * Keys while a tile has the focus: arrows look around, the number of a group or Alt and an arrow moves the student, X
 * swaps with the selected one, P pins, M says who is missing since. What is selected moves where it is more than the tile
 * in focus. `typed` is what has been typed of a number that may still go on.
 */
export function useSheetKeys(
  sheet: Sheet,
  selection: Selection,
  takeOff: (ids: readonly StudentId[]) => void,
): { readonly onKeyDown: (event: KeyboardEvent<HTMLElement>) => void; readonly typed: string } {
  const number = useTypedNumber();
  const onKeyDown = (event: KeyboardEvent<HTMLElement>): void => {
    const goesOn = number.begun() && FIGURE.test(event.key);
    if (number.begun() && !goesOn) {
      // Escape takes back what was typed, and no more; any other key means that the number is whole.
      if (isKey('done', event)) {
        number.drop();
        event.preventDefault();
        return;
      }
      number.finish();
    }
    if (isKey('done', event)) selection.clear();
    const tile = event.target instanceof HTMLElement ? event.target.dataset.student : undefined;
    if (tile === undefined || event.ctrlKey || event.metaKey) return;
    const id = StudentId.parse(tile);
    const concerned = selection.students.length > 0 ? selection.students : [id];
    if (isKey('rowUp', event)) moveToNeighbour(sheet, selection, id, -1);
    else if (isKey('rowDown', event)) moveToNeighbour(sheet, selection, id, 1);
    else if (goesOn || isKey('toRow', event)) {
      number.type(event.key, sheet.groups.length, (group) => selection.move(concerned, group - 1));
    } else if (isKey('aside', event)) selection.move(concerned, null);
    else if (isKey('gone', event)) takeOff(concerned);
    else if (isKey('swap', event) && selection.student !== null) {
      selection.swap(selection.student, id);
    } else if (isKey('pin', event)) {
      selection.pin(concerned);
    } else if (isKey('look', event)) {
      roveAmong(tilesIn(event.currentTarget), event.key);
    } else return;
    event.preventDefault();
  };
  return { onKeyDown, typed: number.typed };
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
