'use client';

import { useState } from 'react';
import { daysMovedOn } from '@/encode/seriesDays';
import { sayTerm } from '@/messages/term';
import type { ClassId, LineupId } from '@/schema/ids';
import type { LineupRecord } from '@/schema/lineup';
import { setDays } from '@/store/actions/series';
import { lineupsOf, type InTerm } from '@/store/queries';
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
  const ahead = inTerm.filter(({ state, counts }) => state === 'planned' && counts);
  const free = useQuery(lineupsOf, classId).filter(
    ({ takeId, used, planned }) => takeId !== null && !used && !planned,
  );
  const fallsOut = (at: number): void => {
    const later = ahead.slice(at);
    const days = daysMovedOn(
      later.map(({ on }) => on),
      0,
    );
    setDays(
      store,
      new Map(
        later.map(({ lineup }, place) => {
          const day = days[place];
          return [lineup.id, day ? [day, ...(lineup.planned?.also ?? [])] : []];
        }),
      ),
      sayTerm.plan.day,
    );
    told(words.movedOn(later.length));
  };
  return (
    <div className={styles.days}>
      {ahead.length === 0 && <p className={styles.hint}>{words.none}</p>}
      <ul>
        {ahead.map(({ lineup, on }, at) => (
          <DaysOfOne
            key={lineup.id}
            lineup={lineup}
            onFallsOut={on === null ? null : () => fallsOut(at)}
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
  const days = planned?.on ? [planned.on, ...planned.also] : [];
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
          {at > 0 && (
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
      {planned?.seriesId === null && (
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
