import type { StudentId } from '@/schema/ids';
import type { SeatSessionRecord } from '@/schema/seatSession';

/** Who is where, those who were there before included, in the order of the record's groups. */
export function seatedIn(
  record: SeatSessionRecord,
  seats: Readonly<Record<string, string>>,
): ReadonlyMap<StudentId, number> {
  const rowOf = new Map(record.groups.map(({ id }, row) => [id, row]));
  const seated = new Map<StudentId, number>();
  record.groups.forEach(({ staying }, row) => staying.forEach((one) => seated.set(one, row)));
  for (const { id, studentId } of record.opened?.slips ?? []) {
    const row = rowOf.get(seats[id] ?? '');
    if (row !== undefined) seated.set(studentId, row);
  }
  return seated;
}
