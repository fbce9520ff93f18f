'use client';

import CloseRounded from '@mui/icons-material/CloseRounded';
import type { Mastery } from '@/encode/mastery';
import { sayLadder } from '@/messages/ladder';
import type { ResultsRecord } from '@/schema/results';
import { editResults, removeResults } from '@/store/actions/skills';
import { useStore } from '@/store/react';
import { useTold } from '../frame/useTold';
import { IconPress } from '../primitives/IconPress';
import { InPlaceText } from '../primitives/InPlaceText';
import { OpenPart } from '../primitives/OpenPart';
import { Select } from '../primitives/Select';
import page from '../frame/SidePage.module.css';
import styles from './Ladder.module.css';

interface TestsProps {
  readonly results: readonly ResultsRecord[];
  readonly mastery: Mastery;
}

/** The tests of a class, newest first: named, dated, and which skill each question asks for. */
export function Tests({ results, mastery }: TestsProps) {
  const store = useStore();
  const told = useTold();
  return (
    <>
      <h3 className={page.subtitle}>{sayLadder.tests(results.length)}</h3>
      {results.length === 0 && <p className={page.text}>{sayLadder.testsNone}</p>}
      <ul className={styles.tests}>
        {results.map(({ id, name, on, items, answers }) => (
          <li key={id}>
            <span className={styles.grow}>
              <InPlaceText
                value={name}
                label={sayLadder.testName}
                onChange={(next) => editResults(store, id, { name: next })}
              />
              <small>{sayLadder.testLine(on, Object.keys(answers).length, items.length)}</small>
            </span>
            <input
              type="date"
              value={on}
              aria-label={sayLadder.testDay(name)}
              onChange={({ target }) => {
                if (target.value !== '') editResults(store, id, { on: target.value });
              }}
            />
            <OpenPart label={sayLadder.questions}>
              <ul className={styles.questions}>
                {items.map((item, at) => (
                  <li key={at}>
                    <Select
                      label={sayLadder.asksFor(item.name)}
                      value={
                        mastery.ladder.find(
                          (one) => one.name.toLowerCase() === item.skill?.toLowerCase(),
                        )?.name ?? ''
                      }
                      options={[
                        { value: '', label: sayLadder.asksNothing },
                        ...mastery.ladder.map((one) => ({ value: one.name, label: one.name })),
                      ]}
                      onChange={(skill) =>
                        editResults(store, id, {
                          items: items.map((one, place) =>
                            place === at ? { ...one, skill: skill === '' ? null : skill } : one,
                          ),
                        })
                      }
                    />
                  </li>
                ))}
              </ul>
            </OpenPart>
            <IconPress
              label={sayLadder.testRemove(name)}
              onPress={() => {
                removeResults(store, id);
                told(sayLadder.testRemoved(name));
              }}
            >
              <CloseRounded fontSize="small" />
            </IconPress>
          </li>
        ))}
      </ul>
    </>
  );
}
