import type { SeatedRoom } from '@/encode/roomsTake';
import type { Room } from '@/services/rooms/contract';
import type { NamesByAddress } from '../frame/useNamesByAddress';

/** A room in its place, with the sign of the group that it was made for. */
export interface PlacedRoom {
  readonly room: Room;
  readonly key: string | null;
  readonly sign: number;
}

/** Who of the class is in which room. */
export function seatsOf(
  rooms: readonly PlacedRoom[],
  { idOf }: NamesByAddress,
): readonly SeatedRoom[] {
  return rooms.map(({ room, key }) => ({
    ...{ name: room.name, key },
    studentIds: (room.people ?? []).flatMap(({ email }) => idOf(email) ?? []),
  }));
}
