'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import type { ReactNode } from 'react';

export interface WindowedRowsProps<T> {
  readonly rows: readonly T[];
  /** In px, of every row. */
  readonly rowPx: number;
  /** What scrolls. */
  readonly box: HTMLElement | null;
  /** All columns of the table. */
  readonly columns: number;
  readonly children: (row: T) => ReactNode;
}

/** Rows around those that can be seen, so that a quick hand finds them drawn. */
const AROUND = 5;
/** Until the box has been measured, in px. */
const USUAL = { width: 1000, height: 700 };

/** The rows of a very long table that can be seen, with room for the others above and below. */
export function WindowedRows({ rows, rowPx, box, columns, children }: WindowedRowsProps<unknown>) {
  // What it returns changes by itself: nothing is to be kept of it.
  // eslint-disable-next-line react-hooks/incompatible-library -- see above
  const virtualizer = useVirtualizer({
    count: rows.length,
    getScrollElement: () => box,
    estimateSize: () => rowPx,
    overscan: AROUND,
    initialRect: USUAL,
  });
  const items = virtualizer.getVirtualItems();
  const [first, last] = [items[0], items.at(-1)];
  return (
    <>
      <Gap height={first?.start ?? 0} columns={columns} />
      {rows.slice(first?.index ?? 0, (last?.index ?? -1) + 1).map(children)}
      <Gap height={virtualizer.getTotalSize() - (last?.end ?? 0)} columns={columns} />
    </>
  );
}

function Gap({ height, columns }: { readonly height: number; readonly columns: number }) {
  if (height <= 0) return null;
  return (
    <tr aria-hidden="true">
      <td colSpan={columns} style={{ blockSize: height, padding: 0 }} />
    </tr>
  );
}
