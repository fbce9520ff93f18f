'use client';

import { useEffect, useMemo, useState } from 'react';
import { readRosterText, type ReadRoster } from '@/formats/roster/readRoster';
import { sayRoster } from '@/messages/roster';
import type { RosterClient } from '@/worker/client';

/** Letters that are read with every key; a longer text is read in the worker, so that the page never waits. */
const READ_AT_ONCE = 20_000;

const readOptions = () => ({ columnName: sayRoster.roster.unnamedColumn });

/** What the reading of a text has come to. */
export interface ReadText {
  /** Null for a blank text, and before a long one has been read for the first time. */
  readonly read: ReadRoster | null;
  /** False while a newer text is still being read. */
  readonly upToDate: boolean;
  readonly forget: () => void;
}

/** Reads a text anew whenever it changes: a short one at once, a long one in the worker. */
export function useReadText(text: string, client: RosterClient): ReadText {
  const [last, setLast] = useState<{ readonly text: string; readonly read: ReadRoster } | null>(
    null,
  );
  const short = text.length <= READ_AT_ONCE;
  const blank = text.trim() === '';
  const atOnce = useMemo(
    () => (short && !blank ? readRosterText(text, readOptions()) : null),
    [short, blank, text],
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
  return {
    read: blank ? null : (atOnce ?? last?.read ?? null),
    upToDate: short || last?.text === text,
    forget: () => setLast(null),
  };
}
