'use client';

import { useDroppable } from '@dnd-kit/core';
import { say } from '@/messages';
import type { NameOf } from '../frame/names';
import styles from './Aside.module.css';
import { ASIDE_TARGET } from './SheetDnd';
import { Tile } from './Tile';
import type { Selection } from './useSelection';
import type { Sheet } from './useSheet';

interface AsideProps {
  readonly sheet: Sheet;
  readonly selection: Selection;
  readonly nameOf: NameOf;
}

/** Where those stand who are here and in no group; also where a tile is dropped to take it out. */
export function Aside({ sheet, selection, nameOf }: AsideProps) {
  const { setNodeRef, isOver } = useDroppable({ id: ASIDE_TARGET });
  const empty = sheet.aside.length === 0;
  return (
    <section
      ref={setNodeRef}
      className={styles.aside}
      data-row="aside"
      data-over={isOver}
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
              selected={student.id === selection.selected}
              onToggle={selection.toggle}
            />
          ))}
        </ul>
      )}
    </section>
  );
}
