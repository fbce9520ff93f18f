'use client';

import { useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import type { ArrangeResult } from '@/worker/protocol';
import type { Bench } from '@/encode/bench';
import { dealtWithoutDraw } from '@/encode/dealing';
import { WHOLE, type ShuffleScope } from '@/encode/openPart';
import { sentenceKey } from '@/encode/madeFrom';
import { requestFor, type ShufflePlan } from '@/encode/request';
import { lossesOfNext, withoutDiffering, type Gain } from '@/encode/results';
import { freeSign, sameDivision } from '@/encode/takeGroups';
import { sayGroups } from '@/messages/groups';
import { sayRecipe } from '@/messages/recipe';
import { newGroup, type TakeGroup, type TakeRecord } from '@/schema/take';
import { addTake, bringBackTake } from '@/store/actions/takes';
import { useStore } from '@/store/react';
import type { ArrangeClient } from '@/worker/arrangeClient';
import { WorkerError } from '@/worker/client';
import { useNotices } from '../primitives/notices';
import { useArrangeClient } from './arranging';
import { namesFor } from './groupNaming';
import { withGivenRoles } from './givenRoles';
import { newSeed } from './newSeed';
import { groupsFrom } from './groupsFrom';
import { useFurther } from './useFurther';
import { useRehearsal } from './useRehearsal';
import { useStable } from './useStable';
import { useTold } from './useTold';
import { valueName } from './detailWords';

export type ShuffleState =
  | { readonly state: 'idle' }
  /** Working for longer than a moment: how far it is, 0 to 1. */
  | { readonly state: 'working'; readonly done: number }
  /** The rules cannot all hold, or were not all kept: what was found instead. */
  | {
      readonly state: 'clash';
      readonly result: ArrangeResult;
      readonly plan: ShufflePlan;
      readonly scope: ShuffleScope;
    }
  | { readonly state: 'failed'; readonly text: string }
  /** What came out is a take that there is: nothing else is as good. */
  | {
      readonly state: 'again';
      readonly number: number;
      readonly scope: ShuffleScope;
      /** What is known where all divisions were looked at. */
      readonly others: Others | null;
    };

/** How many divisions are as good, and what one finds worse in the best of the others; null where there is no other. */
export interface Others {
  readonly asGood: number;
  readonly losses: readonly Gain[] | null;
}

/** Groups that were added by hand to a take and are none of those made after it. */
export function addedAndGone(
  take: TakeRecord | undefined,
  made: readonly TakeGroup[],
): readonly string[] {
  if (!take?.dealt || made.length >= take.groups.length) return [];
  const [dealt, now] = [take.dealt, made].map((groups) => new Set(groups.map(({ sign }) => sign)));
  return take.groups.flatMap(({ sign, name }) =>
    dealt?.has(sign) === true || now?.has(sign) === true ? [] : [name],
  );
}

/** A shuffle quicker than this needs no word about how far it is. */
const WORTH_TELLING_MS = 200;

/** Called with the groups that a shuffle has brought, and what keeps them as a take. */
export type Offered = (groups: readonly TakeGroup[], keep: () => void) => void;

const atOnce: Offered = (_, keep) => keep();
const nothing = (): void => undefined;

/**
 * Makes groups, in the worker where there is something to draw. A valid result is offered to `onMade`, which keeps it
 * as a take, at once or when the teacher says so; anything else waits for the teacher's word.
 */
export function useShuffle(bench: Bench, onMade: Offered = atOnce) {
  const store = useStore();
  const client = useArrangeClient();
  const { announce } = useNotices();
  const inform = useTold();
  const [state, setState] = useState<ShuffleState>({ state: 'idle' });
  const running = useRef<AbortController | null>(null);
  const stopRehearsal = useRehearsal(bench);

  /** Returns the take that there is already where these are its groups. */
  const offer = (
    of: Bench,
    seed: number,
    made: readonly TakeGroup[],
    scope: ShuffleScope | null,
    onKept: (groups: readonly TakeGroup[], isNew: boolean) => void,
  ): TakeRecord | undefined => {
    const groups = withGivenRoles(store, of, made, scope?.few ?? false);
    const known = of.takes.find((take) => sameDivision(take.groups, groups));
    setState(
      known && scope
        ? { state: 'again', number: known.number, scope, others: null }
        : { state: 'idle' },
    );
    if (known) {
      announce(sayGroups.again(known.number));
      const bring = (): void => {
        bringBackTake(store, known);
        onKept(known.groups, false);
      };
      if (known.id === of.take?.id) onKept(known.groups, false);
      else onMade(known.groups, bring);
      return known;
    }
    onMade(groups, () => {
      // Where some rows were left as they were, not all of it was made by this sentence.
      const rows = scope?.rows ?? null;
      const whole = rows === null;
      const by = whole ? sentenceKey(of.lineup.recipe) : (of.take?.madeBy ?? null);
      addTake(store, of.lineup.id, seed, groups, by);
      const gone = whole ? addedAndGone(of.take, groups) : [];
      const told = whole ? sayGroups.made(groups.length) : sayGroups.remade(rows.length);
      if (gone.length > 0) inform(`${told} ${sayGroups.addedGone(gone)}`);
      else announce(told);
      onKept(groups, true);
    });
    return undefined;
  };
  const keep = (
    of: Bench,
    result: ArrangeResult,
    plan: ShufflePlan,
    scope: ShuffleScope,
    lookOn: boolean,
  ): TakeRecord | undefined =>
    offer(of, result.search.seed, groupsFrom(of, result, plan.keptRows), scope, (groups, isNew) =>
      further.begin({ of, plan, scope, result, groups }, lookOn && isNew),
    );
  const further = useFurther(bench, ({ plan, scope }, result) => {
    keep(bench, result, plan, scope, false);
  });

  /** Makes groups from the bench as it stands, or from one in which something has just been changed. */
  const make = async (scope: ShuffleScope = WHOLE, of: Bench = bench): Promise<void> => {
    running.current?.abort();
    stopRehearsal();
    further.forget();
    const dealt = dealtGroups(of);
    if (dealt) {
      offer(of, 0, dealt, null, nothing);
      return;
    }
    const controller = new AbortController();
    running.current = controller;
    const began = performance.now();
    // Words about the work would cost the page more than a quick shuffle takes.
    const tell = (done: number): void => {
      if (performance.now() - began > WORTH_TELLING_MS) setState({ state: 'working', done });
    };
    const seed = newSeed();
    const plan = requestFor(of, seed, scope);
    try {
      const outcome = await client.arrange(plan.request, {
        signal: controller.signal,
        onProgress: tell,
      });
      if (!outcome.ok)
        setState({ state: 'failed', text: sayRecipe.sizingIssueSentence(outcome.issue) });
      else if (outcome.result.feasible) {
        const known = keep(of, outcome.result, plan, scope, true);
        if (known && outcome.result.search.asGood !== undefined) {
          const others = await countOthers(client, plan, controller.signal);
          if (others && running.current === controller)
            setState((now) => (now.state === 'again' ? { ...now, others } : now));
        }
      } else setState({ state: 'clash', result: outcome.result, plan, scope });
    } catch (error) {
      const stopped = error instanceof WorkerError && error.code === 'cancelled';
      // A newer shuffle has taken over the state of a stopped one.
      if (stopped && running.current !== controller) return;
      setState(stopped ? { state: 'idle' } : { state: 'failed', text: sayGroups.failed });
    }
  };

  // What a clash was about no longer stands once the rules, the class or the recipe have changed.
  const { rules, students } = bench;
  const { recipe, pinned, id } = bench.lineup;
  // With the painting, not after it: a late effect of an earlier painting would wipe away what has come since.
  useLayoutEffect(() => {
    setState((now) => (now.state === 'working' || now.state === 'idle' ? now : { state: 'idle' }));
  }, [rules, students, recipe, pinned]);
  useEffect(() => () => running.current?.abort(), [id]);

  const command = useStable(make);
  const stop = useStable((): void => running.current?.abort());
  const keepAnyway = useStable((): void => {
    if (state.state === 'clash') keep(bench, state.result, state.plan, state.scope, false);
  });
  const { better, proven, bests } = further;
  return useMemo(
    () => ({ state, make: command, stop, keepAnyway, better, proven, bests }),
    [state, command, stop, keepAnyway, better, proven, bests],
  );
}

export type Shuffle = ReturnType<typeof useShuffle>;

/** How many divisions are as good however like earlier ones they are; null where they are too many to look at. */
async function countOthers(
  client: ArrangeClient,
  { request }: ShufflePlan,
  signal: AbortSignal,
): Promise<Others | null> {
  // It is told beside groups that stand already: without it nothing has failed.
  const outcome = await client.arrange(withoutDiffering(request), { signal }).catch(() => null);
  if (!outcome?.ok) return null;
  const { asGood } = outcome.result.search;
  return asGood === undefined ? null : { asGood, losses: lossesOfNext(request, outcome.result) };
}

/** Groups dealt in an order, by a value or left empty; null where the engine is to draw. */
function dealtGroups(bench: Bench): readonly TakeGroup[] | null {
  const { theClass, lineup, take } = bench;
  const dealt = dealtWithoutDraw(bench, (detail, value) => valueName(theClass, detail, value));
  if (!dealt) return null;
  const names = namesFor(theClass, lineup, dealt.length);
  const groups: TakeGroup[] = [];
  for (const [row, { name, about, studentIds }] of dealt.entries()) {
    const sign = take?.groups[row]?.sign ?? freeSign(groups, row);
    groups.push({ ...newGroup(name ?? names[row] ?? '', sign, studentIds), about });
  }
  return groups;
}
