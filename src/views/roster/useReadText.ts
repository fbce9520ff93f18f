'use client';

import { startTransition, useEffect, useMemo, useState } from 'react';
import { readRosterText, type ReadRoster } from '@/formats/roster/readRoster';
import { sayRoster } from '@/messages/roster';
import type { ShapeId } from '@/formats/roster/shapes/list';
import type { RosterClient } from '@/worker/rosterClient';

/** Letters that are read with every key; a longer text is read in the worker, so that the page never waits. */
const READ_AT_ONCE = 20_000;

const readOptions = (shape: ShapeId | null) => ({
  columnName: sayRoster.roster.unnamedColumn,
  ...(shape === null ? {} : { shape }),
});

interface LastRead {
  readonly text: string;
  readonly shape: ShapeId | null;
  readonly read: ReadRoster;
}

/** What the reading of a text has come to. */
export interface ReadText {
  /** Null for a blank text, and before a long one has been read for the first time. */
  readonly read: ReadRoster | null;
  /** False while a newer text is still being read. */
  readonly upToDate: boolean;
  readonly forget: () => void;
}

/** Reads a text anew whenever it, or the layout it is read in, changes: a short one at once, a long one in the worker. */
export function useReadText(text: string, shape: ShapeId | null, client: RosterClient): ReadText {
  const [last, setLast] = useState<LastRead | null>(null);
  const short = text.length <= READ_AT_ONCE;
  const blank = text.trim() === '';
  const atOnce = useMemo(
    () => (short && !blank ? readRosterText(text, readOptions(shape)) : null),
    [short, blank, text, shape],
  );
  useEffect(() => {
    if (short) return undefined;
    const stop = new AbortController();
    client.readText(text, readOptions(shape), { signal: stop.signal }).then(
      // What thousands of rows come to is drawn a piece at a time.
      (read) => startTransition(() => setLast({ text, shape, read })),
      // A newer text is being read already.
      () => undefined,
    );
    return () => stop.abort();
  }, [client, short, text, shape]);
  return {
    read: blank ? null : (atOnce ?? last?.read ?? null),
    upToDate: short || (last?.text === text && last.shape === shape),
    forget: () => setLast(null),
  };
}
