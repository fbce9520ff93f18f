'use client';

import type { Bench } from '@/encode/bench';
import { eveningPlan, rowsChanged } from '@/encode/placing';
import { sayGroups } from '@/messages/groups';
import type { StudentId } from '@/schema/ids';
import { setTakesPart } from '@/store/actions/students';
import { placeStudents } from '@/store/actions/takes';
import { useStore } from '@/store/react';
import { useArrangeClient } from '../../frame/arranging';
import type { NameOf } from '../../frame/names';
import { useStable } from '../../frame/useStable';
import { useTold } from '../../frame/useTold';
import { useNotices } from '../../primitives/notices';
import type { Guard } from '../workbench/useGuard';
import { newSeed } from '../../frame/newSeed';

/**
 * Takes students off who have gone since the roll was called; where that leaves groups uneven, they are evened with the
 * fewest moves, if that is asked for.
 */
export function useGone(bench: Bench, nameOf: NameOf, guard: Guard) {
  const store = useStore();
  const client = useArrangeClient();
  const { notify } = useNotices();
  const told = useTold();

  const even = useStable(async (): Promise<void> => {
    const { take } = bench;
    const seed = newSeed();
    const plan = eveningPlan(bench, seed);
    if (!take || !plan) return;
    const outcome = await client.arrange(plan.request).catch(() => null);
    if (!outcome?.ok || !outcome.result.feasible) {
      told(sayGroups.notEvened);
      return;
    }
    // Groups that have been changed meanwhile are the teacher's; what was found for them is old.
    if (store.records.get('take', take.id) !== take) return;
    const rowOf = rowsChanged(take, outcome.result, plan);
    const next = take.groups.map(({ studentIds }, row) => [
      ...studentIds.filter((id) => !rowOf.has(id)),
      ...[...rowOf].flatMap(([id, to]) => (to === row ? [id] : [])),
    ]);
    guard.ask(next, () => {
      placeStudents(store, take.id, rowOf);
      told(sayGroups.evened([...rowOf.keys()].map(nameOf)));
    });
  });

  return useStable((ids: readonly StudentId[]): void => {
    setTakesPart(store, ids, false, bench.today);
    const here = new Set(
      bench.students.flatMap(({ id, here: is }) => (is && !ids.includes(id) ? [id] : [])),
    );
    const sizes = (bench.take?.groups ?? []).map(
      ({ studentIds }) => studentIds.filter((id) => here.has(id)).length,
    );
    const uneven = Math.max(...sizes) - Math.min(...sizes) > 1;
    notify({
      text: sayGroups.gone(ids.map(nameOf)),
      ...(uneven ? { action: { label: sayGroups.evenOut, run: () => void even() } } : {}),
    });
  });
}
