import { shareCheapest, type Offer } from '../assign/cheapest';
import type { Problem } from '../problem/problem';
import { studentsOfUnit, unitsOf, type Units } from '../problem/units';

/** Students who ask times groups, up to which the bound is worth its work: half a second. */
const MOST_CELLS = 800_000;
/** Students who ask times what they ask for, over all assignments that are tried where rules stand in the way: 0.1 s. */
const MOST_TRIED = 1_000_000;

/**
 * The least sum of ranks in these sizes: an assignment of students to seats (`assign/cheapest`) in which blocks sit together
 * and nobody with those they are to be apart from, found by branch and bound (Land and Doig 1960): of the assignments that
 * mind no rules the cheapest is taken, and where it breaks one the student is sent there, or kept out of there. Which groups
 * of a class are the larger ones is free: each has one seat more, and so many of these are given. Whoever gets none of
 * their groups is anywhere. Exact where no other rules stand in the way and it ends; else what the cheapest left costs, as
 * no arrangement has less. 0 where one assignment takes too long.
 */
export function leastRanks(problem: Problem): number {
  const units = unitsOf(problem);
  const asking = askingOf(problem, units);
  const { offers } = asking;
  if (offers.length * problem.groupCount > MOST_CELLS) return 0;
  const asked = offers.reduce((sum, { costIn }) => sum + costIn.size, 0);
  const assignments = new Assignments(problem, units, asking);
  const open = [assignments.cheapest(new Set())];
  const work = offers.length * asked;
  for (let tried = work; ; tried += 2 * work) {
    let at = open.length - 1;
    for (let other = at - 1; other >= 0; other--) {
      if ((open[other] as Assignment).cost < (open[at] as Assignment).cost) at = other;
    }
    const [least] = open.splice(at, 1) as [Assignment];
    const choice = tried + 2 * work <= MOST_TRIED ? assignments.brokenIn(least) : null;
    // Nobody can be seated as the rules ask: of nothing anything is true.
    if (least.cost === Infinity) return 0;
    if (!choice) return Math.ceil(least.cost / asking.scale);
    for (const kept of choice) open.push(assignments.cheapest(new Set([...least.kept, ...kept])));
  }
}

interface Assignment {
  /** unit * (groups + 1) + group: units kept out of groups. */
  readonly kept: ReadonlySet<number>;
  /** One asking → the group; as many as there are groups for one that nobody of the block ranked, -1 where all are full. */
  readonly groupOf: Int32Array;
  readonly cost: number;
}

class Assignments {
  /** unit → those asking who are in it. */
  private readonly askingOfUnit: readonly (readonly number[])[];

  constructor(
    private readonly problem: Problem,
    private readonly units: Units,
    private readonly asking: Asking,
  ) {
    this.askingOfUnit = Array.from({ length: units.unitCount }, () => []);
    asking.offers.forEach(({ unit }, one) => (this.askingOfUnit[unit] as number[]).push(one));
  }

  cheapest(kept: ReadonlySet<number>): Assignment {
    const { groupCount, classOfGroup, baseOfClass, extrasOfClass } = this.problem;
    const { offers } = this.asking;
    const elsewhere = 2 * groupCount;
    const classes = extrasOfClass.length;
    const { placeOf } = shareCheapest({
      offers: offers.map(({ unit, costIn }) => {
        const own: Offer[] = [];
        for (const [group, cost] of costIn) {
          if (kept.has(unit * (groupCount + 1) + group)) continue;
          if (group === groupCount) own.push({ place: elsewhere, cost });
          else own.push({ place: group, cost }, { place: groupCount + group, cost });
        }
        return own;
      }),
      seats: [
        ...Array.from(classOfGroup, (of) => baseOfClass[of] as number),
        ...Array.from(classOfGroup, () => 1),
        offers.length,
      ],
      holders: [...Array.from({ length: groupCount }, () => classes), ...classOfGroup, classes],
      limits: [...extrasOfClass, this.problem.studentCount + offers.length],
      held: Array.from({ length: classes + 1 }, () => 0),
      evenness: 0,
    });
    let cost = 0;
    const groupOf = placeOf.map((place, one) => {
      const group = place === elsewhere ? groupCount : place % groupCount;
      cost += (offers[one] as Offers).costIn.get(group) ?? Infinity;
      return group;
    });
    return { kept, groupOf, cost };
  }

