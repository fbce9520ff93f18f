'use client';

import { withWords } from '@/messages/speaking';
import { useRef, useState } from 'react';
import type { Bench, PastGroups } from '@/encode/bench';
import { sayTerm } from '@/messages/term';
import type { ClassRecord } from '@/schema/classRecord';
import type { LineupRecord } from '@/schema/lineup';
import type { SeriesWish } from '@/schema/series';
import type { TakeGroup } from '@/schema/take';
import { planSeries, replanSeries } from '@/store/actions/series';
import { lineupsOf, seriesOf, shownTake, type InTerm } from '@/store/queries';
import { useStore } from '@/store/react';
import { WorkerError } from '@/worker/client';
import type { ArrangeResult } from '@/worker/protocol';
import type { seriesRequest } from './plannerTools';
import { useArrangeClient } from '../frame/arranging';
import { useToday } from '../frame/useToday';
import { useTold } from '../frame/useTold';
import { newSeed } from '../frame/newSeed';

type Work =
  | { readonly state: 'idle' | 'clash' | 'failed' }
  | { readonly state: 'working'; readonly done: number };

/** How what is still ahead is made again: with the fewest changes, or wholly anew. */
export type Replanning = 'mend' | 'anew';

interface PlannerProps {
  readonly theClass: ClassRecord;
  readonly lineup: LineupRecord;
  /** Everything that rounds are made from; its history is what the class has worked in, without what is planned. */
  readonly bench: Bench;
  readonly inTerm: readonly InTerm[];
  readonly ahead: readonly InTerm[];
}

