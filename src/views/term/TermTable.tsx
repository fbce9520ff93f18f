'use client';

import { memo, useEffect, useState } from 'react';
import { flushSync } from 'react-dom';
import type { Term, TermRow } from '@/encode/term';
import { sayTerm } from '@/messages/term';
import type { ClassId, LineupId, StudentId } from '@/schema/ids';
import { LEAD } from '@/schema/take';
import { openLineup } from '@/store/actions/lineups';
import { useStore } from '@/store/react';
import type { NameOf } from '../frame/names';
import { LinkButton } from '../primitives/LinkButton';
import { roveAmong } from '../primitives/roving';
import { Sign } from '../primitives/Sign';
import { Spoken } from '../primitives/Spoken';
import { isKey } from '../frame/keyMap';
import { TableRows } from '../primitives/TableRows';
import { roleWord } from './roleWord';
import styles from './Term.module.css';

interface TermTableProps {
  readonly classId: ClassId;
  readonly term: Term;
  /** In the order in which they are read. */
  readonly rows: readonly TermRow[];
  readonly nameOf: NameOf;
  readonly chosen: readonly StudentId[];
  readonly onToggle: (id: StudentId, more: boolean) => void;
}

const ROW_PX = 36;
/** With fewer rows all of them are drawn: a table that is whole can be printed and searched. */
const WHOLE_ROWS = 60;

/** A line for each student, a column for each lineup: where they were, with whom again, and how often. */
export function TermTable({ classId, term, rows, nameOf, chosen, onToggle }: TermTableProps) {
  const store = useStore();
  const [box, setBox] = useState<HTMLDivElement | null>(null);
  const printing = usePrinting();
  const whole = printing || rows.length <= WHOLE_ROWS;
  const columns = term.lineups.length + term.roles.length;
  return (
    <div
      ref={setBox}
      className={styles.box}
      data-whole={whole || undefined}
      tabIndex={0}
      role="group"
      aria-label={sayTerm.table}
      onKeyDown={(event) => {
        if (!isKey('look', event)) return;
        const names = [...event.currentTarget.querySelectorAll<HTMLElement>('[data-student]')];
        if (
          roveAmong(
            names.map((one) => [one]),
            event.key,
          )
        )
          event.preventDefault();
      }}
    >
      <table
        className={styles.table}
        data-fixed={!whole || undefined}
        style={whole ? undefined : { width: `${11 + 8.5 + 4 * (columns + 1)}rem` }}
        aria-rowcount={rows.length + 1}
      >
        {!whole && (
          <colgroup>
            <col style={{ width: '11rem' }} />
            <col style={{ width: '8.5rem' }} />
            <col span={columns + 1} style={{ width: '4rem' }} />
          </colgroup>
        )}
        <thead>
          <tr>
            <th scope="col" className={styles.name}>
              {sayTerm.student}
            </th>
            <th scope="col" className={styles.figure}>
              {sayTerm.partners}
            </th>
            <th scope="col" className={styles.figure}>
              {sayTerm.repeats}
            </th>
            {term.roles.map((role) => (
              <th key={role} scope="col" className={styles.figure}>
                <Spoken>{sayTerm.turnsSpoken(roleWord(role))}</Spoken>
                <span aria-hidden="true" title={sayTerm.turnsSpoken(roleWord(role))}>
                  {sayTerm.turns(roleWord(role))}
                </span>
              </th>
            ))}
            {term.lineups.map(({ id, name, on, state, counts }, at) => (
              <th key={`${id} ${on}`} scope="col" className={styles.column} data-state={state}>
                <LinkButton
                  variant="line"
                  href={`/c/${classId}/groups`}
                  onClick={() => openLineup(store, classId, id as LineupId)}
                >
                  <Spoken>{sayTerm.open(name)}</Spoken>
                  <span aria-hidden="true" title={name}>
                    {on === null ? sayTerm.noDay : sayTerm.day(on)}
                  </span>
                </LinkButton>
                <small>{sayTerm.column[state]}</small>
                {!counts && <small>{sayTerm.sameGroups}</small>}
                <small hidden={!counts} data-again={(term.repeats[at] ?? 0) > 0 || undefined}>
                  <span aria-hidden="true">{sayTerm.columnRepeats(term.repeats[at] ?? 0)}</span>
                  <Spoken>{sayTerm.columnSpoken(term.repeats[at] ?? 0)}</Spoken>
                </small>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          <TableRows {...{ rows, rowPx: ROW_PX, whole, box }} columns={columns + 3}>
            {(row) => (
              <Line
                key={row.studentId}
                row={row}
                name={nameOf(row.studentId)}
                others={rows.length - 1}
                roles={term.roles}
                chosen={chosen.includes(row.studentId)}
                first={row === rows[0]}
                onToggle={onToggle}
              />
            )}
          </TableRows>
        </tbody>
      </table>
    </div>
  );
}

/** Whether the page is on its way to paper, where nothing can be scrolled into sight. */
function usePrinting(): boolean {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    // The browser takes the page as it stands when this returns.
    const begin = (): void => flushSync(() => setPrinting(true));
    const end = (): void => setPrinting(false);
    window.addEventListener('beforeprint', begin);
    window.addEventListener('afterprint', end);
    return () => {
      window.removeEventListener('beforeprint', begin);
      window.removeEventListener('afterprint', end);
    };
  }, []);
  return printing;
}

interface LineProps {
  readonly row: TermRow;
  readonly name: string;
  readonly others: number;
  readonly roles: readonly string[];
  readonly chosen: boolean;
  /** The one that the tab key comes to. */
  readonly first: boolean;
  readonly onToggle: (id: StudentId, more: boolean) => void;
}

const Line = memo(function Line(props: LineProps) {
  const { row, name, others, roles, chosen, first, onToggle } = props;
  const { studentId, cells, met, willMeet, repeats, turns } = row;
  return (
    <tr data-chosen={chosen || undefined}>
      <th scope="row" className={styles.name}>
        <button
          type="button"
          data-student=""
          tabIndex={first || chosen ? 0 : -1}
          aria-pressed={chosen}
          onClick={(event) => onToggle(studentId, event.shiftKey)}
          onKeyDown={(event) => {
            if (event.key !== 'Enter' || !event.shiftKey) return;
            event.preventDefault();
            onToggle(studentId, true);
          }}
        >
          {name}
        </button>
      </th>
      <td className={styles.figure}>
        <span aria-hidden="true">{sayTerm.met(met, willMeet, others)}</span>
        <Spoken>{sayTerm.metSpoken(met, willMeet, others)}</Spoken>
      </td>
      <td className={styles.figure} data-again={repeats > 0 || undefined}>
        {repeats}
      </td>
      {roles.map((role) => (
        <td key={role} className={styles.figure}>
          {turns[role] ?? 0}
        </td>
      ))}
      {cells.map((cell, at) => {
        const told = cell ? sayTerm.cell(cell.group, cell.roles, cell.again) : sayTerm.notThere;
        return (
          <td
            key={at}
            className={styles.cell}
            data-again={cell?.again === true || undefined}
            data-lead={cell?.roles.includes(LEAD) === true || undefined}
            aria-label={told}
            title={told}
          >
            {cell ? <Sign index={cell.sign} size={20} /> : '·'}
          </td>
        );
      })}
    </tr>
  );
});
