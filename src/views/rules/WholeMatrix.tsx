'use client';

import { useMemo, useRef } from 'react';
import { CELL_PX, MatrixGrid, type MatrixGridProps } from './MatrixGrid';

/** All cells of the matrix of a class that is not very large. */
export function WholeMatrix(props: MatrixGridProps) {
  const scroller = useRef<HTMLDivElement>(null);
  const all = useMemo(
    () => props.students.map((_, index) => ({ index, start: index * CELL_PX })),
    [props.students],
  );
  // All is drawn: whatever comes into focus is scrolled to by the browser.
  return (
    <MatrixGrid {...props} axes={{ scroller, rows: all, columns: all, reach: () => undefined }} />
  );
}
