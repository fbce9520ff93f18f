'use client';

import { Link } from '../primitives/Link';
import { memo, useMemo, useState } from 'react';
import * as z from 'zod/mini';
import { mostOf } from '@/encode/marking';
import { markRows, type MarkRow, type TermActivity } from '@/encode/markTerm';
import { spokenOrder } from '@/messages/speaking';
import { sayActivities } from '@/messages/activities';
import type { ActivityRecord } from '@/schema/activity';
import type { Setting } from '@/schema/setting';
import type { StudentRecord } from '@/schema/student';
import { activitiesOf, classById, studentsOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { useTileNames } from '../frame/names';
import { clockMoment } from '../frame/clockMoment';
import page from '../frame/SidePage.module.css';
import { useStudents } from '../frame/students';
import { useClassId } from '../frame/useClassId';
import { useSetting } from '../frame/useDraft';
import { Invitation } from '../primitives/Invitation';
import { LinkButton } from '../primitives/LinkButton';
import { Select } from '../primitives/Select';
import { TableRows } from '../primitives/TableRows';
import styles from './Activities.module.css';
import { MarksOut } from './MarksOut';
import { marksOutOf } from './marksOutOf';
import { unitsNow } from './useUnits';

const ORDERS = ['name', 'mean', 'missing', 'carried'] as const;
type Order = (typeof ORDERS)[number];
const ORDER: Setting<Order> = { name: 'marksOrder', shape: z.enum(ORDERS), usual: 'name' };

const ROW_PX = 36;
const WHOLE_ROWS = 60;

/** Every student's marks over the term, their mean, what is missing, and how much of the work they carried. */
export function TermMarksView() {
  const words = sayActivities.term;
  const classId = useClassId();
  const theClass = useQuery(classById, classId);
  const activities = useQuery(activitiesOf, classId);
  const real = useQuery(studentsOf, classId);
  const students = useStudents(classId);
  const nameOf = useTileNames(students);
  const [order, setOrder] = useSetting(ORDER, classId);
  const term = useTerm(activities, real);
  const rows = useMemo(() => {
    const ids = real.flatMap(({ id, left }) => (left === null ? [id] : []));
    return [...markRows(term, ids, clockMoment())].sort(
      (a, b) =>
        rankOf(a, order) - rankOf(b, order) ||
        spokenOrder(nameOf(a.studentId), nameOf(b.studentId)),
    );
  }, [term, real, order, nameOf]);
  if (!theClass) return null;
  const back = `/c/${classId}/activities`;
  if (activities.length === 0) {
    return (
      <Invitation text={words.none}>
        <LinkButton variant="contained" href={back}>
          {sayActivities.back}
        </LinkButton>
      </Invitation>
    );
  }
  return (
    <div className={page.view}>
      <div className={page.head}>
        <h2 className={page.title}>{words.title}</h2>
        <LinkButton size="small" variant="plain" href={back}>
          {sayActivities.back}
        </LinkButton>
      </div>
      <div className={page.doings}>
        <Select
          label={words.order}
          value={order}
          options={ORDERS.map((value) => ({ value, label: words.orders[value] }))}
          onChange={setOrder}
        />
      </div>
      <TermMarks term={term} rows={rows} nameOf={nameOf} />
      <p className={page.hint}>{words.weightHint}</p>
      <MarksOut
        classId={classId}
        marks={() => marksOutOf(theClass, real, term, rows)}
        fileName={words.fileName(theClass.name)}
      />
    </div>
  );
}

function rankOf({ mean, missing, carried }: MarkRow, order: Order): number {
  switch (order) {
    case 'name':
      return 0;
    case 'mean':
      return mean ?? -1;
    case 'missing':
      return -missing;
    case 'carried':
      return carried ?? Infinity;
  }
}

/** The activities with their groups, each the same object until it changes. */
function useTerm(
  activities: readonly ActivityRecord[],
  students: readonly StudentRecord[],
): readonly TermActivity[] {
  const { records } = useStore();
  return useMemo(
    () =>
      activities.map((activity) => ({ activity, units: unitsNow(records, activity, students) })),
    [activities, students, records],
  );
}

interface TermMarksProps {
  readonly term: readonly TermActivity[];
  readonly rows: readonly MarkRow[];
  readonly nameOf: (id: string) => string;
}

function TermMarks({ term, rows, nameOf }: TermMarksProps) {
  const words = sayActivities.term;
  const [box, setBox] = useState<HTMLDivElement | null>(null);
  const whole = rows.length <= WHOLE_ROWS;
  const carried = rows.some((row) => row.carried !== null);
  const columns = term.length + (carried ? 4 : 3);
  return (
    <div
      ref={setBox}
      className={styles.box}
      data-whole={whole || undefined}
      tabIndex={0}
      role="group"
      aria-label={words.title}
    >
      <table className={styles.term}>
        <thead>
          <tr>
            <th scope="col" className={styles.who}>
              {words.student}
            </th>
            {term.map(({ activity }) => (
              <th key={activity.id} scope="col">
                <Link href={`/c/${activity.classId}/activities/${activity.id}`}>
                  {activity.name}
                </Link>
                <small>{sayActivities.grid.of(mostOf(activity))}</small>
              </th>
            ))}
            <th scope="col">{words.mean}</th>
            <th scope="col">{words.missing}</th>
            {carried && (
              <th scope="col" title={words.carriedHint}>
                {words.carried}
              </th>
            )}
          </tr>
        </thead>
        <tbody>
          <TableRows {...{ rows, rowPx: ROW_PX, whole, box, columns }}>
            {(row) => (
              <Row key={row.studentId} row={row} name={nameOf(row.studentId)} carried={carried} />
            )}
          </TableRows>
        </tbody>
      </table>
    </div>
  );
}

interface RowProps {
  readonly row: MarkRow;
  readonly name: string;
  readonly carried: boolean;
}

const Row = memo(function Row({ row, name, carried }: RowProps) {
  const { list, grid, figure } = sayActivities;
  return (
    <tr>
      <th scope="row" className={styles.who}>
        {name}
      </th>
      {row.cells.map((cell, at) => (
        <td key={at} data-state={cell?.state}>
          {cell === null
            ? ''
            : cell.state === 'marked' && cell.points !== null
              ? figure(cell.points)
              : cell.state === 'missing'
                ? list.nothing
                : grid.markState[cell.state]}
        </td>
      ))}
      <td>
        <b>{row.mean === null ? list.nothing : list.percent(row.mean)}</b>
      </td>
      <td data-state={row.missing > 0 ? 'missing' : undefined}>
        {row.missing === 0 ? '' : row.missing}
      </td>
      {carried && <td>{row.carried === null ? '' : grid.partOf(row.carried)}</td>}
    </tr>
  );
});
