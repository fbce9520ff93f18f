import { withoutNumber } from '@/formats/shortNames';
import { matchStudents, sameNumber } from '@/formats/roster/merge';
import { mayBeOne, nameWords } from '@/formats/roster/nearNames';
import { plainWords } from '@/formats/roster/text';
import type { Roster, RosterStudent } from '@/formats/roster/types';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentId } from '@/schema/ids';
import { valueKey } from '@/schema/presence';
import type { StudentRecord } from '@/schema/student';
import type { RosterPlan, StudentFacts } from '@/store/actions/takeInRoster';
import { asRosterStudent } from '../frame/asRosterStudent';

/** A name that stands twice in the list or already, or nearly so, in the class: only the teacher knows whether it is one student. */
export interface TwiceCase {
  /** Place in the roster's students. */
  readonly index: number;
  readonly student: RosterStudent;
  /** The student of the class who has the name, or nearly; null where the name stands twice in the list. */
  readonly inClass: StudentRecord | null;
  /** Row on which the name stood before; 0 where it stands in the class. */
  readonly before: number;
}

export type TwiceAnswer = 'another' | 'same';

/** What a read list means for a class, before the teacher has answered anything. */
export interface ImportDraft {
  readonly roster: Roster;
  readonly twice: readonly TwiceCase[];
  /** Place in the roster → the student of the class it surely is: by number or by address. */
  readonly known: ReadonlyMap<number, StudentRecord>;
  /** Students of the class whom the list does not name; none where it names nobody of the class. */
  readonly gone: readonly StudentRecord[];
  /** Whether the list names so many of the class that whoever is missing has most likely left. */
  readonly whole: boolean;
  /** Whether the list names nearly nobody of the class, so that another class may be meant. */
  readonly stranger: boolean;
}

/** A list that names this share of the class is taken for a whole one. */
const WHOLE_CLASS_SHARE = 0.8;
/** A list of which less than this share is known is more likely that of another class. */
const ANOTHER_CLASS_SHARE = 0.15;
/** Fewer students than these, or than a third of the class, tell nothing about whose list it is. */
const FEW = 4;

export function draftImport(roster: Roster, all: readonly StudentRecord[]): ImportDraft {
  const matches = matchStudents(all.map(asRosterStudent), roster.students);
  const known = new Map<number, StudentRecord>();
  const twice: TwiceCase[] = [];
  const firstRow = new Map<string, number>();
  matches.forEach(({ student, earlier, doubtful }, index) => {
    const match = all[earlier];
    const name = nameKey(student);
    const before = firstRow.get(name);
    if (match && !doubtful && (hasSameNumber(student, match) || sameAddress(student, match)))
      known.set(index, match);
    else if (before !== undefined) twice.push({ index, student, inClass: null, before });
    else if (match) twice.push({ index, student, inClass: match, before: 0 });
    if (before === undefined) firstRow.set(name, student.row);
  });
  const matched = new Set(matches.map(({ earlier }) => earlier).filter((place) => place >= 0));
  const strangers = matched.size / Math.max(1, roster.students.length);
  const inClass = all.filter(({ left }) => left === null);
  const gone = all.filter(({ left }, place) => left === null && !matched.has(place));
  const share = inClass.length === 0 ? 0 : 1 - gone.length / inClass.length;
  return {
    roster,
    twice,
    known,
    gone: matched.size > 0 && gone.length < inClass.length ? gone : [],
    whole: share >= WHOLE_CLASS_SHARE,
    stranger:
      inClass.length >= FEW &&
      roster.students.length >= Math.max(FEW, inClass.length / 3) &&
      strangers < ANOTHER_CLASS_SHARE,
  };
}

/** One thing that a list says differently of a student. */
export interface FactChange {
  /** A part of the record, or the name of a detail. */
  readonly field:
    'name' | 'preferredName' | 'email' | 'externalId' | 'section' | { detail: string };
  readonly from: string;
  readonly to: string;
}

export interface ImportPlan extends RosterPlan {
  /** What the list changes, student by student; somebody who had left and is named again has come back. */
  readonly changes: readonly {
    readonly name: string;
    readonly back: boolean;
    readonly changes: readonly FactChange[];
  }[];
}

/** Groups that a list says, by places in the roster, to be a lineup of this name. */
export interface ListedGroups {
  readonly name: string;
  readonly groups: readonly { readonly name: string; readonly students: readonly number[] }[];
}

