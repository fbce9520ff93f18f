'use client';

import type { LineupRecord } from '@/schema/lineup';
import { classById, lineupsOf } from '@/store/queries';
import { useQuery } from '@/store/react';
import { useClassId } from './useClassId';

/** The lineup being worked on: the one last opened, else the newest; undefined when the class has none. */
export function useOpenLineup(): LineupRecord | undefined {
  const classId = useClassId();
  const openId = useQuery(classById, classId)?.openLineupId;
  const lineups = useQuery(lineupsOf, classId);
  return lineups.find(({ id }) => id === openId) ?? lineups.at(-1);
}
