'use client';

import type { DraftField } from '@/schema/draft';
import type { ClassId } from '@/schema/ids';
import { useMemo, useState } from 'react';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentRecord } from '@/schema/student';
import { takeInRoster } from '@/store/actions/takeInRoster';
import { useStore } from '@/store/react';
import { today } from '../frame/today';
import { draftImport, planImport, type TwiceAnswer, type TwiceCase } from './importPlan';
import { useRosterReading } from './rosterReading';

/** The field whose text is kept for a class. */
export function pasteField(classId: ClassId): DraftField {
  return { of: 'paste', classId };
}

/** The list being taken in: read anew with every letter, kept over a crash, taken in when said so. */
export function usePastedList(theClass: ClassRecord, students: readonly StudentRecord[]) {
  const store = useStore();
  const field = useMemo(() => pasteField(theClass.id), [theClass.id]);
  const reading = useRosterReading(field);
  const [answers, setAnswers] = useState<ReadonlyMap<string, TwiceAnswer>>(new Map());
  const [markGone, setMarkGone] = useState<boolean | null>(null);
  const { roster } = reading;
  const draft = useMemo(() => draftImport(roster, students), [roster, students]);
  const answerTo = (one: TwiceCase): TwiceAnswer | null => answers.get(questionKey(one)) ?? null;
  const marks = markGone ?? draft.whole;
  const plan = planImport(draft, theClass, answerTo, marks, today());
  return {
    ...reading,
    draft,
    plan,
    openQuestions: draft.twice.filter((one) => answerTo(one) === null).length,
    answerTo,
    answer: (one: TwiceCase, answer: TwiceAnswer) =>
      setAnswers((all) => new Map(all).set(questionKey(one), answer)),
    answerAll: (answer: TwiceAnswer) =>
      setAnswers(new Map(draft.twice.map((one) => [questionKey(one), answer]))),
    /** Whether students whom the list no longer names are marked as having left. */
    markGone: marks,
    setMarkGone,
    takeIn: (): void => {
      takeInRoster(store, theClass.id, plan);
      reading.done();
      setAnswers(new Map());
      setMarkGone(null);
    },
  };
}

export type PastedListState = ReturnType<typeof usePastedList>;

/** A row and the name on it: editing another row leaves the answer standing. */
function questionKey({ student }: TwiceCase): string {
  return `${student.row} ${student.displayName}`;
}
