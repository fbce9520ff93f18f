'use client';

import { Button } from '../../primitives/Button';
import { useLayoutEffect, useRef, useState } from 'react';
import { moversBetween } from '@/encode/compareTakes';
import { countRules } from '@/encode/request';
import { brokenRules } from '@/encode/ruleState';
import { sayBench } from '@/messages/bench';
import { sayGroups } from '@/messages/groups';
import type { TakeRecord } from '@/schema/take';
import type { TakeId } from '@/schema/ids';
import { Select } from '../../primitives/Select';
import { classFigure } from '../workbench/classFigure';
import { columnName } from '../workbench/columnName';
import styles from './TakeCompare.module.css';
import { useInsightReader } from '../workbench/useInsight';
import { useWorkbench } from '../workbench/Workbench';

interface TakeCompareProps {
  readonly takes: readonly TakeRecord[];
  readonly onShow: (take: TakeRecord) => void;
  readonly onClose: () => void;
}

/** More movers than this are counted. */
const MOST_MOVERS = 24;

/** Two takes side by side: who is in other company, and measure by measure which is better. */
export function TakeCompare({ takes, onShow, onClose }: TakeCompareProps) {
  const { lineup } = useWorkbench('bench');
  const shown = takes.findIndex(({ id }) => id === lineup.takeId);
  const [pair, setPair] = useState(() => {
    const other = shown > 0 ? shown - 1 : shown + 1;
    return [takes[other]?.id, takes[shown]?.id] as readonly (TakeId | undefined)[];
  });
  const panel = useRef<HTMLElement>(null);
  useLayoutEffect(() => panel.current?.focus(), []);
  const one = takes.find(({ id }) => id === pair[0]) ?? takes[0];
  const two = takes.find(({ id }) => id === pair[1]) ?? takes.at(-1);
  if (!one || !two) return null;
  const { compare } = sayBench;
  const options = takes.map(({ id, number }) => ({
    value: id,
    label: sayGroups.takes.take(number),
  }));
  return (
    <section
      ref={panel}
      tabIndex={-1}
      className={styles.panel}
      aria-label={compare.title(one.number, two.number)}
      onKeyDown={(event) => {
        if (event.key === 'Escape') onClose();
      }}
    >
      <div className={styles.head}>
        <Select
          label={compare.takeOne}
          value={one.id}
          options={options}
          onChange={(id) => setPair([id, two.id])}
        />
        <Select
          label={compare.takeTwo}
          value={two.id}
          options={options}
          onChange={(id) => setPair([one.id, id])}
        />
        <span className={styles.space} />
        {[one, two].map((take) => (
          <Button key={take.id} size="small" variant="paper" onClick={() => onShow(take)}>
            {compare.show(take.number)}
          </Button>
        ))}
        <Button size="small" onClick={onClose}>
          {compare.close}
        </Button>
      </div>
      <div className={styles.both}>
        <Figures one={one} two={two} />
        <Movers one={one} two={two} />
      </div>
    </section>
  );
}

interface TwoTakes {
  readonly one: TakeRecord;
  readonly two: TakeRecord;
}

function Figures({ one, two }: TwoTakes) {
  const bench = useWorkbench('bench');
  const columns = useWorkbench('columns');
  const read = useInsightReader();
  const { compare } = sayBench;
  const both = [one, two].map((take) => read?.(bench, take, columns.details) ?? null);
  const here = new Set(bench.students.flatMap(({ id, here }) => (here ? [id] : [])));
  const broken = [one, two].map(({ groups }) => {
    const present = groups.map(({ studentIds }) => studentIds.filter((id) => here.has(id)));
    return countRules(brokenRules(present, bench).map(({ source }) => source));
  });
  return (
    <table className={styles.figures}>
      <thead>
        <tr>
          <th scope="col">{compare.measure}</th>
          <th scope="col">{compare.take(one.number)}</th>
          <th scope="col">{compare.take(two.number)}</th>
        </tr>
      </thead>
      <tbody>
        {columns.shown.map((key) => (
          <tr key={key}>
            <th scope="row">{columnName(bench.theClass, key)}</th>
            {both.map((insight, place) => {
              const figure = insight && classFigure(insight, key);
              return (
                <td key={place} data-best={figure?.isBest}>
                  {figure?.text}
                  {figure?.isBest && ` (${sayGroups.measures.best})`}
                </td>
              );
            })}
          </tr>
        ))}
        <tr>
          <th scope="row">{compare.rules}</th>
          {broken.map((number, place) => (
            <td key={place} data-broken={number > 0}>
              {number}
            </td>
          ))}
        </tr>
      </tbody>
    </table>
  );
}

function Movers({ one, two }: TwoTakes) {
  const nameOf = useWorkbench('nameOf');
  const { compare, drawer } = sayBench;
  const movers = moversBetween(one.groups, two.groups);
  const nameIn = (take: TakeRecord, row: number | null): string =>
    row === null ? drawer.aside : (take.groups[row]?.name ?? '');
  return (
    <div className={styles.movers}>
      <p>{compare.moved(movers.length)}</p>
      <ul>
        {movers.slice(0, MOST_MOVERS).map(({ studentId, from, to }) => (
          <li key={studentId}>
            {compare.movedOne(nameOf(studentId), nameIn(one, from), nameIn(two, to))}
          </li>
        ))}
        {movers.length > MOST_MOVERS && <li>{compare.more(movers.length - MOST_MOVERS)}</li>}
      </ul>
    </div>
  );
}
