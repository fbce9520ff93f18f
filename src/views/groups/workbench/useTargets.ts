'use client';

import { useMemo } from 'react';
import type { Insight } from '@/encode/insight';
import type { Target } from '@/encode/insightTypes';
import type { StudentId } from '@/schema/ids';

/** Group row → what moving the student there would do; empty while nobody is selected or dragged. */
export type Targets = ReadonlyMap<number, Target>;

const NONE: Targets = new Map();

export function useTargets(insight: Insight | null, id: StudentId | null): Targets {
  return useMemo(() => {
    if (!insight || id === null) return NONE;
    const targets = insight.targets(id);
    // Where every group is as good as the next there is nothing to choose by.
    if (targets.every(({ effect }) => effect === 'same')) return NONE;
    return new Map(targets.map((target) => [target.group, target]));
  }, [insight, id]);
}
