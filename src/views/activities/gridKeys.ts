import type { KeyboardEvent } from 'react';

/** Whether the caret of a field stands at the end to which a key goes, or all of it is selected. */
function leavesField(field: HTMLInputElement, forward: boolean): boolean {
  const { selectionStart, selectionEnd, value } = field;
  if (selectionStart === 0 && selectionEnd === value.length) return true;
  return selectionStart === selectionEnd && selectionStart === (forward ? value.length : 0);
}

/**
 * Moves the focus within a grid of cells (`data-cell` names the column): Enter and the arrows up and down stay in the
 * column, left and right in the row. Tells whether it moved.
 */
export function moveInGrid(event: KeyboardEvent<HTMLElement>): boolean {
  const { target, key, currentTarget: grid } = event;
  if (event.altKey || event.ctrlKey || event.metaKey) return false;
  if (!(target instanceof HTMLElement)) return false;
  const column = target.dataset.cell;
  if (column === undefined) return false;
  const up = key === 'ArrowUp' || (key === 'Enter' && event.shiftKey);
  const down = key === 'ArrowDown' || key === 'Enter';
  // A list that is opened by arrows keeps them.
  const isList = target instanceof HTMLSelectElement;
  if ((up || down) && !(isList && key !== 'Enter')) {
    return focusOn(
      grid.querySelectorAll(`[data-cell="${CSS.escape(column)}"]`),
      target,
      up ? -1 : 1,
    );
  }
  if (key !== 'ArrowLeft' && key !== 'ArrowRight') return false;
  const forward = key === 'ArrowRight';
  if (target instanceof HTMLInputElement && !leavesField(target, forward)) return false;
  const row = target.closest('tr');
  return row ? focusOn(row.querySelectorAll('[data-cell]'), target, forward ? 1 : -1) : false;
}

function focusOn(cells: NodeListOf<Element>, from: HTMLElement, by: number): boolean {
  const all = [...cells];
  const next = all[all.indexOf(from) + by];
  if (!(next instanceof HTMLElement)) return false;
  next.focus();
  return true;
}
