/** @jest-environment jsdom */
import type { KeyboardEvent } from 'react';
import { moveInGrid } from './gridKeys';

/** A grid of two columns and three rows, the second of which has a list in its first column. */
function grid(): HTMLElement {
  const table = document.createElement('table');
  table.innerHTML = ['a', 'b', 'c']
    .map(
      (row) =>
        `<tr><td>${
          row === 'b'
            ? `<select id="${row}1" data-cell="one"><option>x</option></select>`
            : `<input id="${row}1" data-cell="one" value="12">`
        }</td><td><input id="${row}2" data-cell="two" value="34"></td></tr>`,
    )
    .join('');
  document.body.replaceChildren(table);
  return table;
}

/** Presses a key on a cell; which cell has the focus then. */
function press(
  on: string,
  key: string,
  held: Partial<Record<'shiftKey' | 'altKey' | 'ctrlKey', boolean>> = {},
  caret: readonly [number, number] = [0, 2],
): string {
  const currentTarget = grid();
  const target = document.getElementById(on) as HTMLInputElement | HTMLSelectElement;
  target.focus();
  if (target instanceof HTMLInputElement) target.setSelectionRange(...caret);
  const event = { target, currentTarget, key, metaKey: false, shiftKey: false, altKey: false };
  moveInGrid({ ...event, ctrlKey: false, ...held } as unknown as KeyboardEvent<HTMLElement>);
  return document.activeElement?.id ?? '';
}

beforeAll(() => {
  // Not known to the environment of tests.
  globalThis.CSS = { escape: (text: string) => text } as unknown as typeof CSS;
});

test.each([
  ['Enter goes down the column', press.bind(null, 'a2', 'Enter'), 'b2'],
  ['and with Shift up', press.bind(null, 'c2', 'Enter', { shiftKey: true }), 'b2'],
  ['the arrow down does so too', press.bind(null, 'b2', 'ArrowDown'), 'c2'],
  ['and the arrow up', press.bind(null, 'b2', 'ArrowUp'), 'a2'],
  ['below the last row there is nothing', press.bind(null, 'c2', 'Enter'), 'c2'],
  ['a cell that is selected is left to the right', press.bind(null, 'a1', 'ArrowRight'), 'a2'],
  ['and to the left', press.bind(null, 'a2', 'ArrowLeft'), 'a1'],
  ['at the end of its text too', press.bind(null, 'a1', 'ArrowRight', {}, [2, 2]), 'a2'],
  ['within its text the caret moves', press.bind(null, 'a1', 'ArrowRight', {}, [1, 1]), 'a1'],
  ['at its end the arrow left stays', press.bind(null, 'a2', 'ArrowLeft', {}, [2, 2]), 'a2'],
  ['a list keeps the arrows up and down', press.bind(null, 'b1', 'ArrowDown'), 'b1'],
  ['and is left with Enter', press.bind(null, 'b1', 'Enter'), 'c1'],
  ['Alt with an arrow is another’s', press.bind(null, 'a2', 'ArrowDown', { altKey: true }), 'a2'],
  ['letters are typed', press.bind(null, 'a2', 'x'), 'a2'],
])('%s', (_, pressed, focused) => {
  expect(pressed()).toBe(focused);
});
