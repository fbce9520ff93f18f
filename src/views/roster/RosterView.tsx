'use client';

import { useState } from 'react';
import { classById, studentsOf } from '@/store/queries';
import { useQuery } from '@/store/react';
import { useClassId } from '../frame/useClassId';
import { useDraft } from '../frame/useDraft';
import { PasteBox } from './PasteBox';
import styles from './RosterView.module.css';
import { StudentTable } from './StudentTable';
import { pasteField } from './usePastedList';

/** The class list: paste or drop it, see who is here, mend a name or an address. */
export function RosterView() {
  const classId = useClassId();
  const students = useQuery(studentsOf, classId);
  const theClass = useQuery(classById, classId);
  const begun = useDraft(pasteField(classId)) !== '';
  const [opened, setOpened] = useState(false);
  const empty = students.length === 0;
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
        <StudentTable
          classId={classId}
          students={students}
          adding={adding}
          onAdd={() => setOpened(!adding)}
        />
      )}
      {theClass && adding && (
        <PasteBox key={classId} theClass={theClass} students={students} focus={empty || opened} />
      )}
    </div>
  );
}
