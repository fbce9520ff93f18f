'use client';

import { withoutNumber } from '@/formats/shortNames';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useId, useMemo, useRef } from 'react';
import { sayRoster } from '@/messages/roster';
import { listedNames } from './listedName';
import styles from './NamesToAdd.module.css';
import type { PastedListState } from './usePastedList';

/** Pixels. */
const ROW_HEIGHT = 34;
const ROWS_BEYOND = 10;

/** Everybody in the list as they will be called, with section and address; each can be left out. */
export function NamesToAdd({ pasted }: { readonly pasted: PastedListState }) {
  const titleId = useId();
  const scroll = useRef<HTMLDivElement>(null);
  const { students } = pasted.draft.roster;
  const names = useMemo(() => listedNames(students), [students]);
  // What it hands out is read while drawing and never handed on to a memoised child.
  // eslint-disable-next-line react-hooks/incompatible-library -- see above
  const virtual = useVirtualizer({
    count: students.length,
    getScrollElement: () => scroll.current,
    estimateSize: () => ROW_HEIGHT,
    overscan: ROWS_BEYOND,
  });
  if (students.length === 0) return null;
  return (
    <section aria-labelledby={titleId} className={styles.names}>
      <h3 id={titleId} className={styles.title}>
        {sayRoster.roster.namesTitle(students.length)}
      </h3>
      <div
        ref={scroll}
        className={styles.scroll}
        tabIndex={0}
        role="group"
        aria-labelledby={titleId}
      >
        <ul className={styles.list} style={{ height: virtual.getTotalSize() }}>
          {virtual.getVirtualItems().map(({ index, start }) => {
            const student = students[index];
            if (!student) return null;
            const { displayName, section, email, row } = student;
            const name = names[index] ?? displayName;
            return (
              <li
                key={`${row} ${displayName}`}
                className={styles.row}
                style={{ transform: `translateY(${start}px)` }}
                aria-posinset={index + 1}
                aria-setsize={students.length}
              >
                <span className={styles.name}>{name}</span>
                <span className={styles.more}>
                  {[pasted.draft.known.has(index) && sayRoster.roster.known, section, email]
                    .filter(Boolean)
                    .join(' · ')}
                </span>
                <button
                  type="button"
                  className={styles.leave}
                  aria-label={sayRoster.roster.leaveOutOne(
                    name === withoutNumber(displayName) && section ? `${name}, ${section}` : name,
                  )}
                  onClick={() => {
                    pasted.leaveOut(student);
                    // The row is gone: the list it stood in keeps the focus.
                    scroll.current?.focus();
                  }}
                >
                  {sayRoster.roster.leaveOut}
                </button>
              </li>
            );
          })}
        </ul>
      </div>
    </section>
  );
}
