'use client';

import { Fragment, useRef, type CSSProperties } from 'react';
import type { PublicLineup } from '@/encode/publicLineup';
import { Sign } from '../primitives/Sign';
import styles from './StageView.module.css';
import { useLargestType } from './useLargestType';

/** Rows across the whole screen, in as many columns of rows as let the names be largest. */
export function StageSheet({ groups }: PublicLineup) {
  const sheet = useRef<HTMLUListElement>(null);
  const seats = groups.reduce((most, { members }) => Math.max(most, members.length), 1);
  useLargestType(sheet, groups);
  return (
    <ul ref={sheet} className={styles.sheet} style={{ '--seats': seats } as CSSProperties}>
      {groups.map(({ name, sign, members }, index) => (
        <li key={index} className={styles.row}>
          <h2 className={styles.group}>
            <Sign index={sign} size="1.05em" />
            <span data-word>{name}</span>
          </h2>
          <ul className={styles.names}>
            {members.map((member) => (
              <li key={member.name} data-word>
                {member.name.split(' ').map((word, place) => (
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
