import type { ArrangeRequest } from '../core/format';
import type { StudentId } from '../schema/ids';
import { BY_SECTION, type Recipe } from '../schema/recipe';
import type { SeriesWish } from '../schema/series';
import { whoIsDealt, type Bench, type PastGroups } from './bench';
import { WHOLE } from './openPart';
import { requestFor } from './request';

/** What fresh partners weigh in a series: one repeat more than any mix can win by it. */
const PARTNERS_FIRST = 20;

/** The request for all rounds of a series at once: rules and goals of the lineup, fresh partners above all. */
export function seriesRequest(
  bench: Bench,
  wish: Pick<SeriesWish, 'rounds' | 'sizing' | 'mix'>,
  history: readonly PastGroups[],
  seed: number,
): ArrangeRequest {
  const recipe = {
    ...mixing(bench.lineup.recipe, wish.mix),
    ...{ sizing: wish.sizing, freshPartners: 'most' as const, dealing: { by: 'shuffle' as const } },
  };
  const lineup = { ...bench.lineup, recipe, pinned: [] };
  const { take: _, ...others } = { ...bench, lineup, history, takes: [] };
  const { request } = requestFor({ ...others, take: undefined }, seed, WHOLE);
  const goals = request.goals?.map((goal) =>
    goal.kind === 'freshPartners' ? { ...goal, weight: PARTNERS_FIRST } : goal,
  );
  return { ...request, ...(goals && { goals }), rounds: wish.rounds };
}

/** The recipe with just these details mixed, and what it matches still matched; with null as it is. */
function mixing(recipe: Recipe, mix: readonly string[] | null): Recipe {
  if (mix === null) return recipe;
  const how = (detail: string) =>
    recipe.balance.find((one) => one.detail === detail)?.importance ?? 'plain';
  return {
    ...recipe,
    balance: [
      ...recipe.balance.filter((one) => one.how === 'match' && !mix.includes(one.detail)),
      ...mix
        .filter((detail) => detail !== BY_SECTION)
        .map((detail) => ({ detail, how: 'mix' as const, importance: how(detail) })),
    ],
    sections: mix.includes(BY_SECTION)
      ? 'mixed'
      : recipe.sections === 'mixed'
        ? 'any'
        : recipe.sections,
  };
}

/** Leaving the group one was planned into costs more than all that groups are made by together. */
const STAYING_WEIGHT_A_STUDENT = 100;

/**
 * The request for one round that was planned, made again for whoever takes part by now: as few as can be leave their
 * group, and of these ways the best by all that the round was made by. `history` are all other rounds. Groups that have
 * lost most come last, since those are the ones given up where there are fewer.
 */
export function mendedRoundRequest(
  bench: Bench,
  wish: Pick<SeriesWish, 'sizing' | 'mix'>,
  planned: readonly (readonly StudentId[])[],
  history: readonly PastGroups[],
  seed: number,
): ArrangeRequest {
  const request = seriesRequest(bench, { ...wish, rounds: 1 }, history, seed);
  const dealt = new Set<string>(whoIsDealt(bench).map(({ id }) => id));
  const current = planned
    .map((ids) => ids.filter((id) => dealt.has(id)))
    .sort((a, b) => b.length - a.length);
  const weight = STAYING_WEIGHT_A_STUDENT * Math.max(1, dealt.size);
  return { ...request, current, goals: [{ kind: 'steady', weight }, ...(request.goals ?? [])] };
}

type Division = readonly { readonly studentIds: readonly string[] }[];

/** Students who have other partners in at least one round than they had in it before. */
export function changedIn(
  before: readonly Division[],
  after: readonly Division[],
): readonly string[] {
  const partners = (groups: Division = []): ReadonlyMap<string, string> =>
    new Map(
      groups.flatMap(({ studentIds }) => {
        const together = [...studentIds].sort().join(' ');
        return studentIds.map((id) => [id, together] as const);
      }),
    );
  const changed = new Set<string>();
  before.forEach((groups, round) => {
    const [was, is] = [partners(groups), partners(after[round])];
    for (const id of new Set([...was.keys(), ...is.keys()])) {
      if (was.get(id) !== is.get(id)) changed.add(id);
    }
  });
  return [...changed];
}
