'use client';

import { Fragment, useRef, type CSSProperties } from 'react';
import { Sign } from '../primitives/Sign';
import styles from './StageView.module.css';
import { useLargestType } from './useLargestType';

export interface StageGroup {
  readonly name: string;
  readonly sign: number;
  /** Names as the class sees them. */
  readonly students: readonly string[];
}

/** Rows across the whole screen, in as many columns of rows as let the names be largest. */
export function StageSheet({ groups }: { readonly groups: readonly StageGroup[] }) {
  const sheet = useRef<HTMLUListElement>(null);
  const seats = groups.reduce((most, { students }) => Math.max(most, students.length), 1);
  useLargestType(sheet, seats, groups);
  return (
    <ul ref={sheet} className={styles.sheet} style={{ '--seats': seats } as CSSProperties}>
      {groups.map(({ name, sign, students }, index) => (
        <li key={index} className={styles.row}>
          <h2 className={styles.group}>
            <Sign index={sign} size="1.05em" />
            <span data-word>{name}</span>
          </h2>
          <ul className={styles.names}>
            {students.map((student) => (
              <li key={student} data-word>
                {student.split(' ').map((word, place) => (
                  <Fragment key={place}>
                    {place > 0 && ' '}
                    <span className={styles.word}>{word}</span>
                  </Fragment>
                ))}
              </li>
            ))}
          </ul>
        </li>
      ))}
    </ul>
  );
}
