'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { useRef } from 'react';
import { CELL_PX, MatrixGrid, type MatrixGridProps } from './MatrixGrid';

/** Rows and columns around those that can be seen. */
const AROUND = 4;
/** Until the box has been measured, in px. */
const USUAL = { width: 1000, height: 700 };

/** Of a very large matrix the cells in sight. */
export function WindowedMatrix(props: MatrixGridProps) {
  const scroller = useRef<HTMLDivElement>(null);
  const axis = (horizontal: boolean) => ({
    count: props.students.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => CELL_PX,
    overscan: AROUND,
    horizontal,
    initialRect: USUAL,
  });
  // What it hands out is read while drawing and never handed on to a memoised child.
  // eslint-disable-next-line react-hooks/incompatible-library -- see above
  const rows = useVirtualizer(axis(false));
  const columns = useVirtualizer(axis(true));
  return (
    <MatrixGrid
      {...props}
      axes={{
        scroller,
        rows: rows.getVirtualItems(),
        columns: columns.getVirtualItems(),
        reach: ({ row, column }) => {
          rows.scrollToIndex(row);
          columns.scrollToIndex(column);
        },
      }}
    />
  );
}
