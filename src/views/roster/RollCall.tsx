'use client';

import { Button } from '../primitives/Button';
import { useRef, type KeyboardEvent } from 'react';
import { sayRoster } from '@/messages/roster';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentRecord } from '@/schema/student';
import { setTakesPart } from '@/store/actions/students';
import { useStore } from '@/store/react';
import { isKey } from '../frame/keyMap';
import { inLines, roveAmong } from '../primitives/roving';
import { KeyOf } from '../frame/KeyOf';
import styles from './RollCall.module.css';
import { presenceOf } from './useRosterTable';
import { useToday } from '../frame/useToday';

interface RollCallProps {
  readonly theClass: ClassRecord;
  readonly students: readonly StudentRecord[];
  readonly onDone: () => void;
}

/** Who is here, all names at one glance: one press or one key for whoever is not. */
export function RollCall({ theClass, students, onDone }: RollCallProps) {
  const store = useStore();
  const list = useRef<HTMLUListElement>(null);
  const day = useToday();
  const onKeyDown = (event: KeyboardEvent): void => {
    const tiles = [...(list.current?.querySelectorAll<HTMLElement>('button') ?? [])];
    if (isKey('done', event)) onDone();
    else if (roveAmong(inLines(tiles), event.key)) event.preventDefault();
  };
  return (
    <div className={styles.call} onKeyDown={onKeyDown}>
      <p className={styles.hint}>{sayRoster.roster.rollHint}</p>
      <ul ref={list} className={styles.names}>
        {students.map((student, place) => {
          const presence = presenceOf(student, theClass, day);
          return (
            <li key={student.id}>
              <button
                type="button"
                className={styles.name}
                data-presence={presence}
                aria-pressed={presence === 'here'}
                autoFocus={place === 0}
                onClick={() => setTakesPart(store, [student.id], presence !== 'here', day)}
              >
                {student.name}
                {presence !== 'here' && (
                  <span className={styles.why}>{sayRoster.roster.presence(presence)}</span>
                )}
              </button>
            </li>
          );
        })}
      </ul>
      <Button variant="paper" className={styles.done} onClick={onDone}>
        {sayRoster.roster.rollDone}
        <KeyOf name="done" />
      </Button>
    </div>
  );
}
