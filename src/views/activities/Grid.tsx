'use client';

import { useMemo, useState, type KeyboardEvent } from 'react';
import type { Unit } from '@/encode/activityUnits';
import { marksOf, mostOf, type StudentMark } from '@/encode/marking';
import { sayActivities } from '@/messages/activities';
import { isAlone, type ActivityRecord } from '@/schema/activity';
import type { StudentId } from '@/schema/ids';
import type { NameOf } from '../frame/names';
import page from '../frame/SidePage.module.css';
import { Select } from '../primitives/Select';
import { TableRows } from '../primitives/TableRows';
import styles from './Activities.module.css';
import { moveInGrid } from './gridKeys';
import { MemberRow } from './MemberRow';
import { standingOf, STANDINGS, type Standing } from './progress';
import { useRowSettings } from './rowSettings';
import { UnitRow } from './UnitRow';

interface GridProps {
  readonly activity: ActivityRecord;
  readonly units: readonly Unit[];
  readonly nameOf: NameOf;
}

type Line =
  | { readonly kind: 'unit'; readonly unit: Unit }
  | { readonly kind: 'member'; readonly unit: Unit; readonly id: StudentId };

/** With fewer lines all of them are drawn. */
const WHOLE_LINES = 40;
const LINE_PX = 53;
/** Of a column of figures, and of all the others together. */
const POINTS_REM = 5.25;
const USUAL_REM = 38;

