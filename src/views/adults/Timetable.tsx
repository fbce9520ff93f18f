'use client';

import { useState } from 'react';
import * as z from 'zod/mini';
import type { Leads } from '@/encode/leads';
import type { Meeting } from '@/formats/out/timetableOut';
import { spokenOrder } from '@/messages/speaking';
import { sayAdults } from '@/messages/adults';
import type { AdultRecord } from '@/schema/adult';
import type { ClassRecord } from '@/schema/classRecord';
import type { LineupRecord } from '@/schema/lineup';
import type { Setting } from '@/schema/setting';
import { download } from '../frame/download';
import type { NameOf } from '../frame/names';
import { useSetting } from '../frame/useDraft';
import type { FocusedGroup } from '../frame/useLedGroups';
import { useToday } from '../frame/useToday';
import { Button } from '../primitives/Button';
import { Choice } from '../primitives/Choice';
import { NumberStepper } from '../primitives/NumberStepper';
import page from '../frame/SidePage.module.css';
import styles from './Adults.module.css';

const MOST_WEEKS = 40;

const BY: Setting<'adult' | 'group'> = {
  name: 'timetableBy',
  shape: z.enum(['adult', 'group']),
  usual: 'adult',
};

interface TimetableProps {
  readonly theClass: ClassRecord;
  readonly lineup: LineupRecord;
  readonly groups: readonly FocusedGroup[];
  readonly adults: readonly AdultRecord[];
  readonly leads: Leads;
  readonly nameOf: NameOf;
}

/** When whom leads which group, by adult or by group: on screen, on paper, as a table and as a calendar. */
export function Timetable({ theClass, lineup, groups, adults, leads, nameOf }: TimetableProps) {
  const today = useToday();
  const [by, setBy] = useSetting(BY, theClass.id);
  const [from, setFrom] = useState(today);
  const [weeks, setWeeks] = useState(6);
  const meetings = groups.flatMap(({ key, name, studentIds, focus }) => {
    const adult = adults.find(({ id }) => id === leads[key]?.adultId);
    const period = theClass.periods.find(({ id }) => id === leads[key]?.periodId);
    if (!adult || !period) return [];
    const meeting: Meeting = {
      ...{ key: `${lineup.id} ${key}`, group: name, adult: adult.name, period: period.name },
      ...{ room: adult.room, skills: focus, students: studentIds.map(nameOf) },
      ...{ day: period.day, from: period.from, to: period.to },
    };
    return [{ ...meeting, periodId: period.id }];
  });
  if (meetings.length === 0) return null;
  const rows = [...new Set(meetings.map((one) => one[by]))].sort((a, b) => spokenOrder(a, b));
  const undated = theClass.periods.filter(
    ({ id, day }) => day === null && meetings.some(({ periodId }) => periodId === id),
  );
  const save = async (kind: 'csv' | 'ics'): Promise<void> => {
    const [out, { safeName }] = await Promise.all([
      import('@/formats/out/timetableOut'),
      import('@/formats/out/fileNames'),
    ]);
    const inOrder = [...meetings].sort((a, b) => spokenOrder(a[by], b[by]));
    const written =
      kind === 'csv'
        ? await out.timetableCsv(inOrder, sayAdults.saved)
        : await out.timetableCalendar(inOrder, from, weeks);
    download(
      `${safeName(sayAdults.fileName(theClass.name, lineup.name), 'timetable')}.${written.end}`,
      new Blob([written.content as BlobPart]),
      written.type,
    );
  };
  return (
    <section className={`${page.part} ${styles.below}`} data-print aria-label={sayAdults.timetable}>
      <div className={page.head}>
        <h3 className={page.subtitle}>{sayAdults.timetable}</h3>
        <Choice
          inline
          legend={sayAdults.timetableBy}
          value={by}
          options={(['adult', 'group'] as const).map((value) => ({
            value,
            label: sayAdults.timetableOf[value],
          }))}
          onChange={setBy}
        />
      </div>
      <div className={styles.box} role="region" aria-label={sayAdults.timetable} tabIndex={0}>
        <table className={styles.table}>
          <thead>
            <tr>
              <td />
              {theClass.periods.map(({ id, name }) => (
                <th key={id} scope="col">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row}>
                <th scope="row">{row}</th>
                {theClass.periods.map(({ id }) => (
                  <td key={id}>
                    {meetings
                      .filter((one) => one[by] === row && one.periodId === id)
                      .map((one) => (
                        <div key={one.key}>
                          {sayAdults.at(by === 'adult' ? one.group : one.adult, one.room)}
                          <small>{one.students.join(', ')}</small>
                        </div>
                      ))}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <div className={styles.out}>
        <span>{sayAdults.out}</span>
        <Button size="small" variant="paper" onClick={() => window.print()}>
          {sayAdults.print}
        </Button>
        <Button size="small" variant="paper" onClick={() => void save('csv')}>
          {sayAdults.saveCsv}
        </Button>
        <Button size="small" variant="paper" onClick={() => void save('ics')}>
          {sayAdults.saveCalendar}
        </Button>
        <label>
          {sayAdults.from}{' '}
          <input
            type="date"
            value={from}
            onChange={({ target }) => {
              if (target.value !== '') setFrom(target.value);
            }}
          />
        </label>
        <NumberStepper
          labelled
          label={sayAdults.weeks}
          lessLabel={sayAdults.weeksLess}
          moreLabel={sayAdults.weeksMore}
          value={weeks}
          refusal={(next) =>
            next < 1 || next > MOST_WEEKS ? sayAdults.weeksRange(MOST_WEEKS) : null
          }
          onChange={setWeeks}
        />
        {undated.length > 0 && (
          <p className={page.hint}>{sayAdults.notInCalendar(undated.map(({ name }) => name))}</p>
        )}
      </div>
    </section>
  );
}
