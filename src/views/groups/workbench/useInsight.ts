'use client';

import { useMemo, useSyncExternalStore } from 'react';
import type { Bench } from '@/encode/bench';
import type { Insight } from '@/encode/insight';
import type { TakeRecord } from '@/schema/take';

type Reader = (
  bench: Bench,
  take: TakeRecord | undefined,
  measured: readonly string[],
) => Insight | null;

let reader: Reader | null = null;
const waiting = new Set<() => void>();

/** The engine's reading of takes is loaded once, beside the first painting, which does not wait for it. */
function load(changed: () => void): () => void {
  waiting.add(changed);
  void import('@/encode/insight').then((module) => {
    reader = remembering((bench, take, measured) => module.Insight.of(bench, take, measured));
    waiting.forEach((tell) => tell());
  });
  return () => waiting.delete(changed);
}

/** Reads a take anew only when something it is judged by has changed: showing another take is not such a thing. */
function remembering(read: Reader): Reader {
  const known = new WeakMap<
    TakeRecord,
    { readonly by: readonly unknown[]; insight: Insight | null }
  >();
  return (bench, take, measured) => {
    if (!take) return null;
    const { theClass, students, rules, history, today, lineup } = bench;
    const by = [theClass, students, rules, history, today, lineup.recipe, measured.join('\n')];
    const last = known.get(take);
    if (last && by.every((value, place) => value === last.by[place])) return last.insight;
    const insight = read(bench, take, measured);
    known.set(take, { by, insight });
    return insight;
  };
}

export function useInsightReader(): Reader | null {
  return useSyncExternalStore(
    load,
    () => reader,
    () => null,
  );
}

/** What the shown take is like; null until the reading has been loaded, and where there is nothing to say. */
export function useInsight(bench: Bench, measured: readonly string[]): Insight | null {
  const read = useInsightReader();
  return useMemo(() => read?.(bench, bench.take, measured) ?? null, [read, bench, measured]);
}
