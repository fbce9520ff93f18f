'use client';

import { useEffect, useRef, useState } from 'react';
import type { ArrangeResult } from '@/worker/protocol';
import { requestFor, rulesInForce } from '@/encode/request';
import { takeGroups } from '@/encode/takeGroups';
import { say } from '@/messages';
import type { LineupRecord, Recipe } from '@/schema/lineup';
import type { RuleRecord } from '@/schema/rule';
import type { StudentRecord } from '@/schema/student';
import { addTake } from '@/store/actions/takes';
import { classById } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { WorkerError } from '@/worker/client';
import { useNotices } from '../primitives/notices';
import { useArrangeClient } from './arranging';
import { today } from './today';

export type ShuffleState =
  | { readonly state: 'idle' }
  | { readonly state: 'working'; readonly done: number }
  /** The rules cannot all hold, or were not all kept: what was found instead. */
  | {
      readonly state: 'clash';
      readonly result: ArrangeResult;
      readonly rules: readonly RuleRecord[];
    }
  | { readonly state: 'failed'; readonly text: string };

interface ShuffleInput {
  readonly lineup: LineupRecord;
  readonly students: readonly StudentRecord[];
  readonly rules: readonly RuleRecord[];
}

interface Changed {
  readonly recipe: Recipe;
  readonly rules: readonly RuleRecord[];
}

/** Makes groups in the worker; a valid result becomes a take at once, anything else waits for the teacher's word. */
export function useShuffle({ lineup, students, rules }: ShuffleInput) {
  const store = useStore();
  const client = useArrangeClient();
  const { announce } = useNotices();
  const theClass = useQuery(classById, lineup.classId);
  const [state, setState] = useState<ShuffleState>({ state: 'idle' });
  const running = useRef<AbortController | null>(null);
  const nameOfGroup = (index: number): string =>
    theClass?.groupNames[index] ?? say.groupName(index);

  const keep = (result: ArrangeResult): void => {
    addTake(store, lineup.id, result.search.seed, takeGroups(result, nameOfGroup));
    setState({ state: 'idle' });
    announce(say.groups.made(result.rounds[0]?.groups.length ?? 0));
  };
  /** Shuffles with the recipe and the rules as they stand, or with others just put in their place. */
  const make = async (changed: Partial<Changed> = {}): Promise<void> => {
    const { recipe, rules: current } = { recipe: lineup.recipe, rules, ...changed };
    running.current?.abort();
    const controller = new AbortController();
    running.current = controller;
    setState({ state: 'working', done: 0 });
    const day = today();
    const seed = crypto.getRandomValues(new Uint32Array(1))[0] ?? 0;
    const request = requestFor({
      lineup: { ...lineup, recipe },
      students,
      rules: current,
      seed,
      today: day,
    });
    try {
      const outcome = await client.arrange(request, {
        signal: controller.signal,
        onProgress: (done) => setState({ state: 'working', done }),
      });
      if (!outcome.ok) setState({ state: 'failed', text: say.sizingIssueSentence(outcome.issue) });
      else if (outcome.result.feasible) keep(outcome.result);
      else setState({ state: 'clash', result: outcome.result, rules: rulesInForce(current, day) });
    } catch (error) {
      const stopped = error instanceof WorkerError && error.code === 'cancelled';
      // A newer shuffle has taken over the state of a stopped one.
      if (stopped && running.current !== controller) return;
      setState(stopped ? { state: 'idle' } : { state: 'failed', text: say.groups.failed });
    }
  };

  // What a clash was about no longer stands once the rules, the class or the recipe have changed.
  useEffect(() => {
    setState((now) => (now.state === 'working' ? now : { state: 'idle' }));
  }, [rules, students, lineup.recipe]);
  useEffect(() => () => running.current?.abort(), [lineup.id]);

  return {
    state,
    make,
    stop: () => running.current?.abort(),
    keepAnyway: () => {
      if (state.state === 'clash') keep(state.result);
    },
  };
}
