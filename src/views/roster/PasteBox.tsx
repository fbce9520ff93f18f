'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import { useId, useRef } from 'react';
import { say } from '@/messages';
import type { ClassId } from '@/schema/ids';
import type { StudentRecord } from '@/schema/student';
import { useStore } from '@/store/react';
import { KeyHint } from '../primitives/KeyHint';
import { useNotices } from '../primitives/notices';
import styles from './PasteBox.module.css';
import { usePastedList, type PastedListState } from './usePastedList';

interface PasteBoxProps {
  readonly classId: ClassId;
  readonly students: readonly StudentRecord[];
}

/** Where a list is pasted: what was understood and what is doubtful stands below it at once. */
export function PasteBox({ classId, students }: PasteBoxProps) {
  const store = useStore();
  const pasted = usePastedList(classId, students);
  const { notify } = useNotices();
  const areaId = useId();
  const area = useRef<HTMLTextAreaElement>(null);
  const empty = students.length === 0;
  const ready = pasted.takenCount > 0 && pasted.openQuestions === 0;
  const idle = pasted.list.names.length === 0;

  const takeIn = (): void => {
    if (!ready) return;
    const added = pasted.takeIn();
    notify({
      text: say.roster.added(added),
      action: { label: say.frame.undoShort, run: () => void store.history.undo() },
    });
    area.current?.focus();
  };
  return (
    <section className={styles.box} aria-labelledby={`${areaId}-title`}>
      <h2 id={`${areaId}-title`} className={styles.title}>
        {empty ? say.roster.pasteFirst : say.roster.pasteMore}
      </h2>
      <label htmlFor={areaId} className={styles.hint}>
        {say.roster.pasteHint}
      </label>
      <textarea
        ref={area}
        id={areaId}
        className={styles.area}
        rows={empty ? 12 : 7}
        value={pasted.text}
        placeholder={say.roster.pasteExample}
        spellCheck={false}
        autoFocus={empty}
        onChange={(event) => pasted.write(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) takeIn();
        }}
      />
      <div role="status" className={styles.read}>
        {!idle && say.roster.read(pasted.list.names.length)}
        {pasted.list.unread.length > 0 && ` ${say.roster.unread(pasted.list.unread)}`}
        {pasted.list.tooMany && ` ${say.roster.tooMany}`}
      </div>
      <Doubts pasted={pasted} students={students} />
      <div className={styles.foot}>
        <Button variant="contained" disabled={!ready} onClick={takeIn}>
          {pasted.openQuestions > 0
            ? say.roster.answerFirst(pasted.openQuestions)
            : say.roster.add(pasted.takenCount)}
          <KeyHint>{'Ctrl ↵'}</KeyHint>
        </Button>
        {!empty && idle && (
          <Button variant="paper" component={Link} href={`/c/${classId}/groups`}>
            {say.roster.toGroups}
            <KeyHint>{'G'}</KeyHint>
          </Button>
        )}
      </div>
    </section>
  );
}

function Doubts({
  pasted,
  students,
}: {
  readonly pasted: PastedListState;
  readonly students: readonly StudentRecord[];
}) {
  const { twice, malformed } = pasted;
  return (
    <>
      {twice.length > 0 && (
        <div className={styles.doubt}>
          <p className={styles.question}>{say.roster.twice(twice.length)}</p>
          {twice.length > 2 && (
            <div className={styles.answers}>
              <Button size="small" variant="paper" onClick={() => pasted.answerAll('same')}>
                {say.roster.allSame}
              </Button>
              <Button size="small" variant="paper" onClick={() => pasted.answerAll('another')}>
                {say.roster.allAnother}
              </Button>
            </div>
          )}
          <ul className={styles.cases}>
            {twice.map((one) => (
              <li key={one.line}>
                <fieldset className={styles.case}>
                  <legend>
                    {say.roster.twiceCase(one.name, one.line, one.sameNameAs ?? 0, students.length)}
                  </legend>
                  {(['same', 'another'] as const).map((answer) => (
                    <label key={answer} className={styles.answer}>
                      <input
                        type="radio"
                        name={`twice-${one.line}`}
                        checked={pasted.answerTo(one) === answer}
                        onChange={() => pasted.answer(one, answer)}
                      />
                      {say.roster.twiceAnswer[answer]}
                    </label>
                  ))}
                </fieldset>
              </li>
            ))}
          </ul>
        </div>
      )}
      {malformed.length > 0 && (
        <div className={styles.doubt} data-tone="brick">
          <p className={styles.question}>{say.roster.malformed(malformed.length)}</p>
          <ul className={styles.cases}>
            {malformed.map((one) => (
              <li key={one.line}>{say.roster.malformedCase(one.name, one.line, one.email)}</li>
            ))}
          </ul>
        </div>
      )}
    </>
  );
}
