'use client';

import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { sayRoster } from '@/messages/roster';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentId } from '@/schema/ids';
import type { StudentRecord } from '@/schema/student';
import { classById, studentsOf } from '@/store/queries';
import { useQuery } from '@/store/react';
import { useNameMask } from '../frame/masking';
import { useStudents } from '../frame/students';
import { useClassId } from '../frame/useClassId';
import { useDraft } from '../frame/useDraft';
import { useKeys } from '../frame/useKeys';
import { Troubles } from './Troubles';
import styles from './RosterView.module.css';
import { RosterBar } from './RosterBar';
import { RosterPanel } from './RosterPanel';
import { StudentSheet } from './StudentSheet';
import { StudentTable } from './StudentTable';
import { classDoubts } from './troubles';
import { pasteField } from './usePastedList';
import { presenceOf, useRosterTable } from './useRosterTable';

/** Loaded when a list is first taken in, and when the roll is first called. */
const PasteBox = dynamic(() => import('./PasteBox').then((module) => module.PasteBox), {
  ssr: false,
});
const RollCall = dynamic(() => import('./RollCall').then((module) => module.RollCall), {
  ssr: false,
});

/** The class list: take it in, see what is doubtful, say who is here, mend what is known. */
export function RosterView() {
  const theClass = useQuery(classById, useClassId());
  return theClass ? <Roster key={theClass.id} theClass={theClass} /> : null;
}

function Roster({ theClass }: { readonly theClass: ClassRecord }) {
  const real = useQuery(studentsOf, theClass.id);
  const begun = useDraft(pasteField(theClass.id)) !== '';
  const [opened, setOpened] = useState(false);
  const empty = real.length === 0;
  const adding = empty || begun || opened;
  return (
    <div
      className={styles.roster}
      data-empty={empty}
      data-adding={adding}
      onDragEnter={(event) => {
        if (event.dataTransfer.types.includes('Files')) setOpened(true);
      }}
    >
      {!empty && (
        <Listed theClass={theClass} real={real} adding={adding} onAdd={() => setOpened(!adding)} />
      )}
      {adding && <PasteBox theClass={theClass} students={real} focus={empty || opened} />}
    </div>
  );
}

const NO_DOUBTS: ReturnType<typeof classDoubts>['ofStudent'] = new Map();

interface ListedProps {
  readonly theClass: ClassRecord;
  readonly real: readonly StudentRecord[];
  /** Whether a list is being taken in beside the table. */
  readonly adding: boolean;
  readonly onAdd: () => void;
}

function Listed({ theClass, real, adding, onAdd }: ListedProps) {
  const students = useStudents(theClass.id);
  const [mask] = useNameMask();
  const [calling, setCalling] = useState(false);
  const [openedId, setOpenedId] = useState<StudentId | null>(null);
  const table = useRosterTable(theClass, students);
  const doubts = useMemo(() => classDoubts(real), [real]);
  useKeys({ a: () => setCalling(!calling) });
  const masked = mask !== 'names';
  const openedStudent = masked ? undefined : real.find(({ id }) => id === openedId);
  const inClass = students.filter(({ left }) => left === null);
  const hereCount = inClass.filter((one) => presenceOf(one, theClass) === 'here').length;

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
              {!masked && <Troubles doubts={doubts} students={real} onOpen={setOpenedId} />}
              <RosterPanel theClass={theClass} students={inClass} real={real} table={table} />
            </>
          )}
        </aside>
      )}
    </>
  );
}
