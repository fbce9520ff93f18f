'use client';

import { useLayoutEffect, type RefObject } from 'react';

/** Type below this cannot be read from the back of a room; then the sheet scrolls instead. */
const SMALLEST_PX = 20;
const LARGEST_PX = 110;
const MOST_COLUMNS = 4;

/**
 * Sets the largest type (and the number of columns of rows that allows it) with which all of the element's
 * rows fit its height and no word is wider than its place; again whenever the element's size or `content` changes.
 */
export function useLargestType(element: RefObject<HTMLElement | null>, content: unknown): void {
  useLayoutEffect(() => {
    const sheet = element.current;
    if (!sheet) return undefined;
    const fit = (): void => {
      const choices = Array.from({ length: MOST_COLUMNS }, (_, i) => largestFor(sheet, i + 1));
      const best = choices.reduce((a, b) => (b.size > a.size ? b : a));
      apply(sheet, best.columns, best.size);
    };
    fit();
    const observer = new ResizeObserver(fit);
    observer.observe(sheet.parentElement ?? sheet);
    void document.fonts.ready.then(fit);
    return () => observer.disconnect();
  }, [element, content]);
}

/** The largest whole size that fits, by halving; the smallest allowed when none does. */
function largestFor(sheet: HTMLElement, columns: number): { columns: number; size: number } {
  let [low, high] = [SMALLEST_PX, LARGEST_PX];
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    apply(sheet, columns, middle);
    if (fits(sheet)) low = middle;
    else high = middle - 1;
  }
  return { columns, size: low };
}

function apply(sheet: HTMLElement, columns: number, size: number): void {
  sheet.style.setProperty('--columns', String(columns));
  sheet.style.fontSize = `${size}px`;
}

function fits(sheet: HTMLElement): boolean {
  const box = sheet.parentElement ?? sheet;
  return sheet.scrollHeight <= box.clientHeight && sheet.scrollWidth <= sheet.clientWidth;
}
