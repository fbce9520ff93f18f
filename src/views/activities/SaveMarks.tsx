'use client';

import { markRows } from '@/encode/markTerm';
import { sayActivities } from '@/messages/activities';
import { classById, studentsOf } from '@/store/queries';
import { useQuery } from '@/store/react';
import { clockMoment } from '../frame/clockMoment';
import { LinkButton } from '../primitives/LinkButton';
import type { BesideProps } from './besideProps';
import { MarksOut } from './MarksOut';
import { marksOutOf } from './marksOutOf';

/** The marks of one activity as a file, and as slips to print. */
export function SaveMarks({ activity, units }: BesideProps) {
  const words = sayActivities.sheet;
  const theClass = useQuery(classById, activity.classId);
  const students = useQuery(studentsOf, activity.classId);
  if (!theClass) return null;
  const inIt = new Set(units.flatMap(({ studentIds }) => studentIds));
  const term = [{ activity, units }];
  const ids = students.flatMap(({ id }) => (inIt.has(id) ? [id] : []));
  return (
    <>
      <MarksOut
        classId={activity.classId}
        marks={() => marksOutOf(theClass, students, term, markRows(term, ids, clockMoment()))}
        fileName={words.fileName(theClass.name, activity.name)}
      />
      <div>
        <LinkButton
          size="small"
          variant="paper"
          href={`/c/${activity.classId}/marks?activity=${activity.id}`}
        >
          {words.slips}
        </LinkButton>
      </div>
    </>
  );
}
