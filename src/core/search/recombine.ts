import type { PreparedGoal } from '../goals/kind';
import type { Problem, ProblemGoal } from '../problem/problem';
import { groupsBySection } from '../problem/sections';
import { studentsOfUnit, type Units } from '../problem/units';
import { shuffle } from '../random/uniform';
import type { Rng } from '../random/rng';
import { Arrangement } from '../terms/arrangement';
import { Covering } from './covering';
import { MOST_FORMABLE, MOST_UNITS, slotsFor, type Costs, type Slot } from './formable';
import type { Known } from './known';
import { Priceable } from './priceable';
import { Prices } from './prices';
import { Pricing, type Priced } from './pricing';
import { within, type Improved, type Search } from './work';

/** A better arrangement, and what has been proved on the way. */
export interface Recombined extends Improved {
  /** Null where there may be a better one still. */
  readonly known: Known | null;
  /** The part of the groups, 0 to 1, that could be opened at once and their members divided in the cheapest way. */
  readonly reach: number;
}

/** What a look costs in evaluations: of the walk that lists groups, and of the search that covers units by them. */
const LISTING_LOOK = 0.2;
const COVERING_LOOK = 0.065;
const LOOKS_A_SLICE = 100_000;
/** Looks that listing groups, and covering by them, may take at first; whoever needs more gets twice as many next time. */
const FIRST_LOOKS = 200_000;
const MORE = 2;
/** The part of the looks that finding prices may take. */
const PRICED = 0.5;
/** Groups opened where all of them are too many at first; one more as long as that took less than this part of what it may. */
const FIRST_OPENED = 3;
const EASY = 1 / 3;
/** What each member is given for a part of what a group costs at the least, so that it can be shared out. */
const LEAST_SHARE = 1e-12;
/** An arrangement that costs this much less is a better one: less is of the arithmetic. */
const EPSILON = 1e-9;

/** Whether what an arrangement costs is for the most part what its groups cost, each by itself. */
export function isOfGroups(problem: Problem, goals: readonly PreparedGoal[]): boolean {
  return problem.groupCount > 1 && goals.some(isSumOverGroups);
}

/** What a group costs by the goals that are sums over groups. */
function costsOf(goals: readonly PreparedGoal[]): Costs {
  const ofGroups = goals.flatMap(({ goal, term }) => {
    const cost = (members: Int32Array, count: number): number =>
      goal.weight * (term.ofGroup?.(members, count) as number);
    return term.ofGroup ? [{ cost, grows: term.ofGroupGrows === true }] : [];
  });
  return {
    growing: ofGroups.filter(({ grows }) => grows).map(({ cost }) => cost),
    ofGroup: ofGroups.filter(({ grows }) => !grows).map(({ cost }) => cost),
    ofPlace: goals.flatMap(({ goal, term }) =>
      term.ofPlace
        ? [
            (members: Int32Array, count: number, group: number): number =>
              goal.weight * (term.ofPlace?.(members, count, group) as number),
          ]
        : [],
    ),
  };
}

/** Whether it matters to any of the goals which group is which. */
export function tellApart(goals: readonly PreparedGoal[]): boolean {
  return goals.some(({ term }) => term.ofPlace !== undefined);
}

function isSumOverGroups({ term }: PreparedGoal): boolean {
  return term.ofGroup !== undefined || term.ofPlace !== undefined;
}

/**
 * Brings the cost of a valid arrangement down by opening some of its groups and finding the cheapest way of all to divide
 * their members again (set partitioning, Balas and Padberg 1976, over every group that could be formed). More groups are
 * opened as long as that is easy; once all are, and nothing cheaper is left, the arrangement is proven best. What was learnt
 * of how much can be opened at once serves the next run too.
 */
export class Recombination {
  private readonly recombiningFor: (
    goals: readonly PreparedGoal[],
    from: Int32Array,
  ) => Recombining;
  private readonly work: Recombining;

