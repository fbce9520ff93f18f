'use client';

import { Button } from '../primitives/Button';
import type { RosterOut } from '@/formats/rosterOut';
import { sayOut } from '@/messages/out';
import { sayRoster } from '@/messages/roster';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentRecord } from '@/schema/student';
import { useStore } from '@/store/react';
import { classFileOf } from '../frame/classFiles';
import { download } from '../frame/download';
import { useRealNames } from '../frame/useRealNames';
import { useNotices } from '../primitives/notices';
import styles from './RosterPanel.module.css';

/** Loaded with the first file that is saved. */
const writers = () => import('@/formats/rosterOut');

interface RosterFilesProps {
  readonly theClass: ClassRecord;
  readonly students: readonly StudentRecord[];
}

/** The class as a file: whole, to be opened again, or its list for a spreadsheet. */
export function RosterFiles({ theClass, students }: RosterFilesProps) {
  const store = useStore();
  const { notify } = useNotices();
  const { leave, question } = useRealNames(false);
  const save = (ending: string, content: string | Blob, type: string): void => {
    const name = `${sayOut.files.stem(theClass.name, '')}.${ending}`;
    download(name, content, type);
    notify({ text: sayOut.files.saved(name) });
  };
  return (
    <div className={styles.files}>
      {question}
      <Button
        size="small"
        variant="paper"
        onClick={() =>
          leave(() =>
            save(
              'json',
              `${JSON.stringify(classFileOf(store, theClass.id), null, 1)}\n`,
              'application/json',
            ),
          )
        }
      >
        {sayRoster.roster.classFile}
      </Button>
      <Button
        size="small"
        variant="paper"
        onClick={() =>
          leave(() => {
            void writers().then(({ rosterCsv }) =>
              save(
                'csv',
                rosterCsv(rosterOut(theClass, students), sayRoster.rosterWords),
                'text/csv',
              ),
            );
          })
        }
      >
        {sayRoster.roster.csvFile}
      </Button>
      <Button
        size="small"
        variant="paper"
        onClick={() =>
          leave(() => {
            void writers()
              .then(({ rosterWorkbook }) =>
                rosterWorkbook(rosterOut(theClass, students), sayRoster.rosterWords, theClass.name),
              )
              .then((blob) => save('xlsx', blob, blob.type));
          })
        }
      >
        {sayRoster.roster.workbook}
      </Button>
      <p className={styles.hint}>{sayRoster.roster.filesHint}</p>
    </div>
  );
}

function rosterOut(theClass: ClassRecord, students: readonly StudentRecord[]): RosterOut {
  const sectionName = new Map<string, string>(theClass.sections.map(({ id, name }) => [id, name]));
  return {
    details: theClass.details.map(({ name }) => name),
    students: students.map((student) => ({
      name: student.name,
      givenName: student.givenName,
      familyName: student.familyName,
      preferredName: student.preferredName,
      email: student.email,
      externalId: student.externalId,
      section: sectionName.get(student.sectionId ?? '') ?? '',
      left: student.left !== null,
      details: theClass.details.map(({ id }) => student.details[id] ?? null),
    })),
  };
}
