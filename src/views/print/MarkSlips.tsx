'use client';

import { useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { unitsOf } from '@/encode/activityUnits';
import { slipOfGroup, slipOfStudent, type MarkSlip } from '@/encode/markSlip';
import { sayActivities } from '@/messages/activities';
import { sayShown } from '@/messages/shown';
import { isAlone } from '@/schema/activity';
import { ActivityId, type LineupId } from '@/schema/ids';
import { activityById, classById, shownTake, studentsOf } from '@/store/queries';
import { useQuery } from '@/store/react';
import { useStageNames } from '../frame/names';
import { InClassLanguage } from '../frame/InClassLanguage';
import { useRoute } from '../primitives/route';
import { useClassId } from '../frame/useClassId';
import { Button } from '../primitives/Button';
import { Invitation } from '../primitives/Invitation';
import { LinkButton } from '../primitives/LinkButton';
import { Select } from '../primitives/Select';
import { inColumns } from './paging';
import styles from './print.module.css';
import { Page } from './sheets/Page';

const NOBODY = '';
const EVERYBODY = 'everybody';
const GROUPS = 'groups';
/** Of the type that slips are set in, on a page of A4 with its margins. */
const LINES_PER_COLUMN = 46;
const COLUMNS = 2;
const LETTERS_PER_LINE = 44;
/** Name, activity, mark, and the room around. */
const USUAL_LINES = 6;

/** Slips with marks, of whom they are asked for: each has one student's marks, or one group's, and nobody else's. */
export function MarkSlips() {
  const words = sayActivities.slips;
  const { go } = useRoute();
  const classId = useClassId();
  const asked = useSearchParams().get('activity') ?? 'none';
  const activity = useQuery(activityById, ActivityId.parse(asked.slice(0, 64) || 'none'));
  const theClass = useQuery(classById, classId);
  const students = useQuery(studentsOf, classId);
  const take = useQuery(shownTake, activity?.lineupId ?? ('' as LineupId));
  const nameOf = useStageNames(students, classId);
  const [whose, setWhose] = useState<string>(NOBODY);
  const slips = useMemo((): readonly MarkSlip[] => {
    if (!activity) return [];
    const units = unitsOf(activity, take?.groups, students);
    if (whose === GROUPS) return units.map((unit) => slipOfGroup(activity, unit));
    const ids = [...new Set(units.flatMap(({ studentIds }) => studentIds))];
    return ids
      .filter((id) => whose === EVERYBODY || id === whose)
      .flatMap((id) => slipOfStudent(activity, units, id, nameOf(id)) ?? []);
  }, [activity, take, students, whose, nameOf]);
  if (activity?.classId !== classId || !theClass) {
    return (
      <main className={styles.none}>
        <Invitation text={sayActivities.gone}>
          <LinkButton variant="contained" href={`/c/${classId}/activities`}>
            {sayActivities.back}
          </LinkButton>
        </Invitation>
      </main>
    );
  }
  const pages = inColumns(slips, linesOf, LINES_PER_COLUMN, COLUMNS);
  const present = students.filter(({ left }) => left === null);
  return (
    <div className={styles.print}>
      <header className={styles.bar}>
        <h1>{words.title(activity.name)}</h1>
        <Select
          label={words.for}
          value={whose}
          options={[
            { value: NOBODY, label: words.choose },
            { value: EVERYBODY, label: words.everybody },
            ...(isAlone(activity) ? [] : [{ value: GROUPS, label: words.groups }]),
            ...present.map(({ id }) => ({ value: id, label: nameOf(id) })),
          ]}
          onChange={setWhose}
        />
        <p className={styles.count} role="status">
          {words.pages(pages.length)}
        </p>
        <Button variant="contained" disabled={pages.length === 0} onClick={() => window.print()}>
          {words.print}
        </Button>
        <Button variant="paper" onClick={() => go(`/c/${classId}/activities/${activity.id}`)}>
          {words.back}
        </Button>
      </header>
      <main className={styles.sheets}>
        {slips.length === 0 && <p className={styles.nothing}>{words.nothing}</p>}
        <InClassLanguage classId={classId}>
          {pages.map((columns, page) => (
            <Page key={page} className={theClass.name} lineup={activity.name} size="a4" bare>
              <div className={styles.markSlips}>
                {columns.map((column, at) => (
                  <ul key={at}>
                    {column.map((slip) => (
                      <Slip
                        key={slip.name}
                        slip={slip}
                        activity={activity.name}
                        className={theClass.name}
                      />
                    ))}
                  </ul>
                ))}
              </div>
            </Page>
          ))}
        </InClassLanguage>
      </main>
    </div>
  );
}

function linesOf({ criteria, comments, off }: MarkSlip): number {
  const lines = (text: string): number => Math.ceil(text.length / LETTERS_PER_LINE);
  const said = [...criteria.map(({ name }) => `${name} 00 of 00`), ...comments];
  return USUAL_LINES + (off > 0 ? 1 : 0) + said.reduce((sum, text) => sum + lines(text), 0);
}

interface SlipProps {
  readonly slip: MarkSlip;
  readonly activity: string;
  readonly className: string;
}

function Slip({ slip, activity, className }: SlipProps) {
  const words = sayShown.marks;
  const { name, group, state, points, most, off, criteria, comments } = slip;
  const mark = {
    marked: points === null ? words.none : words.mark(points, most),
    missing: words.none,
    excused: words.excused,
    absent: words.absent,
  }[state];
  return (
    <li>
      <h3>
        <bdi>{name}</bdi>
      </h3>
      <p>{[activity, group, className].filter((one) => one !== '').join(' · ')}</p>
      <p className={styles.pin}>{mark}</p>
      {off > 0 && state === 'marked' && <p>{words.late(off)}</p>}
      {criteria.map((one) => (
        <p key={one.name}>{words.criterion(one.name, one.points, one.most)}</p>
      ))}
      {comments.map((comment) => (
        <p key={comment} dir="auto">
          {comment}
        </p>
      ))}
    </li>
  );
}
