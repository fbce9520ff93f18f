'use client';

import { Link } from '../primitives/Link';
import { useMemo, useState } from 'react';
import { movedSince } from '@/encode/activityChanges';
import { markRows } from '@/encode/markTerm';
import { sayActivities } from '@/messages/activities';
import { isAlone, type ActivityRecord } from '@/schema/activity';
import type { LineupId } from '@/schema/ids';
import type { StudentRecord } from '@/schema/student';
import { activitiesOf, classById, lineupById, shownTake } from '@/store/queries';
import { useQuery } from '@/store/react';
import { useStudents } from '../frame/students';
import { useClassId } from '../frame/useClassId';
import { clockMoment } from '../frame/clockMoment';
import page from '../frame/SidePage.module.css';
import { Button } from '../primitives/Button';
import { Invitation } from '../primitives/Invitation';
import { LinkButton } from '../primitives/LinkButton';
import styles from './Activities.module.css';
import { Begin } from './Begin';
import { standingOf } from './progress';
import { useUnits } from './useUnits';

/** What the class works on, what has come in of it, and what is marked. */
export function ActivitiesView() {
  const classId = useClassId();
  const theClass = useQuery(classById, classId);
  const activities = useQuery(activitiesOf, classId);
  const students = useStudents(classId);
  const [beginning, setBeginning] = useState(false);
  const words = sayActivities;
  if (!theClass) return null;
  if (activities.length === 0 && !beginning) {
    return (
      <Invitation text={words.none}>
        <Button variant="contained" onClick={() => setBeginning(true)}>
          {words.begin.title}
        </Button>
      </Invitation>
    );
  }
  return (
    <div className={page.view}>
      <div className={page.head}>
        <h2 className={page.title}>{words.title}</h2>
        <div className={page.doings}>
          {activities.length > 0 && (
            <LinkButton size="small" variant="paper" href={`/c/${classId}/activities/term`}>
              {words.list.overTerm}
            </LinkButton>
          )}
          {!beginning && (
            <Button size="small" variant="contained" onClick={() => setBeginning(true)}>
              {words.begin.title}
            </Button>
          )}
        </div>
      </div>
      {beginning && <Begin theClass={theClass} onDone={() => setBeginning(false)} />}
      {activities.length > 0 && (
        <div className={styles.box}>
          <table className={styles.list}>
            <thead>
              <tr>
                <th scope="col">{words.list.name}</th>
                <th scope="col">{words.list.groups}</th>
                <th scope="col">{words.list.due}</th>
                <th scope="col">{words.list.came}</th>
                <th scope="col">{words.list.marked}</th>
                <th scope="col" className={styles.figure}>
                  {words.list.mean}
                </th>
              </tr>
            </thead>
            <tbody>
              {activities.map((activity) => (
                <Line key={activity.id} activity={activity} students={students} />
              ))}
            </tbody>
          </table>
        </div>
      )}
    </div>
  );
}

interface LineProps {
  readonly activity: ActivityRecord;
  readonly students: readonly StudentRecord[];
}

function Line({ activity, students }: LineProps) {
  const words = sayActivities;
  const lineup = useQuery(lineupById, activity.lineupId ?? ('' as LineupId));
  const take = useQuery(shownTake, activity.lineupId ?? ('' as LineupId));
  const units = useUnits(activity, students);
  const standings = units.map((unit) => standingOf(activity, unit));
  const marked = standings.filter((one) => one === 'marked').length;
  const came = units.filter(({ key }) => activity.work[key]?.came).length;
  const moved = take ? movedSince(activity, take.groups).length : 0;
  const mean = useMemo(() => {
    const ids = [...new Set(units.flatMap(({ studentIds }) => studentIds))];
    const means = markRows([{ activity, units }], ids, clockMoment()).flatMap(
      (row) => row.mean ?? [],
    );
    return means.length === 0 ? null : means.reduce((sum, one) => sum + one, 0) / means.length;
  }, [activity, units]);
  return (
    <tr>
      <th scope="row">
        <Link href={`/c/${activity.classId}/activities/${activity.id}`}>{activity.name}</Link>
        {moved > 0 && <small className={styles.asks}>{words.list.asks(moved)}</small>}
      </th>
      <td>
        {isAlone(activity) ? words.alone : lineup ? words.groupsOf(lineup.name) : words.groupsGone}
      </td>
      <td>{activity.due === null ? words.noDay : words.moment(activity.due)}</td>
      <td>
        <Bar part={came} of={units.length} />
      </td>
      <td>
        <Bar part={marked} of={units.length} done />
      </td>
      <td className={styles.figure}>
        {mean === null ? words.list.nothing : words.list.percent(mean)}
      </td>
    </tr>
  );
}

/** How far something is, as a bar with its figures. */
function Bar({
  part,
  of,
  done = false,
}: {
  readonly part: number;
  readonly of: number;
  readonly done?: boolean;
}) {
  return (
    <span className={styles.progress} data-done={done || undefined}>
      <i aria-hidden="true">
        <b style={{ inlineSize: `${of === 0 ? 0 : (100 * part) / of}%` }} />
      </i>
      {sayActivities.list.cameOf(part, of)}
    </span>
  );
}
