'use client';

import { useMemo } from 'react';
import type { SeatedRoom } from '@/encode/roomsTake';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentId } from '@/schema/ids';
import type { LineupRecord } from '@/schema/lineup';
import type { LivePerson, Room } from '@/services/rooms/contract';
import { useNameMask } from '../frame/masking';
import { useTileNames } from '../frame/names';
import { useRealRoll, useRoll } from '../frame/students';

/** A room in its place, with the sign of the group that it was made for. */
export interface PlacedRoom {
  readonly room: Room;
  readonly key: string | null;
  readonly sign: number;
}

/** Names as the screen may show them, and who of the class somebody is, by address. */
export function useShownNames(theClass: ClassRecord, lineup: LineupRecord) {
  const [mask] = useNameMask();
  const real = useRealRoll(theClass.id, lineup);
  const students = useRoll(theClass.id, lineup);
  const shortOf = useTileNames(students);
  return useMemo(() => {
    const idOf = new Map<string, StudentId>();
    const shownOf = new Map<string, string>();
    const shownByName = new Map<string, string>();
    real.forEach(({ id, email, name }) => {
      const shown = shortOf(id);
      shownByName.set(name, shown);
      const address = email.trim().toLowerCase();
      if (address === '' || idOf.has(address)) return;
      idOf.set(address, id);
      shownOf.set(address, shown);
    });
    const unknown = (name: string): string => (mask === 'names' ? name : '…');
    return {
      nameOf: ({ email, name = email }: LivePerson): string =>
        shownOf.get(email.toLowerCase()) ?? unknown(name),
      /** Whoever wrote is told by name alone. */
      from: (name: string): string => shownByName.get(name) ?? unknown(name),
      seats: (rooms: readonly PlacedRoom[]): readonly SeatedRoom[] => seatsOf(rooms, idOf),
    };
  }, [real, shortOf, mask]);
}

export type ShownNames = ReturnType<typeof useShownNames>;

function seatsOf(
  rooms: readonly PlacedRoom[],
  idOf: ReadonlyMap<string, StudentId>,
): readonly SeatedRoom[] {
  return rooms.map(({ room, key }) => ({
    ...{ name: room.name, key },
    studentIds: (room.people ?? []).flatMap(({ email }) => idOf.get(email.toLowerCase()) ?? []),
  }));
}
