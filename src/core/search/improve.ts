import type { PreparedGoal } from '../goals/kind';
import type { Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import type { Rng } from '../random/rng';
import { anneal } from './anneal';
import type { Budget } from './budget';
import { Colouring } from './colouring';
import { MOST_UNITS } from './formable';
import type { Known } from './known';
import { areFew, isListable, listAll } from './listing';
import { isWorthPolishing, polish } from './polish';
import { isOfGroups, Recombination, tellApart } from './recombine';
import { reopen } from './reopen';
import { roomLeft } from './room';
import { within, type Improved, type Search } from './work';

/** The best arrangement met, and what is proved where it is the best of all. */
export interface Best extends Improved {
  readonly known?: Known;
}

/** With more goals each exchange takes longer to weigh, and fewer are weighed. */
const GOALS_AT_FULL_BUDGET = 4;
/** Where less than this part of all exchanges keeps the rules, all arrangements may be few; what listing any may take. */
const LISTED_BELOW = 0.05;
const LISTED_PART = 3;
/** Parts of the exchanges that go into cooling where polishing follows, by the students of a class, and into polishing. */
const COOLED_PART = { from: 40, least: 0.5, to: 60, most: 1.5 };
const POLISHED_PART = 1;
/** Where polishing follows, it does better what the coldest temperatures do. */
const COLD_ENOUGH = 1e-3;
/** What is left for polishing where hardly any exchange of two keeps the rules. */
const LITTLE_POLISHED_PART = 0.1;
/** What recombining takes before it, which often ends with a proof, and after it: a first answer is waited for. */
const FIRST_RECOMBINED_PART = 0.3;
const RECOMBINED_PART = 0.3;
/** Where less than this part does, whole groups are opened: in full where no more than `FULL` does. */
const LITTLE_ROOM = 0.3;
const FULL = 0.04;
/** In full: what recombining takes first, and then where it could reach most groups at once. */
const AT_ONCE = 2;
const FAR = 0.7;
const GOING_ON = 6;
/** What both take after that, where it could and where it could not. */
const FAR_PARTS = { reopened: 2, recombined: 8 };
const NEAR_PARTS = { reopened: 10, recombined: 4 };
/** The same where chains lead on: they leave little to be recombined. */
const CHAINED_PARTS = { reopened: 15, recombined: 1 };
/** Exchanges by which all of this is measured at the most: a long search would take minutes. */
const MOST_OPENED = 800_000;
/** What opening at random takes at the most where whole groups are not recombined. */
const REOPENED_PART = 4;
/** Units up to which whole groups are recombined: of more, the few that can be opened at once are too small a part. */
const MOST_RECOMBINED = 1_000;
/** How far the work has come after each step. */
const LISTED_AT = 0.1;
const COOLED_AT = 0.3;
const FIRST_RECOMBINED_AT = 0.4;
const OPENED_AT = 0.7;
const POLISHED_AT = 0.8;

/**
 * Brings a valid arrangement's cost down: by cooling, by recombining whole groups, which may prove it best, and where that is
 * not so and it is small enough by polishing and once more by recombining. The less room the rules leave for exchanges of
 * two, the more is done by opening whole groups; where hardly any is left, all arrangements there are may be few enough to
 * be looked at.
 */
export function* improve(
  problem: Problem,
  units: Units,
  goals: readonly PreparedGoal[],
  start: Int32Array,
  budget: Budget,
  rng: Rng,
): Search<Best> {
  const improving = new Improving(problem, units, goals, start, budget, rng);
  yield* improving.run();
  const { groupOfStudent, evaluations, known } = improving;
  return { groupOfStudent, evaluations, ...(known ? { known } : {}) };
}

class Improving {
  evaluations = 0;
  known: Known | null = null;
  private readonly whole: number;
  /** The same for what is measured by exchanges and takes longer. */
  private readonly slow: number;
  /** Whether whole groups can be recombined. */
  private readonly recombines: boolean;
  private recombination: Recombination | null = null;

  constructor(
    private readonly problem: Problem,
    private readonly units: Units,
    private readonly goals: readonly PreparedGoal[],
    public groupOfStudent: Int32Array,
    budget: Budget,
    private readonly rng: Rng,
  ) {
    const part = Math.min(1, GOALS_AT_FULL_BUDGET / Math.max(1, goals.length));
    this.whole = budget.exchanges * part;
    this.slow = budget.slowExchanges * part;
    this.recombines = isOfGroups(problem, goals) && units.unitCount <= MOST_RECOMBINED;
  }

  *run(): Search<void> {
    const { problem, units, goals, whole, rng } = this;
    const room = roomLeft(problem, units, this.groupOfStudent, rng);
    if ((room < LISTED_BELOW || areFew(problem)) && isListable(problem, units)) {
      yield* within(0, LISTED_AT, this.list());
    }
    if (this.isProven() || goals.length === 0) return;
    const polishes = isWorthPolishing(problem, whole);
    const opens = room < LITTLE_ROOM;
    const cooled = whole * (polishes ? cooledPart(problem.studentCount) : 1);
    const coldest = polishes ? COLD_ENOUGH : undefined;
    const cooling = anneal(problem, units, goals, this.groupOfStudent, cooled, rng, coldest);
    yield* this.keep(LISTED_AT, polishes || opens ? COOLED_AT : 1, cooling);
    if (opens) yield* this.open(FULL / room);
    else if (polishes && this.recombines) {
      yield* this.recombine(COOLED_AT, FIRST_RECOMBINED_AT, whole * FIRST_RECOMBINED_PART);
    }
    if (this.isProven() || !polishes) return;
    const most = whole * (room < LISTED_BELOW ? LITTLE_POLISHED_PART : POLISHED_PART);
    const polishing = polish(problem, units, goals, this.groupOfStudent, most, rng);
    yield* this.keep(opens ? OPENED_AT : FIRST_RECOMBINED_AT, POLISHED_AT, polishing);
    if (this.recombines && (!opens || room > LISTED_BELOW)) {
      yield* this.recombine(POLISHED_AT, 1, whole * RECOMBINED_PART);
    }
  }

  /**
   * Whether groups opened at once are likely to be all that matter to each other: in large courses they are few of many,
   * unless each section is a class of its own.
   */
  private reachesFar(): boolean {
    const sections = new Set(this.problem.sectionOfGroup).size;
    return this.recombines && this.units.unitCount / sections <= MOST_UNITS;
  }

  private isProven(): boolean {
    return this.known !== null;
  }

  /** Opens whole groups, the more the narrower it is: 1 and above where in full. */
  private *open(narrow: number): Search<void> {
    // Groups told apart are many more to be listed, which is worth it only where nothing else leads on.
    if (!this.reachesFar() || (tellApart(this.goals) && narrow < 1)) {
      return yield* this.reopen(this.slow * Math.min(REOPENED_PART, narrow));
    }
    const part = Math.min(1, narrow) * Math.min(this.slow, MOST_OPENED);
    const reach = yield* this.recombine(COOLED_AT, COOLED_AT, part * AT_ONCE);
    const far = reach > FAR;
    if (far && !this.isProven()) yield* this.recombine(COOLED_AT, OPENED_AT, part * GOING_ON);
    if (this.isProven()) return;
    const near = Colouring.suits(this.problem) ? CHAINED_PARTS : NEAR_PARTS;
    const { reopened, recombined } = far ? FAR_PARTS : near;
    yield* this.reopen(part * reopened);
    yield* this.recombine(OPENED_AT, OPENED_AT, part * recombined);
  }

  private *reopen(most: number): Search<void> {
    const { problem, units, goals, rng } = this;
    const work = reopen(problem, units, goals, this.groupOfStudent, most, rng);
    yield* this.keep(COOLED_AT, OPENED_AT, work);
  }

  private *list(): Search<void> {
    const { problem, units, goals, slow, rng } = this;
    const most = LISTED_PART * slow;
    const listed = yield* listAll(problem, units, goals, this.groupOfStudent, most, rng);
    this.evaluations += listed.evaluations;
    if (!listed.known) return;
    this.groupOfStudent = listed.groupOfStudent;
    this.known = listed.known;
  }

  /** Recombines for so many exchanges; returns the part of the groups that it could reach at once. */
  private *recombine(from: number, to: number, most: number): Search<number> {
    const { problem, units, goals, groupOfStudent, rng } = this;
    this.recombination ??= new Recombination(problem, units, goals, groupOfStudent, rng);
    const work = this.recombination.run(groupOfStudent, most);
    const { known, reach } = yield* this.keep(from, to, work);
    this.known = known;
    return reach;
  }

  private *keep<T extends Improved>(from: number, to: number, work: Search<T>): Search<T> {
    const better = yield* within(from, to, work);
    this.groupOfStudent = better.groupOfStudent;
    this.evaluations += better.evaluations;
    return better;
  }
}

/** The smaller class is waited for; of a larger one polishing reaches less. */
function cooledPart(students: number): number {
  const { from, least, to, most } = COOLED_PART;
  const grown = Math.min(1, Math.max(0, (students - from) / (to - from)));
  return least + (most - least) * grown;
}
