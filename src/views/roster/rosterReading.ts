'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { Encoding } from '@/formats/roster/decode';
import { proposeReading } from '@/formats/roster/reading';
import { plainWords } from '@/formats/roster/text';
import type { FileText, TextSheet } from '@/formats/roster/asText';
import {
  readRosterText,
  readTable,
  type ReadOptions,
  type ReadRoster,
} from '@/formats/roster/readRoster';
import type { ColumnReading, Reading, Roster, Table } from '@/formats/roster/types';
import { levelsFor } from '@/formats/roster/values';
import { sayRoster } from '@/messages/roster';
import * as z from 'zod/mini';
import type { DraftField } from '@/schema/draft';
import type { Setting } from '@/schema/setting';
import { keepDraft } from '@/store/actions/drafts';
import { useStore } from '@/store/react';
import { browserRosterClient, type RosterClient } from '@/worker/client';
import { useDraft, useSetting } from '../frame/useDraft';
import { useNotices } from '../primitives/notices';

const NOBODY: Roster = { students: [], staff: [], attributes: [], skipped: [], warnings: [] };

/** Letters that are read with every key; a longer text is read in the worker, so that the page never waits. */
const READ_AT_ONCE = 20_000;

const readOptions = () => ({ columnName: sayRoster.roster.unnamedColumn });

/** A file that was opened, kept so that it can be read in another way. */
interface OpenedFile {
  readonly name: string;
  readonly bytes: Uint8Array;
  readonly encoding: Encoding | null;
  readonly sheets: readonly TextSheet[];
  /** Titles of the classes in it, and those chosen. */
  readonly classes: readonly string[];
  readonly chosen: readonly string[];
}

/** Reads the text of a field, and files into it; how columns are read can be changed. */
export function useRosterReading(field: DraftField) {
  const store = useStore();
  const text = useDraft(field);
  const [client] = useState(browserRosterClient);
  useEffect(() => () => client.close(), [client]);

  const [last, setLast] = useState<{ readonly text: string; readonly read: ReadRoster } | null>(
    null,
  );
  const short = text.length <= READ_AT_ONCE;
  const atOnce = useMemo(
    () => (short && text.trim() !== '' ? readRosterText(text, readOptions()) : null),
    [short, text],
  );
  useEffect(() => {
    if (short) return undefined;
    const stop = new AbortController();
    client.readText(text, readOptions(), { signal: stop.signal }).then(
      (read) => setLast({ text, read }),
      // A newer text is being read already.
      () => undefined,
    );
    return () => stop.abort();
  }, [client, short, text]);
  const blank = text.trim() === '';
  const read = blank ? null : (atOnce ?? last?.read ?? null);

  const [changed, setChanged] = useState<Changed | null>(null);
  const table = read?.ok ? read.table : null;
  const remembered = useRemembered(table, read?.ok ? read.reading : null);
  const reading = changed?.table === table ? changed.reading : read?.ok ? remembered.reading : null;
  const roster = useMemo(() => {
    if (!read?.ok || !reading) return NOBODY;
    return reading === read.reading ? read.roster : readTable(read.table, reading);
  }, [read, reading]);

  const { notify } = useNotices();
  const [file, setFile] = useState<OpenedFile | null>(null);
  const [fileTrouble, setFileTrouble] = useState('');
  const lastOpening = useRef(0);
  /** Name of the file that is being read; '' while none is. */
  const [opening, setOpening] = useState('');
  const write = useCallback(
    (next: string): void => {
      // Of a file and a text begun after it, the text stands.
      lastOpening.current++;
      setOpening('');
      setFileTrouble('');
      if (opening !== '') notify({ text: sayRoster.roster.fileLeft(opening) });
      keepDraft(store, field, next);
    },
    [store, field, opening, notify],
  );
  const openBytes = async (
    name: string,
    from: () => Promise<Uint8Array>,
    options: { encoding?: Encoding; classes?: readonly string[] } = {},
  ): Promise<void> => {
    const turn = ++lastOpening.current;
    setOpening(name);
    setFileTrouble('');
    const read = await readWhole(client, from, options);
    // What was asked for since then stands.
    if (turn !== lastOpening.current) return;
    setOpening('');
    if (!read) {
      setFileTrouble(sayRoster.roster.fileUnread(name));
      return;
    }
    const { bytes, result } = read;
    if (!result.ok) {
      setFileTrouble(`${name}: ${sayRoster.rosterErrorSentence(result.error)}`);
      return;
    }
    const { sheets, encoding, classes } = result;
    setFile({ name, bytes, encoding, sheets, classes, chosen: options.classes ?? classes });
    keepDraft(store, field, sheets[0]?.text ?? '');
  };
  const change = (next: Partial<Reading>): void => {
    if (table && reading) setChanged({ table, reading: { ...reading, ...next } });
  };
  return {
    text,
    /** False while a newer text, or a file in another way, is still being read. */
    upToDate: opening === '' && (short || last?.text === text),
    roster,
    table,
    reading,
    remembered: remembered.known && changed?.table !== table,
    file,
    /** Why what stands in the box, or the file just opened, cannot be read; '' while it can. */
    trouble:
      fileTrouble === '' && read && !read.ok
        ? sayRoster.rosterErrorSentence(read.error)
        : fileTrouble,
    write,
    open: (opened: File): Promise<void> =>
      openBytes(opened.name, async () => new Uint8Array(await opened.arrayBuffer())),
    readAs: (encoding: Encoding): void => {
      if (!file) return;
      // The choice is seen at once, the reading of it follows.
      setFile({ ...file, encoding });
      void openBytes(file.name, () => Promise.resolve(file.bytes), { encoding });
    },
    chooseClasses: (classes: readonly string[]): void => {
      if (!file) return;
      setFile({ ...file, chosen: classes });
      void openBytes(file.name, () => Promise.resolve(file.bytes), { classes });
    },
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
    /** Says which row holds the headings, -1 for none. */
    setHeading: (row: number): void => {
      if (table)
        setChanged({ table, reading: proposeReading(table, row, sayRoster.roster.unnamedColumn) });
    },
    /** Takes in a row that was left out. */
    takeInRow: (line: number): void => change({ takenIn: [...(reading?.takenIn ?? []), line] }),
    /** Empties the box and remembers how the columns were read. */
    done: (): void => {
      if (reading) remembered.remember(reading);
      keepDraft(store, field, '');
      setFile(null);
      setChanged(null);
      setLast(null);
    },
  };
}

