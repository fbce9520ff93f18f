'use client';

import { useEffect, useState } from 'react';
import type { Bench } from '@/encode/bench';
import { requestFor, type RuleSource } from '@/encode/request';
import type { ArrangeResult } from '@/worker/protocol';
import { useArrangeClient } from '../frame/arranging';

export type Feasibility =
  | { readonly state: 'unknown' }
  | { readonly state: 'holds'; readonly groupCount: number }
  | {
      readonly state: 'clash';
      readonly result: ArrangeResult;
      readonly sources: readonly RuleSource[];
    };

/** Any seed will do: only whether the rules can hold is asked, and a fixed one keeps the answer steady. */
const SEED = 1;
/** What is only made better need not be looked at to see whether rules can hold. */
const NO_GOALS = { goals: [], history: [] };

/** Whether the rules can all hold with the recipe of the lineup, asked of the worker after each change. */
export function useFeasibility(bench: Bench): Feasibility {
  const client = useArrangeClient();
  const [answer, setAnswer] = useState<Feasibility>({ state: 'unknown' });
  useEffect(() => {
    const controller = new AbortController();
    const { request, sources } = requestFor(bench, SEED);
    client
      .arrange({ ...request, ...NO_GOALS }, { effort: 'quick', signal: controller.signal })
      .then(
        (outcome) => {
          if (controller.signal.aborted) return;
          if (!outcome.ok) setAnswer({ state: 'unknown' });
          else if (outcome.result.feasible) {
            const groupCount = outcome.result.rounds[0]?.groups.length ?? 0;
            setAnswer({ state: 'holds', groupCount });
          } else if (outcome.result.clash) {
            setAnswer({ state: 'clash', result: outcome.result, sources });
          } else setAnswer({ state: 'unknown' });
        },
        // A check that was stopped or failed says nothing; making the groups will.
        () => undefined,
      );
    return () => controller.abort();
  }, [client, bench]);
  return answer;
}
