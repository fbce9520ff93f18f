'use client';

import { useEffect, useState } from 'react';
import { requestFor, rulesInForce } from '@/encode/request';
import type { LineupRecord } from '@/schema/lineup';
import type { RuleRecord } from '@/schema/rule';
import type { StudentRecord } from '@/schema/student';
import type { ArrangeResult } from '@/worker/protocol';
import { useArrangeClient } from '../frame/arranging';
import { today } from '../frame/today';

export type Feasibility =
  | { readonly state: 'unknown' }
  | { readonly state: 'holds'; readonly groupCount: number }
  | {
      readonly state: 'clash';
      readonly result: ArrangeResult;
      readonly rules: readonly RuleRecord[];
    };

/** Any seed will do: only whether the rules can hold is asked, and a fixed one keeps the answer steady. */
const SEED = 1;

/** Whether the rules can all hold with the recipe of the lineup, asked of the worker after each change. */
export function useFeasibility(
  lineup: LineupRecord | undefined,
  students: readonly StudentRecord[],
  rules: readonly RuleRecord[],
): Feasibility {
  const client = useArrangeClient();
  const [answer, setAnswer] = useState<Feasibility>({ state: 'unknown' });
  useEffect(() => {
    if (!lineup) return undefined;
    const controller = new AbortController();
    const day = today();
    const request = requestFor({ lineup, students, rules, seed: SEED, today: day });
    client.arrange(request, { effort: 'quick', signal: controller.signal }).then(
      (outcome) => {
        if (controller.signal.aborted) return;
        if (!outcome.ok) setAnswer({ state: 'unknown' });
        else if (outcome.result.feasible) {
          const groupCount = outcome.result.rounds[0]?.groups.length ?? 0;
          setAnswer({ state: 'holds', groupCount });
        } else if (outcome.result.clash) {
          setAnswer({ state: 'clash', result: outcome.result, rules: rulesInForce(rules, day) });
        } else setAnswer({ state: 'unknown' });
      },
      // A check that was stopped or failed says nothing; making the groups will.
      () => undefined,
    );
    return () => controller.abort();
  }, [client, lineup, students, rules]);
  return answer;
}
