import type { Progress } from '../format';
import { metBefore } from '../goals/freshPartners';
import type { Problem } from '../problem/problem';
import { unitsOf, type Units } from '../problem/units';
import { shuffle } from '../random/uniform';
import type { Rng } from '../random/rng';
import { repeatPairs } from '../reference/costs';
import type { Budget } from '../search/budget';
import { mix } from '../search/mixing';
import { solve } from '../search/solve';
import { leastRepeatsOver } from './bounds';
import { constructSchedule } from './construct';
import type { Schedule } from './designs';
import { joined } from './joining';
import { RoundsSearch, type SearchedRounds } from './roundsSearch';

export interface MadeRounds {
  readonly outcome: 'valid' | 'impossible' | 'notFound';
  readonly rounds: readonly Int32Array[];
  readonly evaluations: number;
}

/** Exchanges for each round beside those of a single one, for so many rounds at the most. */
const ROUNDS_SHARE = 1.5;
const ROUNDS_COUNTED = 12;
/** What is begun anywhere takes this many times as many as what is begun from a schedule. */
const ANYWHERE = 2.5;
/** How loosely a search begins, in repeats: from anywhere, and from a schedule that is nearly right. */
const FROM_ANYWHERE = 0.5;
/** The first in usual changes of the goals, at the least: repeats may weigh nothing. */
const FROM_ANYWHERE_IN_GOALS = 1 / 8;
const FROM_A_SCHEDULE = 0.12;
const RELABELLINGS = 120_000;
/** Where rules are still broken after so many: how often places are dealt anew, and exchanges for each. */
const DEALS = 8;
const RELABELLINGS_A_DEAL = RELABELLINGS / 2;
/** Above this, the table of who has met whom is too large; rounds are then made one after another. */
const MOST_STUDENTS = 3_000;

/**
 * Several rounds in which the rules hold and partners are as fresh as can be: where the mathematics knows a schedule,
 * its places are given to students so that rules and goals are served too; what it cannot give is searched for.
 */
export function* makeRounds(
  problem: Problem,
  budget: Budget,
  rng: Rng,
): Generator<Progress, MadeRounds, void> {
  const units = unitsOf(problem);
  // Rules hold in each round by itself, so one round tells whether they can.
  const first = yield* solve(problem, [], budget, rng);
  // One group is the same in every round.
  if (first.outcome !== 'valid' || problem.groupCount < 2) {
    return { ...first, rounds: new Array<Int32Array>(problem.rounds).fill(first.groupOfStudent) };
  }
  if (problem.studentCount > MOST_STUDENTS) return oneByOne(problem, units, first, rng);
  const least = repeatPairs(problem, []) + leastRepeatsOver(problem, metBefore(problem, false));
  const scheduled = yield* fromSchedule(problem, units, first.groupOfStudent, least, budget, rng);
  const mixes = problem.goals.some(({ kind }) => kind !== 'freshPartners');
  let best = scheduled;
  // A schedule that had to be patched, or leaves goals little choice, may be further from the best than what is found without.
  if (!best || best.penalty > 0 || mixes || repeatPairs(problem, best.rounds) > least) {
    const start = mixedRounds(problem, units, first.groupOfStudent, problem.rounds, rng);
    const search = new RoundsSearch(problem, units, rng, start);
    const exchanges = ANYWHERE * exchangesFor(problem, budget);
    const hot = Math.max(
      FROM_ANYWHERE * search.repeatCost,
      FROM_ANYWHERE_IN_GOALS * search.usualOfGoals(),
    );
    const searched = yield* search.run(exchanges, hot, least);
    if (!best || better(searched, best)) best = searched;
  }
  const evaluations = first.evaluations + best.evaluations;
  // Rounds that begin valid stay so unless something better was met, so a penalty cannot be left here.
  return { outcome: best.penalty === 0 ? 'valid' : 'notFound', rounds: best.rounds, evaluations };
}

function exchangesFor({ rounds }: Problem, { slowExchanges }: Budget): number {
  return slowExchanges * (1 + ROUNDS_SHARE * (Math.min(rounds, ROUNDS_COUNTED) - 1));
}

function better(one: SearchedRounds, two: SearchedRounds): boolean {
  return one.penalty < two.penalty || (one.penalty === two.penalty && one.cost < two.cost);
}

