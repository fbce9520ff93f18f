'use client';

import { useMemo } from 'react';
import type { Bench } from '@/encode/bench';
import { masteryIn } from '@/encode/mastery';
import { spokenOrder } from '@/messages/speaking';
import type { ClassRecord } from '@/schema/classRecord';
import type { LineupRecord } from '@/schema/lineup';
import type { RollStudent } from '@/schema/student';
import {
  groupsOfLineups,
  historyOf,
  resultsOf,
  rulesOf,
  shownTake,
  takesOf,
} from '@/store/queries';
import { useQuery } from '@/store/react';
import { useToday } from './useToday';

/** A lineup with all that its groups are made from and judged by; the same object until some of it changes. */
export function useBench(
  lineup: LineupRecord,
  theClass: ClassRecord,
  students: readonly RollStudent[],
): Bench {
  const rules = useQuery(rulesOf, theClass.id);
  const history = useQuery(historyOf, theClass.id, lineup.id);
  const others = useOthers(lineup);
  const take = useQuery(shownTake, lineup.id);
  const takes = useQuery(takesOf, lineup.id);
  const results = useQuery(resultsOf, theClass.id);
  const mastery = useMemo(() => masteryIn(theClass, results), [theClass, results]);
  const today = useToday();
  return useMemo(
    () => ({
      lineup,
      theClass,
      students,
      rules,
      mastery,
      history,
      others,
      take,
      takes,
      today,
      compare: spokenOrder,
    }),
    [lineup, theClass, students, rules, mastery, history, others, take, takes, today],
  );
}

/** Groups of the class's other lineups; while this one is shuffled they stay the same to the reference. */
function useOthers(lineup: LineupRecord): Bench['others'] {
  const all = useQuery(groupsOfLineups, lineup.classId);
  return useMemo(() => {
    const { [lineup.id]: _own, ...others } = all;
    return others;
  }, [all, lineup.id]);
}
