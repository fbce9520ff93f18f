'use client';

import { useState } from 'react';
import { isAddress } from '@/formats/address';
import { sayLive } from '@/messages/live';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentId } from '@/schema/ids';
import type { LineupRecord } from '@/schema/lineup';
import type { RollStudent } from '@/schema/student';
import { newGroup } from '@/schema/take';
import type { Room } from '@/services/rooms/contract';
import { useRealRoll, useRoll } from '../frame/students';
import { useBench } from '../frame/useBench';
import type { NamesByAddress } from '../frame/useNamesByAddress';
import { Button } from '../primitives/Button';
import { useNotices } from '../primitives/notices';
import { seatsOf, type PlacedRoom } from './seats';
import styles from './Rooms.module.css';
import type { Board } from './useBoard';

interface LatecomersProps {
  readonly theClass: ClassRecord;
  readonly lineup: LineupRecord;
  readonly rooms: readonly PlacedRoom[];
  readonly names: NamesByAddress;
  readonly act: Board['act'];
}

/** Whoever is here and in no room, to be let in where rules and goals of the lineup have them best. */
export function Latecomers({ theClass, lineup, rooms, names, act }: LatecomersProps) {
  const words = sayLive.rooms.late;
  const { announce } = useNotices();
  const real = useRealRoll(theClass.id, lineup);
  const students = useRoll(theClass.id, lineup);
  const bench = useBench(lineup, theClass, real);
  const [busy, setBusy] = useState(false);
  const inside = new Set(seatsOf(rooms, names).flatMap(({ studentIds }) => studentIds));
  const late = students.filter(({ id, here }) => here && !inside.has(id));
  if (late.length === 0 || rooms.length === 0) return null;
  const emailOf = new Map(real.map(({ id, email }) => [id, email.trim()]));

  const place = async (student: RollStudent): Promise<void> => {
    setBusy(true);
    const room = await bestRoom(student.id).finally(() => setBusy(false));
    const person = real.find(({ id }) => id === student.id);
    if (!person) return;
    const { name, email } = person;
    act(
      (live) => live.letIn(room.id, [{ name, email: email.trim(), role: 'student' }]),
      () => announce(words.placed(student.name, room.name)),
    );
  };
  /** By the engine; the emptiest room where it has no say. */
  const bestRoom = async (id: StudentId): Promise<Room> => {
    const { take } = bench;
    if (take) {
      const groups = seatsOf(rooms, names).map(({ name, studentIds }, sign) =>
        newGroup(name, sign, [...studentIds]),
      );
      const engine = await import('@/encode/insight').catch(() => null);
      const row = engine?.Insight.of(bench, { ...take, groups }, [])?.bestPlace(id) ?? null;
      const found = row === null ? undefined : rooms[row];
      if (found) return found.room;
    }
    const [smallest] = [...rooms].sort(
      (a, b) => (a.room.people ?? []).length - (b.room.people ?? []).length,
    );
    return (smallest as PlacedRoom).room;
  };
  return (
    <section aria-label={words.title} className={styles.late}>
      <h3 className={styles.subtitle}>{words.title}</h3>
      <ul>
        {late.map((student) => (
          <li key={student.id}>
            <strong>{student.name}</strong>{' '}
            {isAddress(emailOf.get(student.id) ?? '') ? (
              <Button
                size="small"
                variant="paper"
                disabled={busy}
                aria-label={words.place(student.name)}
                onClick={() => void place(student)}
              >
                {words.placeShort}
              </Button>
            ) : (
              <span className={styles.faint}>{words.noAddress}</span>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
