import { matchStudents } from '@/formats/roster/merge';
import type { Roster, RosterStudent } from '@/formats/roster/types';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentRecord } from '@/schema/student';
import type { RosterPlan, StudentFacts } from '@/store/actions/takeInRoster';

/** A name that stands twice in the list or already in the class: only the teacher knows whether it is one student. */
export interface TwiceCase {
  /** Place in the roster's students. */
  readonly index: number;
  readonly student: RosterStudent;
  /** The student of the class who has the name; null where the name stands twice in the list. */
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
  /** Students of the class whom the list does not name; only told where the list names most of the class. */
  readonly gone: readonly StudentRecord[];
}

/** A list that names at least this share of the class is taken for a newer list of the same class. */
const SAME_CLASS_SHARE = 0.5;

export function draftImport(roster: Roster, inClass: readonly StudentRecord[]): ImportDraft {
  const matches = matchStudents(inClass.map(asRosterStudent), roster.students);
  const known = new Map<number, StudentRecord>();
  const twice: TwiceCase[] = [];
  const firstRow = new Map<string, number>();
  matches.forEach(({ student, earlier }, index) => {
    const match = inClass[earlier];
    const name = nameKey(student);
    const before = firstRow.get(name);
    if (match && (sameNumber(student, match) || sameAddress(student, match)))
      known.set(index, match);
    else if (before !== undefined) twice.push({ index, student, inClass: null, before });
    else if (match) twice.push({ index, student, inClass: match, before: 0 });
    if (before === undefined) firstRow.set(name, student.row);
  });
  const matched = new Set(matches.map(({ earlier }) => earlier));
  const sameClass = inClass.length > 0 && matched.size >= inClass.length * SAME_CLASS_SHARE;
  const gone = sameClass ? inClass.filter((_, place) => !matched.has(place)) : [];
  return { roster, twice, known, gone };
}

/** The step to take, once every case has its answer: whom to add, whom to bring up to date. */
export function planImport(
  draft: ImportDraft,
  theClass: ClassRecord,
  answerTo: (one: TwiceCase) => TwiceAnswer | null,
): RosterPlan {
  const cases = new Map(draft.twice.map((one) => [one.index, one]));
  const added: StudentFacts[] = [];
  const updated: RosterPlan['updated'][number][] = [];
  draft.roster.students.forEach((student, index) => {
    const one = cases.get(index);
    const same = one && answerTo(one) === 'same' ? one.inClass : (draft.known.get(index) ?? null);
    const facts = factsOf(student);
    if (same) {
      if (bringsNews(same, facts, theClass)) updated.push({ id: same.id, facts });
    } else if (!one || answerTo(one) === 'another') added.push(facts);
  });
  return {
    added,
    updated,
    details: draft.roster.attributes.map(({ name, kind, levels }) => ({
      name,
      kind,
      levels: [...levels],
    })),
    staff: draft.roster.staff.map(({ displayName, email }) => ({
      name: displayName,
      email,
      role: '',
    })),
  };
}

function factsOf(student: RosterStudent): StudentFacts {
  const plain = student.displayName.replace(/ \(\d+\)$/, '');
  return {
    name: plain,
    givenName: student.givenName,
    familyName: student.familyName,
    email: student.email ?? '',
    externalId: student.externalId ?? '',
    section: student.section ?? '',
    details: student.attributes,
  };
}

/** Whether a list says anything of a student that the class does not know yet. */
function bringsNews(student: StudentRecord, facts: StudentFacts, theClass: ClassRecord): boolean {
  const section = theClass.sections.find(({ id }) => id === student.sectionId)?.name ?? '';
  const detailId = new Map(theClass.details.map(({ id, name }) => [name.toLowerCase(), id]));
  const plain = (['name', 'email', 'externalId'] as const).some(
    (field) => facts[field] !== '' && facts[field] !== student[field],
  );
  const details = Object.entries(facts.details).some(([name, value]) => {
    const held = student.details[detailId.get(name.toLowerCase()) ?? ''];
    return String(typeof held === 'boolean' ? (held ? 'yes' : 'no') : held) !== String(value);
  });
  return plain || details || (facts.section !== '' && facts.section !== section);
}

function asRosterStudent(student: StudentRecord): RosterStudent {
  return {
    row: 0,
    givenName: student.givenName,
    familyName: student.familyName,
    displayName: student.name,
    email: student.email === '' ? null : student.email,
    externalId: student.externalId === '' ? null : student.externalId,
    section: null,
    attributes: {},
  };
}

const nameKey = ({ displayName }: RosterStudent): string =>
  displayName.replace(/ \(\d+\)$/, '').toLocaleLowerCase('en');

const sameNumber = (student: RosterStudent, record: StudentRecord): boolean =>
  student.externalId !== null &&
  student.externalId.toLowerCase() === record.externalId.toLowerCase();

const sameAddress = (student: RosterStudent, record: StudentRecord): boolean =>
  student.email !== null && student.email.toLowerCase() === record.email.toLowerCase();
