'use client';

import { useMemo, useState } from 'react';
import { flushSync } from 'react-dom';
import type { LineupRecord } from '@/schema/lineup';
import type { StudentId } from '@/schema/ids';
import type { TakeRecord } from '@/schema/take';
import { movedTogether, separations, type Separation } from '@/encode/separations';
import { useStable } from '../../frame/useStable';

/** A change that waits for the teacher's word, since it would part students of a lineup in use. */
export interface PendingChange {
  readonly separated: readonly Separation[];
  /** Those who would come into another group with all their partners. */
  readonly moved: readonly StudentId[];
  readonly run: () => void;
}

const rowIds = ({ studentIds }: { readonly studentIds: readonly StudentId[] }) => studentIds;

function sameRows(
  one: readonly (readonly StudentId[])[],
  two: readonly (readonly StudentId[])[],
): boolean {
  const key = (rows: readonly (readonly StudentId[])[]): string =>
    rows.map((ids) => [...ids].sort().join(' ')).join('\n');
  return key(one) === key(two);
}

/** Runs changes of groups at once, but asks first where they would change a lineup in use, or one that is over. */
export function useGuard(lineup: LineupRecord, take: TakeRecord | undefined) {
  const [pending, setPending] = useState<(PendingChange & { readonly of: string }) | null>(null);
  const ask = useStable((next: readonly (readonly StudentId[])[], run: () => void): void => {
    const now = lineup.state === 'draft' || !take ? [] : take.groups.map(rowIds);
    const separated = separations(now, next);
    const moved = movedTogether(now, next);
    // What is over is closed like a book: any change of it is asked for.
    const closed = lineup.state === 'retired' && take && !sameRows(now, next);
    if (separated.length + moved.length === 0 && !closed) run();
    else setPending({ separated, moved, run, of: take?.id ?? '' });
  });
  const confirm = useStable((): void => {
    // The question is closed first: the focus is back where it was, and what runs can take it along.
    flushSync(() => setPending(null));
    pending?.run();
  });
  const leave = useStable((): void => setPending(null));
  /** What waits; nothing once another take is shown or the lineup is no longer in use. */
  const waiting = pending?.of === take?.id && lineup.state !== 'draft' ? pending : null;
  return useMemo(() => ({ ask, pending: waiting, confirm, leave }), [ask, waiting, confirm, leave]);
}

export type Guard = ReturnType<typeof useGuard>;
