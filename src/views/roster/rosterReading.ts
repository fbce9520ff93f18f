'use client';

import { useEffect, useMemo, useState } from 'react';
import { proposeReading } from '@/formats/roster/reading';
import { readTable } from '@/formats/roster/readRoster';
import type { ShapeId } from '@/formats/roster/shapes/list';
import type { ColumnReading, Reading, Roster, Skipped, Table } from '@/formats/roster/types';
import { levelsFor } from '@/formats/roster/values';
import { sayRoster } from '@/messages/roster';
import type { DraftField } from '@/schema/draft';
import { keepDraft } from '@/store/actions/drafts';
import { useStore } from '@/store/react';
import { browserRosterClient } from '@/worker/rosterClient';
import { useDraft } from '../frame/useDraft';
import { useStable } from '../frame/useStable';
import { useNotices } from '../primitives/notices';
import { useOpenedFile } from './useOpenedFile';
import { useReadText } from './useReadText';
import { useRemembered } from './useRemembered';

const NOTHING: readonly Skipped[] = [];
const NOBODY: Roster = { students: [], staff: [], attributes: [], skipped: [], warnings: [] };

interface Changed {
  readonly table: Table;
  readonly reading: Reading;
}

/** Reads the text of a field, and files into it; how columns are read can be changed. */
export function useRosterReading(field: DraftField) {
  const store = useStore();
  const { notify } = useNotices();
  const text = useDraft(field);
  const [client] = useState(browserRosterClient);
  useEffect(() => () => client.close(), [client]);
  const keep = (next: string): void => keepDraft(store, field, next);
  /** A layout chosen by hand stands for the text it was chosen for, and while that is only added to. */
  const [shape, setShape] = useState<ShapeId | null>(null);
  const { read, upToDate, forget } = useReadText(text, shape, client);
  const files = useOpenedFile(client, (next) => {
    setShape(null);
    keep(next);
  });

  const [changed, setChanged] = useState<Changed | null>(null);
  const table = read?.ok ? read.table : null;
  const remembered = useRemembered(table, read?.ok ? read.reading : null);
  const reading = changed?.table === table ? changed.reading : read?.ok ? remembered.reading : null;
  const roster = useMemo(() => {
    if (!read?.ok || !reading) return NOBODY;
    return reading === read.reading ? read.roster : readTable(read.table, reading);
  }, [read, reading]);

  const write = useStable((next: string): void => {
    // Of a file and a text begun after it, the text stands.
    const left = files.giveWay();
    if (next.trim() === '') setShape(null);
    if (left !== '') notify({ text: sayRoster.roster.fileLeft(left) });
    keep(next);
  });
  const change = (next: Partial<Reading>): void => {
    if (table && reading) setChanged({ table, reading: { ...reading, ...next } });
  };
  return {
    text,
    /** False while a newer text, or a file in another way, is still being read. */
    upToDate: files.opening === '' && upToDate,
    roster,
    table,
    reading,
    remembered: remembered.known && changed?.table !== table,
    /** How the text is laid out, and how else it could be read. */
    shape: read?.ok ? read.shape : null,
    shapes: read?.ok ? read.shapes : [],
    readIn: setShape,
    file: files.file,
    /** What of the opened file is not in the text, by name. */
    leftInFile: files.file?.sheets.find((sheet) => sheet.text === text)?.left ?? NOTHING,
    /** Why what stands in the box, or the file just opened, cannot be read; '' while it can. */
    trouble:
      files.trouble === '' && read && !read.ok
        ? sayRoster.rosterErrorSentence(read.error)
        : files.trouble,
    write,
    open: files.open,
    openAll: files.openAll,
    readAs: files.readAs,
    chooseClasses: files.chooseClasses,
    setColumn: (column: number, next: Partial<ColumnReading>): void => {
      if (!reading || !table) return;
      const cells = table.rows.slice(reading.headingRow + 1).map((row) => row.cells[column] ?? '');
      change({
        columns: reading.columns.map((one, i) => {
          if (i !== column) return one;
          const whole = { ...one, ...next };
          return { ...whole, levels: whole.kind === 'level' ? levelsFor(cells) : [] };
        }),
      });
    },
    /** Leaves several columns out at once. */
    leaveColumnsOut: (columns: readonly number[]): void => {
      if (!reading) return;
      change({
        columns: reading.columns.map((one, i) =>
          columns.includes(i) ? { ...one, role: 'leftOut', name: '' } : one,
        ),
      });
    },
    /** Says which row holds the headings, -1 for none. */
    setHeading: (row: number): void => {
      if (table)
        setChanged({ table, reading: proposeReading(table, row, sayRoster.roster.unnamedColumn) });
    },
    /** Takes in a row that was left out. */
    takeInRow: (line: number): void => change({ takenIn: [...(reading?.takenIn ?? []), line] }),
    /** Remembers how the columns were read, once the box is empty. */
    done: (): void => {
      if (reading) remembered.remember(reading);
      setShape(null);
      files.forget();
      setChanged(null);
      forget();
    },
  };
}

export type RosterReading = ReturnType<typeof useRosterReading>;
