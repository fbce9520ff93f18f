'use client';

import PushPinRounded from '@mui/icons-material/PushPinRounded';
import { memo, type MouseEvent } from 'react';
import { sayGroups } from '@/messages/groups';
import type { StudentId } from '@/schema/ids';
import { Flag } from '../../primitives/Flag';
import styles from './Tile.module.css';

export interface TileFacts {
  /** The detail that tiles show, in a word; '' when there is none. */
  readonly fact: string;
  /** What stands before that word: a level's place among the levels, or a section's pennant. */
  readonly mark:
    | { readonly kind: 'level'; readonly rank: number; readonly of: number }
    | { readonly kind: 'section'; readonly sign: number }
    | null;
  readonly pinned: boolean;
  /** "lead", or another role; '' for most. */
  readonly role: string;
}

interface TileProps extends TileFacts {
  readonly id: StudentId;
  readonly name: string;
  readonly fullName: string;
  /** Why the student is not here ('' when here). */
  readonly away: string;
  /** Stands in a rule that is broken here. */
  readonly troubled: boolean;
  readonly selected: boolean;
  readonly dragged: boolean;
  readonly onToggle: (id: StudentId, more: boolean) => void;
}

/** One student in a seat: to be picked up, selected, or moved by a key. */
export const Tile = memo(function Tile(props: TileProps) {
  const {
    id,
    name,
    fullName,
    away,
    troubled,
    selected,
    dragged,
    fact,
    mark,
    pinned,
    role,
    onToggle,
  } = props;
  const before = [away, role].filter(Boolean).join(' · ');
  const small = before !== '' || fact !== '';
  return (
    <li className={styles.seat}>
      <button
        type="button"
        className={styles.tile}
        data-student={id}
        data-away={away !== ''}
        data-troubled={troubled}
        data-dragging={dragged}
        data-led={role !== ''}
        aria-pressed={selected}
        aria-label={sayGroups.tileLabel(fullName, [
          away,
          role,
          fact,
          pinned ? sayGroups.pinned : '',
          troubled ? sayGroups.troubled : '',
        ])}
        onClick={(event: MouseEvent) =>
          onToggle(id, event.shiftKey || event.ctrlKey || event.metaKey)
        }
      >
        {name}
        {pinned && <PushPinRounded className={styles.pin} fontSize="inherit" aria-hidden="true" />}
        {small && (
          <span className={styles.fact}>
            {before}
            {before !== '' && fact !== '' && ' · '}
            {mark && <Mark mark={mark} />}
            {fact}
          </span>
        )}
      </button>
    </li>
  );
});

function Mark({ mark }: { readonly mark: NonNullable<TileFacts['mark']> }) {
  if (mark.kind === 'section') return <Flag index={mark.sign} />;
  return (
    <span className={styles.level} aria-hidden="true">
      {Array.from({ length: mark.of }, (_, place) => (
        <span key={place} data-on={place <= mark.rank} />
      ))}
    </span>
  );
}
