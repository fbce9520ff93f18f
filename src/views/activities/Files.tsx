'use client';

import { useRef, useState } from 'react';
import { whoseFiles, type FiledWork } from '@/formats/whoseFiles';
import { sayActivities } from '@/messages/activities';
import { setWork } from '@/store/actions/activities';
import { studentsOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { clockMoment } from '../frame/clockMoment';
import page from '../frame/SidePage.module.css';
import { useTold } from '../frame/useTold';
import { Button } from '../primitives/Button';
import { Select } from '../primitives/Select';
import styles from './Activities.module.css';
import type { BesideProps } from './besideProps';
import { FromSpaces } from './FromSpaces';

interface Chosen extends FiledWork {
  /** When the file was last changed. */
  readonly at: string;
}

const NOBODY = '';
/** So many files whose owner is in doubt are asked about one by one. */
const MOST_ASKED = 40;

/** Notes what came in from names and times of files: what is clear, and what the teacher says of the rest. */
export function Files({ activity, units, nameOf }: BesideProps) {
  const words = sayActivities.files;
  const store = useStore();
  const told = useTold();
  const students = useQuery(studentsOf, activity.classId);
  const input = useRef<HTMLInputElement>(null);
  const folder = useRef<HTMLInputElement>(null);
  const [files, setFiles] = useState<readonly Chosen[]>([]);
  /** File → whose the teacher says it is. */
  const [said, setSaid] = useState<Readonly<Record<string, string>>>({});
  const nameOfKey = new Map(units.map(({ key, group }) => [key, group?.name ?? nameOf(key)]));
  const read = (list: FileList | null): void => {
    const given = [...(list ?? [])].map((file) => ({
      file: file.webkitRelativePath || file.name,
      at: clockMoment(new Date(file.lastModified)),
    }));
    const known = new Map(students.map((student) => [student.id, student]));
    const called = units.map(({ key, group, studentIds }) => ({
      key,
      names: [
        ...(group ? [group.name] : []),
        ...studentIds.flatMap((id) => {
          const student = known.get(id);
          if (!student) return [];
          const { name, givenName, familyName, externalId } = student;
          const turned =
            givenName === '' || familyName === '' ? [] : [`${familyName} ${givenName}`];
          return [name, ...turned, ...(externalId ? [externalId] : [])];
        }),
      ],
    }));
    const whose = whoseFiles(
      given.map(({ file }) => file),
      called,
    );
    setFiles(whose.map((one, at) => ({ ...one, at: given[at]?.at ?? clockMoment() })));
    setSaid({});
  };
  const ownerOf = ({ file, keys }: Chosen): string =>
    said[file] ?? (keys.length === 1 ? (keys[0] ?? NOBODY) : NOBODY);
  const doubts = files.filter(({ keys }) => keys.length !== 1);
  const newest = new Map<string, { readonly count: number; readonly at: string }>();
  for (const file of files) {
    const key = ownerOf(file);
    if (key === NOBODY) continue;
    const before = newest.get(key);
    newest.set(key, {
      count: (before?.count ?? 0) + 1,
      at: before && before.at > file.at ? before.at : file.at,
    });
  }
  const take = (): void => {
    setWork(store, activity.id, [...newest.keys()], 'cameIn', (work, key) => ({
      came: {
        state: work.came?.state ?? 'in',
        at: newest.get(key)?.at ?? null,
      },
    }));
    told(words.done(newest.size));
    setFiles([]);
  };
  const picker = (ref: typeof input, label: string, whole: boolean) => (
    <>
      <Button size="small" variant="paper" onClick={() => ref.current?.click()}>
        {label}
      </Button>
      <input
        ref={(element) => {
          ref.current = element;
          // Not known to the types of the page, and understood by every browser.
          if (whole) element?.setAttribute('webkitdirectory', '');
        }}
        type="file"
        hidden
        multiple
        aria-label={label}
        onChange={({ target }) => {
          read(target.files);
          target.value = '';
        }}
      />
    </>
  );
  return (
    <>
      <p className={page.hint}>{words.hint}</p>
      <div className={page.doings}>
        {picker(input, words.open, false)}
        {picker(folder, words.folder, true)}
        {activity.lineupId !== null && (
          <FromSpaces activity={activity} lineupId={activity.lineupId} units={units} />
        )}
      </div>
      {files.length > 0 && (
        <>
          <p role="status">{words.found(files.length, files.length - doubts.length)}</p>
          {doubts.slice(0, MOST_ASKED).map((doubt) => (
            <Select
              key={doubt.file}
              label={words.doubt(doubt.file)}
              value={ownerOf(doubt)}
              options={[
                { value: NOBODY, label: words.nobody },
                ...(doubt.keys.length > 0 ? doubt.keys : units.map(({ key }) => key)).map(
                  (key) => ({
                    value: key,
                    label: nameOfKey.get(key) ?? key,
                  }),
                ),
              ]}
              onChange={(key) => setSaid({ ...said, [doubt.file]: key })}
            />
          ))}
          {doubts.length > MOST_ASKED && (
            <p>{sayActivities.sheet.moreTold(doubts.length - MOST_ASKED)}</p>
          )}
          <ul className={styles.letters}>
            {[...newest].map(([key, { count, at }]) => (
              <li key={key}>{words.newest(nameOfKey.get(key) ?? key, count, at)}</li>
            ))}
          </ul>
          <div className={page.doings}>
            <Button variant="contained" size="small" disabled={newest.size === 0} onClick={take}>
              {words.go(newest.size)}
            </Button>
            <Button variant="plain" size="small" onClick={() => setFiles([])}>
              {words.leave}
            </Button>
          </div>
        </>
      )}
    </>
  );
}
