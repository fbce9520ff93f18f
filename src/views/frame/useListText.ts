'use client';

import { useEffect, useState } from 'react';
import type { ReadRoster } from '@/formats/roster/readRoster';
import { sayRoster } from '@/messages/roster';
import type { DraftField } from '@/schema/draft';
import { keepDraft } from '@/store/actions/drafts';
import { useStore } from '@/store/react';
import { browserRosterClient } from '@/worker/rosterClient';
import { useDraft } from './useDraft';

/** A list that is pasted or opened beside the roster, kept as it is typed and read as it stands. */
export interface ListText {
  readonly text: string;
  readonly keep: (text: string) => void;
  /** What the text was read as; null while there is none, or it is being read. */
  readonly found: ReadRoster | null;
  /** Why a file was not read; '' where all is well. */
  readonly trouble: string;
  readonly openFile: (file: File) => Promise<void>;
}

/** `asRoster` false leaves the text as it is: what it holds is no class list. */
export function useListText(field: DraftField, asRoster = true): ListText {
  const store = useStore();
  const text = useDraft(field);
  const keep = (next: string): void => keepDraft(store, field, next);
  const [client] = useState(browserRosterClient);
  useEffect(() => () => client.close(), [client]);
  const [trouble, setTrouble] = useState('');
  const [read, setRead] = useState<{ readonly of: string; readonly as: ReadRoster } | null>(null);
  useEffect(() => {
    if (!asRoster || text.trim() === '') return undefined;
    const stop = new AbortController();
    client.readText(text, {}, { signal: stop.signal }).then(
      (as) => setRead({ of: text, as }),
      // A newer text is being read already.
      () => undefined,
    );
    return () => stop.abort();
  }, [client, text, asRoster]);
  const openFile = async (file: File): Promise<void> => {
    setTrouble('');
    const answer = await client
      .fileAsText(new Uint8Array(await file.arrayBuffer()))
      .catch(() => null);
    if (!answer) setTrouble(sayRoster.roster.fileUnread(file.name));
    else if (answer.ok) keep(answer.sheets[0]?.text ?? '');
    else {
      const why = sayRoster.rosterErrorSentence(answer.error);
      setTrouble(sayRoster.roster.fileTrouble(file.name, why));
    }
  };
  const found = text.trim() === '' || read?.of !== text ? null : read.as;
  return { text, keep, found, trouble, openFile };
}
