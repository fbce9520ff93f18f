/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { ListText } from './ListText';

const LONG = Array.from(
  { length: 1_200 },
  (_, place) => `Student ${String(place)}, 7B, north`,
).join('\n');

function Box({ text: first, kept }: { readonly text: string; readonly kept: string[] }) {
  const [text, setText] = useState(first);
  const change = (next: string): void => {
    kept.push(next);
    setText(next);
  };
  return <ListText ref={null} id="box" text={text} rows={5} autoFocus onChange={change} />;
}

const box = (): HTMLTextAreaElement => screen.getByRole('textbox');

test('a long list that is pasted is shown by its first lines, kept whole, and can be edited', () => {
  const kept: string[] = [];
  render(<Box text="" kept={kept} />);
  expect(document.activeElement).toBe(box());
  fireEvent.change(box(), { target: { value: LONG } });
  expect(kept).toEqual([LONG]);
  expect(screen.queryByRole('textbox')).toBeNull();
  const lines = screen.getByRole('group', { name: 'The first 5 of 1,200 lines' });
  expect(lines.textContent).toMatch(/^Student 0, 7B.*Student 4, 7B, north$/);
  // Whoever works by keys stays where the box was.
  expect(document.activeElement).toBe(lines);
  fireEvent.click(screen.getByRole('button', { name: 'Edit as text' }));
  expect(box().value).toBe(LONG);
  expect(document.activeElement).toBe(box());
});

test('a list that grows long under the keys stays a box, and so does one that is being edited', () => {
  const almost = LONG.slice(0, 20_000);
  render(<Box text={almost} kept={[]} />);
  fireEvent.change(box(), { target: { value: `${almost}x` } });
  expect(box().value).toHaveLength(20_001);
  fireEvent.change(box(), { target: { value: `${almost}xy` } });
  expect(box().value).toHaveLength(20_002);
});

test('of a very long line only the beginning is drawn', () => {
  render(<Box text={'x'.repeat(30_000)} kept={[]} />);
  expect(screen.getByRole('group', { name: 'The first 1 of 1 line' }).textContent).toHaveLength(
    300,
  );
});
