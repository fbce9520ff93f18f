import type { ArrangeRequest } from '../core/format';
import { mostFreshRounds } from '../core/rounds/bounds';
import type { StudentId } from '../schema/ids';
import { BY_SECTION, type Recipe } from '../schema/recipe';
import type { SeriesWish } from '../schema/series';
import { whoIsDealt, type Bench, type PastGroups } from './bench';
import { meetingsIn } from './meetings';
import { WHOLE } from './openPart';
import { requestFor } from './request';
import { previewSizes } from './sizing';

/** The days of a series, as many as there are rounds; none where it has no days of its own. YYYY-MM-DD. */
export function daysOf({ rounds, every, from, notOn }: SeriesWish): readonly string[] {
  if (every === null) return [];
  const out = new Set(notOn);
  const step = { day: 1, week: 7, twoWeeks: 14 }[every];
  const days: string[] = [];
  const date = new Date(`${from}T12:00:00Z`);
  // Every day left out pushes the last one back, and no more than those are left out.
  for (let tries = 0; days.length < rounds && tries < rounds + notOn.length; tries++) {
    const day = date.toISOString().slice(0, 10);
    // On school days only, where every day counts.
    const weekend = every === 'day' && [0, 6].includes(date.getUTCDay());
    if (!weekend && !out.has(day)) days.push(day);
    if (weekend) tries--;
    date.setUTCDate(date.getUTCDate() + step);
  }
  return days;
}

/**
 * Days from the one at `at` on, each moved to the next: that day falls out, and the last goes on as far as the two
 * before it lie apart (a week where there is one alone). Null where the rounds have no days.
 */
export function daysMovedOn(
  days: readonly (string | null)[],
  at: number,
): readonly (string | null)[] {
  const last = days.at(-1);
  const before = days.at(-2);
  if (last === undefined || last === null) return days;
  const step = before ? (dayNumber(last) ?? 0) - (dayNumber(before) ?? 0) : 0;
  const next = dayText((dayNumber(last) ?? 0) + (step > 0 ? step : 7));
  return [...days.slice(0, at), ...days.slice(at + 1), next];
}

/** What a series can come to, before it is made; bounds, not promises. */
export interface Outlook {
  readonly students: number;
  readonly sizes: readonly { readonly groups: number; readonly size: number }[];
  /** Partners that a student can have met at the end, at the most, with those met before. */
  readonly mostMet: number;
  readonly others: number;
  /** The most rounds, with none behind, in which nobody meets a partner twice; never too few. */
  readonly mostFresh: number;
  /** Pairs that must be together again at least, over all rounds. */
  readonly leastRepeats: number;
}

/** What so many rounds can come to for so many students; null where no groups can be made so. */
export function outlookOf(bench: Bench, { rounds, sizing }: SeriesWish): Outlook | null {
  const dealt = whoIsDealt(bench);
  const preview = previewSizes(dealt.length, sizing);
  if (!preview.ok || preview.groupCount === 0) return null;
  const sizeOfGroup = Int32Array.from(
    preview.counts.flatMap(({ groups, size }) => new Array<number>(groups).fill(size)),
  );
  const studentCount = dealt.length;
  const ids = new Set(dealt.map(({ id }) => id));
  const past = bench.history.map((groups) => groups.map((one) => one.filter((id) => ids.has(id))));
  const known = meetingsIn(past).pairs;
  const all = (studentCount * (studentCount - 1)) / 2;
  const aRound = sizeOfGroup.reduce((sum, size) => sum + (size * (size - 1)) / 2, 0);
  const largest = Math.max(...sizeOfGroup);
  const met = studentCount === 0 ? 0 : (2 * known) / studentCount;
  const fresh = mostFreshRounds({ studentCount, sizeOfGroup, rounds });
  const left = aRound === 0 ? rounds : Math.floor((all - known) / aRound);
  return {
    students: studentCount,
    sizes: preview.counts,
    others: studentCount - 1,
    mostMet: Math.min(studentCount - 1, Math.round(met + rounds * (largest - 1))),
    mostFresh: Math.min(fresh, left),
    leastRepeats: Math.max(0, rounds * aRound - (all - known)),
  };
}

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
  return {
    ...requestFor({ ...others, take: undefined }, seed, WHOLE).request,
    rounds: wish.rounds,
  };
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

/** What a recipe mixes, by id or `section`. */
export function mixedBy({ balance, sections }: Recipe): readonly string[] {
  const details = balance.flatMap(({ detail, how }) => (how === 'mix' ? [detail] : []));
  return sections === 'mixed' ? [...details, BY_SECTION] : details;
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

/** Days and stretches of days out of a text, a line each ("2026-10-26 to 2026-10-30"); `unread` is the first that is none. */
export function daysIn(text: string): {
  readonly days: readonly string[];
  readonly unread: string | null;
} {
  const days = new Set<string>();
  let unread: string | null = null;
  for (const line of text.split('\n').map((one) => one.trim())) {
    if (line === '') continue;
    const [first = '', last = first] = line.split(/\s+(?:to|-|–)\s+/);
    const [from, until] = [dayNumber(first), dayNumber(last)];
    if (from === null || until === null || until < from || until - from > LONGEST_STRETCH) {
      unread ??= line;
      continue;
    }
    for (let day = from; day <= until; day++) days.add(dayText(day));
  }
  return { days: [...days].sort(), unread };
}

/** Longer than any holidays; what is longer is a slip of the year. */
const LONGEST_STRETCH = 120;
const DAY_MS = 86_400_000;

/** Days since 1970 of a day YYYY-MM-DD; null for what is none, the 31st of April too. */
function dayNumber(text: string): number | null {
  const ms = /^\d{4}-\d{2}-\d{2}$/.test(text) ? Date.parse(`${text}T00:00:00Z`) : NaN;
  const day = ms / DAY_MS;
  return Number.isNaN(ms) || dayText(day) !== text ? null : day;
}

function dayText(day: number): string {
  return new Date(day * DAY_MS).toISOString().slice(0, 10);
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
