'use client';

import UploadFileRounded from '@mui/icons-material/UploadFileRounded';
import { isKey } from '../frame/keyMap';
import { hasDropped, listenDropped, takeDropped } from '../frame/droppedFiles';
import { useDroppedFiles } from '../frame/useDroppedFiles';
import { useLeaving } from '../frame/useLeaving';
import { useStable } from '../frame/useStable';
import { useTold } from '../frame/useTold';
import { Button } from '../primitives/Button';
import { useEffect, useId, useRef } from 'react';
import { ENCODINGS } from '@/formats/roster/decode';
import { sayRoster } from '@/messages/roster';
import { withWords } from '@/messages/speaking';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentRecord } from '@/schema/student';
import { KeyOf } from '../frame/KeyOf';
import { ColumnPreview } from './ColumnPreview';
import { Doubts } from './Doubts';
import { GroupsFound } from './GroupsFound';
import { ListText, type ListTextHandle } from './ListText';
import { NamesToAdd } from './NamesToAdd';
import styles from './PasteBox.module.css';
import { TestFound } from './TestFound';
import { usePastedList, type PastedListState } from './usePastedList';
import { Select } from '../primitives/Select';

interface PasteBoxProps {
  readonly theClass: ClassRecord;
  readonly students: readonly StudentRecord[];
  /** Whether typing goes here at once. */
  readonly focus: boolean;
}

/** Where a list is pasted or dropped: what was understood and what is doubtful stands below it at once. */
export function PasteBox({ theClass, students, focus }: PasteBoxProps) {
  const pasted = usePastedList(theClass, students);
  const told = useTold();
  const leaving = useLeaving();
  const areaId = useId();
  const area = useRef<ListTextHandle>(null);
  const empty = students.length === 0;
  const { added, updated, gone, lineup } = pasted.plan;
  const idle = pasted.text.trim() === '';
  const news = added.length + updated.length + gone.length + (lineup ? 1 : 0);
  const sound = pasted.trouble === '' && !pasted.wrongLetters;
  const ready = news > 0 && pasted.openQuestions === 0 && pasted.upToDate && sound;
  const openFiles = (files: readonly File[]): void => {
    const [only] = files;
    void (files.length === 1 && only ? pasted.open(only) : pasted.openAll(files));
  };
  const over = useDroppedFiles(openFiles);
  const openDropped = useStable((): void => {
    if (hasDropped()) openFiles(takeDropped());
  });
  useEffect(() => {
    // Fetched while the list is looked at, to be there when it is taken in.
    if (ready && empty) void withWords(import('./ListedStudents'));
  }, [ready, empty]);
  useEffect(() => {
    openDropped();
    return listenDropped(openDropped);
  }, [openDropped]);

  const takeIn = (): void => {
    if (!ready) return;
    leaving(gone, () => {
      const { takenIn, lineupMade } = sayRoster.roster;
      const parts = [
        takenIn(added.length, updated.length, gone.length),
        lineup ? lineupMade(lineup.groups.length, lineup.name) : '',
      ];
      void pasted.takeIn().then(() => {
        told(parts.filter(Boolean).join(' '));
        area.current?.focus();
      });
    });
  };
  if (pasted.comingIn) {
    return (
      <section className={styles.box}>
        <div role="status" className={styles.read}>
          {sayRoster.roster.takingIn(added.length + updated.length)}
        </div>
      </section>
    );
  }
  return (
    <section
      className={styles.box}
      aria-labelledby={`${areaId}-title`}
      data-over={over}
      onKeyDown={(event) => {
        if (isKey('takeIn', event)) takeIn();
      }}
    >
      <h2 id={`${areaId}-title`} className={styles.title}>
        {empty ? sayRoster.roster.pasteFirst : sayRoster.roster.pasteMore}
      </h2>
      <label htmlFor={areaId} className={styles.hint}>
        {sayRoster.roster.pasteHint}
      </label>
      <ListText
        ref={area}
        id={areaId}
        text={pasted.text}
        rows={idle ? (empty ? 12 : 7) : 5}
        autoFocus={focus}
        onChange={pasted.write}
      />
      {!idle && <FileChoices pasted={pasted} />}
      <div role="status" className={styles.read}>
        {!idle && pasted.trouble === '' && readSentence(pasted)}
      </div>
      {pasted.trouble !== '' && (
        <p role="alert" className={styles.trouble}>
          {pasted.trouble}
        </p>
      )}
      {pasted.wrongLetters && (
        <p role="alert" className={styles.trouble}>
          {sayRoster.roster.wrongLetters}
        </p>
      )}
      <TestFound theClass={theClass} pasted={pasted} />
      {!idle && pasted.trouble === '' && (
        <>
          <NamesToAdd pasted={pasted} />
          <GroupsFound pasted={pasted} />
          <ColumnPreview pasted={pasted} />
          <Doubts pasted={pasted} />
        </>
      )}
      <div className={styles.foot}>
        <Button variant="contained" disabled={!ready} onClick={takeIn}>
          {pasted.openQuestions > 0
            ? sayRoster.roster.answerFirst(pasted.openQuestions)
            : sayRoster.roster.takeIn(
                added.length,
                updated.length,
                gone.length,
                lineup?.groups.length ?? 0,
              )}
          <KeyOf name="takeIn" />
        </Button>
        <OpenFile onFiles={openFiles} />
      </div>
    </section>
  );
}

