'use client';

import { useMemo } from 'react';
import type { Insight } from '@/encode/insight';
import type { Target } from '@/encode/insightTypes';
import type { StudentId } from '@/schema/ids';

/** Group row → what moving those selected or dragged there would do; empty while nobody is. */
export type Targets = ReadonlyMap<number, Target>;

const NONE: Targets = new Map();

export function useTargets(insight: Insight | null, ids: readonly StudentId[]): Targets {
  return useMemo(() => {
    const [one, ...others] = ids;
    if (!insight || one === undefined) return NONE;
    const targets = others.length === 0 ? insight.targets(one) : insight.targetsOfSeveral(ids);
    // Where every group is as good as the next there is nothing to choose by.
    if (targets.every(({ effect }) => effect === 'same')) return NONE;
    return new Map(targets.map((target) => [target.group, target]));
  }, [insight, ids]);
}
