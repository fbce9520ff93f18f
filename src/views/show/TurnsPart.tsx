'use client';

import { useEffect, useRef, useState } from 'react';
import { fullTurns, MOST_STATIONS, MOST_TURNS } from '@/encode/turns';
import { sayPrepare } from '@/messages/prepare';
import type { LineupId } from '@/schema/ids';
import type { Station, Turns } from '@/schema/plan';
import type { TakeGroup } from '@/schema/take';
import { changePlan } from '@/store/actions/stage';
import { useStore } from '@/store/react';
import { browserStationsCalls } from '@/worker/stationsCalls';
import { Button } from '../primitives/Button';
import { InPlaceText } from '../primitives/InPlaceText';
import { NumberStepper } from '../primitives/NumberStepper';
import styles from './ShowView.module.css';
import { TurnsTable } from './TurnsTable';

interface TurnsPartProps {
  readonly lineupId: LineupId;
  readonly groups: readonly TakeGroup[];
  readonly turns: Turns | null;
}

/** What is asked for, before its table is made. */
interface Wish {
  readonly kind: Turns['kind'];
  readonly stations: number;
  readonly perStation: number;
  readonly turns: number;
  readonly minutes: number | null;
}

/** So many groups have a station each; more share a few. */
const MOST_ONE_EACH = 8;
const USUAL_STATIONS = 6;

const NO_STATION: Station = { name: '', instruction: '', place: '' };
/** Groups in turn at stations, or groups that meet, with the whole table worked out as it is changed. */
export function TurnsPart({ lineupId, groups, turns }: TurnsPartProps) {
  const store = useStore();
  const [calls] = useState(browserStationsCalls);
  useEffect(() => () => calls.close(), [calls]);
  const [state, setState] = useState<'idle' | 'working' | 'failed'>('idle');
  const running = useRef<AbortController | null>(null);

  const make = async (wish: Wish): Promise<void> => {
    running.current?.abort();
    const controller = new AbortController();
    running.current = controller;
    setState('working');
    const { kind, stations, perStation, minutes } = wish;
    const count = groups.length;
    try {
      const made = await calls.call(
        kind === 'meet'
          ? { kind, meetings: { groups: count, places: null, turns: wish.turns } }
          : { kind, rotation: { groups: count, stations, perStation, turns: wish.turns } },
        { signal: controller.signal },
      );
      setState('idle');
      changePlan(store, lineupId, ({ turns: before }) => ({
        turns: {
          kind,
          stations: Array.from(
            { length: kind === 'meet' ? Math.max(1, Math.floor(count / 2)) : stations },
            (_, at) => before?.stations[at] ?? NO_STATION,
          ),
          perStation,
          minutes,
          table: made.table.map((row) => [...row]),
        },
      }));
    } catch {
      if (running.current === controller) setState('failed');
    }
  };
  const start = (kind: Turns['kind']): void => {
    const count = Math.max(1, groups.length);
    const stations = count <= MOST_ONE_EACH ? count : USUAL_STATIONS;
    const perStation = Math.ceil(count / stations);
    const all = fullTurns(kind, groups.length, stations, perStation);
    void make({ kind, stations, perStation, turns: all, minutes: null });
  };
  const setStation = (at: number, change: Partial<Station>): void =>
    changePlan(store, lineupId, ({ turns: now }) => ({
      turns: now && {
        ...now,
        stations: now.stations.map((one, index) => (index === at ? { ...one, ...change } : one)),
      },
    }));

  return (
    <section aria-labelledby="turns" className={styles.wide}>
      <h3 id="turns" className={styles.subtitle}>
        {sayPrepare.turns.title}
      </h3>
      {state === 'failed' && <p role="alert">{sayPrepare.turns.failed}</p>}
      {!turns && (
        <>
          <p className={styles.hint}>{sayPrepare.turns.none}</p>
          <div className={styles.doings}>
            {(['stations', 'meet'] as const).map((kind) => (
              <Button key={kind} variant="paper" onClick={() => start(kind)}>
                {sayPrepare.turns.start[kind]}
              </Button>
            ))}
          </div>
        </>
      )}
      {turns && (
        <>
          <TurnsWish
            wish={wishOf(turns)}
            groups={groups.length}
            onChange={(wish) => void make(wish)}
          />
          {turns.table[0]?.length !== groups.length && (
            <p className={styles.warn}>
              {sayPrepare.turns.otherGroups(turns.table[0]?.length ?? 0, groups.length)}{' '}
              <Button size="small" variant="paper" onClick={() => void make(wishOf(turns))}>
                {sayPrepare.turns.again}
              </Button>
            </p>
          )}
          <ol className={styles.stations}>
            {turns.stations.map((station, at) => (
              <li key={at}>
                {stationTexts(at).map(([field, label, placeholder]) => (
                  <InPlaceText
                    key={field}
                    className={field === 'name' ? styles.stationName : undefined}
                    value={station[field]}
                    label={label}
                    placeholder={placeholder}
                    mayBeEmpty
                    onChange={(text) => setStation(at, { [field]: text })}
                  />
                ))}
              </li>
            ))}
          </ol>
          <TurnsTable turns={turns} groups={groups} />
          <Button
            variant="plain"
            size="small"
            onClick={() => changePlan(store, lineupId, () => ({ turns: null }))}
          >
            {sayPrepare.turns.remove}
          </Button>
        </>
      )}
      <p role="status" className={styles.hint}>
        {state === 'working' ? sayPrepare.turns.working : ''}
      </p>
    </section>
  );
}

