'use client';

import { classById, studentsOf } from '@/store/queries';
import { useQuery } from '@/store/react';
import { useClassId } from '../frame/useClassId';
import { PasteBox } from './PasteBox';
import styles from './RosterView.module.css';
import { StudentTable } from './StudentTable';

/** The class list: paste it in, see who is here, mend a name or an address. */
export function RosterView() {
  const classId = useClassId();
  const students = useQuery(studentsOf, classId);
  const theClass = useQuery(classById, classId);
  const empty = students.length === 0;
  return (
    <div className={styles.roster} data-empty={empty}>
      {!empty && <StudentTable classId={classId} students={students} />}
      {theClass && <PasteBox key={classId} theClass={theClass} students={students} />}
    </div>
  );
}
