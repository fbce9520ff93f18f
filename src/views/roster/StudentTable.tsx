'use client';

import { useMemo, useState } from 'react';
import { say } from '@/messages';
import type { Detail } from '@/schema/classRecord';
import type { ClassId } from '@/schema/ids';
import type { StudentRecord } from '@/schema/student';
import { setHere } from '@/store/actions/students';
import { classById } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { KeyHint } from '../primitives/KeyHint';
import { StudentRow } from './StudentRow';
import styles from './StudentTable.module.css';

const NO_DETAILS: readonly Detail[] = [];

interface StudentTableProps {
  readonly classId: ClassId;
  readonly students: readonly StudentRecord[];
  /** Whether a list is being taken in beside the table. */
  readonly adding: boolean;
  readonly onAdd: () => void;
}

/** Everybody in the class, in the order of the list: here today or not, name, section, address. */
export function StudentTable({ classId, students, adding, onAdd }: StudentTableProps) {
  const store = useStore();
  const theClass = useQuery(classById, classId);
  const [sought, setSought] = useState('');
  const sections = theClass?.sections;
  const sectionName = useMemo(
    () => new Map((sections ?? []).map(({ id, name }) => [id, name])),
    [sections],
  );
  const hasSections = sectionName.size > 0;
  const details = theClass?.details ?? NO_DETAILS;
  const hereCount = students.filter(({ here }) => here).length;
  const shown = students.filter(({ name }) => matches(name, sought));
  return (
    <section className={styles.section} aria-label={say.roster.title}>
      <div className={styles.top}>
        <h2 className={styles.count}>
          <span role="status">{say.roster.count(students.length, hereCount)}</span>
        </h2>
        {hereCount < students.length && (
          <Button
            size="small"
            variant="paper"
            onClick={() =>
              setHere(
                store,
                students.map(({ id }) => id),
                true,
              )
            }
          >
            {say.roster.allHere}
          </Button>
        )}
        <span className={styles.space} />
        <Button variant="paper" aria-expanded={adding} onClick={onAdd}>
          {say.roster.pasteMore}
        </Button>
        <Button variant="contained" component={Link} href={`/c/${classId}/groups`}>
          {say.roster.toGroups}
          <KeyHint>{'G'}</KeyHint>
        </Button>
        <input
          type="search"
          className={styles.search}
          aria-label={say.roster.find}
          placeholder={say.roster.find}
          value={sought}
          onChange={(event) => setSought(event.target.value)}
        />
      </div>
      <div className={styles.scroll}>
        <table className={styles.table}>
          <thead>
            <tr>
              <th scope="col">{say.roster.here}</th>
              <th scope="col">{say.roster.name}</th>
              {hasSections && <th scope="col">{say.roster.section}</th>}
              <th scope="col">{say.roster.email}</th>
              {details.map(({ id, name, kind }) => (
                <th key={id} scope="col" className={kind === 'number' ? styles.number : undefined}>
                  {name}
                </th>
              ))}
              <th scope="col" aria-label={say.roster.removeColumn} />
            </tr>
          </thead>
          <tbody>
            {shown.map((student) => (
              <StudentRow
                key={student.id}
                student={student}
                details={details}
                section={hasSections ? (sectionName.get(student.sectionId ?? '') ?? '') : null}
              />
            ))}
          </tbody>
        </table>
        {shown.length === 0 && <p className={styles.none}>{say.roster.nobody(sought)}</p>}
      </div>
    </section>
  );
}

function matches(name: string, sought: string): boolean {
  const plain = (text: string): string =>
    text.normalize('NFD').replace(/\p{M}/gu, '').toLocaleLowerCase(say.language);
  return plain(name).includes(plain(sought.trim()));
}
