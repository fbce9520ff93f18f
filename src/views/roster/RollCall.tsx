'use client';

import { Button } from '../primitives/Button';
import { useRef, useState, type KeyboardEvent } from 'react';
import { sayRoster } from '@/messages/roster';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentRecord } from '@/schema/student';
import { setTakesPart } from '@/store/actions/students';
import { useStore } from '@/store/react';
import { isKey } from '../frame/keyMap';
import { inLines, roveAmong } from '../primitives/roving';
import { plainWords } from '../frame/plainWords';
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
  const [sought, setSought] = useState('');
  const wanted = plainWords(sought);
  const found = students.filter(({ name }) => plainWords(name).includes(wanted));
  const turn = (student: StudentRecord): void =>
    setTakesPart(store, [student.id], presenceOf(student, theClass, day) !== 'here', day);
  const onKeyDown = (event: KeyboardEvent): void => {
    const tiles = [...(list.current?.querySelectorAll<HTMLElement>('button') ?? [])];
    if (isKey('done', event)) onDone();
    else if (roveAmong(inLines(tiles), event.key)) event.preventDefault();
  };
  return (
    <div className={styles.call} onKeyDown={onKeyDown}>
      <p className={styles.hint}>{sayRoster.roster.rollHint}</p>
      <input
        className={styles.find}
        type="search"
        aria-label={sayRoster.roster.rollFind}
        placeholder={sayRoster.roster.rollFind}
        value={sought}
        autoFocus
        autoComplete="off"
        onChange={({ target }) => setSought(target.value)}
        onKeyDown={(event) => {
          const [first] = found;
          // Letters are names here, and no commands; Enter turns whoever is found and is ready for the next.
          if (event.key === 'Enter' && sought !== '' && first) {
            turn(first);
            setSought('');
          } else if (event.key === 'ArrowDown') {
            list.current?.querySelector('button')?.focus();
          } else if (event.key !== 'Escape' || sought === '') return;
          else setSought('');
          event.preventDefault();
          event.stopPropagation();
        }}
      />
      {found.length === 0 && <p role="status">{sayRoster.roster.rollNobody(sought.trim())}</p>}
      <ul ref={list} className={styles.names}>
        {found.map((student) => {
          const presence = presenceOf(student, theClass, day);
          return (
            <li key={student.id}>
              <button
                type="button"
                className={styles.name}
                data-presence={presence}
                aria-pressed={presence === 'here'}
                onClick={() => turn(student)}
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
