import type { SeatSessionRecord } from '@/schema/seatSession';
import { openSession } from '@/services/seats/lead';
import { keepSeats } from '@/store/actions/seats';
import type { AppStore } from '@/store/appStore';
import { SEATS, seatsKey } from '../frame/seatsService';

/**
 * Asks the service for a session whose slips are kept already, so that none is lost when this page ends meanwhile: asked
 * again, it is the same one. Where it is refused everything is as before; false then.
 */
export async function openSeats(
  store: AppStore,
  record: SeatSessionRecord,
  shown: (studentId: string) => string,
  compare: (one: string, two: string) => number,
  name: string,
): Promise<boolean> {
  const { opened, groups, minutes } = record;
  if (!opened) return false;
  const ends = minutes === null ? null : Date.parse(opened.at) + minutes * 60_000;
  const made = await openSession(
    SEATS,
    seatsKey(),
    {
      ...{ name, kind: record.kind, guarded: opened.guarded, most: record.most },
      ...{ mayChange: record.mayChange, namesSeen: record.namesSeen },
      firstLeads: record.firstLeads,
      endsAt: ends === null ? null : new Date(ends).toISOString(),
      groups: groups.map(({ id, sign, name: called, topic, seats, staying }) => ({
        ...{ id, sign, name: called, topic, seats: Math.max(0, seats - staying.length) },
      })),
      people: opened.slips
        .map(({ id, studentId, pin, secret }) => ({ id, name: shown(studentId), pin, secret }))
        .sort((a, b) => compare(a.name, b.name)),
    },
    opened.key,
  );
  const done = !('ok' in made);
  keepSeats(store, record.id, {
    opened: done ? { ...opened, sessionId: made.id, code: made.code } : null,
  });
  return done;
}
