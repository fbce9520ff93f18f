'use client';

import { lazily } from '../primitives/lazily';
import { useMemo, useState } from 'react';
import { sayRoster } from '@/messages/roster';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentId } from '@/schema/ids';
import type { StudentRecord } from '@/schema/student';
import { useNameMask } from '../frame/masking';
import { useStudents } from '../frame/students';
import { useKeys } from '../frame/useKeys';
import { RosterBar } from './RosterBar';
import { RosterPanel } from './RosterPanel';
import styles from './RosterView.module.css';
import { StudentSheet } from './StudentSheet';
import { StudentTable } from './StudentTable';
import { Troubles } from './Troubles';
import { classDoubts } from './classDoubts';
import { presenceOf, useRosterTable } from './useRosterTable';
import { useToday } from '../frame/useToday';
import { useDrawn } from './useDrawn';

const RollCall = lazily(() => import('./RollCall').then((module) => module.RollCall));

const NO_DOUBTS: ReturnType<typeof classDoubts>['ofStudent'] = new Map();

interface ListedStudentsProps {
  readonly theClass: ClassRecord;
  readonly real: readonly StudentRecord[];
  /** Whether a list is being taken in beside the table. */
  readonly adding: boolean;
  readonly onAdd: () => void;
}

/** Everybody in the class, with what can be done with the list and beside it what is open or doubtful. */
export function ListedStudents({ theClass, real, adding, onAdd }: ListedStudentsProps) {
  const students = useStudents(theClass.id);
  const day = useToday();
  const [mask] = useNameMask();
  const [calling, setCalling] = useState(false);
  const [openedId, setOpenedId] = useState<StudentId | null>(null);
  const drawn = useDrawn(students);
  const known = useDrawn(real);
  const table = useRosterTable(theClass, drawn);
  const doubts = useMemo(() => classDoubts(known), [known]);
  useKeys({ roll: () => setCalling(!calling) });
  const masked = mask !== 'names';
  const openedStudent = masked ? undefined : real.find(({ id }) => id === openedId);
  const inClass = students.filter(({ left }) => left === null);
  const shown = useMemo(() => drawn.filter(({ left }) => left === null), [drawn]);
  const hereCount = inClass.filter((one) => presenceOf(one, theClass, day) === 'here').length;

  return (
    <>
      <RosterBar
        theClass={theClass}
        table={table}
        studentCount={inClass.length}
        hereCount={hereCount}
        adding={adding}
        calling={calling}
        onAdd={onAdd}
        onCall={() => setCalling(!calling)}
      />
      <section className={styles.list} aria-label={sayRoster.roster.title}>
        {calling ? (
          <RollCall theClass={theClass} students={inClass} onDone={() => setCalling(false)} />
        ) : (
          <StudentTable
            theClass={theClass}
            table={table}
            doubtsOf={masked ? NO_DOUBTS : doubts.ofStudent}
            opened={openedStudent?.id ?? null}
            onOpen={setOpenedId}
            readOnly={masked}
          />
        )}
      </section>
      {!adding && (
        <aside className={styles.panel} aria-label={sayRoster.roster.panel}>
          {openedStudent ? (
            <StudentSheet
              key={openedStudent.id}
              theClass={theClass}
              student={openedStudent}
              students={real}
              onClose={() => setOpenedId(null)}
            />
          ) : (
            <>
              {!masked && <Troubles doubts={doubts} students={known} onOpen={setOpenedId} />}
              <RosterPanel theClass={theClass} students={shown} real={known} table={table} />
            </>
          )}
        </aside>
      )}
    </>
  );
}
