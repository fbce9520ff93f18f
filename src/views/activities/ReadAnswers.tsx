'use client';

import { useMemo } from 'react';
import { sharers } from '@/encode/marking';
import { calledSo, readAnswers } from '@/formats/answersRead';
import { csvFile } from '@/formats/out/csv';
import { sayActivities } from '@/messages/activities';
import { takeInAnswers } from '@/store/actions/activities';
import { studentsOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { download } from '../frame/download';
import { ListBox } from '../frame/ListBox';
import page from '../frame/SidePage.module.css';
import { useListText } from '../frame/useListText';
import { useRealNames } from '../frame/useRealNames';
import { useTold } from '../frame/useTold';
import { Button } from '../primitives/Button';
import styles from './Activities.module.css';
import type { BesideProps } from './besideProps';
import { nameForms } from './nameForms';
import { usePeopleSheet } from './usePeopleSheet';

const MOST_TOLD = 12;

/** A sheet in which members say of one another how much each did: saved to be filled in, and read. */
export function ReadAnswers({
  activity,
  units,
  nameOf,
  onDone,
}: BesideProps & { readonly onDone: () => void }) {
  const words = sayActivities.shares;
  const store = useStore();
  const told = useTold();
  const { classId, id: activityId } = activity;
  const list = useListText({ of: 'answers', classId, activityId }, false);
  const { leave, question } = useRealNames(false);
  const students = useQuery(studentsOf, activity.classId);
  const inIt = useMemo(() => {
    const ids = new Set(units.flatMap((unit) => sharers(activity, unit)));
    return students.filter(({ id }) => ids.has(id));
  }, [activity, units, students]);
  const sheet = usePeopleSheet(list.text, inIt);
  const read = useMemo(() => {
    if (!sheet) return null;
    const groups = units.map((unit) => new Set(sharers(activity, unit)));
    return readAnswers(
      sheet.columns,
      (place) => sheet.rows[place]?.id ?? null,
      calledSo(
        inIt.map((student) => ({
          id: student.id,
          names: [...nameForms(student), student.externalId],
        })),
      ),
      (one, two) => groups.some((group) => group.has(one) && group.has(two)),
    );
  }, [sheet, inIt, units, activity]);
  const save = async (): Promise<void> => {
    const heading = [sayActivities.out.headings.number, sayActivities.out.headings.name];
    const rows = inIt.map(({ externalId, name }) => [externalId, name, ...inIt.map(() => '')]);
    const { safeName } = await import('@/formats/out/fileNames');
    const { content, end, type } = await csvFile(
      [[...heading, ...inIt.map(({ name }) => name)], ...rows],
      { for: 'spreadsheet' },
    );
    const blob = typeof content === 'string' ? content : new Blob([content as BlobPart]);
    download(`${safeName(words.templateName(activity.name), 'answers')}.${end}`, blob, type);
  };
  const answers = Object.keys(read?.answers ?? {}).length;
  return (
    <>
      <div className={page.doings}>
        <Button size="small" variant="paper" onClick={() => leave(() => void save())}>
          {words.template}
        </Button>
      </div>
      {question}
      <ListBox words={words} list={list} onNext={() => undefined} onLeave={onDone}>
        {read?.named === 0 && <p>{words.noAnswers}</p>}
        {read && read.named > 0 && <p>{words.found(answers)}</p>}
        {read && read.unread.length > 0 && (
          <ul className={styles.issue}>
            {read.unread.slice(0, MOST_TOLD).map(({ from, to, cell, code }) => (
              <li key={`${from} ${to}`}>
                {code === 'noFigure'
                  ? words.bad(nameOf(from), nameOf(to), cell)
                  : words.notTogether(nameOf(from), nameOf(to))}
              </li>
            ))}
            {read.unread.length > MOST_TOLD && (
              <li>{sayActivities.sheet.moreTold(read.unread.length - MOST_TOLD)}</li>
            )}
          </ul>
        )}
        {read?.unknown.map((place) => {
          const row = sheet?.rows[place];
          const { unknown, doubtful } = sayActivities.sheet;
          const say = row?.doubtful ? doubtful : unknown;
          return <p key={place}>{say(row?.called ?? '', row?.line ?? 0)}</p>;
        })}
      </ListBox>
      {answers > 0 && (
        <div>
          <Button
            variant="contained"
            size="small"
            onClick={() => {
              takeInAnswers(store, activity.id, { ...read?.answers });
              list.keep('');
              told(words.done(answers));
              onDone();
            }}
          >
            {words.go(answers)}
          </Button>
        </div>
      )}
    </>
  );
}