  constructor(
    problem: Problem,
    units: Units,
    private readonly goals: readonly PreparedGoal[],
    start: Int32Array,
    rng: Rng,
  ) {
    const formable = new Priceable(problem, units);
    const prices = new Prices(formable);
    const tools = {
      formable,
      prices,
      pricing: new Pricing(formable, prices),
      covering: new Covering(formable, prices),
    };
    this.recombiningFor = (some, from) => new Recombining(problem, units, tools, some, from, rng);
    this.work = this.recombiningFor(goals, start);
  }

  /** Goes on for so many evaluations from an arrangement that costs no more than the last. */
  *run(start: Int32Array, evaluations: number): Search<Recombined> {
    const { work, goals, recombiningFor } = this;
    work.begin(start);
    const ended = yield* work.run(evaluations);
    const groupOfStudent = work.groupOfStudent.slice();
    const known = ended ? yield* provenOf(goals, work, evaluations, recombiningFor) : null;
    return {
      groupOfStudent,
      evaluations: Math.ceil(work.evaluations),
      known,
      reach: work.reach,
    };
  }
}

/** What is proved of the best arrangement: beside its cost the least that each goal by itself can come to. */
function* provenOf(
  goals: readonly PreparedGoal[],
  work: Recombining,
  evaluations: number,
  recombiningFor: (goals: readonly PreparedGoal[], from: Int32Array) => Recombining,
): Search<Known> {
  const leasts = new Map<ProblemGoal, number>();
  const each = Math.max(0, evaluations - work.evaluations) / goals.length;
  for (const prepared of goals) {
    if (!isSumOverGroups(prepared)) continue;
    const alone = recombiningFor([prepared], work.groupOfStudent);
    const from = Math.min(1, work.evaluations / evaluations);
    const to = Math.min(1, (work.evaluations + each) / evaluations);
    const ended = goals.length === 1 || (yield* within(from, to, alone.run(each)));
    work.evaluations += alone.evaluations;
    const least = alone.cost / prepared.goal.weight;
    if (ended) leasts.set(prepared.goal, Math.max(prepared.leastValue, least));
  }
  return { leasts };
}

/** What lists groups and covers units by them: room for all of it is made once. */
interface Tools {
  readonly formable: Priceable;
  readonly prices: Prices;
  readonly pricing: Pricing;
  readonly covering: Covering;
}

type Outcome = 'better' | 'none' | 'stopped' | 'tooMany';

/** Groups whose members can change places with each other's: all of them, or those of one section. */
interface Part {
  /** The groups, in an order that is shuffled each time. */
  readonly order: Int32Array;
  /** groups opened → looks that they may take. */
  readonly mostLooks: Float64Array;
  /** Groups to be opened next, and no more than so many of them. */
  opened: number;
  ceiling: number;
  /** Looks taken since more groups were last tried. */
  since: number;
  /** The most groups opened at once of which the cheapest division was found. */
  reached: number;
  state: 'open' | 'best' | 'givenUp';
}

/** How many groups are opened at first where all of them are too many. */
function few(groups: number): number {
  return Math.min(FIRST_OPENED, groups - 1);
}

/** Where sections stay apart and the cost is a sum over groups, `apart`, each is a class of its own. */
function partsOf(problem: Problem, apart: boolean): readonly Part[] {
  const { groupCount } = problem;
  const all = (): Int32Array => Int32Array.from({ length: groupCount }, (_, group) => group);
  return (apart ? groupsBySection(problem) : [all()]).map((order) => ({
    order,
    mostLooks: new Float64Array(order.length + 1).fill(FIRST_LOOKS),
    opened: order.length,
    ceiling: order.length,
    since: 0,
    reached: order.length === 1 ? 1 : 0,
    state: order.length === 1 ? 'best' : 'open',
  }));
}

