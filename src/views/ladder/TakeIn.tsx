'use client';

import { useMemo, useState } from 'react';
import * as z from 'zod/mini';
import type { Mastery } from '@/encode/mastery';
import { resultColumnsIn } from '@/formats/roster/results';
import { plainWords } from '@/formats/roster/text';
import { sayLadder } from '@/messages/ladder';
import type { ClassRecord } from '@/schema/classRecord';
import type { ResultsRecord } from '@/schema/results';
import type { Setting } from '@/schema/setting';
import { takeInResults } from '@/store/actions/skills';
import { studentsOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { ListBox } from '../frame/ListBox';
import { matchedStudents } from '../frame/matchedStudents';
import { useSetting } from '../frame/useDraft';
import { useListText } from '../frame/useListText';
import { useToday } from '../frame/useToday';
import { useTold } from '../frame/useTold';
import { Button } from '../primitives/Button';
import { Field } from '../primitives/Field';
import { Select } from '../primitives/Select';
import page from '../frame/SidePage.module.css';
import styles from './Ladder.module.css';

/** Heading → the skill that its question asks for, as it was said before; '' for none. */
const ASKED: Setting<Readonly<Record<string, string>>> = {
  name: 'questions',
  shape: z.record(z.string(), z.string()),
  usual: {},
};

/** What stands for a skill that is yet to be put on the ladder. */
const NEW = '\u0000new';
/** So many cells that could not be read are told one by one. */
const MOST_TOLD = 6;

interface TakeInProps {
  readonly theClass: ClassRecord;
  readonly mastery: Mastery;
  /** How many tests there are already. */
  readonly tests: number;
  readonly onDone: () => void;
}

/** Results out of a sheet: whose they are, which column asks for which skill, and what of it is no answer. */
export function TakeIn({ theClass, mastery, tests, onDone }: TakeInProps) {
  const words = sayLadder.takeIn;
  const store = useStore();
  const told = useTold();
  const today = useToday();
  const list = useListText({ of: 'results', classId: theClass.id });
  const { found } = list;
  const students = useQuery(studentsOf, theClass.id);
  const [asked, setAsked] = useSetting(ASKED, null);
  const [name, setName] = useState(words.usualName(tests + 1));
  const [on, setOn] = useState(today);
  /** Column → what was said of it in place of what was found. */
  const [said, setSaid] = useState<
    Readonly<Record<number, { readonly take?: boolean; readonly skill?: string }>>
  >({});
  const skills = useMemo(() => mastery.ladder.map((one) => one.name), [mastery]);
  const read = useMemo(() => {
    if (!found?.ok) return null;
    const { table, reading, roster } = found;
    const inClass = students.filter(({ left }) => left === null);
    return {
      ...matchedStudents(inClass, roster),
      ...{ inClass, roster },
      columns: resultColumnsIn(table, reading, roster, skills),
    };
  }, [found, students, skills]);
  const columns = (read?.columns ?? []).map((column, at) => {
    const remembered = asked[plainWords(column.heading)];
    const known =
      remembered === '' || (remembered !== undefined && skills.includes(remembered))
        ? remembered
        : undefined;
    const usual = known ?? (column.skill === null ? '' : (skills[column.skill] ?? ''));
    return {
      ...column,
      at,
      title: column.heading === '' ? words.noHeading(at + 1) : column.heading,
      take: said[at]?.take ?? column.likely,
      // With no ladder yet each question is a skill of its own.
      skill: said[at]?.skill ?? (skills.length === 0 ? NEW : usual),
    };
  });
  const chosen = columns.filter(({ take }) => take);
  const unread = chosen.flatMap((column) =>
    column.unread.map(({ student, cell }) => ({
      ...{ column, cell },
      name: read?.roster.students[student]?.displayName ?? '',
    })),
  );
  const listed = new Set(read?.roster.students.map((_, place) => read.idOf(place)));
  const missing = (read?.inClass ?? []).filter(({ id }) => !listed.has(id));
  const skillOf = ({ skill, title }: (typeof chosen)[number]): string | null =>
    skill === '' ? null : skill === NEW ? title : skill;
  const say = (at: number, what: { readonly take?: boolean; readonly skill?: string }): void =>
    setSaid({ ...said, [at]: { ...said[at], ...what } });

  const take = (): void => {
    const answers: ResultsRecord['answers'] = {};
    read?.roster.students.forEach((_, place) => {
      const id = read.idOf(place);
      if (id !== null) answers[id] = chosen.map(({ points }) => points[place] ?? null);
    });
    takeInResults(store, theClass.id, {
      ...{ name: name.trim() || words.usualName(tests + 1), on, answers },
      items: chosen.map((column) => ({
        ...{ name: column.title, skill: skillOf(column), whole: column.whole },
      })),
    });
    setAsked({
      ...asked,
      ...Object.fromEntries(
        chosen.map((column) => [plainWords(column.title), skillOf(column) ?? '']),
      ),
    });
    list.keep('');
    told(words.done(Object.keys(answers).length));
    onDone();
  };
  return (
    <section className={styles.takeIn} aria-label={words.title}>
      <ListBox words={words} list={list} onNext={() => setSaid({})} onLeave={onDone}>
        {read && columns.length === 0 && <p>{words.noColumn}</p>}
        {read && columns.length > 0 && (
          <>
            <p>{words.matched(read.matched, read.unknown)}</p>
            {missing.length > 0 && <p>{words.missing(missing.map((one) => one.name))}</p>}
          </>
        )}
        {unread.length > 0 && (
          <ul className={styles.issue}>
            {unread.slice(0, MOST_TOLD).map(({ name: who, column, cell }, at) => (
              <li key={at}>{words.unread(who, column.title, cell, column.whole)}</li>
            ))}
            {unread.length > MOST_TOLD && <li>{words.unreadMore(unread.length - MOST_TOLD)}</li>}
          </ul>
        )}
      </ListBox>
      {read && columns.length > 0 && (
        <>
          <ul className={styles.questions}>
            {columns.map(({ at, title, whole, take: isTaken, skill }) => (
              <li key={at}>
                <label>
                  <input
                    type="checkbox"
                    checked={isTaken}
                    aria-label={words.take(title)}
                    onChange={({ target }) => say(at, { take: target.checked })}
                  />{' '}
                  <b>{title}</b> <small>{words.whole(whole)}</small>
                </label>
                {isTaken && (
                  <Select
                    quiet
                    label={sayLadder.asksFor(title)}
                    value={skill}
                    options={[
                      { value: '', label: sayLadder.asksNothing },
                      ...skills.map((one) => ({ value: one, label: one })),
                      ...(skills.some((one) => one.toLowerCase() === title.toLowerCase())
                        ? []
                        : [{ value: NEW, label: words.newSkill(title) }]),
                    ]}
                    onChange={(next) => say(at, { skill: next })}
                  />
                )}
              </li>
            ))}
          </ul>
          {chosen.some(({ skill }) => skill === '') && (
            <p className={page.hint}>
              {words.unmatched(chosen.filter(({ skill }) => skill === '').length)}
            </p>
          )}
          <div className={page.doings}>
            <Field label={words.name}>
              <input value={name} onChange={({ target }) => setName(target.value)} />
            </Field>
            <Field label={words.day}>
              <input
                type="date"
                value={on}
                onChange={({ target }) => {
                  if (target.value !== '') setOn(target.value);
                }}
              />
            </Field>
            <Button
              variant="contained"
              disabled={chosen.length === 0 || read.matched === 0}
              onClick={take}
            >
              {words.go(chosen.length)}
            </Button>
          </div>
        </>
      )}
    </section>
  );
}
