'use client';

import { ActivityId } from '@/schema/ids';
import type { ActivityRecord } from '@/schema/activity';
import { activityById } from '@/store/queries';
import { useQuery } from '@/store/react';
import { useRoute } from '../primitives/route';

/** The activity that the address names; undefined where it is gone. */
export function useActivity(): ActivityRecord | undefined {
  const { activityId = '' } = useRoute().params;
  return useQuery(activityById, ActivityId.parse(decodeURIComponent(activityId)));
}
