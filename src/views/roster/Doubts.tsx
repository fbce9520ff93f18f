'use client';

import { withoutNumber } from '@/formats/shortNames';
import { Button } from '../primitives/Button';
import { Children, type ReactNode } from 'react';
import type { RosterWarning, WarningKind } from '@/formats/roster/types';
import { sayRoster } from '@/messages/roster';
import { Choice } from '../primitives/Choice';
import { goneFrom } from './importPlan';
import { LeftOut } from './LeftOut';
import styles from './PasteBox.module.css';
import type { PastedListState } from './usePastedList';

/** Told by the question about names given twice, so not told again. */
const ASKED: readonly WarningKind[] = ['sameName'];
/** Whether it is somebody at all: the answer stands beside it. */
const PERHAPS_NOBODY: readonly WarningKind[] = ['headingLikeName', 'doubtfulName'];
/** A slip that loses mail: told before the others. */
const ADDRESS: readonly WarningKind[] = ['malformedAddress', 'otherDomain'];

/** What only the teacher can tell, what looks wrong, who was left out and who is missing. */
export function Doubts({ pasted }: { readonly pasted: PastedListState }) {
  const { roster, draft, plan } = pasted;
  const gone = goneFrom(draft, pasted.answerTo);
  const perhaps = roster.warnings.filter(
    ({ kind, row, name }) => PERHAPS_NOBODY.includes(kind) && studentOn(pasted, row, name),
  );
  const addresses = roster.warnings.filter(({ kind }) => ADDRESS.includes(kind));
  const others = roster.warnings.filter(
    ({ kind }) =>
      !ADDRESS.includes(kind) && !ASKED.includes(kind) && !PERHAPS_NOBODY.includes(kind),
  );
  return (
    <>
      <WhichClass pasted={pasted} />
      {pasted.capitals && (
        <div className={styles.doubt}>
          <Choice
            legend={sayRoster.roster.capitals}
            value={pasted.soft ? 'soft' : 'kept'}
            options={[
              { value: 'kept', label: sayRoster.roster.keepCapitals },
              { value: 'soft', label: sayRoster.roster.softCapitals },
            ]}
            onChange={(answer) => pasted.setSoft(answer === 'soft')}
          />
        </div>
      )}
      <Questions pasted={pasted} />
      {addresses.length > 0 && (
        <div className={styles.doubt} data-tone="brick">
          <p className={styles.question}>{sayRoster.roster.malformed(addresses.length)}</p>
          <ul className={styles.cases}>
            {addresses.map((warning) => (
              <li key={`${warning.row} ${warning.given}`}>
                {sayRoster.roster.onRow(sayRoster.rosterWarningSentence(warning), warning.row)}
                {warning.likely !== '' && (
                  <Button
                    size="small"
                    variant="paper"
                    onClick={() => pasted.write(mended(pasted.text, warning))}
                  >
                    {sayRoster.roster.useAddress(warning.likely)}
                  </Button>
                )}
              </li>
            ))}
          </ul>
        </div>
      )}
      {perhaps.length > 0 && (
        <div className={styles.doubt}>
          <p className={styles.question}>{sayRoster.roster.perhapsNobody(perhaps.length)}</p>
          <ul className={styles.cases}>
            {perhaps.map((warning) => (
              <li key={`${warning.row} ${warning.name}`} className={styles.skipped}>
                <span>
                  {sayRoster.roster.onRow(sayRoster.rosterWarningSentence(warning), warning.row)}
                </span>
                <button
                  type="button"
                  className={styles.take}
                  onClick={() => {
                    const student = studentOn(pasted, warning.row, warning.name);
                    if (student) pasted.leaveOut(student);
                  }}
                >
                  {sayRoster.roster.leaveOut}
                </button>
              </li>
            ))}
          </ul>
        </div>
      )}
      {others.length > 0 && (
        <Box title={sayRoster.roster.doubtful(others.length)}>
          {others.map((warning) =>
            warning.row === 0
              ? sayRoster.rosterWarningSentence(warning)
              : sayRoster.roster.onRow(sayRoster.rosterWarningSentence(warning), warning.row),
          )}
        </Box>
      )}
      <LeftOut pasted={pasted} />
      {plan.changes.length > 0 && (
        <Box title={sayRoster.roster.changes(plan.changes.length)}>
          {plan.changes.map(({ name, back, changes }) =>
            sayRoster.roster.changeOf(
              name,
              back,
              changes.map(({ field, from, to }) => ({
                what: typeof field === 'string' ? sayRoster.roster.column[field] : field.detail,
                from,
                to,
              })),
            ),
          )}
        </Box>
      )}
      {gone.length > 0 && (
        <Box title={sayRoster.roster.gone(gone.length)}>
          {gone.map(({ name }) => name)}
          <Choice
            legend={sayRoster.roster.goneLegend}
            value={pasted.markGone ? 'mark' : 'leave'}
            options={[
              { value: 'mark', label: sayRoster.roster.goneMark },
              { value: 'leave', label: sayRoster.roster.goneLeave },
            ]}
            onChange={(answer) => pasted.setMarkGone(answer === 'mark')}
          />
        </Box>
      )}
    </>
  );
}

