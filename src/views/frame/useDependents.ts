'use client';

import { useMemo } from 'react';
import { dependentsOf, type Dependent } from '@/encode/dependents';
import { sayLineups } from '@/messages/lineups';
import type { LineupRecord } from '@/schema/lineup';
import { activitiesOf, lineupsOf, receiptsOf } from '@/store/queries';
import type { RecordStore } from '@/store/recordStore';
import { useStore } from '@/store/react';

/** What hangs on a lineup, a sentence each. */
export function hangingOn(records: RecordStore, lineup: LineupRecord): readonly string[] {
  const ofClass = ({ classId }: { readonly classId: string }) => classId === lineup.classId;
  return dependentsOf({
    lineup,
    lineups: lineupsOf(records, lineup.classId),
    plans: records.all('plan').filter(ofClass),
    receipts: receiptsOf(records, lineup.id),
    scenes: records.all('scene').filter(ofClass),
    seatSessions: records.all('seatSession').filter(ofClass),
    activities: activitiesOf(records, lineup.classId),
  }).map(sentenceOf);
}

function sentenceOf(one: Dependent): string {
  const { hangs } = sayLineups;
  switch (one.kind) {
    case 'used':
    case 'ahead':
      return hangs[one.kind](one.days);
    case 'experts':
    case 'homes':
    case 'dealtFrom':
    case 'activities':
      return hangs[one.kind](one.names);
    case 'rooms':
    case 'channels':
      return hangs[one.kind](one.on);
    case 'copies':
    case 'stage':
    case 'seats':
      return hangs[one.kind];
  }
}

/** The same for a view, as it is when the view is first drawn. */
export function useDependents(lineup: LineupRecord): readonly string[] {
  const { records } = useStore();
  return useMemo(() => hangingOn(records, lineup), [records, lineup]);
}
