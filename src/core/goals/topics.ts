import { shareCheapest } from '../assign/cheapest';
import type { Problem } from '../problem/problem';
import { studentsOfUnit, unitsOf } from '../problem/units';
import { SeatTerm } from '../terms/seatTerm';
import type { GoalKind } from './kind';

/** Whoever ranked groups is in one as early in their ranks as can be; all ranks given are added up, the first is 0. */
export const topics: GoalKind<'topics'> = {
  kind: 'topics',
  prepare(problem, goal) {
    const worst = worstRanks(problem);
    if (worst === 0) return null;
    const { ranksOfStudent, groupCount } = problem;
    const rank = new Uint16Array(ranksOfStudent.length * groupCount);
    ranksOfStudent.forEach((ranks, student) => {
      for (let group = 0; group < groupCount; group++) {
        rank[student * groupCount + group] = rankIn(ranks, group);
      }
    });
    const term = new SeatTerm(
      (student, group) => rank[student * groupCount + group] as number,
      1 / worst,
      ranksOfStudent,
    );
    return { goal, term, leastValue: leastRanks(problem) / worst };
  },
};

/** The sum of ranks where nobody is in a group that they named: one not named counts as after all that were. */
function worstRanks({ ranksOfStudent }: Problem): number {
  return ranksOfStudent.reduce((sum, ranks) => sum + ranks.length, 0);
}

/** Students who ask times groups, up to which the bound is worth its work: half a second. */
const MOST_CELLS = 800_000;

/**
 * The least sum of ranks in these sizes: an assignment of students to seats (`assign/cheapest`), exact where no block asks for
 * more. Which groups of a class are the larger ones is free: each has one seat more, and so many of these are given.
 * Whoever gets none of their groups is anywhere; all of theirs are full then, or they would have one. Those of a block are
 * in one group, so each of them may as well have ranked it as all of them do on average. 0 where that takes too long.
 */
export function leastRanks(problem: Problem): number {
  const { groupCount, classOfGroup, baseOfClass, extrasOfClass } = problem;
  const asking = askingOf(problem);
  if (asking.offers.length * groupCount > MOST_CELLS) return 0;
  const elsewhere = 2 * groupCount;
  const classes = extrasOfClass.length;
  const { placeOf } = shareCheapest({
    offers: asking.offers.map(({ costIn, costElsewhere }) => [
      ...Array.from(costIn, ([place, cost]) => ({ place, cost })),
      ...Array.from(costIn, ([place, cost]) => ({ place: groupCount + place, cost })),
      { place: elsewhere, cost: costElsewhere },
    ]),
    seats: [
      ...Array.from(classOfGroup, (of) => baseOfClass[of] as number),
      ...Array.from(classOfGroup, () => 1),
      asking.offers.length,
    ],
    holders: [...Array.from({ length: groupCount }, () => classes), ...classOfGroup, classes],
    limits: [...extrasOfClass, problem.studentCount + asking.offers.length],
    held: Array.from({ length: classes + 1 }, () => 0),
    evenness: 0,
  });
  const cost = asking.offers.reduce((sum, { costIn, costElsewhere }, one) => {
    const place = placeOf[one] as number;
    return sum + (place < elsewhere ? (costIn.get(place % groupCount) as number) : costElsewhere);
  }, 0);
  return Math.ceil(cost / asking.scale);
}

const NO_GROUP = -1;

/** What groups cost each of those who rank any, or are in a block with one who does: ranks times `scale`. */
interface Asking {
  readonly offers: readonly Offer[];
  readonly scale: number;
}

interface Offer {
  /** group → cost, for those ranked. */
  readonly costIn: ReadonlyMap<number, number>;
  readonly costElsewhere: number;
}

function askingOf(problem: Problem): Asking {
  const { ranksOfStudent } = problem;
  const units = unitsOf(problem);
  const blocks = Array.from({ length: units.unitCount }, (_, unit) => studentsOfUnit(units, unit))
    .map((members) => members.map((student) => ranksOfStudent[student] as Int32Array))
    .filter((members) => members.some(({ length }) => length > 0));
  // Costs are whole numbers: averages over blocks of each size are.
  const scale = blocks.reduce((all, { length }) => leastCommon(all, length), 1);
  const offers = blocks.flatMap((members) => {
    const costOf = (group: number): number =>
      (members.reduce((sum, ranks) => sum + rankIn(ranks, group), 0) * scale) / members.length;
    const groups = new Set(members.flatMap((ranks) => [...ranks]));
    const costIn = new Map([...groups].map((group) => [group, costOf(group)]));
    return members.map(() => ({ costIn, costElsewhere: costOf(NO_GROUP) }));
  });
  return { offers, scale };
}

function leastCommon(one: number, two: number): number {
  let [a, b] = [one, two];
  while (b > 0) [a, b] = [b, a % b];
  return (one / a) * two;
}

/** The rank of a group, from 0; one that is not named comes after all that are. */
function rankIn(ranks: Int32Array, group: number): number {
  const rank = ranks.indexOf(group);
  return rank < 0 ? ranks.length : rank;
}
