'use client';

import { useState } from 'react';
import type { Mastery } from '@/encode/mastery';
import { sayLadder } from '@/messages/ladder';
import type { ResultsRecord } from '@/schema/results';
import type { StudentRecord } from '@/schema/student';
import { setAnswer } from '@/store/actions/skills';
import { useStore } from '@/store/react';
import { Button } from '../primitives/Button';
import { InPlaceText } from '../primitives/InPlaceText';
import page from '../frame/SidePage.module.css';
import styles from './Ladder.module.css';

interface StudentResultsProps {
  readonly student: StudentRecord;
  readonly name: string;
  readonly mastery: Mastery;
  readonly results: readonly ResultsRecord[];
  readonly onClose: () => void;
}

/** What one student has mastered, skill by skill, with their answers, each changed where it stands. */
export function StudentResults(props: StudentResultsProps) {
  const { student, name, mastery, results, onClose } = props;
  const store = useStore();
  const [trouble, setTrouble] = useState('');
  const standings = mastery.of(student);
  const plain = (skill: string): string => skill.trim().toLowerCase();
  const answer = (test: ResultsRecord, item: number, whole: number, given: string): void => {
    const text = given.trim().replace(',', '.');
    const points = text === '' ? null : Number(text);
    if (points !== null && !(points >= 0 && points <= whole)) {
      setTrouble(sayLadder.badAnswer(given, whole));
      return;
    }
    setTrouble('');
    setAnswer(store, test.id, student.id, item, points);
  };
  return (
    <section className={styles.looked} aria-label={sayLadder.resultsOf(name)}>
      <header className={page.head}>
        <h3 className={page.subtitle}>{sayLadder.resultsOf(name)}</h3>
        <Button size="small" variant="paper" onClick={onClose}>
          {sayLadder.close}
        </Button>
      </header>
      {trouble !== '' && (
        <p role="alert" className={styles.issue}>
          {trouble}
        </p>
      )}
      <ol className={styles.standings}>
        {mastery.ladder.map((skill, place) => {
          const { state, share, answers } = standings[place] ?? {
            ...{ state: 'unknown' as const, share: null, answers: 0 },
          };
          return (
            <li key={skill.id} data-state={state}>
              <b>{skill.name}</b>
              <span>{sayLadder.standing(state, share, answers)}</span>
              {results.map((test) => {
                const asked = test.items.flatMap((item, at) =>
                  item.skill !== null && plain(item.skill) === plain(skill.name)
                    ? [{ ...item, at }]
                    : [],
                );
                return asked.length === 0 ? null : (
                  <small key={test.id} className={styles.answers}>
                    {sayLadder.answersIn(test.name, test.on)}:
                    {asked.map(({ at, name: question, whole }) => {
                      const points = test.answers[student.id]?.[at] ?? null;
                      return (
                        <span key={at}>
                          <InPlaceText
                            value={points === null ? '' : String(points)}
                            label={sayLadder.answer(question, whole)}
                            placeholder={sayLadder.noAnswer}
                            mayBeEmpty
                            inputMode="decimal"
                            onChange={(given) => answer(test, at, whole, given)}
                          />
                          /{whole}
                        </span>
                      );
                    })}
                  </small>
                );
              })}
            </li>
          );
        })}
      </ol>
    </section>
  );
}
