'use client';

import { useMemo, useState } from 'react';
import { readPastedNames, type PastedName } from '@/formats/pastedNames';
import type { ClassId } from '@/schema/ids';
import type { StudentRecord } from '@/schema/student';
import { keepDraft } from '@/store/actions/drafts';
import { addStudents } from '@/store/actions/students';
import { useStore } from '@/store/react';
import { useDraft } from '../frame/useDraft';

/** What the teacher says of a name given twice. */
export type TwiceAnswer = 'another' | 'same';

/** The list being pasted: read anew with every letter, kept over a crash, taken in when said so. */
export function usePastedList(classId: ClassId, students: readonly StudentRecord[]) {
  const store = useStore();
  const field = `paste:${classId}`;
  const text = useDraft(field);
  const [answers, setAnswers] = useState<ReadonlyMap<string, TwiceAnswer>>(new Map());
  const list = useMemo(
    () =>
      readPastedNames(
        text,
        students.map(({ name }) => name),
      ),
    [text, students],
  );
  const twice = list.names.filter(({ sameNameAs }) => sameNameAs !== null);
  const answerTo = (one: PastedName): TwiceAnswer | null => answers.get(questionKey(one)) ?? null;
  const taken = list.names.filter((one) => one.sameNameAs === null || answerTo(one) === 'another');

  return {
    text,
    list,
    twice,
    malformed: list.names.filter(({ emailIssue }) => emailIssue !== null),
    /** How many would be added as things stand. */
    takenCount: taken.length,
    openQuestions: twice.filter((one) => answerTo(one) === null).length,
    answerTo,
    write: (next: string) => keepDraft(store, field, next),
    answer: (one: PastedName, answer: TwiceAnswer) =>
      setAnswers((all) => new Map(all).set(questionKey(one), answer)),
    answerAll: (answer: TwiceAnswer) =>
      setAnswers(new Map(twice.map((one) => [questionKey(one), answer]))),
    takeIn: (): number => {
      addStudents(store, classId, taken);
      keepDraft(store, field, '');
      setAnswers(new Map());
      return taken.length;
    },
  };
}

export type PastedListState = ReturnType<typeof usePastedList>;

/** A line and the name on it: editing another line leaves the answer standing. */
function questionKey({ line, name }: PastedName): string {
  return `${line} ${name}`;
}
