'use client';

import type { CSSProperties } from 'react';
import { say } from '@/messages';
import type { NameOf } from '../frame/names';
import { GroupRow } from './GroupRow';
import styles from './ScoreSheet.module.css';
import type { Selection } from './useSelection';
import type { Sheet } from './useSheet';

interface ScoreSheetProps {
  readonly sheet: Sheet;
  readonly selection: Selection;
  readonly nameOf: NameOf;
}

/** More seats than this wrap to a second line of the row. */
const MOST_SEATS_ABREAST = 8;
/** On a phone more seats than this stand in two lines. */
const MOST_SEATS_NARROW = 3;
/** Pairs in at least this many groups stand in two columns of rows. */
const TWO_COLUMNS_FROM = 9;

/** One row for each group: sign and name, the students along the row, then the measures in aligned columns. */
export function ScoreSheet({ sheet, selection, nameOf }: ScoreSheetProps) {
  const paired = sheet.mostStudents <= 2 && sheet.groups.length >= TWO_COLUMNS_FROM;
  const seats = Math.max(1, Math.min(sheet.mostStudents, MOST_SEATS_ABREAST));
  const narrow = seats <= MOST_SEATS_NARROW ? seats : Math.ceil(seats / 2);
  return (
    <section
      className={styles.sheet}
      aria-label={say.groups.sheet}
      data-paired={paired}
      style={{ '--seats': seats, '--seats-narrow': narrow } as CSSProperties}
    >
      <Headings />
      {paired && <Headings second />}
      <ul className={styles.rows}>
        {sheet.groups.map((group) => (
          <GroupRow
            key={group.index}
            group={group}
            selected={selection.selected}
            onToggle={selection.toggle}
            nameOf={nameOf}
          />
        ))}
      </ul>
    </section>
  );
}

function Headings({ second = false }: { readonly second?: boolean }) {
  return (
    <div className={styles.head} aria-hidden="true" data-second={second}>
      <span>{say.groups.column.group}</span>
      <span>{say.groups.column.students}</span>
      <span className={styles.figure}>{say.groups.column.size}</span>
      <span>{say.groups.column.rules}</span>
    </div>
  );
}
