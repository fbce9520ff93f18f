'use client';

import { useState } from 'react';
import type { Unit } from '@/encode/activityUnits';
import { answersIn, outliersIn, ownOf, sharers } from '@/encode/marking';
import { sayActivities } from '@/messages/activities';
import type { StudentId } from '@/schema/ids';
import { setAnswerAside, takeInAnswers } from '@/store/actions/activities';
import { useStore } from '@/store/react';
import page from '../frame/SidePage.module.css';
import { Select } from '../primitives/Select';
import styles from './Activities.module.css';
import { Button } from '../primitives/Button';
import type { BesideProps } from './besideProps';
import { ReadAnswers } from './ReadAnswers';
import { FigureCell } from './Cell';
import { moveInGrid } from './gridKeys';

const MOST = 1000;

/** What the members of a group say of one another: a row for each who answers, far ones and missing ones told. */
export function Shares(props: BesideProps) {
  const { activity, units, nameOf } = props;
  const [reading, setReading] = useState(false);
  const words = sayActivities.shares;
  const [key, setKey] = useState(units[0]?.key ?? '');
  const unit = units.find((one) => one.key === key) ?? units[0];
  if (!unit) return null;
  const all = units.flatMap((one) => sharers(activity, one));
  const given = all.filter((id) => activity.answers[id]).length;
  return (
    <>
      <p>{words.given(given, all.length)}</p>
      <Select
        label={sayActivities.grid.group}
        value={unit.key}
        options={units.map((one) => ({ value: one.key, label: one.group?.name ?? '' }))}
        onChange={setKey}
      />
      {reading ? (
        <ReadAnswers {...props} onDone={() => setReading(false)} />
      ) : (
        <div>
          <Button size="small" variant="paper" onClick={() => setReading(true)}>
            {words.takeIn}
          </Button>
        </div>
      )}
      <Matrix key={unit.key} activity={activity} unit={unit} nameOf={nameOf} />
    </>
  );
}

interface MatrixProps extends Pick<BesideProps, 'activity' | 'nameOf'> {
  readonly unit: Unit;
}

function Matrix({ activity, unit, nameOf }: MatrixProps) {
  const words = sayActivities.shares;
  const store = useStore();
  const members = sharers(activity, unit);
  const answers = answersIn(activity, members);
  const far = new Set(outliersIn(activity, members).map(({ from, to }) => `${from} ${to}`));
  const missing = members.filter((_, at) => answers[at] === null);
  const set = (from: StudentId, to: StudentId, points: number | null): void => {
    const next = { ...activity.answers[from] };
    if (points === null) Reflect.deleteProperty(next, to);
    else next[to] = points;
    takeInAnswers(store, activity.id, { [from]: next });
  };
  return (
    <>
      <div
        className={styles.box}
        onKeyDown={(event) => {
          if (moveInGrid(event)) event.preventDefault();
        }}
      >
        <table className={styles.matrix}>
          <thead>
            <tr>
              <th scope="col">{words.from}</th>
              {members.map((id) => (
                <th key={id} scope="col">
                  {nameOf(id)}
                </th>
              ))}
              <th scope="col">{words.counts}</th>
            </tr>
          </thead>
          <tbody>
            {members.map((from, row) => (
              <tr key={from} data-aside={activity.setAside.includes(from) || undefined}>
                <th scope="row">{nameOf(from)}</th>
                {members.map((to, column) =>
                  from === to ? (
                    <td key={to}>
                      <small>{words.self}</small>
                    </td>
                  ) : (
                    <td key={to} data-far={far.has(`${row} ${column}`) || undefined}>
                      <FigureCell
                        label={words.cell(nameOf(from), nameOf(to))}
                        column={to}
                        value={activity.answers[from]?.[to] ?? null}
                        most={MOST}
                        onChange={(points) => set(from, to, points)}
                      />
                      {far.has(`${row} ${column}`) && <small>{words.outlier}</small>}
                    </td>
                  ),
                )}
                <td>
                  {activity.answers[from] && ownOf(activity, from).state === 'there' && (
                    <label>
                      <input
                        type="checkbox"
                        aria-label={words.count(nameOf(from))}
                        checked={!activity.setAside.includes(from)}
                        onChange={({ target }) =>
                          setAnswerAside(store, activity.id, from, !target.checked)
                        }
                      />
                    </label>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {far.size > 0 && <p className={page.hint}>{words.outlierHint}</p>}
      {missing.length > 0 && <p className={page.hint}>{words.missing(missing.map(nameOf))}</p>}
    </>
  );
}
