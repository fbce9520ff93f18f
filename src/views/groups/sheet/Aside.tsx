'use client';

import { Button } from '../../primitives/Button';
import { sayGroups } from '@/messages/groups';
import styles from './Aside.module.css';
import { Tile } from './Tile';
import { usePlaceBest } from './usePlaceBest';
import { useTileFacts } from './useTileFacts';
import { useWorkbench } from '../workbench/Workbench';

/** Where those stand who are here and in no group; also where a tile is dropped to take it out. */
export function Aside() {
  const bench = useWorkbench('bench');
  const sheet = useWorkbench('sheet');
  const selection = useWorkbench('selection');
  const nameOf = useWorkbench('nameOf');
  const insight = useWorkbench('insight');
  const { over } = useWorkbench('dragging');
  const { place, busy } = usePlaceBest(bench, sheet, nameOf, useWorkbench('guard'));
  const factsOf = useTileFacts(bench, sheet, useWorkbench('columns').onTiles);
  const empty = sheet.aside.length === 0;
  return (
    <section
      className={styles.aside}
      data-row="aside"
      data-over={over === 'aside'}
      data-empty={empty}
      aria-label={sayGroups.aside}
    >
      <h2 className={styles.title}>{sayGroups.aside}</h2>
      {empty ? (
        <p className={styles.hint}>{sayGroups.asideEmpty}</p>
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
          {sayGroups.placeBest(sheet.aside.length)}
        </Button>
      )}
    </section>
  );
}
