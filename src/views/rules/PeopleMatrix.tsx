'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { useMemo, useRef, useState, type KeyboardEvent, type MouseEvent } from 'react';
import type { Bench } from '@/encode/bench';
import { meetingsIn, pairKey } from '@/encode/meetings';
import { sayRules } from '@/messages/rules';
import { QUIET_KINDS, type RuleKindName, type RuleRecord } from '@/schema/rule';
import type { StudentRecord } from '@/schema/student';
import { setPairRule } from '@/store/actions/rules';
import { useStore } from '@/store/react';
import { isKey } from '../frame/keyMap';
import { RULE_KIND_VIEWS } from '../frame/ruleKinds';
import type { NameOf } from '../frame/names';
import { Choice } from '../primitives/Choice';
import { useNotices } from '../primitives/notices';
import { inMatrixOrder, type MatrixOrder } from './matrixOrder';
import styles from './PeopleMatrix.module.css';
import { RuleSign } from './RuleSign';

interface PeopleMatrixProps {
  readonly bench: Bench;
  readonly nameOf: NameOf;
}

const CELL_PX = 22;
const NAMES_PX = 100;
/** Room at the end for the slanted names. */
const SLANT_PX = 62;
const OVERSCAN = 4;
/** What a press makes of a pair: apart, together, nothing, and round again. */
/** What a press on a pair makes of it. */
function nextKind(kind: RuleKindName | null | undefined): RuleKindName | null {
  return kind ? RULE_KIND_VIEWS[kind].next : QUIET_KINDS[0];
}

interface Place {
  readonly row: number;
  readonly column: number;
}

/** Everybody beside everybody: one cell for a pair, with the quiet rule about it and how often the two have met. */
export function PeopleMatrix({ bench, nameOf }: PeopleMatrixProps) {
  const { theClass, take } = bench;
  const [order, setOrder] = useState<MatrixOrder>('list');
  const [overlay, setOverlay] = useState(false);
  const students = useMemo(
    () =>
      inMatrixOrder(
        bench.students.filter(({ left }) => left === null),
        order,
        theClass,
        take,
      ),
    [bench.students, order, theClass, take],
  );
  return (
    <section className={styles.matrix} aria-labelledby="matrix-title">
      <h3 id="matrix-title" className={styles.title}>
        {sayRules.matrix.title}
      </h3>
      <p className={styles.hint}>{sayRules.matrix.hint}</p>
      <div className={styles.bar}>
        <Choice
          inline
          legend={sayRules.matrix.order}
          value={order}
          options={(['list', 'name', 'section', 'group'] as const)
            .filter((value) => value !== 'section' || theClass.sections.length > 1)
            .filter((value) => value !== 'group' || take)
            .map((value) => ({ value, label: sayRules.matrix.orders[value] }))}
          onChange={setOrder}
        />
        {take && (
          <label className={styles.overlay}>
            <input
              type="checkbox"
              checked={overlay}
              onChange={(event) => setOverlay(event.target.checked)}
            />
            {sayRules.matrix.overlay}
          </label>
        )}
      </div>
      <Grid bench={bench} students={students} overlay={overlay} nameOf={nameOf} />
    </section>
  );
}

interface GridProps extends PeopleMatrixProps {
  readonly students: readonly StudentRecord[];
  readonly overlay: boolean;
}