class Recombining {
  readonly groupOfStudent: Int32Array;
  evaluations = 0;
  cost = 0;

  /** Goals whose cost is no sum over groups. */
  private readonly others: readonly PreparedGoal[];
  private readonly costs: Costs;
  private readonly tellsApart: boolean;
  /** Whether any group may be a larger one: where it matters which is which, that is found together with its members. */
  private readonly sizesAreFree: boolean;
  private readonly arrangement: Arrangement;
  /** Scratch: an arrangement that is being weighed. */
  private readonly trial: Int32Array;
  private readonly parts: readonly Part[];
  private readonly leastCost: number;
  /** slot → open groups of the kind, in a random order. */
  private groupsOfSlot: readonly (readonly number[])[] = [];

  constructor(
    private readonly problem: Problem,
    private readonly units: Units,
    private readonly tools: Tools,
    goals: readonly PreparedGoal[],
    start: Int32Array,
    private readonly rng: Rng,
  ) {
    this.groupOfStudent = start.slice();
    this.trial = start.slice();
    this.arrangement = new Arrangement(problem, start);
    this.others = goals.filter((goal) => !isSumOverGroups(goal));
    this.tellsApart = tellApart(goals);
    this.sizesAreFree = new Set(problem.classOfGroup).size === 1;
    this.parts = partsOf(problem, this.others.length === 0);
    this.costs = costsOf(goals);
    this.leastCost = goals.reduce((sum, { goal, leastValue }) => sum + goal.weight * leastValue, 0);
    this.begin(start);
  }

  /** Takes over an arrangement; what is known of the parts stays. */
  begin(start: Int32Array): void {
    this.groupOfStudent.set(start);
    this.evaluations = 0;
    this.cost = this.besideOf(start);
    for (let group = 0; group < this.problem.groupCount; group++) this.cost += this.costOf(group);
  }

  /** The part of the groups, 0 to 1, that could be opened at once and their members divided in the cheapest way. */
  get reach(): number {
    const { groupCount } = this.problem;
    return this.parts.reduce((sum, { reached }) => sum + reached, 0) / groupCount;
  }

  /** Opens groups as long as the evaluations last; true when nothing cheaper is left in any sizes that are allowed. */
  *run(most: number): Search<boolean> {
    let open = this.parts.filter(({ state }) => state === 'open');
    for (let turn = 0; open.length > 0 && this.evaluations < most; turn++) {
      if (this.cost <= this.leastCost + EPSILON) return true;
      yield { done: this.evaluations / most };
      const part = open[turn % open.length] as Part;
      yield* this.openIn(part, most);
      if (part.state !== 'open') open = open.filter((one) => one !== part);
    }
    return this.isExact() && this.parts.every(({ state }) => state === 'best');
  }

  /** Opens some groups of a part, and says how many are to be opened next. */
  private *openIn(part: Part, most: number): Search<void> {
    const groups = part.order.length;
    const { opened, mostLooks } = part;
    const before = this.looks();
    const looks = mostLooks[opened] as number;
    const outcome = yield* this.open(part.order, opened, looks, most);
    if (outcome === 'none' && opened === groups) part.state = 'best';
    if (outcome === 'better' || outcome === 'none') part.reached = Math.max(part.reached, opened);
    if (outcome === 'better') part.ceiling = groups;
    if (outcome === 'tooMany') part.ceiling = Math.max(2, opened - 1);
    if (outcome === 'stopped') mostLooks[opened] = MORE * looks;
    const taken = this.looks() - before;
    part.since += taken;
    if (outcome === 'stopped' || outcome === 'tooMany') {
      if (opened === 2) part.state = 'givenUp';
      // Beginning with all of them is worth a look; where that is too much, with few.
      part.opened = opened === groups && looks === FIRST_LOOKS ? few(groups) : opened - 1;
      part.since = 0;
    } else if (opened < part.ceiling) {
      // More groups, where that seems easy, or where as much has been spent on fewer as they may take.
      const next = mostLooks[opened + 1] as number;
      if (taken >= EASY * next && part.since < next) return;
      part.opened++;
      part.since = 0;
    }
  }

