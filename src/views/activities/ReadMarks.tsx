'use client';

import { useMemo, useState } from 'react';
import { mostOf } from '@/encode/marking';
import { takeInMarks, type GivenMark } from '@/encode/marksIn';
import { markColumn } from '@/formats/peopleRows';
import { readMarks } from '@/formats/marksRead';
import { sayActivities } from '@/messages/activities';
import { takeMarks } from '@/store/actions/activities';
import { studentsOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { ListBox } from '../frame/ListBox';
import { useListText } from '../frame/useListText';
import { useTold } from '../frame/useTold';
import { Button } from '../primitives/Button';
import { Select } from '../primitives/Select';
import styles from './Activities.module.css';
import type { BesideProps } from './besideProps';
import { usePeopleSheet } from './usePeopleSheet';

/** So many are told one by one. */
const MOST_TOLD = 12;
const NONE = '';

/** Marks out of a sheet: what changes is shown first, and every row that is not taken is named. */
export function ReadMarks({
  activity,
  units,
  nameOf,
  onDone,
}: BesideProps & { readonly onDone: () => void }) {
  const words = sayActivities.sheet;
  const store = useStore();
  const told = useTold();
  const { classId, id: activityId } = activity;
  const list = useListText({ of: 'marks', classId, activityId }, false);
  const students = useQuery(studentsOf, activity.classId);
  const [chosen, setChosen] = useState<string | null>(null);
  const inIt = useMemo(() => {
    const ids = new Set(units.flatMap(({ studentIds }) => studentIds));
    return students.filter(({ id }) => ids.has(id));
  }, [students, units]);
  const sheet = usePeopleSheet(list.text, inIt);
  const column =
    sheet === null
      ? null
      : chosen === null
        ? markColumn(sheet.columns, [activity.name, sayActivities.out.headings.marks])
        : (sheet.columns.find((one) => String(one.column) === chosen) ?? null);
  const read = useMemo(
    () =>
      sheet && column
        ? readMarks(column, (place) => sheet.rows[place], mostOf(activity), {
            excused: words.excused,
            absent: words.absent,
          })
        : null,
    [sheet, column, activity, words],
  );
  const taken = useMemo(
    () => (read ? takeInMarks(activity, units, read.marks) : null),
    [read, activity, units],
  );
  const rowOf = (place: number): number => sheet?.rows[place]?.line ?? 0;
  const nameAt = (place: number): string => sheet?.rows[place]?.called ?? '';
  const markWord = (mark: GivenMark | null): string =>
    mark === null
      ? words.none
      : typeof mark === 'number'
        ? sayActivities.figure(mark)
        : sayActivities.grid.states[mark];
  const issues = [
    ...(read?.unread ?? []).map(({ place, cell, code }) => {
      const [name, row] = [nameAt(place), rowOf(place)];
      switch (code) {
        case 'doubtful':
          return words.doubtful(name, row);
        case 'unknown':
          return words.unknown(name, row);
        case 'noFigure':
          return words.cell(name, row, words.noFigure(cell));
        case 'below':
          return words.cell(name, row, words.below(cell));
        case 'over':
          return words.cell(name, row, words.over(cell, mostOf(activity)));
      }
    }),
    ...(read?.twice ?? []).map(({ id, places }) => words.twice(nameOf(id), places.map(rowOf))),
    ...(taken?.tooMuch ?? []).map(({ studentId, off, left }) =>
      words.tooMuch(nameOf(studentId), off, left),
    ),
  ];
  const changes = taken?.changes ?? [];
  const take = (): void => {
    if (!taken) return;
    takeMarks(store, activity.id, taken.after);
    list.keep('');
    told(words.done(changes.length));
    onDone();
  };
  return (
    <>
      <ListBox words={words} list={list} onNext={() => setChosen(null)} onLeave={onDone}>
        {sheet?.columns.length === 0 && <p>{words.noColumn}</p>}
        {read && read.blank > 0 && <p>{words.blank(read.blank)}</p>}
        {issues.length > 0 && (
          <ul className={styles.issue}>
            {issues.slice(0, MOST_TOLD).map((issue) => (
              <li key={issue}>{issue}</li>
            ))}
            {issues.length > MOST_TOLD && <li>{words.moreTold(issues.length - MOST_TOLD)}</li>}
          </ul>
        )}
        {taken?.stuck && <p>{words.stuck}</p>}
      </ListBox>
      {sheet && sheet.columns.length > 0 && (
        <Select
          label={words.column}
          value={column ? String(column.column) : NONE}
          options={[
            ...(column ? [] : [{ value: NONE, label: words.choose }]),
            ...sheet.columns.map((one) => ({
              value: String(one.column),
              label: one.heading === '' ? words.unnamed(one.column + 1) : one.heading,
            })),
          ]}
          onChange={setChosen}
        />
      )}
      {taken && !taken.stuck && (
        <>
          <p>{words.changes(changes.length)}</p>
          <ul className={styles.letters}>
            {changes.slice(0, MOST_TOLD).map(({ studentId, from, to }) => (
              <li key={studentId}>
                {words.change(nameOf(studentId), markWord(from), markWord(to))}
              </li>
            ))}
            {changes.length > MOST_TOLD && <li>{words.moreTold(changes.length - MOST_TOLD)}</li>}
          </ul>
          {taken.becomesOwn && changes.length > 0 && <p>{words.becomesOwn}</p>}
          {changes.length > 0 && (
            <div>
              <Button variant="contained" size="small" onClick={take}>
                {words.go(changes.length)}
              </Button>
            </div>
          )}
        </>
      )}
    </>
  );
}
