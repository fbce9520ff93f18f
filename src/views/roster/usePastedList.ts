'use client';

import { useMemo, useState } from 'react';
import { fileAsText, type TextSheet } from '@/formats/roster/asText';
import { readRosterText, readTable } from '@/formats/roster/readRoster';
import type { ColumnReading, Reading, Roster } from '@/formats/roster/types';
import { say } from '@/messages';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentRecord } from '@/schema/student';
import { keepDraft } from '@/store/actions/drafts';
import { takeInRoster } from '@/store/actions/takeInRoster';
import { useStore } from '@/store/react';
import { useDraft } from '../frame/useDraft';
import { draftImport, planImport, type TwiceAnswer, type TwiceCase } from './importPlan';

/** The field whose text is kept for a class. */
export function pasteField(classId: string): string {
  return `paste:${classId}`;
}

const NOBODY: Roster = { students: [], staff: [], attributes: [], skipped: [], warnings: [] };

/** The list being taken in: read anew with every letter, kept over a crash, taken in when said so. */
export function usePastedList(theClass: ClassRecord, students: readonly StudentRecord[]) {
  const store = useStore();
  const field = pasteField(theClass.id);
  const text = useDraft(field);
  const [answers, setAnswers] = useState<ReadonlyMap<string, TwiceAnswer>>(new Map());
  /** The reading as the teacher changed it, with the text it was changed for. */
  const [changed, setChanged] = useState<{
    readonly text: string;
    readonly reading: Reading;
  } | null>(null);
  const [sheets, setSheets] = useState<readonly TextSheet[]>([]);
  const [fileTrouble, setFileTrouble] = useState('');

  const read = useMemo(() => readRosterText(text), [text]);
  const reading = changed?.text === text ? changed.reading : read.ok ? read.reading : null;
  const roster = useMemo(() => {
    if (!read.ok) return NOBODY;
    return reading && reading !== read.reading ? readTable(read.table, reading) : read.roster;
  }, [read, reading]);
  const draft = useMemo(() => draftImport(roster, students), [roster, students]);
  const answerTo = (one: TwiceCase): TwiceAnswer | null => answers.get(questionKey(one)) ?? null;
  const plan = planImport(draft, theClass, answerTo);

  const write = (next: string): void => {
    setFileTrouble('');
    keepDraft(store, field, next);
  };
  const open = async (file: File): Promise<void> => {
    const result = await fileAsText(new Uint8Array(await file.arrayBuffer()));
    if (!result.ok) {
      setFileTrouble(`${file.name}: ${say.rosterErrorSentence(result.error)}`);
      return;
    }
    setSheets(result.sheets);
    write(result.sheets[0]?.text ?? '');
  };
  return {
    text,
    roster,
    draft,
    plan,
    sheets: sheets.length > 1 ? sheets : [],
    table: read.ok ? read.table : null,
    reading,
    /** Why what stands in the box, or the file just opened, cannot be read; '' while it can. */
    trouble:
      fileTrouble !== '' || text.trim() === '' || read.ok
        ? fileTrouble
        : say.rosterErrorSentence(read.error),
    openQuestions: draft.twice.filter((one) => answerTo(one) === null).length,
    answerTo,
    write,
    open,
    setColumn: (column: number, next: Partial<ColumnReading>): void => {
      if (!reading) return;
      const columns = reading.columns.map((one, i) => (i === column ? { ...one, ...next } : one));
      setChanged({ text, reading: { ...reading, columns } });
    },
    answer: (one: TwiceCase, answer: TwiceAnswer) =>
      setAnswers((all) => new Map(all).set(questionKey(one), answer)),
    answerAll: (answer: TwiceAnswer) =>
      setAnswers(new Map(draft.twice.map((one) => [questionKey(one), answer]))),
    takeIn: (): void => {
      takeInRoster(store, theClass.id, plan);
      keepDraft(store, field, '');
      setAnswers(new Map());
      setSheets([]);
    },
  };
}

export type PastedListState = ReturnType<typeof usePastedList>;

/** A row and the name on it: editing another row leaves the answer standing. */
function questionKey({ student }: TwiceCase): string {
  return `${student.row} ${student.displayName}`;
}
