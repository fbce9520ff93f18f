'use client';

import { memo } from 'react';
import { sayLive } from '@/messages/live';
import type { LivePerson, Presence, Room } from '@/services/rooms/contract';
import { Button } from '../primitives/Button';
import { Sign } from '../primitives/Sign';
import { countOf, presenceOf } from './liveFacts';
import styles from './Rooms.module.css';
import { useTick } from '../frame/useTick';

interface RoomRowProps {
  readonly room: Room;
  readonly sign: number;
  /** Counted from 1; up to 9 it is the key that moves here. */
  readonly place: number;
  readonly nameOf: (person: LivePerson) => string;
  /** Addresses of those in it who are chosen, with blanks between. */
  readonly chosen: string;
  /** Somebody chosen elsewhere can be moved here. */
  readonly target: boolean;
  /** In ms; null where the teacher was never there. */
  readonly visitedAt: number | null;
  /** There is a way in. */
  readonly visits: boolean;
  /** Who is there is known only then. */
  readonly open: boolean;
  readonly onToggle: (email: string, more: boolean) => void;
  readonly onMoveHere: (room: Room) => void;
  readonly onVisit: (room: Room) => void;
  readonly onWrite: (room: Room) => void;
  readonly onRemove: (room: Room) => void;
}

/** One room: who is in it, who is not there though they should be, and when the teacher was. */
export const RoomRow = memo(function RoomRow(props: RoomRowProps) {
  const { room, sign, place, nameOf, chosen, target, visitedAt, visits, open } = props;
  const words = sayLive.rooms;
  const { people = [] } = room;
  const picked = new Set(chosen.split(' '));
  const isInside = (one: LivePerson): boolean => !open || presenceOf(one) === 'here';
  const inside = people.filter(isInside);
  const missing = people.filter((one) => !isInside(one));
  const { here, of } = countOf([room]);
  const chips = (all: readonly LivePerson[]) =>
    all.map((person) => (
      <Chip
        key={person.email}
        person={person}
        name={nameOf(person)}
        chosen={picked.has(person.email)}
        presence={open ? presenceOf(person) : 'here'}
        onToggle={props.onToggle}
      />
    ));
  return (
    <li className={styles.row} data-asking={room.asking === true || undefined}>
      <div className={styles.room}>
        <Sign index={sign} size={26} />
        <h3 className={styles.name}>{room.name}</h3>
        {place <= 9 && <kbd aria-hidden="true">{place}</kbd>}
      </div>
      <div className={styles.who}>
        <div className={styles.chips}>
          {inside.length === 0 ? (
            <span className={styles.faint}>{words.nobody}</span>
          ) : (
            chips(inside)
          )}
          {target && (
            <Button size="small" variant="apricot" onClick={() => props.onMoveHere(room)}>
              <span aria-hidden="true">→</span>
              <span className={styles.spoken}>{words.select.moveHere(room.name)}</span>
            </Button>
          )}
        </div>
        {missing.length > 0 && <div className={styles.chips}>{chips(missing)}</div>}
      </div>
      <p className={styles.number} data-full={here === of || undefined}>
        {open && (
          <>
            <span aria-hidden="true">{words.roomCount(here, of)}</span>
            <span className={styles.spoken}>{words.here(here, of)}</span>
          </>
        )}
      </p>
      <div className={styles.you}>
        {visits && (
          <Button
            size="small"
            variant={room.asking ? 'apricot' : 'paper'}
            aria-label={words.visit(room.name)}
            onClick={() => props.onVisit(room)}
          >
            {words.visitShort}
          </Button>
        )}
        <Button
          size="small"
          variant="plain"
          aria-label={words.messageTo(room.name)}
          onClick={() => props.onWrite(room)}
        >
          {words.writeShort}
        </Button>
        {people.length === 0 && (
          <Button
            size="small"
            aria-label={words.remove(room.name)}
            title={words.remove(room.name)}
            onClick={() => props.onRemove(room)}
          >
            ×
          </Button>
        )}
        {visitedAt !== null && <Visited at={visitedAt} />}
      </div>
    </li>
  );
});

function Visited({ at }: { readonly at: number }) {
  const now = useTick();
  return <small className={styles.faint}>{sayLive.rooms.visited(now - at)}</small>;
}

interface ChipProps {
  readonly person: LivePerson;
  readonly name: string;
  readonly chosen: boolean;
  readonly presence: Presence;
  readonly onToggle: (email: string, more: boolean) => void;
}

/** Somebody, to be chosen: what is not as it should be stands beside the name. */
function Chip({ person, name, chosen, presence, onToggle }: ChipProps) {
  return (
    <button
      type="button"
      data-chip=""
      className={styles.chip}
      data-presence={presence}
      aria-pressed={chosen}
      onClick={(event) => onToggle(person.email, event.shiftKey || event.ctrlKey || event.metaKey)}
      onKeyDown={(event) => {
        // Shift and Enter chooses one more, as on the bench.
        if (event.key !== 'Enter' || !event.shiftKey) return;
        event.preventDefault();
        onToggle(person.email, true);
      }}
    >
      {name}
      {presence !== 'here' && <small>{sayLive.rooms.presence[presence]}</small>}
      {person.role === 'staff' && <small>{sayLive.rooms.staff}</small>}
    </button>
  );
}