/** Rounds from a known schedule, its places dealt to students; null where blocks or sizes fit no schedule. */
function* fromSchedule(
  problem: Problem,
  units: Units,
  valid: Int32Array,
  least: number,
  budget: Budget,
  rng: Rng,
): Generator<Progress, SearchedRounds | null, void> {
  const { rounds, rules, goals, history } = problem;
  const parted = problem.sectionOfGroup.some((section) => section !== -1);
  // A schedule parts whoever met: blocks that stay together have no place in it.
  if (rules.some(({ kind }) => kind === 'together')) return null;
  if (parted || new Set(problem.classOfGroup).size > 1) return null;
  const schedule = scheduleFor(problem, rng);
  const enough = schedule.length >= rounds;
  if (schedule.length === 0) return null;
  const known = dealPlaces(problem, schedule.slice(0, rounds), rng);
  // Rounds that the schedule lacks begin as valid ones.
  const start = [...known, ...mixedRounds(problem, units, valid, rounds - known.length, rng)];
  const fresh = goals.every(({ kind }) => kind === 'freshPartners') && history.length === 0;
  const search = new RoundsSearch(problem, units, rng, start);
  // A schedule of odd pairs repeats some; only one that repeats no more than must be is as good as done.
  const perfect = enough && fresh && search.repeats <= least;
  if (perfect && search.penalty() === 0) {
    return { rounds: start, cost: search.cost(), penalty: 0, evaluations: 0 };
  }
  let served = yield* search.relabel(perfect || !fresh ? RELABELLINGS : 0, perfect);
  // A schedule that keeps the rules is worth more than any search, and which deal leads to one is chance.
  for (let deal = 0; enough && deal < DEALS && served.penalty > 0; deal++) {
    const places = dealPlaces(problem, schedule.slice(0, rounds), rng);
    const anew = new RoundsSearch(problem, units, rng, places);
    const other = yield* anew.relabel(RELABELLINGS_A_DEAL, perfect);
    if (better(other, served)) served = other;
  }
  if (perfect && served.penalty === 0) return served;
  const exchanges = exchangesFor(problem, budget);
  const again = new RoundsSearch(problem, units, rng, served.rounds);
  const first = Math.min(FROM_A_SCHEDULE * again.repeatCost, again.usualOfGoals() || Infinity);
  const searched = yield* again.run(exchanges, first, least);
  return better(searched, served) ? searched : served;
}

/** A schedule for groups of the larger size, places left empty where there are smaller ones. */
function scheduleFor(problem: Problem, rng: Rng): Schedule {
  const { studentCount, groupCount, rounds, sizeOfGroup } = problem;
  const size = sizeOfGroup.reduce((most, one) => Math.max(most, one), 0);
  const empty = groupCount * size - studentCount;
  if (size < 2 || empty > groupCount) return [];
  // A ghost partner in each round of an odd circle: whoever has it joins a pair.
  if (size === 3 && empty === groupCount - 1 && studentCount % 2 === 1)
    return ghostPairs(studentCount);
  // Few larger groups: a schedule of the smaller size, and those over it join a group each.
  const extras = groupCount - empty;
  if (extras < empty && size > 2) {
    const places = groupCount * (size - 1);
    return joined(constructSchedule(places, size - 1, rounds, rng), places, extras, rng);
  }
  // Two empty places meet once too; the rounds in which they do are of no use.
  const spare = (empty * (empty - 1)) / 2;
  const whole = constructSchedule(groupCount * size, size, rounds + spare, rng);
  if (empty === 0) return whole;
  const places = Int32Array.from({ length: groupCount * size }, (_, place) => place);
  shuffle(rng, places);
  const empties = new Set(places.subarray(0, empty));
  const seatOf = new Map(
    [...places].filter((place) => !empties.has(place)).map((place, i) => [place, i]),
  );
  return whole
    .map((round) => round.map((group) => group.flatMap((place) => seatOf.get(place) ?? [])))
    .filter((round) => round.every((group) => group.length >= size - 1));
}

function ghostPairs(students: number): Schedule {
  return Array.from({ length: students }, (_, round) => {
    const pairs = Array.from({ length: (students - 1) / 2 }, (_unused, i) => [
      (round + 1 + i) % students,
      (round - 1 - i + students) % students,
    ]);
    const [joined = [], ...others] = pairs;
    return [[round, ...joined], ...others];
  });
}

/** Gives the places of a schedule to students at random, and its groups to groups of fitting sizes. */
function dealPlaces(problem: Problem, schedule: Schedule, rng: Rng): readonly Int32Array[] {
  const students = Int32Array.from({ length: problem.studentCount }, (_, student) => student);
  shuffle(rng, students);
  return schedule.map((round) => {
    const bySize = [...round].sort((a, b) => b.length - a.length);
    const groupOfStudent = new Int32Array(problem.studentCount);
    const order = [...problem.sizeOfGroup.keys()].sort(
      (a, b) => (problem.sizeOfGroup[b] as number) - (problem.sizeOfGroup[a] as number),
    );
    bySize.forEach((group, i) => {
      group.forEach((place) => (groupOfStudent[students[place] as number] = order[i] as number));
    });
    return groupOfStudent;
  });
}

function mixedRounds(
  problem: Problem,
  units: Units,
  valid: Int32Array,
  count: number,
  rng: Rng,
): readonly Int32Array[] {
  return Array.from({ length: count }, () => {
    const round = valid.slice();
    mix(problem, units, round, problem.studentCount * 20, rng);
    return round;
  });
}

function oneByOne(
  problem: Problem,
  units: Units,
  first: { readonly groupOfStudent: Int32Array; readonly evaluations: number },
  rng: Rng,
): MadeRounds {
  const others = mixedRounds(problem, units, first.groupOfStudent, problem.rounds - 1, rng);
  return {
    outcome: 'valid',
    rounds: [first.groupOfStudent, ...others],
    evaluations: first.evaluations,
  };
}