/** What the reading came to: how many students, or that nothing changes. */
function readSentence({ upToDate, roster, table, plan }: PastedListState): string {
  if (!upToDate && table === null) return sayRoster.roster.reading;
  const read = sayRoster.roster.read(roster.students.length);
  const same = plan.added.length + plan.updated.length + plan.gone.length === 0;
  return same && upToDate && roster.students.length > 0
    ? `${read} ${sayRoster.roster.unchanged}`
    : read;
}

/** How an opened file is read: which sheet, which classes, in which encoding. */
function FileChoices({ pasted }: { readonly pasted: PastedListState }) {
  const { file } = pasted;
  if (!file) return null;
  return (
    <>
      {file.sheets.length > 1 && (
        <div className={styles.sheets}>
          <span>{sayRoster.roster.sheets}</span>
          {file.sheets.map(({ name, text }) => (
            <Button
              key={name}
              size="small"
              variant="paper"
              aria-pressed={text === pasted.text}
              onClick={() => pasted.write(text)}
            >
              {name}
            </Button>
          ))}
        </div>
      )}
      {file.classes.length > 1 && (
        <fieldset className={styles.sheets}>
          <legend>{sayRoster.roster.classesInFile}</legend>
          {file.classes.map((title) => (
            <label key={title} className={styles.answer}>
              <input
                type="checkbox"
                checked={file.chosen.includes(title)}
                // Of no class at all there would be nothing to take in.
                disabled={file.chosen.length === 1 && file.chosen[0] === title}
                onChange={(event) =>
                  pasted.chooseClasses(
                    file.classes.filter((one) =>
                      one === title ? event.target.checked : file.chosen.includes(one),
                    ),
                  )
                }
              />
              {title}
            </label>
          ))}
        </fieldset>
      )}
      {file.encoding !== null && (
        <div className={styles.sheets}>
          <Select
            label={sayRoster.roster.encoding}
            value={file.encoding}
            options={ENCODINGS.map((value) => ({
              value,
              label: sayRoster.roster.encodings[value],
            }))}
            onChange={pasted.readAs}
          />
        </div>
      )}
    </>
  );
}

function OpenFile({ onFiles }: { readonly onFiles: (files: readonly File[]) => void }) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button
        variant="paper"
        startIcon={<UploadFileRounded />}
        onClick={() => input.current?.click()}
      >
        {sayRoster.roster.openFile}
      </Button>
      <input
        ref={input}
        type="file"
        hidden
        multiple
        aria-label={sayRoster.roster.openFile}
        accept=".csv,.tsv,.txt,.xlsx,.ods,.zip,.vcf,.json,.jsonl,text/*"
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          if (files.length > 0) onFiles(files);
          event.target.value = '';
        }}
      />
    </>
  );
}
