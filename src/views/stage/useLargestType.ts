'use client';

import { useLayoutEffect, type RefObject } from 'react';

/** Type below this cannot be read from the back of a room; then the sheet scrolls instead. */
const SMALLEST_PX = 20;
const LARGEST_PX = 110;
const MOST_COLUMNS = 4;

/** Two columns of rows take the eye longer to read than one: they must pay with type this much larger. */
const WORTH_A_COLUMN = 1.2;

interface Layout {
  /** Columns of rows. */
  readonly columns: number;
  /** Names side by side in a row; the others wrap below. */
  readonly abreast: number;
  readonly size: number;
}

/**
 * Sets the largest type, and the columns of rows and names abreast that allow it, with which all rows fit the
 * height of the element's parent and no word is wider than its place; again whenever the parent's size or
 * `content` changes. `seats` is the number of students in the largest group.
 */
export function useLargestType(
  element: RefObject<HTMLElement | null>,
  seats: number,
  content: unknown,
): void {
  useLayoutEffect(() => {
    const sheet = element.current;
    const box = sheet?.parentElement;
    if (!sheet || !box) return undefined;
    const fit = (): void => {
      const layouts = candidates(seats).map(([columns, abreast]) =>
        largestFor(sheet, box, columns, abreast),
      );
      const worth = ({ columns, size }: Layout): number => size / WORTH_A_COLUMN ** (columns - 1);
      apply(
        sheet,
        layouts.reduce((a, b) => (worth(b) > worth(a) ? b : a)),
      );
    };
    fit();
    const observer = new ResizeObserver(fit);
    observer.observe(box);
    void document.fonts.ready.then(fit);
    return () => observer.disconnect();
  }, [element, seats, content]);
}

function candidates(seats: number): readonly (readonly [columns: number, abreast: number])[] {
  const lines = [1, 2, 3, 4].map((line) => Math.ceil(seats / line));
  const abreast = [...new Set(lines)];
  return Array.from({ length: MOST_COLUMNS }, (_, i) =>
    abreast.map((names) => [i + 1, names] as const),
  ).flat();
}

/** The largest whole size that fits, by halving; the smallest allowed when none does. */
function largestFor(
  sheet: HTMLElement,
  box: HTMLElement,
  columns: number,
  abreast: number,
): Layout {
  let [low, high] = [SMALLEST_PX, LARGEST_PX];
  while (low < high) {
    const size = Math.ceil((low + high) / 2);
    apply(sheet, { columns, abreast, size });
    if (fits(sheet, box)) low = size;
    else high = size - 1;
  }
  return { columns, abreast, size: low };
}

function apply(sheet: HTMLElement, { columns, abreast, size }: Layout): void {
  sheet.style.setProperty('--columns', String(columns));
  sheet.style.setProperty('--abreast', String(abreast));
  sheet.style.fontSize = `${size}px`;
}

function fits(sheet: HTMLElement, box: HTMLElement): boolean {
  if (sheet.scrollHeight > box.clientHeight) return false;
  const words = [...sheet.querySelectorAll<HTMLElement>('[data-word]')];
  return words.every((word) => word.scrollWidth <= word.clientWidth);
}
