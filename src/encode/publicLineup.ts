import type { AdultRecord } from '../schema/adult';
import type { ClassRecord } from '../schema/classRecord';
import type { LineupRecord } from '../schema/lineup';
import type { Picture } from '../schema/picture';
import { NO_CARD, type PlanRecord, type Station } from '../schema/plan';
import type { RollStudent, StudentRecord } from '../schema/student';
import { groupKeys, type TakeGroup } from '../schema/takeGroup';

/** What may leave the teacher's side of a take: names, groups with sign and place, roles. Nothing else is looked at. */
export interface PublicLineup {
  readonly groups: readonly PublicGroup[];
}

export interface PublicGroup {
  readonly name: string;
  readonly sign: number;
  /** Where it works, words or a link; '' for nowhere in particular. */
  readonly place: string;
  /** What it is about, in words and as a picture; '' and null where nothing is said. */
  readonly text: string;
  readonly picture: Picture | null;
  readonly members: readonly PublicMember[];
}

/** What a class's groups may be led by, and when they may meet: of an adult no more than name and room is read. */
export interface Led<A = Pick<AdultRecord, 'id' | 'name' | 'room'>> {
  readonly adults: readonly A[];
  readonly periods: ClassRecord['periods'];
}
type Reachable = Pick<AdultRecord, 'id' | 'name' | 'email' | 'room'>;

export interface PublicMember {
  readonly name: string;
  /** `lead`, or roles of the class's own. */
  readonly roles: readonly string[];
}

/** A lineup as it leaves by a way out: whole names, with addresses, which are asked for by name. */
export interface PublicAddresses {
  readonly id: string;
  readonly classId: string;
  readonly name: string;
  readonly className: string;
  readonly courseCode: string;
  readonly instructions: string;
  readonly groups: readonly AddressedGroup[];
  readonly staff: readonly {
    readonly name: string;
    readonly role: string;
    readonly email: string;
  }[];
}

interface AddressedGroup {
  /** Its sign, told from another with the same: what it stays when it is renamed. */
  readonly key: string;
  readonly name: string;
  readonly sign: number;
  readonly place: string;
  /** Names of its stations, turn by turn. */
  readonly stations: readonly string[];
  /** Staff of this group and of no other. */
  readonly led: PublicAddresses['staff'];
  /** When it meets, as that is called; '' where it is not settled. */
  readonly time: string;
  readonly members: readonly AddressedMember[];
}

interface AddressedMember {
  readonly id: string;
  readonly name: string;
  readonly givenName: string;
  readonly familyName: string;
  readonly roles: readonly string[];
  readonly email: string;
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
  led?: Led,
): PublicLineup {
  const { groups } = membersOf(take, students, ({ id }) => ({ name: nameOf(id) }), plan);
  const keys = groupKeys(groups);
  return {
    groups: groups.map((group, row) => {
      const { adult, time } = leadOf(plan, led, keys[row] ?? '');
      const where = group.place === '' ? (adult?.room ?? '') : group.place;
      return {
        ...group,
        ...(plan?.cards[String(group.sign)] ?? NO_CARD),
        // A link is a link only while nothing stands behind it.
        place: /^https?:/i.test(where)
          ? where
          : [where, adult?.name ?? '', time].filter((one) => one !== '').join(' · '),
      };
    }),
  };
}

/** The adult who leads a group, and when it meets. */
function leadOf<A extends Led['adults'][number]>(
  plan: PlanRecord | undefined,
  led: Led<A> | undefined,
  key: string,
) {
  const lead = plan?.leads[key];
  const period = led?.periods.find(({ id }) => id === lead?.periodId);
  return { adult: led?.adults.find(({ id }) => id === lead?.adultId), time: period?.name ?? '' };
}

/** A lineup's take for the ways out: those who are here, and the staff of the class. */
export function publicAddresses(
  theClass: Pick<ClassRecord, 'id' | 'name' | 'courseCode' | 'staff' | 'periods'>,
  lineup: Pick<LineupRecord, 'id' | 'name'>,
  take: Shown,
  students: readonly RollStudent[],
  plan?: PlanRecord,
  adults: readonly Reachable[] = [],
): PublicAddresses {
  const { groups } = membersOf(
    take,
    students,
    ({ id, name, givenName, familyName, email }) => ({ id, name, givenName, familyName, email }),
    plan,
  );
  const keys = groupKeys(groups);
  return {
    id: lineup.id,
    classId: theClass.id,
    name: lineup.name,
    className: theClass.name,
    courseCode: theClass.courseCode,
    instructions: plan?.instructions ?? '',
    groups: groups.map((group, row) => {
      const key = keys[row] ?? '';
      const { adult, time } = leadOf(plan, { adults, periods: theClass.periods }, key);
      return {
        ...group,
        ...{ key, time, stations: stationsOf(plan, row) },
        place: group.place === '' ? (adult?.room ?? '') : group.place,
        led: adult ? [{ name: adult.name, role: '', email: adult.email }] : [],
      };
    }),
    staff: theClass.staff.map(({ name, role, email }) => ({ name, role, email: email ?? '' })),
  };
}

/** Where the group of a row is, turn by turn; none where nothing goes round between stations. */
function stationsOf(plan: PlanRecord | undefined, row: number): readonly string[] {
  const turns = plan?.turns;
  if (turns?.kind !== 'stations') return [];
  return turns.table.map((at) => {
    const station = at[row] ?? null;
    if (station === null) return '–';
    const name = turns.stations[station]?.name ?? '';
    return name === '' ? String(station + 1) : name;
  });
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
