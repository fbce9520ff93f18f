'use client';

import { useParams } from 'next/navigation';
import { ActivityId } from '@/schema/ids';
import type { ActivityRecord } from '@/schema/activity';
import { activityById } from '@/store/queries';
import { useQuery } from '@/store/react';

/** The activity that the address names; undefined where it is gone. */
export function useActivity(): ActivityRecord | undefined {
  const { activityId } = useParams<{ activityId: string }>();
  return useQuery(activityById, ActivityId.parse(decodeURIComponent(activityId)));
}
