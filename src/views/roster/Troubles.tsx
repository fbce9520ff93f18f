'use client';

import { useTold } from '../frame/useTold';
import { Button } from '../primitives/Button';
import { useState, type ReactNode } from 'react';
import { sayRoster } from '@/messages/roster';
import type { StudentId } from '@/schema/ids';
import type { StudentRecord } from '@/schema/student';
import { deleteStudent, editStudent, mergeStudents, settleDoubt } from '@/store/actions/students';
import { useStore } from '@/store/react';
import styles from './RosterPanel.module.css';
import type { ClassDoubts, Doubt } from './classDoubts';

/** Told at once; the rest on request. */
const SHOWN_FIRST = 4;

interface TroublesProps {
  readonly doubts: ClassDoubts;
  readonly students: readonly StudentRecord[];
  readonly onOpen: (id: StudentId) => void;
}

/** What looks wrong in the list, each with the ways to settle it. */
export function Troubles({ doubts, onOpen }: TroublesProps) {
  const [whole, setWhole] = useState(false);
  const missing = doubts.all.filter(({ warning }) => warning.kind === 'missingAddress');
  const others = doubts.all.filter(({ warning }) => warning.kind !== 'missingAddress');
  if (doubts.all.length === 0) return null;
  const shown = whole ? others : others.slice(0, SHOWN_FIRST);
  return (
    <section className={styles.block} aria-labelledby="troubles">
      <h3 id="troubles" className={styles.title}>
        {sayRoster.roster.troubles(others.length + (missing.length > 0 ? 1 : 0))}
      </h3>
      <ul className={styles.troubles}>
        {shown.map((doubt) => (
          <li key={`${doubt.student.id} ${doubt.key}`} className={styles.trouble}>
            <p>{sayRoster.classDoubtSentence(doubt.warning, doubt.other?.name ?? '')}</p>
            <Remedies doubt={doubt} onOpen={onOpen} />
          </li>
        ))}
        {missing.length > 0 && <Missing doubts={missing} onOpen={onOpen} />}
      </ul>
      {others.length > shown.length && (
        <Button size="small" onClick={() => setWhole(true)}>
          {sayRoster.roster.showAll(others.length)}
        </Button>
      )}
    </section>
  );
}

function Remedies({
  doubt,
  onOpen,
}: {
  readonly doubt: Doubt;
  readonly onOpen: (id: StudentId) => void;
}) {
  const store = useStore();
  const told = useTold();
  const { warning, student, other, key } = doubt;
  const settle = (): void => settleDoubt(store, [student.id], key);
  switch (warning.kind) {
    case 'malformedAddress':
    case 'otherDomain':
      return (
        <div className={styles.remedies}>
          {warning.likely !== '' && (
            <Remedy onPress={() => editStudent(store, student.id, { email: warning.likely })}>
              {sayRoster.roster.useAddress(warning.likely.split('@')[1] ?? '')}
            </Remedy>
          )}
          {warning.kind === 'otherDomain' && (
            <Remedy onPress={settle}>{sayRoster.roster.isRight}</Remedy>
          )}
          <Remedy onPress={() => onOpen(student.id)}>{sayRoster.roster.change}</Remedy>
        </div>
      );
    case 'sameName':
    case 'sameNumber':
    case 'sameAddress':
      return (
        <div className={styles.remedies}>
          {other && (
            <Remedy
              onPress={() => {
                mergeStudents(store, other.id, student.id);
                told(sayRoster.roster.merged(other.name));
              }}
            >
              {sayRoster.roster.makeOne}
            </Remedy>
          )}
          <Remedy onPress={settle}>{sayRoster.roster.areTwo}</Remedy>
          {warning.kind !== 'sameName' && (
            <Remedy onPress={() => onOpen(student.id)}>{sayRoster.roster.change}</Remedy>
          )}
        </div>
      );
    case 'headingLikeName':
      return (
        <div className={styles.remedies}>
          <Remedy onPress={settle}>{sayRoster.roster.isStudent}</Remedy>
          <Remedy
            onPress={() => {
              deleteStudent(store, student.id);
              told(sayRoster.roster.deleted(student.name));
            }}
          >
            {sayRoster.roster.deleteRow}
          </Remedy>
        </div>
      );
    case 'missingAddress':
    case 'duplicateRow':
    case 'nameFromAddress':
    case 'cleanedName':
    case 'unreadValue':
    case 'doubtfulName':
    case 'twoNames':
    case 'otherSheet':
    case 'wrongLetters':
    case 'strayQuote':
      return null;
    default:
      return warning.kind satisfies never;
  }
}

/** Missing addresses are one trouble, however many. */
function Missing({
  doubts,
  onOpen,
}: {
  readonly doubts: readonly Doubt[];
  readonly onOpen: (id: StudentId) => void;
}) {
  const store = useStore();
  const [first] = doubts;
  if (!first) return null;
  return (
    <li className={styles.trouble}>
      <p>{sayRoster.roster.noAddresses(doubts.map(({ student }) => student.name))}</p>
      <div className={styles.remedies}>
        <Remedy onPress={() => onOpen(first.student.id)}>{sayRoster.roster.addAddress}</Remedy>
        <Remedy
          onPress={() =>
            doubts.forEach(({ student, key }) => settleDoubt(store, [student.id], key))
          }
        >
          {sayRoster.roster.needNone(doubts.length)}
        </Remedy>
      </div>
    </li>
  );
}

function Remedy({
  onPress,
  children,
}: {
  readonly onPress: () => void;
  readonly children: ReactNode;
}) {
  return (
    <Button size="small" variant="paper" onClick={onPress}>
      {children}
    </Button>
  );
}
