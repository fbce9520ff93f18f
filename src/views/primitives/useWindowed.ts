'use client';

import { useVirtualizer } from '@tanstack/react-virtual';

interface WindowedOptions {
  /** In px, of every row. */
  readonly rowPx: number;
  /** All rows are drawn: a table that is whole can be printed and searched. */
  readonly whole: boolean;
  /** What scrolls. */
  readonly box: HTMLElement | null;
}

interface Windowed<T> {
  readonly shown: readonly T[];
  /** In px, what the rows that are not drawn would take above and below. */
  readonly above: number;
  readonly below: number;
}

/** Of a table with very many rows those that can be seen, and a few around them. */
export function useWindowed<T>(
  rows: readonly T[],
  { rowPx, whole, box }: WindowedOptions,
): Windowed<T> {
  const virtualizer = useVirtualizer({
    count: rows.length,
    enabled: !whole,
    getScrollElement: () => box,
    estimateSize: () => rowPx,
    overscan: 5,
    initialRect: { width: 1000, height: 700 },
  });
  if (whole) return { shown: rows, above: 0, below: 0 };
  const items = virtualizer.getVirtualItems();
  const [first, last] = [items[0], items.at(-1)];
  return {
    shown: rows.slice(first?.index ?? 0, (last?.index ?? -1) + 1),
    above: first?.start ?? 0,
    below: virtualizer.getTotalSize() - (last?.end ?? 0),
  };
}
