'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { startTransition, useEffect, useState, type ReactNode, type RefObject } from 'react';

/** Pixels; a row on a phone is measured when it is drawn. */
const ROW_HEIGHT = 42;
const ROWS_BEYOND = 6;

interface RowsInViewProps {
  readonly count: number;
  /** What scrolls. */
  readonly scroll: RefObject<HTMLElement | null>;
  /** Filled with what brings a row into view. */
  readonly show: RefObject<(row: number) => void>;
  readonly children: (index: number, measure: (element: Element | null) => void) => ReactNode;
}

/** The rows of a long table that are in view, with room for the others above and below. */
export function RowsInView({ count, scroll, show, children }: RowsInViewProps) {
  // First the rows in view alone, to be seen sooner; those beyond a moment later.
  const [beyond, setBeyond] = useState(0);
  useEffect(() => startTransition(() => setBeyond(ROWS_BEYOND)), []);
  // What it hands out is read while drawing and never handed on to a memoised child.
  // eslint-disable-next-line react-hooks/incompatible-library -- see above
  const virtual = useVirtualizer({
    count,
    getScrollElement: () => scroll.current,
    estimateSize: () => ROW_HEIGHT,
    overscan: beyond,
  });
  useEffect(() => {
    show.current = (row) => virtual.scrollToIndex(row);
    return () => {
      show.current = () => undefined;
    };
  }, [show, virtual]);
  const drawn = virtual.getVirtualItems();
  const before = drawn[0]?.start ?? 0;
  const after = virtual.getTotalSize() - (drawn.at(-1)?.end ?? 0);
  return (
    <>
      {before > 0 && <tr aria-hidden="true" style={{ height: before }} />}
      {drawn.map(({ index }) => children(index, virtual.measureElement))}
      {after > 0 && <tr aria-hidden="true" style={{ height: after }} />}
    </>
  );
}