  private looks(): number {
    return this.tools.formable.looks + this.tools.covering.looks;
  }

  /**
   * Whether the sizes in which groups were opened are all there are: of groups that somebody is pinned to, or that are told
   * apart in several classes, they are settled. Which groups are a section's is settled too.
   */
  private isExact(): boolean {
    const { extrasOfClass, classOfGroup, sectionOfGroup } = this.problem;
    if (this.tellsApart && sectionOfGroup.some((section) => section !== -1)) return false;
    return (
      (this.tellsApart ? this.sizesAreFree : this.units.pinsOfStudent.size === 0) ||
      extrasOfClass.every(
        (extras, of) => extras === 0 || extras === classOfGroup.filter((one) => one === of).length,
      )
    );
  }

  /** Opens so many groups drawn at random and divides their members in the cheapest way that is found. */
  private *open(
    order: Int32Array,
    count: number,
    mostLooks: number,
    most: number,
  ): Search<Outcome> {
    const { formable, covering } = this.tools;
    shuffle(this.rng, order);
    const groups = order.subarray(0, count);
    if (!this.freeUnits(groups)) return 'tooMany';
    let below = this.besideOf(this.groupOfStudent) - EPSILON;
    for (const group of groups) below += this.costOf(group);
    const listed = this.list(groups, below, mostLooks);
    if (listed === 'none') return 'none';
    if (listed === 'stopped') return formable.count === MOST_FORMABLE ? 'tooMany' : 'stopped';
    const end = covering.looks + mostLooks;
    const beside = (chosen: Int32Array): number => this.besideOf(this.seated(chosen));
    covering.begin(below, mostLooks * PRICED, this.others.length > 0 ? beside : null);
    this.evaluations += COVERING_LOOK * (covering.looks - end + mostLooks);
    for (;;) {
      const before = covering.looks;
      const ended = covering.run(Math.max(0, Math.min(LOOKS_A_SLICE, end - before)));
      this.evaluations += COVERING_LOOK * (covering.looks - before);
      const stopped = !ended && (covering.looks >= end || this.evaluations >= most);
      if (ended || stopped) {
        if (covering.bestCost === Infinity) return stopped ? 'stopped' : 'none';
        this.groupOfStudent.set(this.seated(covering.best));
        this.cost += covering.bestCost - below - EPSILON;
        return 'better';
      }
      yield { done: Math.min(1, this.evaluations / most) };
    }
  }

  /** Lists what the free units could form that is part of anything cheaper. */
  private list(groups: Int32Array, below: number, mostLooks: number): Priced {
    const { formable, prices, pricing } = this.tools;
    const [looks, priced] = [formable.looks, prices.looks];
    const slots = this.slotsOf(groups);
    this.share(groups);
    const listed = pricing.list(slots, this.costs, below, mostLooks);
    this.evaluations += LISTING_LOOK * (formable.looks - looks);
    this.evaluations += COVERING_LOOK * (prices.looks - priced);
    return listed;
  }

  /** Prices each free unit at its part of what its group costs, as what the group would cost less without it. */
  private share(groups: Int32Array): void {
    const { units, groupOfStudent, costs } = this;
    const { formable, prices } = this.tools;
    prices.ofPlace.fill(0);
    for (const group of groups) {
      const members = this.membersOf(group);
      const cost = this.costBySelf(members);
      const parts = new Map<number, number>();
      for (let place = 0; place < formable.freeCount; place++) {
        const own = studentsOfUnit(units, formable.free[place] as number);
        if (groupOfStudent[own[0] as number] !== group) continue;
        const left = this.costBySelf(members.filter((one) => !own.includes(one)));
        parts.set(place, Math.max(LEAST_SHARE, cost - left));
        const seats = Int32Array.from(own);
        for (const costOf of costs.ofPlace) {
          const seat = costOf(seats, seats.length, group);
          prices.ofPlace[place] = (prices.ofPlace[place] as number) + seat;
        }
      }
      const all = [...parts.values()].reduce((sum, part) => sum + part, 0);
      for (const [place, part] of parts) {
        prices.ofPlace[place] = (prices.ofPlace[place] as number) + (cost * part) / all;
      }
    }
  }