/** What came in and marks, a row for each group, which opens for its members: made to be typed through. */
export function Grid({ activity, units, nameOf }: GridProps) {
  const words = sayActivities.grid;
  const alone = isAlone(activity);
  // Whoever is marked while only those to mark are shown stays until the list is chosen anew.
  const [shown, setShown] = useState<{
    readonly of: Standing;
    readonly keys: ReadonlySet<string>;
  } | null>(null);
  const [opened, setOpened] = useState<ReadonlySet<string>>(new Set());
  const [box, setBox] = useState<HTMLDivElement | null>(null);
  const marks = useMemo(() => marksOf(activity, units), [activity, units]);
  const standings = useMemo(
    () => new Map(units.map((unit) => [unit.key, standingOf(activity, unit)])),
    [activity, units],
  );
  const counts = STANDINGS.map((one) => [...standings.values()].filter((of) => of === one).length);
  const listed = units.filter(({ key }) => shown === null || shown.keys.has(key));
  const lines = listed.flatMap((unit): readonly Line[] => [
    { kind: 'unit', unit },
    ...(opened.has(unit.key)
      ? unit.studentIds.map((id) => ({ kind: 'member' as const, unit, id }))
      : []),
  ]);
  const whole = lines.length <= WHOLE_LINES;
  const settings = useRowSettings(activity);
  const open = (key: string, wish: boolean): void => {
    // Rows are drawn with the first of these, so it reads nothing that changes.
    setOpened((before) => {
      const next = new Set(before);
      if (wish) next.add(key);
      else next.delete(key);
      return next;
    });
  };
  const onKeyDown = (event: KeyboardEvent<HTMLElement>): void => {
    if (event.altKey && (event.key === 'ArrowDown' || event.key === 'ArrowUp')) {
      const row = event.target instanceof HTMLElement ? event.target.closest('tr') : null;
      const key = row?.dataset.unit;
      if (key === undefined || alone) return;
      event.preventDefault();
      open(key, event.key === 'ArrowDown');
      // The members' cells go with them; the group's stays.
      if (event.key === 'ArrowUp' && row?.dataset.member !== undefined) {
        const [own] = [
          ...event.currentTarget.querySelectorAll<HTMLElement>('tr[data-unit]'),
        ].filter((one) => one.dataset.unit === key && one.dataset.member === undefined);
        own?.querySelector<HTMLElement>('[data-cell="mark"], [data-cell]')?.focus();
      }
      return;
    }
    if (moveInGrid(event)) event.preventDefault();
  };
  const { criteria } = activity;
  const offs = activity.late !== null;
  const figures = criteria.length + (offs ? 1 : 0) + 2;
  const columns = 3 + figures;
  const names = words.shows(units.length, counts[0] ?? 0, counts[1] ?? 0, counts[2] ?? 0);
  return (
    <section className={page.part} aria-label={words.title}>
      <div className={page.head}>
        <h3 className={page.subtitle}>{words.title}</h3>
        <Select
          label={words.show}
          value={shown?.of ?? 'all'}
          options={(['all', ...STANDINGS] as const).map((value) => ({
            value,
            label: names[value],
          }))}
          onChange={(value) => {
            const keys = units.filter(({ key }) => standings.get(key) === value);
            setShown(
              value === 'all' ? null : { of: value, keys: new Set(keys.map(({ key }) => key)) },
            );
          }}
        />
      </div>
      {units.length === 0 ? (
        <p>{words.empty}</p>
      ) : lines.length === 0 ? (
        <p>{words.nothingHere}</p>
      ) : (
        <div
          ref={setBox}
          className={styles.box}
          data-whole={whole || undefined}
          onKeyDown={onKeyDown}
        >
          {/* Columns of settled widths: whatever is typed, no other row is laid out anew. */}
          <table
            className={styles.grid}
            style={{ minWidth: `${USUAL_REM + POINTS_REM * figures}rem` }}
          >
            <thead>
              <tr>
                <th scope="col" className={styles.who}>
                  {alone ? words.student : words.group}
                </th>
                <th scope="col" className={styles.came}>
                  {words.came}
                </th>
                {criteria.map(({ id, name, most, text }) => (
                  <th key={id} scope="col" className={styles.points} title={text}>
                    {name}
                    <small>{words.of(most)}</small>
                  </th>
                ))}
                <th scope="col" className={styles.points}>
                  {words.mark}
                  <small>{words.of(mostOf(activity))}</small>
                </th>
                {offs && (
                  <th scope="col" className={styles.points}>
                    {words.off}
                  </th>
                )}
                <th scope="col" className={styles.points}>
                  {words.end}
                </th>
                <th scope="col" className={styles.wordsColumn}>
                  {words.comment}
                </th>
              </tr>
            </thead>
            <tbody>
              <TableRows {...{ rows: lines, rowPx: LINE_PX, whole, box, columns }}>
                {(line) =>
                  line.kind === 'unit' ? (
                    <UnitRow
                      key={line.unit.key}
                      settings={settings}
                      unit={line.unit}
                      name={line.unit.group ? line.unit.group.name : nameOf(line.unit.key)}
                      lead={line.unit.leadId === null ? null : nameOf(line.unit.leadId)}
                      work={activity.work[line.unit.key]}
                      own={line.unit.group ? undefined : activity.own[line.unit.key]}
                      marks={rowMarks(marks, line.unit)}
                      isOpen={opened.has(line.unit.key)}
                      onOpen={open}
                    />
                  ) : (
                    <MemberRow
                      key={`${line.unit.key} ${line.id}`}
                      settings={settings}
                      unitKey={line.unit.key}
                      id={line.id}
                      name={nameOf(line.id)}
                      own={activity.own[line.id]}
                      mark={marks.get(line.id)}
                      second={secondGroup(activity, units, line)}
                    />
                  )
                }
              </TableRows>
            </tbody>
          </table>
        </div>
      )}
      <p className={page.hint}>{alone ? words.keysAlone : words.keys}</p>
    </section>
  );
}

function rowMarks(
  marks: ReadonlyMap<StudentId, StudentMark>,
  { studentIds }: Unit,
): readonly StudentMark[] {
  return studentIds.flatMap((id) => marks.get(id) ?? []);
}

/** The other group of somebody whose mark is split. */
function secondGroup(
  activity: ActivityRecord,
  units: readonly Unit[],
  { unit, id }: { readonly unit: Unit; readonly id: StudentId },
): string | null {
  if (!activity.splits[id]) return null;
  const other = units.find(({ key, studentIds }) => key !== unit.key && studentIds.includes(id));
  return other?.group?.name ?? null;
}