/** Plans rounds together and makes again those that are ahead, in the worker; every outcome is one step to undo. */
export function usePlanner({ theClass, lineup, bench, inTerm, ahead }: PlannerProps) {
  const store = useStore();
  const told = useTold();
  const client = useArrangeClient();
  const today = useToday();
  const [work, setWork] = useState<Work>({ state: 'idle' });
  /** Who has other partners since what is ahead was made again; null before that. */
  const [changed, setChanged] = useState<readonly string[] | null>(null);
  const running = useRef<AbortController | null>(null);
  const busy = useRef(false);

  /** One thing at a time: a second press before the first is seen to work makes nothing more. */
  const alone = async (make: () => Promise<void>): Promise<void> => {
    if (busy.current) return;
    busy.current = true;
    try {
      await make();
    } finally {
      busy.current = false;
    }
  };

  /** The results of requests that follow on one another; null where one of them cannot be had or was stopped. */
  const made = async (
    count: number,
    requestAt: (at: number, before: readonly ArrangeResult[]) => ReturnType<typeof seriesRequest>,
  ): Promise<readonly ArrangeResult[] | null> => {
    const controller = new AbortController();
    running.current = controller;
    setWork({ state: 'working', done: 0 });
    const results: ArrangeResult[] = [];
    try {
      for (let at = 0; at < count; at++) {
        const outcome = await client.arrange(requestAt(at, results), {
          signal: controller.signal,
          onProgress: (done) => setWork({ state: 'working', done: (at + done) / count }),
        });
        if (!outcome.ok || !outcome.result.feasible) {
          setWork({ state: 'clash' });
          return null;
        }
        results.push(outcome.result);
      }
      setWork({ state: 'idle' });
      return results;
    } catch (error) {
      const stopped = error instanceof WorkerError && error.code === 'cancelled';
      setWork({ state: stopped ? 'idle' : 'failed' });
      return null;
    }
  };
  const nameIn = (
    { namesFor }: Tools,
    result: ArrangeResult,
    round: number,
  ): ((row: number) => string) => {
    const names = namesFor(theClass, lineup, result.rounds[round]?.groups.length ?? 0);
    return (row) => names[row] ?? '';
  };
  /** Groups of the term beside the rounds that are being made: what counts as turns. */
  const beside = (made: readonly InTerm[]) =>
    inTerm.flatMap((one) => (made.includes(one) ? [] : [one.groups]));
  /** What the class has worked in and will, without the rounds that are being made: partners not to be met again. */
  const metBeside = (made: readonly InTerm[]): readonly PastGroups[] => [
    ...bench.history,
    ...groupsAhead(inTerm.filter((one) => !made.includes(one))),
  ];

  const plan = async (wish: SeriesWish, days: readonly string[]): Promise<void> => {
    const seed = newSeed();
    const use = await tools();
    const { inTurns, seriesRequest, takeGroups } = use;
    const [result] = (await made(1, () => seriesRequest(bench, wish, metBeside([]), seed))) ?? [];
    if (!result) return;
    const taken = new Set(lineupsOf(store.records, theClass.id).map(({ name }) => name));
    const named = (base: string): string => {
      let name = base;
      for (let more = 2; taken.has(name); more++) name = `${base} (${more})`;
      taken.add(name);
      return name;
    };
    const rounds = result.rounds.map((_, round) =>
      takeGroups(result, nameIn(use, result, round), { round }),
    );
    const recipe = {
      ...lineup.recipe,
      ...{ sizing: wish.sizing, freshPartners: 'most' as const },
      roles: wish.roles.map((role) => ({ role, how: 'turns' as const })),
    };
    planSeries(
      store,
      theClass.id,
      sayTerm.plan.series(today),
      wish,
      recipe,
      seed,
      inTurns(wish.roles, rounds, beside([]), seed).map((groups, round) => {
        const on = days[round] ?? null;
        const name = named(on === null ? sayTerm.plan.round(round + 1) : sayTerm.plan.day(on));
        return { name, on, groups };
      }),
    );
    told(sayTerm.plan.done(rounds.length));
  };

  const replan = async (how: Replanning, usual: SeriesWish): Promise<void> => {
    const [first] = ahead;
    if (!first) return;
    const seed = newSeed();
    // As it was planned, whatever the sentence says by now.
    const seriesId = first.lineup.planned?.seriesId;
    const series = seriesOf(store.records, theClass.id).find(({ id }) => id === seriesId);
    const wish = series?.wish ?? usual;
    const by = { ...bench, lineup: first.lineup };
    const groups = (await (how === 'anew' ? anew : mended)(by, wish, seed)) ?? null;
    if (!groups) return;
    const { changedIn, inTurns } = await tools();
    const turned = inTurns(wish.roles, groups, beside(ahead), seed);
    const others = changedIn(
      ahead.map((one) => one.groups),
      turned,
    );
    replanSeries(store, seed, new Map(ahead.map(({ id }, at) => [id, turned[at] ?? []])));
    setChanged(others);
    told(sayTerm.ahead.replanned(ahead.length, others.length));
  };

  type Rounds = readonly (readonly TakeGroup[])[] | null;
  const anew = async (by: Bench, wish: SeriesWish, seed: number): Promise<Rounds> => {
    const rounds = { ...wish, rounds: ahead.length };
    const use = await tools();
    const { seriesRequest, takeGroups } = use;
    const [result] = (await made(1, () => seriesRequest(by, rounds, metBeside(ahead), seed))) ?? [];
    if (!result) return null;
    return ahead.map((_, round) => takeGroups(result, nameIn(use, result, round), { round }));
  };
  const mended = async (by: Bench, wish: SeriesWish, seed: number): Promise<Rounds> => {
    const use = await tools();
    const { mendedRoundRequest, takeGroups, withRolesOf } = use;
    const planned = ahead.map(({ groups }) => groups.map(({ studentIds }) => studentIds));
    const others = (at: number, before: readonly ArrangeResult[]): readonly PastGroups[] =>
      planned.flatMap((groups, other) => {
        if (other === at) return [];
        const result = before[other];
        return [result ? takeGroups(result, () => '').map((one) => one.studentIds) : groups];
      });
    const results = await made(ahead.length, (at, before) =>
      mendedRoundRequest(
        by,
        wish,
        planned[at] ?? [],
        [...metBeside(ahead), ...others(at, before)],
        seed,
      ),
    );
    if (!results) return null;
    return results.map((result, at) => {
      const id = ahead[at]?.id;
      const take = id === undefined ? undefined : shownTake(store.records, id);
      const next = takeGroups(result, nameIn(use, result, 0), { take });
      return withRolesOf(take?.groups ?? [], next);
    });
  };
  return {
    ...{ work, changed, stop: () => running.current?.abort() },
    plan: (wish: SeriesWish, days: readonly string[]) => alone(() => plan(wish, days)),
    replan: (how: Replanning, usual: SeriesWish) => alone(() => replan(how, usual)),
  };
}

/** The groups of rounds that are planned and not used yet, each round once. */
export function groupsAhead(inTerm: readonly InTerm[]): readonly PastGroups[] {
  return inTerm.flatMap(({ state, counts, groups }) =>
    state === 'planned' && counts ? [groups.map(({ studentIds }) => studentIds)] : [],
  );
}

type Tools = typeof import('./plannerTools');
const tools = (): Promise<Tools> => withWords(import('./plannerTools'));
