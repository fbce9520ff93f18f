import type { ClassRecord, Detail } from '../../schema/classRecord';
import { emptyDraft } from '../../schema/draft';
import {
  DetailId,
  LineupId,
  newId,
  SectionId,
  StudentId,
  TakeId,
  type ClassId,
} from '../../schema/ids';
import { newLineup } from '../../schema/lineup';
import { PLAIN_RECIPE, type Recipe } from '../../schema/recipe';
import { newStudent, type StudentRecord } from '../../schema/student';
import { newGroup, type TakeRecord } from '../../schema/take';
import { wholeName } from '../../schema/wholeName';
import type { AppStore } from '../appStore';
import type { Change } from '../recordStore';
import { freeSign } from './classParts';
import { nextOrder } from './students';

/** What a list says of a student; '' where it says nothing. */
export interface StudentFacts {
  readonly name: string;
  readonly givenName: string;
  readonly familyName: string;
  readonly preferredName: string;
  readonly email: string;
  readonly externalId: string;
  readonly section: string;
  /** Name of the detail → value. */
  readonly details: Readonly<Record<string, string | number>>;
}

/** A lineup of groups that a list says; members who are not in the class yet by their place among the added. */
export interface ListedLineup {
  readonly name: string;
  readonly groups: readonly {
    readonly name: string;
    readonly known: readonly StudentId[];
    readonly added: readonly number[];
  }[];
}

/** What a list changes in a class. */
export interface RosterPlan {
  readonly added: readonly StudentFacts[];
  readonly updated: readonly { readonly id: StudentId; readonly facts: StudentFacts }[];
  readonly details: readonly Omit<Detail, 'id'>[];
  readonly staff: ClassRecord['staff'];
  /** Students of the class whom the list no longer names, to be marked as having left. */
  readonly gone: readonly StudentId[];
  /** The day on which they are marked, as YYYY-MM-DD. */
  readonly day: string;
  /** Who is with whom, to be a lineup of its own; null where the list says nothing of it. */
  readonly lineup?: ListedLineup | null;
}

/**
 * Takes a list into the class as one step to undo: new sections and details, new students, what changed of others.
 * The box it was pasted into is emptied by the same step, so that undoing it brings the text back.
 */
export function takeInRoster(store: AppStore, classId: ClassId, plan: RosterPlan): void {
  store.history.act('addStudents', (change) => {
    putRoster(change, classId, plan, wholly(making(change, classId, plan)));
  });
}

/**
 * The same for a long list: its records are made a piece at a time, with a pause after each, and then put in one step.
 * Where the class was changed meanwhile they are made again in that step.
 */
export async function takeInLongRoster(
  store: AppStore,
  classId: ClassId,
  plan: RosterPlan,
  pause: () => Promise<void>,
): Promise<void> {
  const { records } = store;
  const state = (): string => `${records.revision('class')} ${records.revision('student')}`;
  const before = state();
  const steps = making(records, classId, plan);
  let step = steps.next();
  for (; !step.done; step = steps.next()) await pause();
  const made = before === state() ? step.value : undefined;
  store.history.act('addStudents', (change) => {
    putRoster(
      change,
      classId,
      plan,
      made === undefined ? wholly(making(change, classId, plan)) : made,
    );
  });
}

/** Students made between two pauses. */
const PIECE = 500;

/** The records of a class into which a list was taken. */
interface Made {
  readonly theClass: ClassRecord;
  readonly added: readonly StudentRecord[];
  readonly updated: readonly StudentRecord[];
}

/** Makes the records that a list comes to, null where the class is gone; yields after each piece. */
function* making(
  { get, all }: Pick<Change, 'get' | 'all'>,
  classId: ClassId,
  plan: RosterPlan,
): Generator<void, Made | null> {
  const current = get('class', classId);
  if (!current) return null;
  const facts = [...plan.added, ...plan.updated.map((one) => one.facts)];
  const theClass = withRoomFor(current, facts, plan);
  const next = nextOrder(all, classId);
  const withFacts = factsIn(theClass);
  const added: StudentRecord[] = [];
  for (const one of plan.added) {
    const fresh = newStudent(newId(StudentId, 's'), classId, next + added.length, one);
    added.push(withFacts(fresh, one));
    if (added.length % PIECE === 0) yield;
  }
  const updated = new Map<string, StudentRecord>();
  for (const { id, facts: one } of plan.updated) {
    const student = updated.get(id) ?? get('student', id);
    // Whoever a newer list names again is back.
    if (student) updated.set(id, { ...withFacts(student, one), left: null });
    if (updated.size % PIECE === 0) yield;
  }
  plan.gone.forEach((id) => {
    const student = updated.get(id) ?? get('student', id);
    if (student) updated.set(id, { ...student, left: plan.day });
  });
  return { theClass, added, updated: [...updated.values()] };
}

