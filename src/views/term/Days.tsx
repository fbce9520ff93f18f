'use client';

import { useState } from 'react';
import { daysAhead } from '@/encode/dependents';
import { daysMovedOn } from '@/encode/seriesDays';
import { sayTerm } from '@/messages/term';
import type { ClassId, LineupId } from '@/schema/ids';
import type { LineupRecord } from '@/schema/lineup';
import { setDays } from '@/store/actions/series';
import { lineupsOf, seriesOf, type InTerm } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { useToday } from '../frame/useToday';
import { useTold } from '../frame/useTold';
import { Button } from '../primitives/Button';
import { Field } from '../primitives/Field';
import { Select } from '../primitives/Select';
import styles from './Term.module.css';

interface DaysProps {
  readonly classId: ClassId;
  readonly inTerm: readonly InTerm[];
}

/** The days of what is still ahead: moved, added, fallen out; and lineups put on a day by hand. */
export function Days({ classId, inTerm }: DaysProps) {
  const words = sayTerm.days;
  const store = useStore();
  const told = useTold();
  const series = useQuery(seriesOf, classId);
  const lineups = useQuery(lineupsOf, classId);
  const ahead = inTerm.flatMap(({ state, counts, lineup }) =>
    state === 'planned' && counts ? [lineup] : [],
  );
  // What the class works in may serve on later days.
  const serving = lineups.filter((one) => one.used && daysAhead(one).length > 0);
  const free = lineups.filter(
    (one) =>
      one.takeId !== null &&
      one.state !== 'retired' &&
      !ahead.includes(one) &&
      !serving.includes(one),
  );
  /** The rounds planned with one that have a day, by their days. */
  const siblings = ({ planned }: LineupRecord): readonly LineupRecord[] =>
    ahead
      .filter((one) => one.planned?.on && one.planned.seriesId === planned?.seriesId)
      .sort((a, b) => (a.planned?.on ?? '').localeCompare(b.planned?.on ?? ''));
  const fallsOut = (lineup: LineupRecord): void => {
    const rounds = siblings(lineup);
    const wish = series.find(({ id }) => id === lineup.planned?.seriesId)?.wish;
    const at = rounds.indexOf(lineup);
    const days = daysMovedOn(
      rounds.flatMap(({ planned }) => planned?.on ?? []),
      at,
      wish ?? { every: 'week', notOn: [] },
    );
    const moved = rounds
      .map((one, place) => [one, days[place] ?? ''] as const)
      .slice(at)
      .map(([{ id, planned }, day]) => [id, [day, ...(planned?.also ?? [])]] as const);
    setDays(store, new Map(moved), sayTerm.plan.day);
    told(words.movedOn(moved.length));
  };
  return (
    <div className={styles.days}>
      {ahead.length + serving.length === 0 && <p className={styles.hint}>{words.none}</p>}
      <ul>
        {[...ahead, ...serving].map((lineup) => (
          <DaysOfOne
            key={lineup.id}
            lineup={lineup}
            onFallsOut={lineup.planned?.on && !lineup.used ? () => fallsOut(lineup) : null}
          />
        ))}
      </ul>
      {free.length > 0 && <Put free={free} />}
    </div>
  );
}

interface DaysOfOneProps {
  readonly lineup: LineupRecord;
  /** Null where it has no day that could fall out. */
  readonly onFallsOut: (() => void) | null;
}

function DaysOfOne({ lineup, onFallsOut }: DaysOfOneProps) {
  const words = sayTerm.days;
  const store = useStore();
  const today = useToday();
  const { planned, name, id } = lineup;
  const days = lineup.used ? daysAhead(lineup) : planned?.on ? [planned.on, ...planned.also] : [];
  const set = (next: readonly string[] | null): void =>
    setDays(store, new Map([[id, next]]), sayTerm.plan.day);
  return (
    <li>
      <b>{name}</b>
      {days.map((day, at) => (
        <span key={day}>
          <input
            type="date"
            value={day}
            aria-label={words.dayOf(name, at)}
            onChange={({ target }) => {
              if (target.value !== '') set(days.with(at, target.value));
            }}
          />
          {(at > 0 || lineup.used !== null) && (
            <Button size="small" variant="plain" onClick={() => set(days.toSpliced(at, 1))}>
              {words.notThen}
            </Button>
          )}
        </span>
      ))}
      <Button
        size="small"
        variant="plain"
        onClick={() => set([...days, weekAfter(days.at(-1) ?? today)])}
      >
        {days.length === 0 ? words.giveDay : words.anotherDay}
      </Button>
      {onFallsOut && (
        <Button size="small" variant="plain" onClick={onFallsOut}>
          {words.fallsOut}
        </Button>
      )}
      {planned?.seriesId === null && !lineup.used && (
        <Button size="small" variant="plain" onClick={() => set(null)}>
          {words.takeOut}
        </Button>
      )}
    </li>
  );
}

/** Puts a lineup that stands by itself on a day of the term. */
function Put({ free }: { readonly free: readonly LineupRecord[] }) {
  const words = sayTerm.days;
  const store = useStore();
  const today = useToday();
  const [chosen, setChosen] = useState<LineupId | null>(null);
  const [day, setDay] = useState(today);
  const lineup = free.find(({ id }) => id === chosen) ?? free.at(-1);
  if (!lineup) return null;
  return (
    <div className={styles.put}>
      <Select
        label={words.put}
        value={lineup.id}
        options={free.map(({ id, name }) => ({ value: id, label: name }))}
        onChange={setChosen}
      />
      <Field label={words.on}>
        <input
          type="date"
          value={day}
          onChange={({ target }) => {
            if (target.value !== '') setDay(target.value);
          }}
        />
      </Field>
      <Button
        size="small"
        variant="paper"
        onClick={() => setDays(store, new Map([[lineup.id, [day]]]), sayTerm.plan.day)}
      >
        {words.putGo}
      </Button>
    </div>
  );
}

function weekAfter(day: string): string {
  return new Date(Date.parse(`${day}T00:00:00Z`) + 7 * 86_400_000).toISOString().slice(0, 10);
}
