import type { PlanRecord, Station } from '../schema/plan';
import type { RollStudent, StudentRecord } from '../schema/student';
import type { TakeGroup } from '../schema/take';

/** What may leave the teacher's side of a take: names, groups with sign and place, roles. Nothing else is looked at. */
export interface PublicLineup {
  readonly groups: readonly PublicGroup[];
}

export interface PublicGroup {
  readonly name: string;
  readonly sign: number;
  /** Where it works, words or a link; '' for nowhere in particular. */
  readonly place: string;
  readonly members: readonly PublicMember[];
}

export interface PublicMember {
  readonly name: string;
  /** `lead`, or roles of the class's own. */
  readonly roles: readonly string[];
}

/** Addresses are no part of what is shown; the ways out that reach people ask for them by name. */
export interface PublicAddresses {
  readonly groups: readonly (Omit<PublicGroup, 'members'> & {
    readonly members: readonly (PublicMember & { readonly email: string })[];
  })[];
}

/** Somebody's line in the list by name. */
export interface PublicPlace {
  readonly name: string;
  readonly group: Omit<PublicGroup, 'members'>;
}

/** What the class does: texts for them, and the table of turns by the signs of the groups. */
export interface PublicPlan {
  readonly instructions: string;
  readonly turns: PublicTurns | null;
}

export interface PublicTurns {
  readonly kind: 'stations' | 'meet';
  readonly stations: readonly Station[];
  readonly minutes: number | null;
  /** turn → row of the group → station, null for a break. */
  readonly table: readonly (readonly (number | null)[])[];
}

/** What is read of a take; a held one is shown as well as one that is there. */
type Shown = { readonly groups: readonly TakeGroup[] } | undefined;

/** A take for stage and print: those who are here, called as `nameOf` says. */
export function publicLineup(
  take: Shown,
  students: readonly RollStudent[],
  nameOf: (id: string) => string,
  plan?: PlanRecord,
): PublicLineup {
  return membersOf(take, students, ({ id }) => ({ name: nameOf(id) }), plan);
}

/** A take for the ways out that reach people: whole names, with addresses, '' where there is none. */
export function publicAddresses(take: Shown, students: readonly RollStudent[]): PublicAddresses {
  return membersOf(take, students, ({ name, email }) => ({ name, email }), undefined);
}

/** Everybody in a group in the order of their names, as the language sorts them. */
export function publicNames({ groups }: PublicLineup, language: string): readonly PublicPlace[] {
  const { compare } = new Intl.Collator(language, { sensitivity: 'base', numeric: true });
  return groups
    .flatMap(({ members, ...group }) => members.map(({ name }) => ({ name, group })))
    .sort((a, b) => compare(a.name, b.name));
}

/** Of a plan what the class may read, which is all but its ids. */
export function publicPlan(plan: PlanRecord | undefined): PublicPlan {
  const { instructions = '', turns = null } = plan ?? {};
  return {
    instructions,
    turns: turns && {
      kind: turns.kind,
      stations: turns.stations,
      minutes: turns.minutes,
      table: turns.table,
    },
  };
}

function membersOf<Member>(
  take: Shown,
  students: readonly RollStudent[],
  shown: (student: StudentRecord) => Member,
  plan: PlanRecord | undefined,
) {
  const studentOfId = new Map(students.map((student) => [student.id, student]));
  return {
    groups: (take?.groups ?? []).map(({ name, sign, studentIds, roles }) => ({
      name,
      sign,
      place: plan?.places[String(sign)] ?? '',
      members: studentIds.flatMap((id) => {
        const student = studentOfId.get(id);
        if (!student?.here) return [];
        const held = Object.entries(roles).flatMap(([role, holder]) =>
          holder === id ? [role] : [],
        );
        return [{ ...shown(student), roles: held }];
      }),
    })),
  };
}
