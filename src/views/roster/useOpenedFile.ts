'use client';

import { useRef, useState } from 'react';
import type { FileText, TextSheet } from '@/formats/roster/asText';
import { togetherText } from '@/formats/roster/together';
import type { Encoding } from '@/formats/roster/decode';
import type { ReadOptions } from '@/formats/roster/readRoster';
import { sayRoster } from '@/messages/roster';
import type { RosterClient } from '@/worker/rosterClient';

/** A file that was opened, kept so that it can be read in another way. */
export interface OpenedFile {
  readonly name: string;
  readonly bytes: Uint8Array;
  readonly encoding: Encoding | null;
  readonly sheets: readonly TextSheet[];
  /** Titles of the classes in it, and those chosen. */
  readonly classes: readonly string[];
  readonly chosen: readonly string[];
}

/** Opens files in the worker, and hands on the text of each as soon as it is known; of two the later one stands. */
export function useOpenedFile(client: RosterClient, onText: (text: string) => void) {
  const [file, setFile] = useState<OpenedFile | null>(null);
  const [trouble, setTrouble] = useState('');
  const lastOpening = useRef(0);
  const [opening, setOpening] = useState('');
  const openBytes = async (
    name: string,
    from: () => Promise<Uint8Array>,
    options: { encoding?: Encoding; classes?: readonly string[] } = {},
  ): Promise<void> => {
    const turn = ++lastOpening.current;
    setOpening(name);
    setTrouble('');
    const read = await readWhole(client, from, options);
    // What was asked for since then stands.
    if (turn !== lastOpening.current) return;
    setOpening('');
    if (!read) {
      setTrouble(sayRoster.roster.fileUnread(name));
      return;
    }
    const { bytes, result } = read;
    if (!result.ok) {
      setTrouble(sayRoster.roster.fileTrouble(name, sayRoster.rosterErrorSentence(result.error)));
      return;
    }
    const { encoding, classes } = result;
    const all = allTogether(result.sheets);
    const sheets = all ? [...result.sheets, all] : result.sheets;
    setFile({ name, bytes, encoding, sheets, classes, chosen: options.classes ?? classes });
    onText(sheets[0]?.text ?? '');
  };
  const again = (options: { encoding?: Encoding; classes?: readonly string[] }): void => {
    if (file) void openBytes(file.name, () => Promise.resolve(file.bytes), options);
  };
  return {
    file,
    /** Why the file just opened cannot be read; '' while it can. */
    trouble,
    /** Name of the file that is being read; '' while none is. */
    opening,
    open: (opened: File): Promise<void> =>
      openBytes(opened.name, async () => new Uint8Array(await opened.arrayBuffer())),
    /** Several files at once, as the sheets of one; one that cannot be read is told, the others stand. */
    openAll: async (opened: readonly File[]): Promise<void> => {
      const turn = ++lastOpening.current;
      setOpening(sayRoster.roster.files(opened.length));
      setTrouble('');
      const sheets: TextSheet[] = [];
      const troubles: string[] = [];
      for (const one of opened) {
        const read = await readWhole(
          client,
          async () => new Uint8Array(await one.arrayBuffer()),
          {},
        );
        if (!read) troubles.push(sayRoster.roster.fileUnread(one.name));
        else if (!read.result.ok)
          troubles.push(
            sayRoster.roster.fileTrouble(
              one.name,
              sayRoster.rosterErrorSentence(read.result.error),
            ),
          );
        else sheets.push(...sheetsOfFile(one.name, read.result.sheets));
      }
      if (turn !== lastOpening.current) return;
      setOpening('');
      setTrouble(troubles.join(' '));
      if (sheets.length === 0) return;
      const all = allTogether(sheets);
      setFile({
        name: sayRoster.roster.files(opened.length),
        bytes: new Uint8Array(),
        encoding: null,
        sheets: all ? [all, ...sheets] : sheets,
        classes: [],
        chosen: [],
      });
      onText((all ?? sheets[0])?.text ?? '');
    },
    readAs: (encoding: Encoding): void => {
      // The choice is seen at once, the reading of it follows.
      if (file) setFile({ ...file, encoding });
      again({ encoding });
    },
    chooseClasses: (classes: readonly string[]): void => {
      if (file) setFile({ ...file, chosen: classes });
      again({ classes });
    },
    /** Gives up what is being opened, for a text that stands; the name of the file given up, or ''. */
    giveWay: (): string => {
      lastOpening.current++;
      setOpening('');
      setTrouble('');
      return opening;
    },
    forget: () => setFile(null),
  };
}

/** Sheets of one of several files, called by the file. */
function sheetsOfFile(name: string, sheets: readonly TextSheet[]): readonly TextSheet[] {
  const stem = name.replace(/\.[^.]*$/, '');
  return sheets.map((sheet) => ({
    ...sheet,
    name: sheet.name === '' || sheets.length === 1 ? stem : `${stem}: ${sheet.name}`,
  }));
}

/** All sheets in one, each as a section of its own; null where there is only one. */
function allTogether(sheets: readonly TextSheet[]): TextSheet | null {
  if (sheets.length < 2) return null;
  return {
    name: sayRoster.roster.allSheets,
    text: togetherText(sheets, sayRoster.rosterWords),
    left: sheets.flatMap(({ left }, i) =>
      // A hidden sheet is named with each of the others.
      i === 0 ? left : left.filter(({ reason }) => reason !== 'hiddenSheet'),
    ),
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
