'use client';

import { useEffect, useMemo, useState } from 'react';
import { peopleRows, type PeopleSheet } from '@/formats/peopleRows';
import type { StudentId } from '@/schema/ids';
import type { StudentRecord } from '@/schema/student';

/** A pasted sheet with a row for each of some students; null while there is none, or it is being read. */
export function usePeopleSheet(
  text: string,
  students: readonly StudentRecord[],
): PeopleSheet<StudentId> | null {
  const people = useMemo(
    () =>
      students.map(({ id, name, givenName, familyName, preferredName, externalId, email }) => ({
        ...{ id, number: externalId, email },
        // Given names alone, as they are called and with an initial: one of them is enough where only one is called so.
        names: [
          ...[name, `${familyName} ${givenName}`, `${preferredName} ${familyName}`],
          ...[givenName, preferredName, `${givenName} ${familyName.slice(0, 1)}`],
        ].filter((one) => one.trim() !== ''),
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
