'use client';

import { useTold } from '../frame/useTold';
import { Button } from '../primitives/Button';
import { useEffect, useRef, useState } from 'react';
import { readBackup, readClassFile } from '@/schema/classFile';
import type { ClassRecord } from '@/schema/classRecord';
import type { AppRecord } from '@/schema/records';
import { say } from '@/messages';
import { sayShelf } from '@/messages/shelf';
import { sayOut } from '@/messages/out';
import { sayClassFiles } from '@/messages/classFiles';
import { openBackup, type BackupAnswer } from '@/store/actions/classes';
import { sameData } from '@/schema/merging';
import { useStore } from '@/store/react';
import { backupOf, classFileOf } from '../frame/classFiles';
import { download } from '../frame/download';
import { noteSaved } from '../frame/safekeeping';
import { today } from '../frame/today';
import { useRealNames } from '../frame/useRealNames';
import { useNotices } from '../primitives/notices';
import { KeepFile, Safekeeping } from './Safekeeping';
import { isClassFile, listenDropped, takeDropped } from '../frame/droppedFiles';
import { useStable } from '../frame/useStable';
import { useLaunch } from './useLaunch';
import { useListAsClass } from './usePastedClass';
import styles from './ShelfView.module.css';

/** A file larger than this is no backup of classes; nothing of it is read. */
const MOST_BYTES = 200 * 1024 * 1024;

type Opened = readonly (readonly AppRecord[])[];

/** Everything into one file, and class files back onto the shelf. */
export function Backups({ classes }: { readonly classes: readonly ClassRecord[] }) {
  const store = useStore();
  const { notify } = useNotices();
  const told = useTold();
  const input = useRef<HTMLInputElement>(null);
  const { leave, question } = useRealNames(false);
  const [trouble, setTrouble] = useState('');
  /** Classes of an opened file of which some are on the shelf already. */
  const [asked, setAsked] = useState<Opened | null>(null);

  const save = (): void => {
    const name = sayShelf.backupName(today());
    download(name, `${JSON.stringify(backupOf(store), null, 1)}\n`, 'application/json');
    noteSaved(store);
    notify({ text: sayOut.files.saved(name) });
  };
  const put = (opened: Opened, answer: BackupAnswer): void => {
    const known = new Set<string>(classes.map(({ id }) => id));
    openBackup(
      store,
      opened.map((records) => ({
        records,
        answer: known.has(classIn(records)?.id ?? '') ? answer : 'replace',
      })),
    );
    setAsked(null);
    told(sayShelf.opened(opened.length));
  };
  const sameAsHere = (records: readonly AppRecord[]): boolean => {
    const theClass = classes.find(({ id }) => id === classIn(records)?.id);
    if (!theClass) return false;
    const held = readClassFile(classFileOf(store, theClass.id));
    return held.ok && sameData(byId(held.records), byId(records));
  };
  const open = async (file: File): Promise<void> => {
    setTrouble('');
    setAsked(null);
    const read = readBackup(file.size > MOST_BYTES ? null : parse(await file.text()));
    if (!read.ok) {
      setTrouble(`${file.name}: ${sayClassFiles.classFileIssueSentence(read.issue)}`);
      return;
    }
    const known = read.classes.filter((records) =>
      classes.some(({ id }) => id === classIn(records)?.id),
    );
    const differing = known.filter((records) => !sameAsHere(records));
    const fresh = read.classes.filter((records) => !known.includes(records));
    if (read.unread > 0) setTrouble(`${file.name}: ${say.frame.unreadable(read.unread)}`);
    if (differing.length > 0) setAsked([...fresh, ...differing]);
    else if (fresh.length > 0) put(fresh, 'replace');
    else notify({ text: sayShelf.nothingNew });
  };
  useLaunch({ openFile: (file) => void open(file), openList: useListAsClass() });
  const openDropped = useStable((): void => {
    const [file] = takeDropped(isClassFile);
    if (file) void open(file);
  });
  useEffect(() => {
    openDropped();
    return listenDropped(openDropped);
  }, [openDropped]);
  const names = (asked ?? []).flatMap((records) => classIn(records)?.name ?? []);
  return (
    <section className={styles.backups} aria-label={sayShelf.backups}>
      {question}
      {classes.length > 0 && (
        <Button size="small" variant="paper" onClick={() => leave(save)}>
          {sayShelf.saveAll}
        </Button>
      )}
      <Button size="small" variant="paper" onClick={() => input.current?.click()}>
        {sayShelf.openFile}
      </Button>
      {classes.length > 0 && <KeepFile />}
      <input
        ref={input}
        type="file"
        hidden
        aria-label={sayShelf.openFile}
        accept=".json,application/json"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) void open(file);
          event.target.value = '';
        }}
      />
      {classes.length > 0 && <Safekeeping />}
      {trouble !== '' && (
        <p role="alert" className={styles.trouble}>
          {trouble}
        </p>
      )}
      {asked && (
        <div role="alert" className={styles.asked}>
          <p>{sayShelf.alreadyHere(names)}</p>
          <Button size="small" variant="contained" onClick={() => put(asked, 'copy')}>
            {sayShelf.asCopies(asked.length)}
          </Button>
          <Button size="small" variant="paper" onClick={() => put(asked, 'replace')}>
            {sayShelf.putBack}
          </Button>
          <Button size="small" onClick={() => setAsked(null)}>
            {sayShelf.leave}
          </Button>
        </div>
      )}
    </section>
  );
}

function classIn(records: readonly AppRecord[]): ClassRecord | undefined {
  return records.find((record) => record.record === 'class');
}

function byId(records: readonly AppRecord[]): Readonly<Record<string, AppRecord>> {
  return Object.fromEntries(records.map((record) => [record.id, record]));
}

/** The data of a JSON text; null where it is none, which no class file is. */
function parse(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}