/** The student of a row, by the name that a warning tells; undefined once they are left out. */
function studentOn({ draft }: PastedListState, row: number, name: string) {
  return draft.roster.students.find(
    (one) => one.row === row && withoutNumber(one.displayName) === name,
  );
}

/** The text with what was probably meant in place of what was given, on the line of the warning and nowhere else. */
function mended(text: string, { row, given, likely }: RosterWarning): string {
  const ends = /\r\n|\r|\n/g;
  for (let line = 1; line < row; line++) ends.exec(text);
  const from = row > 1 ? ends.lastIndex : 0;
  const at = text.indexOf(given, from);
  return at < 0 ? text : `${text.slice(0, at)}${likely}${text.slice(at + given.length)}`;
}

function Box({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  const lines = Children.toArray(children);
  return (
    <div className={styles.doubt}>
      <p className={styles.question}>{title}</p>
      <ul className={styles.cases}>
        {lines.map((line, i) => (
          <li key={i}>{line}</li>
        ))}
      </ul>
    </div>
  );
}

/** Whether the list belongs to this class at all. */
function WhichClass({ pasted }: { readonly pasted: PastedListState }) {
  if (!pasted.asksWhichClass) return null;
  return (
    <div className={styles.doubt} data-tone="brick">
      <p className={styles.question}>
        {sayRoster.roster.otherClass(pasted.className, pasted.draft.roster.students.length)}
      </p>
      <div className={styles.answers}>
        <Button size="small" variant="paper" onClick={pasted.isThisClass}>
          {sayRoster.roster.thisClass}
        </Button>
        <Button size="small" variant="paper" onClick={pasted.makeAnotherClass}>
          {sayRoster.roster.anotherClass}
        </Button>
      </div>
    </div>
  );
}

function Questions({ pasted }: { readonly pasted: PastedListState }) {
  const { twice } = pasted.draft;
  if (twice.length === 0) return null;
  return (
    <div className={styles.doubt}>
      <p className={styles.question}>{sayRoster.roster.twice(twice.length)}</p>
      {twice.length > 2 && (
        <div className={styles.answers}>
          <Button size="small" variant="paper" onClick={() => pasted.answerAll('same')}>
            {sayRoster.roster.allSame}
          </Button>
          <Button size="small" variant="paper" onClick={() => pasted.answerAll('another')}>
            {sayRoster.roster.allAnother}
          </Button>
        </div>
      )}
      <ul className={styles.cases}>
        {twice.map((one) => (
          <li key={one.index}>
            <fieldset className={styles.case}>
              <legend>
                {sayRoster.roster.twiceCase(
                  withoutNumber(one.student.displayName),
                  one.inClass?.name ?? '',
                  one.student.row,
                  one.before,
                )}
              </legend>
              {(['same', 'another'] as const).map((answer) => (
                <label key={answer} className={styles.answer}>
                  <input
                    type="radio"
                    name={`twice-${one.index}`}
                    checked={pasted.answerTo(one) === answer}
                    onChange={() => pasted.answer(one, answer)}
                  />
                  {sayRoster.roster.twiceAnswer[answer]}
                </label>
              ))}
            </fieldset>
          </li>
        ))}
      </ul>
    </div>
  );
}
