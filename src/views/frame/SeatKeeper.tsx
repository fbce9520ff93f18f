'use client';

import dynamic from 'next/dynamic';
import { runningSeatSessions } from '@/store/queries';
import { useQuery } from '@/store/react';

/** Loaded once students choose. */
const SeatKeeping = dynamic(() => import('./SeatKeeping').then((module) => module.SeatKeeping), {
  ssr: false,
});

/**
 * Follows every choosing that runs, on whatever page the teacher is: each choice waits until it is said what is closed to
 * whom, and what was chosen is kept.
 */
export function SeatKeeper() {
  const running = useQuery(runningSeatSessions);
  return running.map((session) => <SeatKeeping key={session.id} record={session} />);
}
