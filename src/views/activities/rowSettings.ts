'use client';

import { useMemo } from 'react';
import type { ActivityRecord } from '@/schema/activity';

/** What all rows of the grid are drawn from. */
export type RowSettings = Pick<
  ActivityRecord,
  'id' | 'criteria' | 'most' | 'members' | 'due' | 'last' | 'late'
>;

/** The same object until some of it changes. */
export function useRowSettings(activity: ActivityRecord): RowSettings {
  const { id, criteria, most, members, due, last, late } = activity;
  return useMemo(
    () => ({ id, criteria, most, members, due, last, late }),
    [id, criteria, most, members, due, last, late],
  );
}