/** What is written of a station: the field, what it is called, and what invites to write. */
function stationTexts(at: number): readonly (readonly [keyof Station, string, string])[] {
  const { turns: words } = sayPrepare;
  return [
    ['name', words.name(at + 1), words.station(at + 1)],
    ['place', words.place(at + 1), words.addPlace],
    ['instruction', words.instruction(at + 1), words.addInstruction],
  ];
}

function wishOf({ kind, stations, perStation, minutes, table }: Turns): Wish {
  return { kind, stations: stations.length, perStation, minutes, turns: table.length };
}

interface TurnsWishProps {
  readonly wish: Wish;
  readonly groups: number;
  readonly onChange: (wish: Wish) => void;
}

/** How many stations, groups at each, turns and minutes; fewer stations or other groups ask for other turns. */
function TurnsWish({ wish, groups, onChange }: TurnsWishProps) {
  const stepper = (
    label: string,
    value: number,
    [least, most]: readonly [number, number],
    to: (value: number) => Wish,
  ) => (
    <NumberStepper
      labelled
      label={label}
      lessLabel={sayPrepare.turns.less(label)}
      moreLabel={sayPrepare.turns.more(label)}
      value={value}
      refusal={(next) =>
        next >= least && next <= most ? null : sayPrepare.turns.between(least, most)
      }
      onChange={(next) => onChange(to(next))}
    />
  );
  const enough = (stations: number, perStation: number): Wish => ({
    ...wish,
    stations,
    perStation,
    turns: fullTurns(wish.kind, groups, stations, perStation),
  });
  return (
    <div className={styles.wish}>
      {wish.kind === 'stations' && (
        <>
          {stepper(sayPrepare.turns.stations, wish.stations, [1, MOST_STATIONS], (stations) =>
            enough(stations, wish.perStation),
          )}
          {stepper(sayPrepare.turns.perStation, wish.perStation, [1, groups], (perStation) =>
            enough(wish.stations, perStation),
          )}
        </>
      )}
      {stepper(sayPrepare.turns.turns, wish.turns, [1, MOST_TURNS], (turns) => ({
        ...wish,
        turns,
      }))}
      {stepper(sayPrepare.turns.minutes, wish.minutes ?? 0, [0, 600], (minutes) => ({
        ...wish,
        minutes: minutes === 0 ? null : minutes,
      }))}
    </div>
  );
}