  /** A rule that is broken, as two ways to keep it, of which every arrangement has one: who is kept out of where; or null. */
  brokenIn({ groupOf }: Assignment): readonly (readonly number[])[] | null {
    const { groupCount } = this.problem;
    const { unitCount, startOfNeighbours, neighbours } = this.units;
    const cell = (unit: number, group: number): number => unit * (groupCount + 1) + group;
    for (let unit = 0; unit < unitCount; unit++) {
      const own = (this.askingOfUnit[unit] as readonly number[]).map(
        (one) => groupOf[one] as number,
      );
      const group = own.find((of) => of >= 0 && of < groupCount);
      if (group === undefined) continue;
      const foes = neighbours.subarray(startOfNeighbours[unit], startOfNeighbours[unit + 1]);
      const meets = (foe: number): boolean =>
        (this.askingOfUnit[foe] as readonly number[]).some((one) => groupOf[one] === group);
      if (own.every((of) => of === group) && !foes.some(meets)) continue;
      const there = Array.from({ length: groupCount + 1 }, (_, other) => cell(unit, other));
      const [out] = there.splice(group, 1) as [number];
      return [[out], [...there, ...Array.from(foes, (foe) => cell(foe, group))]];
    }
    return null;
  }
}

/** What groups cost each of those who rank any, who are pinned, or who are in a block with one of them: ranks times `scale`. */
interface Asking {
  readonly offers: readonly Offers[];
  readonly scale: number;
}

interface Offers {
  readonly unit: number;
  /** Group → cost, for those ranked or pinned where pins and sections let them be; as many as there are groups: elsewhere. */
  readonly costIn: ReadonlyMap<number, number>;
}

/** Those of a block are in one group, so each of them may as well have ranked it as all of them do on average. */
function askingOf(problem: Problem, units: Units): Asking {
  const { ranksOfStudent, groupCount } = problem;
  const ranksOf = (student: number): Int32Array => ranksOfStudent[student] as Int32Array;
  const pinsOf = (student: number): readonly number[] => units.pinsOfStudent.get(student) ?? [];
  const maySit = (student: number, group: number): boolean => {
    const section = problem.sectionOfGroup[group] as number;
    return section === -1 || section === problem.sectionOfStudent[student];
  };
  const blocks = Array.from({ length: units.unitCount }, (_, unit) => ({
    unit,
    members: studentsOfUnit(units, unit),
  })).filter(({ members }) => members.some((one) => ranksOf(one).length + pinsOf(one).length > 0));
  // Costs are whole numbers: averages over blocks of each size are.
  const scale = blocks.reduce((all, { members }) => leastCommon(all, members.length), 1);
  const offers = blocks.flatMap(({ unit, members }) => {
    const costOf = (group: number): number =>
      (members.reduce((sum, student) => sum + rankIn(ranksOf(student), group), 0) * scale) /
      members.length;
    const pins = members.flatMap(pinsOf);
    const groups = new Set(
      pins.length > 0 ? pins.slice(0, 1) : members.flatMap((student) => [...ranksOf(student)]),
    );
    const open = [...groups].filter((group) => members.every((one) => maySit(one, group)));
    if (pins.length === 0) open.push(groupCount);
    const costIn = new Map(open.map((group) => [group, costOf(group)]));
    return members.map(() => ({ unit, costIn }));
  });
  return { offers, scale };
}

function leastCommon(one: number, two: number): number {
  let [a, b] = [one, two];
  while (b > 0) [a, b] = [b, a % b];
  return (one / a) * two;
}

/** The rank of a group, from 0; one that is not named comes after all that are. */
export function rankIn(ranks: Int32Array, group: number): number {
  const rank = ranks.indexOf(group);
  return rank < 0 ? ranks.length : rank;
}
