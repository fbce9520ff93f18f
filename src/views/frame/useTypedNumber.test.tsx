/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import { FIGURE_WAIT_MS, useTypedNumber } from './useTypedNumber';

jest.useFakeTimers();

/** What came of figures typed one after the other, of which `|` lets the wait pass. */
function typed(figures: string, most: number): readonly number[] {
  const { result } = renderHook(() => useTypedNumber());
  const done: number[] = [];
  for (const figure of figures) {
    act(() => {
      if (figure === '|') jest.advanceTimersByTime(FIGURE_WAIT_MS);
      else if (figure === '!') result.current.finish();
      else if (figure === 'x') result.current.drop();
      else result.current.type(figure, most, (number) => done.push(number));
    });
  }
  return done;
}

test.each([
  ['of one figure are done at once where there are nine at the most', '3', 9, [3]],
  ['go on as long as a further figure may belong to them', '12', 40, [12]],
  ['are done at once where no further figure can belong to them', '5', 40, [5]],
  ['are done after a moment', '3|', 40, [3]],
  ['wait as long as figures come', '1', 40, []],
  ['of three figures are read', '120', 300, [120]],
  ['with a nought at the end are read', '10', 12, [10]],
  ['are done at once when they are taken in', '1!', 40, [1]],
  ['that are dropped do nothing, and the next one begins anew', '1x2|', 40, [2]],
  ['over the most are dropped', '49', 45, []],
  ['over the most leave nothing behind', '495', 45, [5]],
])('numbers %s', (_, figures, most, done) => {
  expect(typed(figures, most)).toEqual(done);
});

test('what was called with the first figure is what is done', () => {
  const { result } = renderHook(() => useTypedNumber());
  const done: string[] = [];
  act(() => result.current.type('1', 40, (number) => done.push(`Ana to ${number}`)));
  expect(result.current.typed).toBe('1');
  expect(result.current.begun()).toBe(true);
  act(() => result.current.type('4', 40, (number) => done.push(`Bo to ${number}`)));
  expect(done).toEqual(['Ana to 14']);
  expect(result.current.typed).toBe('');
});

test('nothing is done after its view has gone', () => {
  const { result, unmount } = renderHook(() => useTypedNumber());
  const done: number[] = [];
  act(() => result.current.type('1', 40, (number) => done.push(number)));
  unmount();
  jest.advanceTimersByTime(FIGURE_WAIT_MS);
  expect(done).toEqual([]);
});
