import { ownOf, workOf, type StudentMark } from '@/encode/marking';
import { mostOf } from '@/encode/marking';
import type { MarkRow, TermActivity } from '@/encode/markTerm';
import type { MarkOut, MarksOut } from '@/formats/out/marksOut';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentRecord } from '@/schema/student';

/** Marks as they leave in a table: who, and what came of each activity. */
export function marksOutOf(
  theClass: ClassRecord,
  students: readonly StudentRecord[],
  term: readonly TermActivity[],
  rows: readonly MarkRow[],
): MarksOut {
  const known = new Map(students.map((student) => [student.id, student]));
  const sections = new Map<string, string>(theClass.sections.map(({ id, name }) => [id, name]));
  return {
    className: theClass.name,
    activities: term.map(({ activity }) => ({
      ...{
        name: activity.name,
        most: mostOf(activity),
        due: activity.due,
        weight: activity.weight,
      },
    })),
    rows: rows.flatMap(({ studentId, cells, mean, missing }) => {
      const student = known.get(studentId);
      if (!student) return [];
      const { name, givenName, familyName, email, externalId, sectionId } = student;
      return [
        {
          ...{ name, givenName, familyName, email, number: externalId },
          section: sectionId === null ? '' : (sections.get(sectionId) ?? ''),
          ...{ mean, missing },
          marks: cells.map((cell, at) => markOut(term[at], student, cell)),
        },
      ];
    }),
  };
}

function markOut(
  of: TermActivity | undefined,
  { id }: StudentRecord,
  mark: StudentMark | null,
): MarkOut | null {
  if (!mark || !of) return null;
  const { activity, units } = of;
  const [part] = mark.parts;
  const unit = units.find(({ key }) => key === part?.key);
  const comments = [workOf(activity, part?.key ?? '').comment, ownOf(activity, id).comment];
  return {
    group: unit?.group?.name ?? '',
    ...{ state: mark.state, points: mark.points },
    comment: comments.filter((one) => one !== '').join(' '),
  };
}
