'use client';

import { useMemo, useState } from 'react';
import type { LineupRecord } from '@/schema/lineup';
import type { StudentId } from '@/schema/ids';
import type { TakeRecord } from '@/schema/take';
import { separations, type Separation } from '@/encode/separations';
import { useStable } from '../../frame/useStable';

/** A change that waits for the teacher's word, since it would part students of a lineup in use. */
export interface PendingChange {
  readonly separated: readonly Separation[];
  readonly run: () => void;
}

/** Runs changes of groups at once, but asks first where a lineup in use would lose somebody from a group. */
export function useGuard(lineup: LineupRecord, take: TakeRecord | undefined) {
  const [pending, setPending] = useState<(PendingChange & { readonly of: string }) | null>(null);
  const ask = useStable((next: readonly (readonly StudentId[])[], run: () => void): void => {
    const separated =
      lineup.state === 'inUse' && take
        ? separations(
            take.groups.map(({ studentIds }) => studentIds),
            next,
          )
        : [];
    if (separated.length === 0) run();
    else setPending({ separated, run, of: take?.id ?? '' });
  });
  const confirm = useStable((): void => {
    setPending(null);
    pending?.run();
  });
  const leave = useStable((): void => setPending(null));
  /** What waits; nothing once another take is shown or the lineup is no longer in use. */
  const waiting = pending?.of === take?.id && lineup.state === 'inUse' ? pending : null;
  return useMemo(() => ({ ask, pending: waiting, confirm, leave }), [ask, waiting, confirm, leave]);
}

export type Guard = ReturnType<typeof useGuard>;