function wholly<T>(steps: Generator<void, T>): T {
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}

function putRoster(
  { put, remove }: Change,
  classId: ClassId,
  { lineup }: RosterPlan,
  made: Made | null,
): void {
  remove(emptyDraft({ of: 'paste', classId }).id);
  if (!made) return;
  const { theClass, added, updated } = made;
  put(theClass);
  added.forEach(put);
  updated.forEach(put);
  if (lineup) {
    putLineup(
      put,
      theClass,
      lineup,
      added.map(({ id }) => id),
    );
  }
}

/** The groups of a list as a lineup that is open, with as many groups and their names for when they are made anew. */
function putLineup(
  put: Change['put'],
  theClass: ClassRecord,
  { name, groups }: ListedLineup,
  added: readonly StudentId[],
): void {
  const createdAt = new Date().toISOString();
  const id = newId(LineupId, 'l');
  const take: TakeRecord = {
    ...{ record: 'take', id: newId(TakeId, 't'), lineupId: id, classId: theClass.id },
    ...{ number: 1, seed: 0, dealt: null, starred: false, madeBy: null, createdAt },
    groups: groups.map((group, sign) =>
      newGroup(group.name, sign, [
        ...group.known,
        ...group.added.flatMap((place) => added[place] ?? []),
      ]),
    ),
  };
  put(take);
  const list = groups.map((group) => group.name);
  const recipe: Recipe = {
    ...(theClass.usualRecipe ?? PLAIN_RECIPE),
    sizing: { by: 'count', count: groups.length },
    naming: { from: 'list', list, withCode: false, withDate: false },
  };
  put({ ...newLineup(id, theClass.id, name, createdAt, recipe), takeId: take.id });
  put({ ...theClass, openLineupId: id });
}

/** The class with a section and a detail for every one that the list names. */
function withRoomFor(
  theClass: ClassRecord,
  facts: readonly StudentFacts[],
  { details, staff }: RosterPlan,
): ClassRecord {
  const known = new Set(theClass.sections.map(({ name }) => name));
  const sectionNames = [...new Set(facts.map(({ section }) => section))].filter(
    (name) => name !== '' && !known.has(name),
  );
  const sections = sectionNames.reduce<ClassRecord['sections']>(
    (all, name) => [...all, { id: newId(SectionId, 'sec'), name, sign: freeSign(all) }],
    theClass.sections,
  );
  const detailNames = new Set(theClass.details.map(({ name }) => name.toLowerCase()));
  const newDetails = details.filter(({ name }) => !detailNames.has(name.toLowerCase()));
  const staffNames = new Set(theClass.staff.map(({ name }) => name));
  return {
    ...theClass,
    sections,
    details: [
      ...theClass.details,
      ...newDetails.map((one) => ({ ...one, id: newId(DetailId, 'det') })),
    ],
    staff: [...theClass.staff, ...staff.filter(({ name }) => !staffNames.has(name))],
  };
}

/** What puts the facts of a list into a student of the class; where the list says nothing, what was known stays. */
function factsIn(theClass: ClassRecord) {
  const idOfDetail = new Map(theClass.details.map(({ id, name }) => [name.toLowerCase(), id]));
  const idOfSection = new Map(theClass.sections.map(({ id, name }) => [name, id]));
  return (student: StudentRecord, facts: StudentFacts): StudentRecord => {
    const details = { ...student.details };
    for (const [name, value] of Object.entries(facts.details)) {
      const id = idOfDetail.get(name.toLowerCase());
      if (id !== undefined) details[id] = value;
    }
    const parts = {
      givenName: facts.givenName || student.givenName,
      familyName: facts.familyName || student.familyName,
      preferredName: facts.preferredName || student.preferredName,
    };
    // A class that writes family names first does so for everybody whose parts are known.
    const inOrder =
      theClass.nameOrder === 'givenFirst' || parts.familyName === ''
        ? ''
        : wholeName(parts, theClass.nameOrder);
    return {
      ...student,
      ...parts,
      name: inOrder || facts.name || student.name,
      email: facts.email || student.email,
      externalId: facts.externalId || student.externalId,
      sectionId: idOfSection.get(facts.section) ?? student.sectionId,
      details,
    };
  };
}