  private membersOf(group: number): readonly number[] {
    const { groupOfStudent } = this;
    return [...groupOfStudent.keys()].filter((student) => groupOfStudent[student] === group);
  }

  /** What a group of these costs, whichever it is. */
  private costBySelf(members: readonly number[]): number {
    const { growing, ofGroup } = this.costs;
    const students = Int32Array.from(members);
    return [...growing, ...ofGroup].reduce((sum, cost) => sum + cost(students, students.length), 0);
  }

  /** Frees the units of the groups, themselves in a random order; false for too many. */
  private freeUnits(open: Int32Array): boolean {
    const { units, groupOfStudent } = this;
    const { formable } = this.tools;
    const most = MOST_UNITS - (this.tellsApart ? open.length : 0);
    let free = 0;
    for (let unit = 0; unit < units.unitCount; unit++) {
      const student = units.studentsByUnit[units.startOfUnit[unit] as number] as number;
      if (!open.includes(groupOfStudent[student] as number)) continue;
      if (free === most) return false;
      formable.free[free++] = unit;
    }
    formable.freeCount = free;
    shuffle(this.rng, formable.free.subarray(0, free));
    return true;
  }

  private slotsOf(open: Int32Array): readonly Slot[] {
    const { problem, groupOfStudent, units, tellsApart } = this;
    const pinned = new Set([...units.pinsOfStudent.values()].flat());
    const sizes = new Int32Array(problem.groupCount);
    for (const group of groupOfStudent) sizes[group] = (sizes[group] as number) + 1;
    const [base = 0, extras = 0] = [problem.baseOfClass[0], problem.extrasOfClass[0]];
    const free = tellsApart && this.sizesAreFree && extras > 0;
    const { slots, groupsOfSlot } = slotsFor(open, (group) => ({
      least: free ? base : (sizes[group] as number),
      most: free ? base + 1 : (sizes[group] as number),
      section: problem.sectionOfGroup[group] as number,
      pinned: pinned.has(group) ? group : -1,
      told: tellsApart ? group : -1,
    }));
    this.groupsOfSlot = groupsOfSlot;
    return slots;
  }

  /** The arrangement with the members of the open groups in those chosen of the list. */
  private seated(chosen: Int32Array): Int32Array {
    const { trial, groupsOfSlot } = this;
    const { formable } = this.tools;
    trial.set(this.groupOfStudent);
    const taken = new Int32Array(groupsOfSlot.length);
    for (const number of chosen) {
      const slot = formable.slotOf[number] as number;
      const nth = taken[slot] as number;
      taken[slot] = nth + 1;
      const group = groupsOfSlot[slot]?.[nth] as number;
      formable.seat(number, group, trial);
    }
    return trial;
  }

  private costOf(group: number): number {
    const members = this.membersOf(group);
    const students = Int32Array.from(members);
    return this.costs.ofPlace.reduce(
      (sum, cost) => sum + cost(students, students.length, group),
      this.costBySelf(members),
    );
  }

  /** What an arrangement costs beside the sum of its groups. */
  private besideOf(groupOfStudent: Int32Array): number {
    if (this.others.length === 0) return 0;
    this.arrangement.load(groupOfStudent);
    let cost = 0;
    for (const { goal, term } of this.others) {
      term.reset(this.arrangement);
      cost += goal.weight * term.value;
    }
    return cost;
  }
}
