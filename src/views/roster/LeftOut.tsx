'use client';

import { useState } from 'react';
import type { Skipped, SkipReason } from '@/formats/roster/types';
import { sayRoster } from '@/messages/roster';
import styles from './PasteBox.module.css';
import type { PastedListState } from './usePastedList';

/** Parts of a list without anybody on them: there is no one to take in. */
const NEVER_TAKEN: readonly SkipReason[] = [
  'heading',
  'noName',
  'rule',
  'hiddenSheet',
  'noRecord',
  'otherClass',
  'notEnrolled',
  'private',
];
/** So many for one reason are told each by itself; more of them in one line, until it is opened. */
const MOST_TOLD = 5;

/** What the teacher and the reader have left out of a list, with the reason of each, and a way to take it in. */
export function LeftOut({ pasted }: { readonly pasted: PastedListState }) {
  const [opened, setOpened] = useState<ReadonlySet<SkipReason>>(new Set());
  const skipped = [...pasted.roster.skipped, ...pasted.leftInFile];
  const reasons = [...new Set(skipped.map(({ reason }) => reason))];
  const count = skipped.length + pasted.leftByHand.length;
  if (count === 0) return null;
  return (
    <div className={styles.doubt}>
      <p className={styles.question}>{sayRoster.roster.leftOut(count)}</p>
      <ul className={styles.cases}>
        {pasted.leftByHand.map((student) => (
          <li key={`${student.row} ${student.displayName}`} className={styles.skipped}>
            <span>
              {sayRoster.roster.onRow(
                sayRoster.roster.leftOutCase(student.displayName, sayRoster.roster.leftByHand),
                student.row,
              )}
            </span>
            <button type="button" className={styles.take} onClick={() => pasted.takeBack(student)}>
              {sayRoster.roster.takeBack}
            </button>
          </li>
        ))}
        {reasons.map((reason) => {
          const all = skipped.filter((one) => one.reason === reason);
          if (all.length <= MOST_TOLD || opened.has(reason))
            return all.map((one, i) => <Case key={`${reason} ${i}`} one={one} pasted={pasted} />);
          return (
            <li key={reason} className={styles.skipped}>
              <span>
                {sayRoster.roster.leftOutMany(all.length, sayRoster.skipReasons[reason], [
                  ...new Set(all.map(({ name }) => name)),
                ])}
              </span>
              <button
                type="button"
                className={styles.take}
                onClick={() => setOpened(new Set([...opened, reason]))}
              >
                {sayRoster.roster.leftOutEach}
              </button>
            </li>
          );
        })}
      </ul>
    </div>
  );
}

function Case({ one, pasted }: { readonly one: Skipped; readonly pasted: PastedListState }) {
  const { name, reason, row } = one;
  const canBeTaken =
    !NEVER_TAKEN.includes(reason) && pasted.roster.skipped.some((other) => other.row === row);
  return (
    <li className={styles.skipped}>
      <span>
        {sayRoster.roster.onRow(
          sayRoster.roster.leftOutCase(name, sayRoster.skipReasons[reason]),
          row,
        )}
      </span>
      {canBeTaken && (
        <button type="button" className={styles.take} onClick={() => pasted.takeInRow(row)}>
          {sayRoster.roster.takeInRow}
        </button>
      )}
    </li>
  );
}
