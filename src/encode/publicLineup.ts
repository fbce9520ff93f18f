import type { RollStudent, StudentRecord } from '../schema/student';
import type { TakeRecord } from '../schema/take';

/** What may leave the teacher's side of a take: names, groups and their signs. Nothing else is looked at. */
export interface PublicLineup {
  readonly groups: readonly PublicGroup[];
}

interface PublicGroup {
  readonly name: string;
  readonly sign: number;
  readonly members: readonly { readonly name: string }[];
}

/** Addresses are no part of what is shown; the ways out that reach people ask for them by name. */
export interface PublicAddresses {
  readonly groups: readonly (PublicGroup & {
    readonly members: readonly { readonly name: string; readonly email: string }[];
  })[];
}

/** A take for stage and print: those who are here, called as `nameOf` says. */
export function publicLineup(
  take: TakeRecord | undefined,
  students: readonly RollStudent[],
  nameOf: (id: string) => string,
): PublicLineup {
  return membersOf(take, students, ({ id }) => ({ name: nameOf(id) }));
}

/** A take for the ways out that reach people: whole names, with addresses, '' where there is none. */
export function publicAddresses(
  take: TakeRecord | undefined,
  students: readonly RollStudent[],
): PublicAddresses {
  return membersOf(take, students, ({ name, email }) => ({ name, email }));
}

function membersOf<Member>(
  take: TakeRecord | undefined,
  students: readonly RollStudent[],
  shown: (student: StudentRecord) => Member,
) {
  const studentOfId = new Map(students.map((student) => [student.id, student]));
  return {
    groups: (take?.groups ?? []).map(({ name, sign, studentIds }) => ({
      name,
      sign,
      members: studentIds.flatMap((id) => {
        const student = studentOfId.get(id);
        return student?.here ? [shown(student)] : [];
      }),
    })),
  };
}
