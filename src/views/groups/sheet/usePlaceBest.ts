'use client';

import { useState } from 'react';
import type { Bench } from '@/encode/bench';
import { placingPlan, rowsChanged } from '@/encode/placing';
import { sayGroups } from '@/messages/groups';
import type { StudentId } from '@/schema/ids';
import type { TakeRecord } from '@/schema/take';
import { placeStudents } from '@/store/actions/takes';
import { useStore } from '@/store/react';
import { useTold } from '../../frame/useTold';
import { useArrangeClient } from '../../frame/arranging';
import type { NameOf } from '../../frame/names';
import { useNotices } from '../../primitives/notices';
import type { Guard } from '../workbench/useGuard';
import { useInsightReader } from '../workbench/useInsight';
import type { Sheet } from '../workbench/useSheet';
import { newSeed } from '../../frame/newSeed';

type Rows = ReadonlyMap<StudentId, number>;

/**
 * Seats those aside with the fewest moves of others, as the engine finds them; where it must not even out the groups
 * or finds no valid way, one after the other where each fits best, and nobody else moves.
 */
export function usePlaceBest(bench: Bench, sheet: Sheet, nameOf: NameOf, guard: Guard) {
  const store = useStore();
  const client = useArrangeClient();
  const { announce } = useNotices();
  const told = useTold();
  const read = useInsightReader();
  const [busy, setBusy] = useState(false);
  const aside = sheet.aside.map(({ id }) => id);

  const byEngine = async (take: TakeRecord): Promise<Rows | null> => {
    const seed = newSeed();
    const plan = placingPlan(bench, aside, seed);
    if (!plan) return null;
    // A worker that fails is no reason to leave anybody standing.
    const outcome = await client.arrange(plan.request).catch(() => null);
    if (!outcome?.ok || !outcome.result.feasible) return null;
    return rowsChanged(take, outcome.result, plan);
  };
  const oneByOne = (take: TakeRecord): Rows => {
    const rowOf = new Map<StudentId, number>();
    for (const id of aside) {
      const row = read?.(bench, { ...take, groups: reseated(take, rowOf) }, [])?.bestPlace(id);
      if (row !== undefined && row !== null) rowOf.set(id, row);
    }
    return rowOf;
  };
  const place = async (): Promise<void> => {
    const { take } = bench;
    if (!take || busy) return;
    setBusy(true);
    const rowOf = (await byEngine(take)) ?? oneByOne(take);
    setBusy(false);
    // Groups that have been changed meanwhile are the teacher's; what was found for them is old.
    if (store.records.get('take', take.id) !== take) return;
    const others = [...rowOf.keys()].filter((id) => !aside.includes(id));
    guard.ask(
      reseated(take, rowOf).map(({ studentIds }) => studentIds),
      () => {
        placeStudents(store, take.id, rowOf);
        const text = sayGroups.placed(rowOf.size - others.length, others.map(nameOf));
        // Who moved without being asked for is told to the eye too, with the way back.
        if (others.length === 0) announce(text);
        else told(text);
      },
    );
  };
  return { place: () => void place(), busy };
}

function reseated({ groups }: TakeRecord, rowOf: Rows): TakeRecord['groups'] {
  return groups.map((group, row) => ({
    ...group,
    studentIds: [
      ...group.studentIds.filter((id) => !rowOf.has(id)),
      ...[...rowOf].flatMap(([id, to]) => (to === row ? [id] : [])),
    ],
  }));
}
