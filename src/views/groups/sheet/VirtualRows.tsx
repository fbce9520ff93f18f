'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { useLayoutEffect, useState, type ReactNode } from 'react';
import type { StudentId } from '@/schema/ids';
import type { RowPlace } from './rowProps';
import styles from './ScoreSheet.module.css';
import type { SheetGroup } from '../workbench/useSheet';

export interface RowListProps {
  readonly groups: readonly SheetGroup[];
  /** The student whose row is brought in sight, or null. */
  readonly found: StudentId | null;
  readonly row: (group: SheetGroup, place?: RowPlace) => ReactNode;
}

const ROW_PX = 58;
const OVERSCAN_ROWS = 8;

const scrollerOf = (list: HTMLElement | null): HTMLElement | null =>
  list?.closest<HTMLElement>('[data-scroller]') ?? null;

/** Only the rows in sight; the row of a found student is brought there. */
export function VirtualRows({ groups, found, row }: RowListProps) {
  const [list, setList] = useState<HTMLUListElement | null>(null);
  /** What stands above the list in its scroller, in px. */
  const [above, setAbove] = useState(0);
  // What it hands out is read while drawing and never handed on to a memoised child.
  // eslint-disable-next-line react-hooks/incompatible-library -- see above
  const virtualizer = useVirtualizer({
    count: groups.length,
    getScrollElement: () => scrollerOf(list),
    scrollMargin: above,
    estimateSize: () => ROW_PX,
    overscan: OVERSCAN_ROWS,
    initialRect: { width: 1000, height: 800 },
    getItemKey: (place) => groups[place]?.index ?? place,
  });
  const place =
    found === null
      ? -1
      : groups.findIndex(({ students }) => students.some(({ id }) => id === found));
  useLayoutEffect(() => {
    const scroller = scrollerOf(list);
    if (!list || !scroller) return;
    const top = list.getBoundingClientRect().top - scroller.getBoundingClientRect().top;
    setAbove(Math.round(top + scroller.scrollTop));
  }, [list, place]);
  useLayoutEffect(() => {
    if (place >= 0) virtualizer.scrollToIndex(place, { align: 'auto' });
  }, [place, virtualizer]);
  return (
    <ul
      ref={setList}
      className={styles.rows}
      style={{ position: 'relative', height: virtualizer.getTotalSize() }}
    >
      {virtualizer.getVirtualItems().map(({ index, start }) => {
        const group = groups[index];
        if (!group) return null;
        const style = {
          position: 'absolute',
          insetInline: 0,
          top: 0,
          transform: `translateY(${start - above}px)`,
        } as const;
        return row(group, { style, index, measure: virtualizer.measureElement });
      })}
    </ul>
  );
}
