'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import type { Bench } from '@/encode/bench';
import {
  hasGoals,
  haveSameFigures,
  isProvenBest,
  onlyGains,
  withBests,
  type Gain,
} from '@/encode/results';
import type { ShuffleScope } from '@/encode/openPart';
import type { ShufflePlan } from '@/encode/request';
import { sameDivision } from '@/encode/takeGroups';
import type { TakeGroup } from '@/schema/take';
import type { ArrangeClient } from '@/worker/arrangeClient';
import type { ArrangeResult } from '@/worker/protocol';
import { useArrangeClient } from './arranging';
import { newSeed } from './newSeed';
import { useStable } from './useStable';

/** A shuffle that has become the shown take. */
export interface Looked {
  readonly of: Bench;
  readonly plan: ShufflePlan;
  readonly scope: ShuffleScope;
  readonly result: ArrangeResult;
  readonly groups: readonly TakeGroup[];
}

/** Better groups that were found while those of the take were being looked at. */
export interface Better {
  readonly gains: readonly Gain[];
  readonly take: () => void;
}

interface Found {
  readonly looked: Looked;
  /** Better than what is looked at; null while nothing is. */
  readonly result: ArrangeResult | null;
  readonly gains: readonly Gain[];
  readonly proven: boolean;
  /** Measures with the nearest bounds known for them; null where they are about a part of the class alone. */
  readonly bests: ArrangeResult['measures'] | null;
}

/** Whoever presses again so soon wants other groups, not better ones. */
const QUIET_MS = 500;
/** In larger courses looking on would take long. */
const MOST_STUDENTS = 500;

/**
 * Looks on quietly after a shuffle, with ten times its work and only while the page is seen; what it finds changes
 * nothing until it is taken. It ends with a proof, with its work, or with any change to what was looked at.
 */
export function useFurther(bench: Bench, onTake: (looked: Looked, result: ArrangeResult) => void) {
  const client = useArrangeClient();
  const [found, setFound] = useState<Found | null>(null);
  const running = useRef<AbortController | null>(null);
  const stop = useStable((): void => running.current?.abort());
  const forget = useStable((): void => {
    stop();
    setFound(null);
  });

  /** `on` tells whether more is to be looked for, or only told what is known. */
  const begin = useStable((looked: Looked, on: boolean): void => {
    stop();
    const { request, keptRows } = looked.plan;
    // Of groups of which some were left alone, more could be had by dealing those too.
    const proven = keptRows.length === 0 && isProvenBest(request, looked.result);
    const bests = keptRows.length === 0 ? looked.result.measures : null;
    setFound({ looked, result: null, gains: [], proven, bests });
    if (proven || !on || !hasGoals(request) || request.students.length > MOST_STUDENTS) return;
    const controller = new AbortController();
    running.current = controller;
    const asked = { ...request, seed: newSeed() };
    whileSeen(controller.signal, (signal) => lookOn(client, asked, signal)).then(
      (result) => {
        if (controller.signal.aborted || !result?.feasible) return;
        const gains = onlyGains(request, looked.result, result);
        const best =
          keptRows.length === 0 &&
          isProvenBest(request, result) &&
          haveSameFigures(looked.result, result);
        const nearer = bests && withBests(bests, result.measures);
        if (gains.length > 0) setFound({ looked, result, gains, proven: false, bests: nearer });
        else setFound({ looked, result: null, gains: [], proven: best, bests: nearer });
      },
      // Stopped, or the worker died: nothing is lost that was shown.
      () => undefined,
    );
  });

  const looked = found?.looked;
  // The list of them is made anew with every take; who was with whom is not.
  const met = useMemo(() => JSON.stringify(bench.history), [bench.history]);
  const metThen = useMemo(() => JSON.stringify(looked?.of.history), [looked]);
  const stands = looked !== undefined && met === metThen && isStill(looked, bench);
  useEffect(() => {
    if (found && !stands) stop();
  }, [found, stands, stop]);
  useEffect(() => stop, [stop]);

  const take = useStable((): void => {
    if (found?.result) onTake(found.looked, found.result);
  });
  const shown = stands ? found : null;
  return useMemo(() => {
    const better: Better | null = shown?.result ? { gains: shown.gains, take } : null;
    return {
      ...{ begin, forget, better },
      proven: shown?.proven ?? false,
      bests: shown?.bests ?? null,
    };
  }, [begin, forget, shown, take]);
}

/** Whether what was looked at is the shown take still, all that it was made from is as it was, and nobody works in it. */
function isStill({ of, groups }: Looked, bench: Bench): boolean {
  const { take, lineup } = bench;
  const sameOf = (part: 'students' | 'rules' | 'mastery' | 'today'): boolean =>
    bench[part] === of[part];
  return (
    take !== undefined &&
    lineup.state === 'draft' &&
    lineup.recipe === of.lineup.recipe &&
    lineup.pinned === of.lineup.pinned &&
    lineup.ranks === of.lineup.ranks &&
    (['students', 'rules', 'mastery', 'today'] as const).every(sameOf) &&
    sameDivision(take.groups, groups)
  );
}

async function lookOn(
  client: ArrangeClient,
  request: ShufflePlan['request'],
  signal: AbortSignal,
): Promise<ArrangeResult | null> {
  const outcome = await client.arrange(request, { effort: 'thorough', signal });
  return outcome.ok ? outcome.result : null;
}

/** Does some work once it has been quiet for a moment; while the page is hidden it rests, and begins anew when it is seen. */
async function whileSeen<T>(
  signal: AbortSignal,
  work: (signal: AbortSignal) => Promise<T>,
): Promise<T | null> {
  for (;;) {
    await pause(signal);
    if (signal.aborted) return null;
    const part = new AbortController();
    const end = (): void => part.abort();
    const hide = (): void => {
      if (document.hidden) end();
    };
    signal.addEventListener('abort', end);
    document.addEventListener('visibilitychange', hide);
    try {
      return await work(part.signal);
    } catch (error) {
      signal.throwIfAborted();
      if (!part.signal.aborted) throw error;
    } finally {
      signal.removeEventListener('abort', end);
      document.removeEventListener('visibilitychange', hide);
    }
  }
}

/** Until it has been quiet for a moment and the page is seen, or the work is called off. */
function pause(signal: AbortSignal): Promise<void> {
  return new Promise((resolve) => {
    const timer = setTimeout(look, QUIET_MS);
    signal.addEventListener('abort', end);
    function look(): void {
      document.removeEventListener('visibilitychange', look);
      if (document.hidden) document.addEventListener('visibilitychange', look);
      else end();
    }
    function end(): void {
      clearTimeout(timer);
      document.removeEventListener('visibilitychange', look);
      signal.removeEventListener('abort', end);
      resolve();
    }
  });
}
