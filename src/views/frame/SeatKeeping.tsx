'use client';

import { useEffect, useMemo, useRef } from 'react';
import type { Bench } from '@/encode/bench';
import { choosingBench, closedGroups } from '@/encode/seats';
import type { ClassRecord } from '@/schema/classRecord';
import type { LineupRecord } from '@/schema/lineup';
import { sameData } from '@/schema/merging';
import type { SeatSessionRecord } from '@/schema/seatSession';
import type { SeatsSession } from '@/services/seats/contract';
import { LedSeats } from '@/services/seats/lead';
import { keepSeats } from '@/store/actions/seats';
import { classById, lineupById } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { tellSeats } from './liveSeats';
import { seatedIn } from './seatedIn';
import { SEATS, seatsKey } from './seatsService';
import { useRealRoll } from './students';
import { useBench } from './useBench';
import { useStable } from './useStable';
import { whenBack } from './whenBack';

/** One choosing that runs. */
export function SeatKeeping({ record }: { readonly record: SeatSessionRecord }) {
  const theClass = useQuery(classById, record.classId);
  const lineup = useQuery(lineupById, record.lineupId);
  if (!theClass || !lineup) return null;
  return <Kept record={record} theClass={theClass} lineup={lineup} />;
}

interface KeptProps {
  readonly record: SeatSessionRecord;
  readonly theClass: ClassRecord;
  readonly lineup: LineupRecord;
}

const AGAIN_MS = 1_000;

function Kept({ record, theClass, lineup }: KeptProps) {
  const store = useStore();
  const bench = useBench(lineup, theClass, useRealRoll(theClass.id, lineup));
  const { id, opened } = record;
  const sessionId = opened?.sessionId ?? '';
  const led = useMemo(() => new LedSeats(SEATS, seatsKey(), sessionId), [sessionId]);
  const newest = useRef<SeatsSession | null>(null);
  /** What the service is known to have: person → groups closed to them. */
  const told = useRef<Readonly<Record<string, readonly string[]>>>({});

  /** Says of the newest seats what is closed to whom, until the service has it or the seats are others. */
  const settle = useStable(async (): Promise<void> => {
    for (;;) {
      const session = newest.current;
      if (!opened?.guarded || !session || session.state === 'closed') return;
      const closed = closuresFor(bench, record, session);
      const changed = Object.fromEntries(
        Object.entries(closed).filter(
          ([person, groups]) => !sameData(groups, told.current[person]),
        ),
      );
      const outcome = await led.settle(session.revision, changed);
      if (outcome.ok) told.current = closed;
      // Seats have changed meanwhile: that is told of in a moment.
      if (outcome.ok || outcome.why === 'refused' || outcome.why === 'token') return;
      await new Promise((resolve) => setTimeout(resolve, AGAIN_MS));
    }
  });
  const onSession = useStable(async (session: SeatsSession): Promise<void> => {
    newest.current = session;
    tellSeats(id, { session, ahead: Date.parse(session.now) - Date.now() });
    await settle();
    // In the order in which they sat down: the first may lead.
    const bySeat = [...session.people].sort((a, b) => ((a.since ?? '') < (b.since ?? '') ? -1 : 1));
    const seats = Object.fromEntries(
      bySeat.flatMap((one) => (one.group === null ? [] : [[one.id, one.group] as const])),
    );
    const wishes = Object.fromEntries(
      session.people.flatMap((one) =>
        one.wishes.length > 0 ? [[one.id, one.wishes] as const] : [],
      ),
    );
    const closedAt = session.state === 'closed' ? (session.endsAt ?? session.now) : null;
    const next = { seats, wishes, closedAt };
    const { seats: was, wishes: wished, closedAt: ended } = record;
    if (!sameData(next, { seats: was, wishes: wished, closedAt: ended }))
      keepSeats(store, id, next);
  });

  useEffect(() => {
    const stop = new AbortController();
    void led.watch(
      (session) => onSession(session),
      (line) => {
        // A new service knows nothing of what an old one was told.
        if (line !== 'live') told.current = {};
        tellSeats(id, { line });
      },
      stop.signal,
      whenBack,
    );
    return () => {
      stop.abort();
      tellSeats(id, null);
    };
  }, [led, id, onSession]);
  // A rule that is written or taken back while students choose holds from now on.
  useEffect(() => {
    void settle();
  }, [bench, settle]);
  return null;
}

function closuresFor(
  bench: Bench,
  record: SeatSessionRecord,
  session: SeatsSession,
): Readonly<Record<string, readonly string[]>> {
  const slips = record.opened?.slips ?? [];
  const seats = Object.fromEntries(
    session.people.flatMap((one) => (one.group === null ? [] : [[one.id, one.group] as const])),
  );
  const seatsNow = new Map(session.groups.map((group) => [group.id, group.seats]));
  const groups = record.groups.map(({ id, staying, seats: most, least }) => ({
    seats: (seatsNow.get(id) ?? most - staying.length) + staying.length,
    least,
  }));
  const closed = closedGroups(
    choosingBench(bench, record),
    slips.map(({ studentId }) => studentId),
    groups,
    seatedIn(record, seats),
  );
  return Object.fromEntries(
    slips.map(({ id, studentId }) => [
      id,
      [...(closed.get(studentId) ?? [])]
        .sort((a, b) => a - b)
        .flatMap((row) => record.groups[row]?.id ?? []),
    ]),
  );
}
