'use client';

import { Fragment, useRef, type CSSProperties } from 'react';
import type { PublicGroup } from '@/encode/publicLineup';
import { GroupPicture } from '../frame/GroupPicture';
import { PlaceLine } from './PlaceLine';
import { roleWords } from './roleWords';
import styles from './StageView.module.css';
import { useLargestType } from './useLargestType';

interface StageSheetProps {
  readonly groups: readonly PublicGroup[];
  /** Group → how many of its names are revealed. */
  readonly seen: readonly number[];
}

/** Rows across the whole screen, in as many columns of rows as let the names be largest. */
export function StageSheet({ groups, seen }: StageSheetProps) {
  const sheet = useRef<HTMLUListElement>(null);
  const seats = groups.reduce((most, { members }) => Math.max(most, members.length), 1);
  useLargestType(sheet, groups);
  return (
    <ul ref={sheet} className={styles.sheet} style={{ '--seats': seats } as CSSProperties}>
      {groups.map(({ name, sign, place, text, picture, members }, row) => (
        <li key={row} className={styles.row}>
          <div className={styles.groupName}>
            <h2 className={styles.group}>
              <GroupPicture sign={sign} picture={picture} size="1.05em" />
              <bdi data-word>{name}</bdi>
            </h2>
            {place !== '' && <PlaceLine className={styles.place} place={place} />}
            {text !== '' && <p className={styles.place}>{text}</p>}
          </div>
          <ul className={styles.names}>
            {members.map((member, seat) => (
              // Names keep their places while they are still to come, so that nothing jumps.
              <li key={seat} data-word data-hidden={seat >= (seen[row] ?? 0) || undefined}>
                <bdi>
                  {member.name.split(' ').map((word, index) => (
                    <Fragment key={index}>
                      {index > 0 && ' '}
                      <span className={styles.word}>{word}</span>
                    </Fragment>
                  ))}
                </bdi>
                {member.roles.length > 0 && (
                  <>
                    {' '}
                    <span className={styles.role}>{roleWords(member.roles)}</span>
                  </>
                )}
              </li>
            ))}
          </ul>
        </li>
      ))}
    </ul>
  );
}