/** The bytes of a file and what they say; null where the file cannot be had or the worker has died. */
async function readWhole(
  client: RosterClient,
  from: () => Promise<Uint8Array>,
  options: ReadOptions,
): Promise<{ readonly bytes: Uint8Array; readonly result: FileText } | null> {
  try {
    const bytes = await from();
    return { bytes, result: await client.fileAsText(bytes, options) };
  } catch {
    return null;
  }
}

interface Changed {
  readonly table: Table;
  readonly reading: Reading;
}

export type RosterReading = ReturnType<typeof useRosterReading>;

/** The reading that was confirmed for the same headings before, in place of the proposed one. */
function useRemembered(table: Table | null, proposed: Reading | null) {
  const key = table && proposed ? headingKey(table, proposed) : '';
  const setting = useMemo(() => confirmedReading(key), [key]);
  const [kept, keep] = useSetting(setting, null);
  return useMemo(() => {
    const columns = key === '' ? null : ofWidth(kept, proposed?.columns.length ?? 0);
    return {
      known: columns !== null,
      reading: columns && proposed ? { ...proposed, columns } : proposed,
      remember: ({ columns: confirmed }: Reading): void => {
        if (key !== '') keep(confirmed);
      },
    };
  }, [key, kept, keep, proposed]);
}

/** The headings of a table as one text; '' where it has none. Ids are bounded, so long headings are folded. */
function headingKey({ rows }: Table, { headingRow }: Reading): string {
  const cells = rows[headingRow]?.cells.map(plainWords) ?? [];
  if (headingRow < 0 || cells.length < 2) return '';
  const text = cells.join('|');
  let fold = 0;
  for (const sign of text) fold = (Math.imul(fold, 31) + (sign.codePointAt(0) ?? 0)) | 0;
  return `${(fold >>> 0).toString(36)}:${cells.length}:${text.slice(0, 60)}`;
}

/** Only this application writes here; what the columns hold is what it once confirmed. */
function confirmedReading(key: string): Setting<readonly ColumnReading[] | null> {
  const columns = z.custom<readonly ColumnReading[]>((value) => Array.isArray(value));
  return { name: `reading:${key}`, shape: z.nullable(columns), usual: null };
}

/** A length that differs is another table after all. */
function ofWidth(kept: readonly ColumnReading[] | null, width: number) {
  return kept?.length === width ? kept : null;
}
