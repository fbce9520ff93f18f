'use client';

import { useMemo } from 'react';
import { turnsAccount } from '@/encode/turns';
import { sayPrepare } from '@/messages/prepare';
import type { Turns } from '@/schema/plan';
import type { TakeGroup } from '@/schema/take';
import { Sign } from '../primitives/Sign';
import styles from './ShowView.module.css';

interface TurnsTableProps {
  readonly turns: Turns;
  readonly groups: readonly Pick<TakeGroup, 'name' | 'sign'>[];
}

/** Reading along a row says where a group goes; what holds of the whole table stands above it. */
export function TurnsTable({ turns, groups }: TurnsTableProps) {
  const { kind, stations, table } = turns;
  const told = useMemo(() => toldOf(turns), [turns]);
  return (
    <>
      <p className={styles.told}>{told}</p>
      <div className={styles.scroll}>
        <table className={styles.turns}>
          <thead>
            <tr>
              <th scope="col">{sayPrepare.turns.group}</th>
              {table.map((_, turn) => (
                <th key={turn} scope="col">
                  {sayPrepare.turns.turn(turn + 1)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {groups.slice(0, table[0]?.length ?? 0).map(({ name, sign }, group) => (
              <tr key={sign}>
                <th scope="row">
                  <span className={styles.name}>
                    <Sign index={sign} size={20} />
                    {name}
                  </span>
                </th>
                {table.map((row, turn) => {
                  const at = row[group] ?? null;
                  if (at === null)
                    return (
                      <td key={turn} data-break>
                        {sayPrepare.turns.break}
                      </td>
                    );
                  if (kind === 'stations') {
                    const station = stations[at]?.name ?? '';
                    return <td key={turn}>{station === '' ? String(at + 1) : station}</td>;
                  }
                  const partner = row.findIndex((one, index) => one === at && index !== group);
                  return <td key={turn}>{groups[partner]?.name}</td>;
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}

/** What holds of the table, beside the best that is possible. */
function toldOf(turns: Turns): string {
  const { turns: words } = sayPrepare;
  const account = turnsAccount(turns);
  const breaks = words.breaks(account.mostBreaks, account.leastBreaks);
  if (turns.kind === 'meet')
    return [words.meetings(account.complete, account.pairsTwice), breaks].join(' ');
  const shares =
    turns.perStation > 1 ? words.pairs(account.pairsTwice, account.fewestPairsTwice) : '';
  return [words.visits(account.complete), shares, breaks].join(' ');
}
