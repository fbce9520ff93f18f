'use client';

import { lazily } from '../primitives/lazily';
import { runningSeatSessions } from '@/store/queries';
import { useQuery } from '@/store/react';

/** Loaded once students choose. */
const SeatKeeping = lazily(() => import('./SeatKeeping').then((module) => module.SeatKeeping));

/**
 * Follows every choosing that runs, on whatever page the teacher is: each choice waits until it is said what is closed to
 * whom, and what was chosen is kept.
 */
export function SeatKeeper() {
  const running = useQuery(runningSeatSessions);
  return running.map((session) => <SeatKeeping key={session.id} record={session} />);
}
