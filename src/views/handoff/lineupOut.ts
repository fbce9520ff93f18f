import type { LineupOut } from '@/formats/lineupOut';
import type { StudentRecord } from '@/schema/student';
import type { TakeRecord } from '@/schema/take';

/** What leaves of a take: group names, and names and addresses of those who are here. Nothing else is looked at. */
export function lineupOut(take: TakeRecord, students: readonly StudentRecord[]): LineupOut {
  const studentOfId = new Map(students.map((student) => [student.id, student]));
  return {
    groups: take.groups.map(({ name, studentIds }) => ({
      name,
      members: studentIds.flatMap((id) => {
        const student = studentOfId.get(id);
        return student?.here ? [{ name: student.name, email: student.email }] : [];
      }),
    })),
  };
}
