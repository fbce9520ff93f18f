'use client';

import { useDraggable } from '@dnd-kit/core';
import { memo } from 'react';
import { say } from '@/messages';
import type { StudentId } from '@/schema/ids';
import styles from './Tile.module.css';

interface TileProps {
  readonly id: StudentId;
  readonly name: string;
  readonly fullName: string;
  /** Why the student is not here ('' when here). */
  readonly away: string;
  /** Stands in a rule that is broken here. */
  readonly troubled: boolean;
  readonly selected: boolean;
  readonly onToggle: (id: StudentId) => void;
}

/** One student in a seat: to be picked up, selected, or moved by a key. */
export const Tile = memo(function Tile(props: TileProps) {
  const { id, name, fullName, away, troubled, selected, onToggle } = props;
  const { setNodeRef, listeners, isDragging } = useDraggable({ id });
  return (
    <li className={styles.seat}>
      <button
        ref={setNodeRef}
        type="button"
        className={styles.tile}
        data-student={id}
        data-away={away !== ''}
        data-troubled={troubled}
        data-dragging={isDragging}
        aria-pressed={selected}
        aria-label={say.groups.tileLabel(fullName, away, troubled)}
        {...listeners}
        onClick={() => onToggle(id)}
      >
        {name}
        {away !== '' && <span className={styles.away}>{away}</span>}
      </button>
    </li>
  );
});