/** The step to take, once every case has its answer: whom to add, whom to bring up to date, who has left. */
export function planImport(
  draft: ImportDraft,
  theClass: ClassRecord,
  answerTo: (one: TwiceCase) => TwiceAnswer | null,
  markGone: boolean,
  day: string,
  listed: ListedGroups | null = null,
): ImportPlan {
  const cases = new Map(draft.twice.map((one) => [one.index, one]));
  const added: StudentFacts[] = [];
  const updated: RosterPlan['updated'][number][] = [];
  const changes: ImportPlan['changes'][number][] = [];
  /** Place in the roster → who that is. */
  const who = new Map<number, { readonly known: StudentId } | { readonly added: number }>();
  draft.roster.students.forEach((student, index) => {
    const one = cases.get(index);
    const asked = one && answerTo(one) === 'same' ? one.inClass : null;
    const same = asked ?? draft.known.get(index) ?? null;
    const facts = factsOf(student, same, asked !== null);
    if (same) {
      who.set(index, { known: same.id });
      const news = newsOf(same, facts, theClass);
      if (news.length === 0 && same.left === null) return;
      updated.push({ id: same.id, facts });
      changes.push({ name: same.name, back: same.left !== null, changes: news });
    } else if (!one || answerTo(one) === 'another') {
      who.set(index, { added: added.length });
      added.push(facts);
    }
  });
  return {
    added,
    updated,
    changes,
    details: draft.roster.attributes.map(({ name, kind, levels }) => ({
      name,
      kind,
      levels: [...levels],
    })),
    staff: draft.roster.staff.map(({ displayName, email, role }) => ({
      name: displayName,
      email,
      role,
    })),
    gone: markGone ? goneFrom(draft, answerTo).map(({ id }) => id) : [],
    day,
    lineup: listed && {
      name: listed.name,
      groups: listed.groups.map(({ name, students }) => {
        const members = students.flatMap((place) => who.get(place) ?? []);
        return {
          name,
          known: members.flatMap((one) => ('known' in one ? [one.known] : [])),
          added: members.flatMap((one) => ('added' in one ? [one.added] : [])),
        };
      }),
    },
  };
}

/** Students of the class whom the list does not name, and those of whom the teacher says that it names another. */
export function goneFrom(
  { gone, twice }: ImportDraft,
  answerTo: (one: TwiceCase) => TwiceAnswer | null,
): readonly StudentRecord[] {
  const others = twice.flatMap((one) =>
    one.inClass?.left === null && answerTo(one) === 'another' && !isSameName(one)
      ? [one.inClass]
      : [],
  );
  return [...gone, ...others];
}

/** Whether a case is about the very same name. */
export function isSameName({ student, inClass }: TwiceCase): boolean {
  return inClass === null || withoutNumber(student.displayName) === inClass.name;
}

/**
 * What a list says of a student; a number that only lost its zeros or prefix on the way stays as the class has it, and so
 * does a name with its words in another order, or, where it is known by its name alone, one of which words are missing.
 */
function factsOf(
  student: RosterStudent,
  same: StudentRecord | null,
  byName: boolean,
): StudentFacts {
  const number = student.externalId ?? '';
  const known = same?.externalId ?? '';
  const plain = withoutNumber(student.displayName);
  const whole =
    same && (isTurned(student, same) || (byName && isShorter(student, same))) ? same : null;
  return {
    name: whole?.name ?? plain,
    givenName: whole?.givenName ?? student.givenName,
    familyName: whole?.familyName ?? student.familyName,
    preferredName: student.preferredName,
    email: student.email ?? '',
    externalId:
      known.length > number.length && number !== '' && sameNumber(number, known) ? known : number,
    section: student.section ?? '',
    details: student.attributes,
  };
}

/** What a list says of a student that the class does not know yet, or knows otherwise. */
function newsOf(
  student: StudentRecord,
  facts: StudentFacts,
  theClass: ClassRecord,
): readonly FactChange[] {
  const section = theClass.sections.find(({ id }) => id === student.sectionId)?.name ?? '';
  const detailId = new Map(theClass.details.map(({ id, name }) => [name.toLowerCase(), id]));
  const known = { ...student, section };
  // A class that writes family names first has the same names written otherwise.
  const parts = (one: { givenName: string; familyName: string }): string =>
    `${one.givenName}\n${one.familyName}`;
  const sameParts = facts.familyName !== '' && parts(facts) === parts(student);
  const plain = (['name', 'preferredName', 'email', 'externalId', 'section'] as const).flatMap(
    (field): FactChange[] => {
      const [from, to] = [known[field], facts[field]];
      return to === '' || to === from || (field === 'name' && sameParts)
        ? []
        : [{ field, from, to }];
    },
  );
  const details = Object.entries(facts.details).flatMap(([name, value]): FactChange[] => {
    const held = student.details[detailId.get(name.toLowerCase()) ?? ''];
    const from = held === undefined ? '' : valueKey(held);
    return from === String(value) ? [] : [{ field: { detail: name }, from, to: String(value) }];
  });
  return [...plain, ...details];
}

const nameKey = ({ displayName }: RosterStudent): string =>
  withoutNumber(displayName).toLocaleLowerCase('en');

/** Whether a list has only some words of a name, or the first letter of one. */
function isShorter(student: RosterStudent, same: StudentRecord): boolean {
  const [given, known] = [nameWords(student), nameWords(asRosterStudent(same))];
  return given.join(' ').length < known.join(' ').length && mayBeOne(given, known);
}

/** Whether a list has the words of a name in another order. */
function isTurned(student: RosterStudent, same: StudentRecord): boolean {
  const [given, known] = [nameWords(student), nameWords(asRosterStudent(same))];
  return (
    given.join() === known.join() &&
    plainWords(withoutNumber(student.displayName)) !== plainWords(same.name)
  );
}

const hasSameNumber = ({ externalId }: RosterStudent, record: StudentRecord): boolean =>
  externalId !== null && record.externalId !== '' && sameNumber(externalId, record.externalId);

const sameAddress = (student: RosterStudent, record: StudentRecord): boolean =>
  student.email !== null && student.email.toLowerCase() === record.email.toLowerCase();
