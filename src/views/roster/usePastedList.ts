'use client';

import { groupsIn, withoutGroups, type GroupsIn } from '@/formats/roster/groupsIn';
import { areCapitals, softened } from '@/formats/roster/soften';
import type { RosterStudent } from '@/formats/roster/types';
import { useCallback, useMemo, useState } from 'react';
import { sayRoster } from '@/messages/roster';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentRecord } from '@/schema/student';
import { createClass } from '@/store/actions/classes';
import { keepDraft } from '@/store/actions/drafts';
import { takeInLongRoster, takeInRoster } from '@/store/actions/takeInRoster';
import { lineupsOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { freshLineupName } from '../frame/lineupNames';
import { nextTask } from '../primitives/nextTask';
import { useRoute } from '../primitives/route';
import { useToday } from '../frame/useToday';
import { pasteField } from './pasteField';
import { draftImport, planImport, type TwiceAnswer, type TwiceCase } from './importPlan';
import { useRosterReading } from './rosterReading';
import { AT_ONCE } from './useDrawn';

/** The list being taken in: read anew with every letter, kept over a crash, taken in when said so. */
export function usePastedList(theClass: ClassRecord, students: readonly StudentRecord[]) {
  const store = useStore();
  const { go } = useRoute();
  const field = useMemo(() => pasteField(theClass.id), [theClass.id]);
  const reading = useRosterReading(field);
  const [answers, setAnswers] = useState<ReadonlyMap<string, TwiceAnswer>>(new Map());
  const [markGone, setMarkGone] = useState<boolean | null>(null);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [sameClass, setSameClass] = useState(false);
  const [soft, setSoft] = useState(false);
  const [comingIn, setComingIn] = useState(false);
  const [groupsKey, setGroupsKey] = useState<string | null>(null);
  const given = reading.roster;
  const read = useMemo(
    () => (soft ? { ...given, students: given.students.map(softened) } : given),
    [given, soft],
  );
  const roster = useMemo(
    () =>
      left.size === 0
        ? read
        : { ...read, students: read.students.filter((one) => !left.has(rowKey(one))) },
    [read, left],
  );
  const { table, reading: howRead } = reading;
  const groupsFound = useMemo(
    () => (table && howRead ? groupsIn(roster, table, howRead) : []),
    [roster, table, howRead],
  );
  const groups = groupsFound.find((one) => keyOf(one) === groupsKey) ?? null;
  const ofClass = useMemo(
    () => (groups ? withoutGroups(roster, groups) : roster),
    [roster, groups],
  );
  const draft = useMemo(() => draftImport(ofClass, students), [ofClass, students]);
  const answerTo = useCallback(
    (one: TwiceCase): TwiceAnswer | null => answers.get(questionKey(one)) ?? null,
    [answers],
  );
  const marks = markGone ?? draft.whole;
  const lineups = useQuery(lineupsOf, theClass.id);
  const day = useToday();
  const plan = useMemo(() => {
    const lineup = groups && {
      name: freshLineupName(lineups.map(({ name }) => name)),
      groups: groups.groups.map(({ name, students: places }) => ({
        name: sayRoster.roster.groupCalled(name),
        students: places,
      })),
    };
    return planImport(draft, theClass, answerTo, marks, day, lineup);
  }, [draft, theClass, answerTo, marks, day, groups, lineups]);
  return {
    ...reading,
    draft,
    plan,
    /** Whether nearly all names are in capitals, and whether they are written small. */
    capitals: areCapitals(given.students),
    soft,
    setSoft,
    /** What of the list can be the groups of a lineup, and which of it is to be. */
    groupsFound: groupsFound.map((one) => ({ ...one, key: keyOf(one) })),
    groupsKey: groups && keyOf(groups),
    setGroupsKey,
    /** Students of the list whom the teacher leaves out. */
    leftByHand: read.students.filter((one) => left.has(rowKey(one))),
    leaveOut: (student: RosterStudent) => setLeft((all) => new Set(all).add(rowKey(student))),
    takeBack: (student: RosterStudent) =>
      setLeft((all) => new Set([...all].filter((key) => key !== rowKey(student)))),
    /** Whether it must still be said that a list which names nearly nobody is of this class. */
    asksWhichClass: draft.stranger && !sameClass,
    isThisClass: () => setSameClass(true),
    className: theClass.name,
    /** Letters of the file look wrong: another encoding is to be chosen first. */
    wrongLetters: reading.text.includes('\ufffd'),
    /** Makes a class of its own of the list, which waits there to be taken in. */
    makeAnotherClass: (): void => {
      const classId = createClass(store, sayRoster.roster.anotherClassName, freshLineupName([]));
      keepDraft(store, pasteField(classId), reading.text);
      reading.write('');
      go(`/c/${classId}/roster`);
    },
    openQuestions:
      draft.twice.filter((one) => answerTo(one) === null).length +
      (draft.stranger && !sameClass ? 1 : 0),
    answerTo,
    answer: (one: TwiceCase, answer: TwiceAnswer) =>
      setAnswers((all) => new Map(all).set(questionKey(one), answer)),
    answerAll: (answer: TwiceAnswer) =>
      setAnswers(new Map(draft.twice.map((one) => [questionKey(one), answer]))),
    /** Whether students whom the list no longer names are marked as having left. */
    markGone: marks,
    setMarkGone,
    /** Whether a long list is just being taken in. */
    comingIn,
    takeIn: async (): Promise<void> => {
      if (plan.added.length + plan.updated.length <= AT_ONCE) {
        takeInRoster(store, theClass.id, plan);
      } else {
        setComingIn(true);
        try {
          await nextTask();
          await takeInLongRoster(store, theClass.id, plan, nextTask);
        } finally {
          // Where it fails the list is still in the box, and is shown again.
          setComingIn(false);
        }
      }
      reading.done();
      setAnswers(new Map());
      setMarkGone(null);
      setLeft(new Set());
      setSoft(false);
      setGroupsKey(null);
      setSameClass(false);
    },
  };
}

export type PastedListState = ReturnType<typeof usePastedList>;

function keyOf({ from }: GroupsIn): string {
  return 'section' in from ? 'section' : `detail ${from.detail}`;
}

/** A row and the name on it: editing another row leaves the answer standing. */
function questionKey({ student }: TwiceCase): string {
  return rowKey(student);
}

function rowKey(student: RosterStudent): string {
  return `${student.row} ${student.displayName}`;
}
