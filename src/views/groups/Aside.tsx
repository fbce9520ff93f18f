'use client';

import { Button } from '../primitives/Button';
import type { Bench } from '@/encode/bench';
import type { Insight } from '@/encode/insight';
import { say } from '@/messages';
import type { NameOf } from '../frame/names';
import styles from './Aside.module.css';
import { Tile } from './Tile';
import type { Columns } from './useColumns';
import type { Selection } from './useSelection';
import type { Sheet } from './useSheet';
import { usePlaceBest } from './usePlaceBest';
import type { Guard } from './useGuard';
import { useTileFacts } from './useTileFacts';

interface AsideProps {
  readonly bench: Bench;
  readonly sheet: Sheet;
  readonly selection: Selection;
  readonly nameOf: NameOf;
  readonly insight: Insight | null;
  readonly columns: Columns;
  readonly over: boolean;
  readonly guard: Guard;
}

/** Where those stand who are here and in no group; also where a tile is dropped to take it out. */
export function Aside(props: AsideProps) {
  const { bench, sheet, selection, nameOf, insight, columns, over, guard } = props;
  const { place, busy } = usePlaceBest(bench, sheet, nameOf, guard);
  const factsOf = useTileFacts(bench, sheet, columns.onTiles);
  const empty = sheet.aside.length === 0;
  return (
    <section
      className={styles.aside}
      data-row="aside"
      data-over={over}
      data-empty={empty}
      aria-label={say.groups.aside}
    >
      <h2 className={styles.title}>{say.groups.aside}</h2>
      {empty ? (
        <p className={styles.hint}>{say.groups.asideEmpty}</p>
      ) : (
        <ul className={styles.tiles}>
          {sheet.aside.map((student) => (
            <Tile
              key={student.id}
              id={student.id}
              name={nameOf(student.id)}
              fullName={student.name}
              away=""
              troubled={false}
              selected={selection.students.includes(student.id)}
              dragged={false}
              onToggle={selection.toggle}
              {...factsOf(student)}
            />
          ))}
        </ul>
      )}
      {!empty && insight && (
        <Button size="small" variant="paper" aria-disabled={busy} onClick={place}>
          {say.groups.placeBest(sheet.aside.length)}
        </Button>
      )}
    </section>
  );
}
