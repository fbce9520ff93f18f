/** @jest-environment jsdom */
import { render, waitFor } from '@testing-library/react';
import { TableRows } from './TableRows';

const ROW_PX = 30;
const COUNT = 1_000;
const rows = Array.from({ length: COUNT }, (_, row) => row);

/** A table of so many rows in a box of 600 px. */
function drawn(whole: boolean): HTMLElement {
  const box = document.createElement('div');
  // Nothing is laid out here, so that the box says itself how large it is.
  Object.defineProperties(box, { clientHeight: { value: 600 }, clientWidth: { value: 800 } });
  document.body.append(box);
  const table = (
    <table>
      <tbody>
        <TableRows {...{ rows, rowPx: ROW_PX, whole, box, columns: 2 }}>
          {(row) => (
            <tr key={row} data-row={row}>
              <td>{row}</td>
            </tr>
          )}
        </TableRows>
      </tbody>
    </table>
  );
  return render(table, { container: box }).container;
}

const rowsIn = (box: HTMLElement): number => box.querySelectorAll('[data-row]').length;

test('a table that is whole draws every row', () => {
  expect(rowsIn(drawn(true))).toBe(COUNT);
});

test('of a very long table those that can be seen are drawn, and the room of the others is kept', async () => {
  const box = drawn(false);
  await waitFor(() => expect(rowsIn(box)).toBeGreaterThanOrEqual(600 / ROW_PX));
  expect(rowsIn(box)).toBeLessThan(40);
  const gaps = [...box.querySelectorAll('tr[aria-hidden] td')];
  const room = gaps.reduce(
    (sum, gap) => sum + Number(/block-size: (\d+)px/.exec(gap.getAttribute('style') ?? '')?.[1]),
    0,
  );
  expect(room + rowsIn(box) * ROW_PX).toBe(COUNT * ROW_PX);
});
