'use client';

import { useMemo } from 'react';
import { movedOnSince, type Mastery } from '@/encode/mastery';
import { sayLadder } from '@/messages/ladder';
import type { ClassRecord } from '@/schema/classRecord';
import type { ResultsRecord } from '@/schema/results';
import type { StudentRecord } from '@/schema/student';
import type { NameOf } from '../frame/names';
import page from '../frame/SidePage.module.css';
import styles from './Ladder.module.css';

interface ChangesProps {
  readonly theClass: ClassRecord;
  /** As it is now, with all tests. */
  readonly mastery: Mastery;
  /** Newest first. */
  readonly results: readonly ResultsRecord[];
  readonly students: readonly StudentRecord[];
  readonly nameOf: NameOf;
}

/** What the newest test changed: who has moved on along the ladder, and who has lost a skill. */
export function Changes({ theClass, mastery, results, students, nameOf }: ChangesProps) {
  const newest = results[0]?.on;
  const before = results.find(({ on }) => newest !== undefined && on < newest);
  const moved = useMemo(
    () =>
      newest === undefined || !before
        ? []
        : movedOnSince(mastery, theClass, results, students, newest),
    [mastery, theClass, results, students, newest, before],
  );
  if (!before) return null;
  const { ladder } = mastery;
  const place = (at: number | null): string =>
    at === null
      ? sayLadder.unknown
      : at >= ladder.length
        ? sayLadder.top
        : (ladder[at]?.name ?? '');
  const names = (places: readonly number[]): readonly string[] =>
    places.flatMap((at) => ladder[at]?.name ?? []);
  return (
    <section aria-label={sayLadder.moved(before.name)}>
      <h3 className={page.subtitle}>{sayLadder.moved(before.name)}</h3>
      {moved.length === 0 ? (
        <p>{sayLadder.movedNone}</p>
      ) : (
        <ul className={styles.list}>
          {moved.map(({ id, from, to, won, lost }) => (
            <li key={id}>
              {from === to
                ? sayLadder.movedStays(nameOf(id), place(to))
                : sayLadder.movedOn(nameOf(id), place(from), place(to))}
              {won.length > 0 && <small>{sayLadder.won(names(won))}</small>}
              {lost.length > 0 && <small>{sayLadder.lost(names(lost))}</small>}
            </li>
          ))}
        </ul>
      )}
      {moved.length > 0 && <p className={page.hint}>{sayLadder.regroup}</p>}
    </section>
  );
}