function Grid({ bench, students, overlay, nameOf }: GridProps) {
  const store = useStore();
  const { announce } = useNotices();
  const scroller = useRef<HTMLDivElement>(null);
  const [focus, setFocus] = useState<Place>({ row: 1, column: 0 });
  /** The cell under the pointer. */
  const [looked, setLooked] = useState<Place | null>(null);
  const rulesOf = useMemo(() => byPair(bench.rules), [bench.rules]);
  const met = useMemo(() => meetingsIn(Object.values(bench.others)), [bench.others]);
  const groupOf = useMemo(
    () =>
      new Map(
        bench.take?.groups.flatMap(({ studentIds }, row) =>
          studentIds.map((id) => [id as string, row] as const),
        ),
      ),
    [bench.take],
  );
  const axis = (horizontal: boolean) => ({
    count: students.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => CELL_PX,
    overscan: OVERSCAN,
    horizontal,
    initialRect: { width: 1000, height: 700 },
  });
  // What it hands out is read while drawing and never handed on to a memoised child.
  // eslint-disable-next-line react-hooks/incompatible-library -- see above
  const rows = useVirtualizer(axis(false));
  const columns = useVirtualizer(axis(true));
  const at = ({ row, column }: Place) => {
    const [one, two] = [students[row], students[column]];
    if (!one || !two || row === column) return null;
    const rules = rulesOf.get(pairKey(one.id, two.id)) ?? [];
    const now = groupOf.get(one.id);
    return {
      one,
      two,
      rules,
      kind: rules[0]?.kind ?? null,
      met: met.between(one.id, two.id),
      inOneGroup: now !== undefined && now === groupOf.get(two.id),
    };
  };
  const label = (place: Place): string => {
    const cell = at(place);
    if (!cell) return '';
    return sayRules.matrix.cell(nameOf(cell.one.id), nameOf(cell.two.id), cell.kind, cell.met);
  };
  const put = (place: Place, kind: RuleKindName | null): void => {
    const cell = at(place);
    if (!cell) return;
    const larger = cell.rules.find(({ studentIds }) => studentIds.length > 2);
    if (larger) {
      announce(sayRules.matrix.inLarger(larger.studentIds.map(nameOf)));
      return;
    }
    setPairRule(store, bench.theClass.id, cell.one.id, cell.two.id, kind);
    announce(sayRules.matrix.cell(nameOf(cell.one.id), nameOf(cell.two.id), kind, cell.met));
  };
  const goTo = ({ row, column }: Place): void => {
    const next = {
      row: Math.min(students.length - 1, Math.max(1, row)),
      column: 0,
    };
    const place = { ...next, column: Math.min(next.row - 1, Math.max(0, column)) };
    setFocus(place);
    rows.scrollToIndex(place.row);
    columns.scrollToIndex(place.column);
    requestAnimationFrame(() =>
      scroller.current
        ?.querySelector<HTMLElement>(`[data-cell="${place.row} ${place.column}"]`)
        ?.focus(),
    );
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const step = STEPS[event.key];
    if (step) goTo({ row: focus.row + step.row, column: focus.column + step.column });
    else if (isKey('pairApart', event)) put(focus, 'apart');
    else if (isKey('pairTogether', event)) put(focus, 'together');
    else if (isKey('pairNeither', event)) put(focus, null);
    else if (event.key === 'Enter' || event.key === ' ') put(focus, nextKind(at(focus)?.kind));
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const onClick = (event: MouseEvent): void => {
    const place = placeOf(event);
    if (!place) return;
    setFocus(place);
    put(place, nextKind(at(place)?.kind));
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
            width: NAMES_PX + columns.getTotalSize() + SLANT_PX,
            height: rows.getTotalSize(),
          }}
          onKeyDown={onKeyDown}
          onClick={onClick}
          onMouseOver={(event) => setLooked(placeOf(event))}
          onMouseLeave={() => setLooked(null)}
        >
          {rows.getVirtualItems().map(({ index: row, start }) => (
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
              {columns
                .getVirtualItems()
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
                      style={{ left: NAMES_PX + left }}
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
                style={{ left: NAMES_PX + row * CELL_PX }}
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
function placeOf({ target }: MouseEvent): Place | null {
  const cell = target instanceof Element ? target.closest<HTMLElement>('[data-cell]') : null;
  const [row, column] = (cell?.dataset.cell ?? '').split(' ').map(Number);
  return row === undefined || column === undefined || !cell ? null : { row, column };
}

const STEPS: Readonly<Record<string, Place | undefined>> = {
  ArrowUp: { row: -1, column: 0 },
  ArrowDown: { row: 1, column: 0 },
  ArrowLeft: { row: 0, column: -1 },
  ArrowRight: { row: 0, column: 1 },
  PageUp: { row: -10, column: 0 },
  PageDown: { row: 10, column: 0 },
};

/** Pair → the rules about the two, those about just them first. */
function byPair(rules: readonly RuleRecord[]): ReadonlyMap<string, readonly RuleRecord[]> {
  const pairs = new Map<string, RuleRecord[]>();
  for (const rule of [...rules].sort((a, b) => a.studentIds.length - b.studentIds.length)) {
    rule.studentIds.forEach((one, i) => {
      for (const two of rule.studentIds.slice(i + 1)) {
        const key = pairKey(one, two);
        pairs.set(key, [...(pairs.get(key) ?? []), rule]);
      }
    });
  }
  return pairs;
}
