import { spokenOrder } from '@/messages/speaking';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentRecord } from '@/schema/student';
import type { TakeRecord } from '@/schema/take';

export type MatrixOrder = 'list' | 'name' | 'section' | 'group';

/** The students of the matrix in the order asked for; those without a section or a group come last. */
export function inMatrixOrder(
  students: readonly StudentRecord[],
  order: MatrixOrder,
  theClass: ClassRecord,
  take: TakeRecord | undefined,
): readonly StudentRecord[] {
  const byName = (one: StudentRecord, two: StudentRecord): number =>
    spokenOrder(one.name, two.name);
  switch (order) {
    case 'list':
      return students;
    case 'name':
      return [...students].sort(byName);
    case 'section': {
      const place = placeIn(theClass.sections.map(({ id }) => id));
      return [...students].sort((a, b) => place(a.sectionId) - place(b.sectionId) || byName(a, b));
    }
    case 'group': {
      const rows = new Map(
        take?.groups.flatMap(({ studentIds }, row) => studentIds.map((id) => [id, row] as const)),
      );
      const row = (student: StudentRecord): number => rows.get(student.id) ?? rows.size;
      return [...students].sort((a, b) => row(a) - row(b) || byName(a, b));
    }
    default:
      return order satisfies never;
  }
}

function placeIn(ids: readonly string[]): (id: string | null) => number {
  return (id) => {
    const at = id === null ? -1 : ids.indexOf(id);
    return at < 0 ? ids.length : at;
  };
}
