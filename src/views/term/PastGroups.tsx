'use client';

import { useMemo, useState } from 'react';
import { pastColumnsIn, type PastColumn } from '@/formats/roster/pastGroups';
import type { ReadRoster } from '@/formats/roster/readRoster';
import { sayTerm } from '@/messages/term';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentId } from '@/schema/ids';
import { PLAIN_RECIPE } from '@/schema/recipe';
import type { StudentRecord } from '@/schema/student';
import { newGroup } from '@/schema/take';
import { takeInPast } from '@/store/actions/series';
import { studentsOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { ListBox } from '../frame/ListBox';
import { matchedStudents } from '../frame/matchedStudents';
import { useListText } from '../frame/useListText';
import { useToday } from '../frame/useToday';
import { useTold } from '../frame/useTold';
import { Button } from '../primitives/Button';
import styles from './Term.module.css';

interface PastGroupsProps {
  readonly theClass: ClassRecord;
  readonly onDone: () => void;
}

/** Groups of weeks before Gruppetto, out of a sheet with a column for each: looked at, dated, then kept as used. */
export function PastGroups({ theClass, onDone }: PastGroupsProps) {
  const words = sayTerm.past;
  const store = useStore();
  const told = useTold();
  const today = useToday();
  const list = useListText({ of: 'past', classId: theClass.id });
  const { found } = list;
  const students = useQuery(studentsOf, theClass.id);
  const past = useMemo(
    () => (found?.ok ? pastIn(found, students, today) : null),
    [found, students, today],
  );
  /** Column → whether it is taken in, and its day; what was not said otherwise is as it was found. */
  const [said, setSaid] = useState<
    Readonly<Record<number, { readonly take?: boolean; readonly on?: string }>>
  >({});
  const columns = (past?.columns ?? []).map((column, at) => ({
    ...column,
    take: said[at]?.take ?? column.likely,
    on: said[at]?.on ?? column.on,
  }));
  const chosen = columns.filter(({ take }) => take);
  const say = (at: number, what: { readonly take?: boolean; readonly on?: string }): void =>
    setSaid({ ...said, [at]: { ...said[at], ...what } });

  const take = (): void => {
    takeInPast(
      store,
      theClass.id,
      PLAIN_RECIPE,
      chosen.map(({ heading, on, groups }, at) => ({
        name: heading === '' ? sayTerm.plan.round(at + 1) : heading,
        on,
        groups: groups.map(({ name, ids }, sign) => newGroup(words.group(name), sign, [...ids])),
      })),
    );
    list.keep('');
    told(words.done(chosen.length));
    onDone();
  };
  return (
    <section className={styles.past} aria-label={words.title}>
      <h3 className={styles.subtitle}>{words.title}</h3>
      <ListBox words={words} list={list} onNext={() => setSaid({})} onLeave={onDone}>
        {past && columns.length === 0 && <p>{words.noColumn}</p>}
        {past && columns.length > 0 && <p>{words.matched(past.matched, past.unknown)}</p>}
      </ListBox>
      {columns.length > 0 && past && past.matched > 0 && (
        <>
          <ul className={styles.pastColumns}>
            {columns.map(({ heading, groups, take: isTaken, on }, at) => (
              <li key={at}>
                <label>
                  <input
                    type="checkbox"
                    checked={isTaken}
                    onChange={({ target }) => say(at, { take: target.checked })}
                  />{' '}
                  <b>{heading || words.noHeading(at + 1)}</b>
                </label>
                <input
                  type="date"
                  value={on}
                  max={today}
                  aria-label={words.dayOf(heading)}
                  onChange={({ target }) => {
                    if (target.value !== '') say(at, { on: target.value });
                  }}
                />
                <span className={styles.hint}>
                  {words.groups(
                    groups.length,
                    groups.reduce((sum, { ids }) => sum + ids.length, 0),
                  )}
                </span>
              </li>
            ))}
          </ul>
          <div>
            <Button variant="contained" disabled={chosen.length === 0} onClick={take}>
              {words.go(chosen.length)}
            </Button>
          </div>
        </>
      )}
    </section>
  );
}

interface DatedColumn extends Pick<PastColumn, 'heading' | 'likely'> {
  readonly on: string;
  readonly groups: readonly { readonly name: string; readonly ids: readonly StudentId[] }[];
}

/** The columns of a list with the students of the class in them, and whom the class does not know. */
function pastIn(
  { table, reading, roster }: Extract<ReadRoster, { ok: true }>,
  students: readonly StudentRecord[],
  today: string,
) {
  const { idOf, matched, unknown } = matchedStudents(students, roster);
  const columns = pastColumnsIn(table, reading, roster, today);
  return {
    ...{ matched, unknown },
    columns: columns.map(({ heading, day, likely, groups }, at): DatedColumn => ({
      ...{ heading, likely },
      // Without a day: a week apart, the last of them a week ago.
      on: day ?? daysBefore(today, 7 * (columns.length - at)),
      groups: groups
        .map(({ name, students: places }) => ({
          name,
          ids: places.flatMap((place) => idOf(place) ?? []),
        }))
        .filter(({ ids }) => ids.length > 0),
    })),
  };
}

function daysBefore(day: string, days: number): string {
  return new Date(Date.parse(`${day}T00:00:00Z`) - days * 86_400_000).toISOString().slice(0, 10);
}
