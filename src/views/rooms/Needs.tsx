'use client';

import { sayLive } from '@/messages/live';
import type { LivePerson, Room, Session } from '@/services/rooms/contract';
import { Button } from '../primitives/Button';
import { needsOf, type Need } from './liveFacts';
import styles from './Rooms.module.css';
import { useTick } from '../frame/useTick';

interface NeedsProps {
  readonly session: Session;
  readonly ahead: number;
  readonly nameOf: (person: LivePerson) => string;
  readonly onVisit: (room: Room) => void;
}

/** What a teacher who talks has to read: whatever is not as it should be, most urgent first, and nothing else. */
export function Needs({ session, ahead, nameOf, onVisit }: NeedsProps) {
  const words = sayLive.rooms;
  const now = useTick();
  const needs = joined(needsOf(session, now + ahead));
  if (session.state !== 'open') {
    return session.state === 'made' ? <p className={styles.hint}>{words.before}</p> : null;
  }
  return (
    <section aria-label={words.needs} className={styles.needs} data-any={needs.length > 0}>
      {needs.length === 0 ? (
        <p>{words.fine}</p>
      ) : (
        <ul>
          {needs.map(({ kind, room, people }) => (
            <li key={`${kind} ${room.id}`} data-kind={kind}>
              {sentenceOf(kind, room, people.map(nameOf))}
              {kind === 'asking' && (
                <Button
                  size="small"
                  variant="apricot"
                  aria-label={words.visit(room.name)}
                  onClick={() => onVisit(room)}
                >
                  {words.visitShort}
                </Button>
              )}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

interface Joined {
  readonly kind: Need['kind'];
  readonly room: Room;
  readonly people: readonly LivePerson[];
}

/** Needs of one kind in one room are one sentence. */
function joined(needs: readonly Need[]): readonly Joined[] {
  const all = new Map<string, { kind: Need['kind']; room: Room; people: LivePerson[] }>();
  for (const need of needs) {
    const key = `${need.kind} ${need.room.id}`;
    const one = all.get(key) ?? { kind: need.kind, room: need.room, people: [] };
    if ('person' in need) one.people.push(need.person);
    all.set(key, one);
  }
  return [...all.values()];
}

function sentenceOf(kind: Need['kind'], room: Room, names: readonly string[]): string {
  const { need } = sayLive.rooms;
  if (kind === 'asking') return need.asking(room.name);
  if (kind === 'alone') return need.alone(room.name, names[0] ?? '');
  return need[kind](room.name, names);
}
