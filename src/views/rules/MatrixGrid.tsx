'use client';

import { useState, type KeyboardEvent, type MouseEvent, type RefObject } from 'react';
import type { Bench } from '@/encode/bench';
import { sayRules } from '@/messages/rules';
import type { RuleKindName } from '@/schema/rule';
import type { StudentRecord } from '@/schema/student';
import { isKey } from '../frame/keyMap';
import type { NameOf } from '../frame/names';
import { rovingStep, type RovingPlace } from '../primitives/roving';
import styles from './PeopleMatrix.module.css';
import { RuleSign } from './RuleSign';
import { usePairs } from './usePairs';

/** A row or a column that is drawn, and where it begins, in px. */
interface Drawn {
  readonly index: number;
  readonly start: number;
}

/** What is drawn of the matrix. */
export interface MatrixAxes {
  readonly scroller: RefObject<HTMLDivElement | null>;
  readonly rows: readonly Drawn[];
  readonly columns: readonly Drawn[];
  /** Brings a cell that may not be drawn yet into sight. */
  readonly reach: (place: RovingPlace) => void;
}

export interface MatrixGridProps {
  readonly bench: Bench;
  readonly nameOf: NameOf;
  readonly students: readonly StudentRecord[];
  readonly overlay: boolean;
}

export const CELL_PX = 22;
const NAMES_PX = 100;
/** Room at the end for the slanted names. */
const SLANT_PX = 62;

/** The cells of the matrix: all of them, or those in sight. */
export function MatrixGrid({ axes, ...props }: MatrixGridProps & { readonly axes: MatrixAxes }) {
  const { bench, students, overlay, nameOf } = props;
  const { scroller } = axes;
  const [focus, setFocus] = useState<RovingPlace>({ row: 1, column: 0 });
  /** The cell under the pointer. */
  const [looked, setLooked] = useState<RovingPlace | null>(null);
  const length = students.length * CELL_PX;
  const { at, label, put, turn } = usePairs(bench, students, nameOf);
  const goTo = (place: RovingPlace): void => {
    setFocus(place);
    axes.reach(place);
    requestAnimationFrame(() =>
      scroller.current
        ?.querySelector<HTMLElement>(`[data-cell="${place.row} ${place.column}"]`)
        ?.focus(),
    );
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    // The first row has no cell: a pair stands in the row of whoever comes later.
    const from = { row: focus.row - 1, column: focus.column };
    const next = rovingStep(event.key, from, students.length - 1, (row) => row + 1);
    if (next) goTo({ row: next.row + 1, column: next.column });
    else if (isKey('pairApart', event)) put(focus, 'apart');
    else if (isKey('pairTogether', event)) put(focus, 'together');
    else if (isKey('pairNeither', event)) put(focus, null);
    else if (event.key === 'Enter' || event.key === ' ') turn(focus);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const onClick = (event: MouseEvent): void => {
    const place = placeOf(event);
    if (!place) return;
    setFocus(place);
    turn(place);
  };
  if (students.length < 2) return null;
  return (
    <>
      <p className={styles.readout}>{label(looked ?? focus)}</p>
      <div ref={scroller} className={styles.scroller}>
        <div
          role="grid"
          aria-label={sayRules.matrix.title}
          aria-rowcount={students.length}
          aria-colcount={students.length}
          className={styles.grid}
          style={{
            width: NAMES_PX + length + SLANT_PX,
            height: length,
          }}
          onKeyDown={onKeyDown}
          onClick={onClick}
          onMouseOver={(event) => setLooked(placeOf(event))}
          onMouseLeave={() => setLooked(null)}
        >
          {axes.rows.map(({ index: row, start }) => (
            <div
              key={row}
              role="row"
              aria-rowindex={row + 1}
              className={styles.row}
              style={{ top: start }}
            >
              <span role="rowheader" className={styles.rowName} data-here={row === focus.row}>
                {nameOf(students[row]?.id ?? '')}
              </span>
              {axes.columns
                .filter(({ index }) => index < row)
                .map(({ index: column, start: left }) => {
                  const cell = at({ row, column });
                  return (
                    <div
                      key={column}
                      role="gridcell"
                      aria-colindex={column + 1}
                      aria-label={label({ row, column })}
                      className={styles.cell}
                      data-cell={`${row} ${column}`}
                      data-met={Math.min(4, cell?.met ?? 0)}
                      data-kind={cell?.kind ?? undefined}
                      data-together={overlay && cell?.inOneGroup}
                      tabIndex={row === focus.row && column === focus.column ? 0 : -1}
                      style={{ insetInlineStart: NAMES_PX + left }}
                      onFocus={() => setFocus({ row, column })}
                    >
                      {cell && <CellMark kind={cell.kind} met={cell.met} />}
                    </div>
                  );
                })}
              <span
                aria-hidden="true"
                className={styles.own}
                data-here={row === focus.column}
                style={{ insetInlineStart: NAMES_PX + row * CELL_PX }}
              >
                {nameOf(students[row]?.id ?? '')}
              </span>
            </div>
          ))}
        </div>
      </div>
    </>
  );
}

function CellMark({ kind, met }: { readonly kind: RuleKindName | null; readonly met: number }) {
  if (kind) return <RuleSign kind={kind} />;
  return met > 0 ? met : null;
}

/** The cell under a press or the pointer. */
function placeOf({ target }: MouseEvent): RovingPlace | null {
  const cell = target instanceof Element ? target.closest<HTMLElement>('[data-cell]') : null;
  const [row, column] = (cell?.dataset.cell ?? '').split(' ').map(Number);
  return row === undefined || column === undefined || !cell ? null : { row, column };
}
