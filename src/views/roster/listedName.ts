import { withoutNumber } from '@/formats/shortNames';
import type { RosterStudent } from '@/formats/roster/types';

/**
 * How students of a list are called where section and address stand beside them: a number is left to those alone who
 * could not be told apart by these.
 */
export function listedNames(students: readonly RosterStudent[]): readonly string[] {
  const keyOf = ({ displayName, section, email }: RosterStudent): string =>
    [withoutNumber(displayName), section ?? '', email ?? ''].join('\n');
  const times = new Map<string, number>();
  for (const student of students) {
    times.set(keyOf(student), (times.get(keyOf(student)) ?? 0) + 1);
  }
  return students.map((student) =>
    times.get(keyOf(student)) === 1 ? withoutNumber(student.displayName) : student.displayName,
  );
}
