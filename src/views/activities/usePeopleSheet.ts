'use client';

import { useEffect, useMemo, useState } from 'react';
import { peopleRows, type PeopleSheet } from '@/formats/peopleRows';
import type { StudentId } from '@/schema/ids';
import type { StudentRecord } from '@/schema/student';
import { nameForms } from './nameForms';

/** A pasted sheet with a row for each of some students; null while there is none, or it is being read. */
export function usePeopleSheet(
  text: string,
  students: readonly StudentRecord[],
): PeopleSheet<StudentId> | null {
  const people = useMemo(
    () =>
      students.map((student) => ({
        ...{ id: student.id, number: student.externalId, email: student.email },
        names: nameForms(student),
      })),
    [students],
  );
  const [read, setRead] = useState<{
    readonly text: string;
    readonly people: unknown;
    readonly sheet: PeopleSheet<StudentId>;
  } | null>(null);
  useEffect(() => {
    if (text.trim() === '') return undefined;
    let wanted = true;
    void peopleRows(text, people).then((sheet) => {
      if (wanted) setRead({ text, people, sheet });
    });
    return () => {
      wanted = false;
    };
  }, [text, people]);
  return read?.text === text && read.people === people ? read.sheet : null;
}
