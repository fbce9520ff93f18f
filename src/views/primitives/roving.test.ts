import { rovingStep, type RovingPlace } from './roving';

/** Three rows of four, two and five cells. */
const LENGTHS = [4, 2, 5];
const step = (key: string, row: number, column: number): RovingPlace | null =>
  rovingStep(key, { row, column }, LENGTHS.length, (at) => LENGTHS[at] ?? 0);

test('arrow keys go from cell to cell and stop at the edges', () => {
  expect(step('ArrowRight', 0, 0)).toEqual({ row: 0, column: 1 });
  expect(step('ArrowRight', 0, 3)).toEqual({ row: 0, column: 3 });
  expect(step('ArrowLeft', 1, 0)).toEqual({ row: 1, column: 0 });
  expect(step('ArrowUp', 0, 2)).toEqual({ row: 0, column: 2 });
  expect(step('ArrowDown', 2, 1)).toEqual({ row: 2, column: 1 });
});

test('into a shorter row leads to its last cell', () => {
  expect(step('ArrowDown', 0, 3)).toEqual({ row: 1, column: 1 });
  expect(step('ArrowUp', 2, 4)).toEqual({ row: 1, column: 1 });
});

test('Home and End go along the row, page keys along the rows, and no other key anywhere', () => {
  expect(step('End', 2, 1)).toEqual({ row: 2, column: 4 });
  expect(step('Home', 2, 3)).toEqual({ row: 2, column: 0 });
  expect(step('PageDown', 0, 1)).toEqual({ row: 2, column: 1 });
  expect(step('PageUp', 2, 4)).toEqual({ row: 0, column: 3 });
  expect(step('a', 0, 0)).toBeNull();
});
