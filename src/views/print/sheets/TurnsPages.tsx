import { sayShown } from '@/messages/shown';
import { Sign } from '../../primitives/Sign';
import { fitting, inPages } from '../paging';
import styles from '../print.module.css';
import { Page } from './Page';
import type { SheetProps } from './types';

/** Rows of a page on its side, and turns across it. */
const ROWS = 16;
const TURNS = 8;

/** Who is where in which turn, a row for each group; many turns go on, on pages of their own. */
export function TurnsPages(props: SheetProps) {
  const { people, plan } = props;
  const { turns } = plan;
  if (!turns) return <p className={styles.nothing}>{sayShown.stage.noStations}</p>;
  const groups = people.groups
    .slice(0, turns.table[0]?.length ?? 0)
    .map((group, row) => ({ group, row }));
  const at = (row: readonly (number | null)[], group: number): string => {
    const station = row[group] ?? null;
    if (station === null) return sayShown.paper.break;
    if (turns.kind === 'stations') {
      const name = turns.stations[station]?.name ?? '';
      return name === '' ? sayShown.stage.station(station + 1) : name;
    }
    const partner = row.findIndex((one, index) => one === station && index !== group);
    return people.groups[partner]?.name ?? '';
  };
  const across = inPages([...turns.table.entries()], TURNS);
  return inPages(groups, ROWS).flatMap((rows, down) =>
    across.map((columns, part) => (
      <Page key={`${down} ${part}`} {...props} wide>
        <table className={styles.turns}>
          <thead>
            <tr>
              <th scope="col">{sayShown.paper.group}</th>
              {columns.map(([turn]) => (
                <th key={turn} scope="col">
                  {sayShown.paper.turn(turn + 1)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ group, row }) => (
              <tr key={row}>
                <th scope="row">
                  <Sign index={group.sign} size="6mm" /> {group.name}
                </th>
                {columns.map(([turn, places]) => {
                  const where = at(places, row);
                  return (
                    <td key={turn} data-fit={fitting(where, 16)}>
                      {where}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </Page>
    )),
  );
}
