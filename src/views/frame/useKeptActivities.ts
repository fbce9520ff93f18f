'use client';

import { useEffect } from 'react';
import type { ClassId } from '@/schema/ids';
import { keepOpened } from '@/store/actions/activities';
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
    const look = (): void => keepOpened(store, classId, clockMoment());
    look();
    const timer = setInterval(look, MINUTE_MS);
    return () => clearInterval(timer);
  }, [store, classId, waits]);
}
