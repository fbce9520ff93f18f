'use client';

import { sayShown } from '@/messages/shown';
import { useRef } from 'react';
import type { PublicGroup, PublicTurns } from '@/encode/publicLineup';
import { Sign } from '../../primitives/Sign';
import { PlaceLine } from '../PlaceLine';
import { useFill } from '../useFill';
import { usePaging } from '../usePaging';
import styles from './scenes.module.css';
import type { SceneProps } from './types';

/** Where every group is in this turn, station by station; those with a break are named last. */
export function Stations({ shown }: SceneProps) {
  const box = useRef<HTMLDivElement>(null);
  const list = useRef<HTMLUListElement>(null);
  usePaging(box);
  useFill(box, list, shown);
  const { turns } = shown.plan;
  if (!turns) return <p className={styles.hint}>{sayShown.stage.noStations}</p>;
  const { scene, people } = shown;
  const turn = Math.min(scene.turn, turns.table.length - 1);
  const row = turns.table[turn] ?? [];
  const at = (station: number | null): readonly PublicGroup[] =>
    people.groups.filter((_, group) => (row[group] ?? null) === station);
  const resting = at(null);
  return (
    <div
      ref={box}
      className={styles.stations}
      tabIndex={0}
      role="region"
      aria-label={sayShown.stage.stations}
    >
      <p className={styles.turn}>{sayShown.stage.turn(turn + 1, turns.table.length)}</p>
      <ul ref={list} className={styles.stationList}>
        {placesOf(turns, row).map((station) => {
          const { name, place, instruction } = turns.stations[station] ?? NOWHERE;
          return (
            <li key={station} className={styles.station}>
              <h2>{name === '' ? sayShown.stage.station(station + 1) : name}</h2>
              {place !== '' && <PlaceLine place={place} className={styles.stationPlace} />}
              <GroupSigns groups={at(station)} />
              {instruction !== '' && (
                <p className={styles.instruction} dir="auto">
                  {instruction}
                </p>
              )}
            </li>
          );
        })}
        {resting.length > 0 && (
          <li className={styles.station} data-break>
            <h2>{sayShown.stage.break}</h2>
            <GroupSigns groups={resting} />
          </li>
        )}
      </ul>
    </div>
  );
}

const NOWHERE = { name: '', place: '', instruction: '' };

/** All stations; of meetings only the places where somebody meets. */
function placesOf(
  { kind, stations }: PublicTurns,
  row: readonly (number | null)[],
): readonly number[] {
  if (kind === 'stations') return [...stations.keys()];
  return [...new Set(row.filter((place) => place !== null))].sort((a, b) => a - b);
}

function GroupSigns({ groups }: { readonly groups: readonly PublicGroup[] }) {
  return (
    <ul className={styles.groupSigns}>
      {groups.map(({ name, sign }, index) => (
        <li key={index}>
          <Sign index={sign} size="1em" />
          <bdi>{name}</bdi>
        </li>
      ))}
    </ul>
  );
}
