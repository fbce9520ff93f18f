'use client';

import { useEffect } from 'react';
import type { ClassId } from '@/schema/ids';
import { activitiesOf } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { clockMoment } from './clockMoment';

const MINUTE_MS = 60_000;

/** Activities whose time to open comes keep the groups of that moment, on whatever page the teacher is. */
export function useKeptActivities(classId: ClassId): void {
  const store = useStore();
  const waits = useQuery(activitiesOf, classId).some(
    ({ groups, opens, lineupId }) => groups === null && opens !== null && lineupId !== null,
  );
  useEffect(() => {
    if (!waits) return undefined;
    // Comes with the first activity that waits for its time.
    const look = async (): Promise<void> => {
      const { keepOpened } = await import('@/store/actions/activities');
      keepOpened(store, classId, clockMoment());
    };
    void look();
    const timer = setInterval(() => void look(), MINUTE_MS);
    return () => clearInterval(timer);
  }, [store, classId, waits]);
}
