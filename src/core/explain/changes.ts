import { prepareGoals } from '../goals/list';
import type { ProblemGoal, Problem } from '../problem/problem';
import { ruleTerms } from '../rules/list';
import { Arrangement, Exchange } from '../terms/arrangement';
import { Objective } from '../search/objective';

/** One change by hand that could be made, and what it would do; below 0 is better. */
export interface HandChange {
  readonly kind: 'swap' | 'move';
  /** The student who goes, and for a swap the one who comes. */
  readonly students: readonly number[];
  readonly from: number;
  readonly to: number;
  /** Change of the rules' penalty: whole broken places more or fewer. */
  readonly penaltyDelta: number;
  /** Change of the goals' weighted cost. */
  readonly costDelta: number;
  /** The same goal by goal, in the order of the request's goals; those with nothing to be had are left out. */
  readonly goals: readonly { readonly goal: ProblemGoal; readonly delta: number }[];
}

/** Changes that do not differ in the eighth place are alike. */
const EPSILON = 1e-9;

/**
 * The changes that would help most, best first: those that mend rules before those that better goals. Only such as
 * concern `student`, or the members of `group`, where one is given. A move leaves sizes different; swaps keep them.
 * Cost: students^2 exchanges at most, about 5 ms for a class of 40.
 */
export function bestChanges(
  problem: Problem,
  groupOfStudent: Int32Array,
  about: { readonly student?: number; readonly group?: number } = {},
  most = 3,
): { readonly swaps: readonly HandChange[]; readonly moves: readonly HandChange[] } {
  const look = new Look(problem, groupOfStudent);
  const concerned = [...groupOfStudent.keys()].filter(
    (student) =>
      (about.student === undefined || about.student === student) &&
      (about.group === undefined || groupOfStudent[student] === about.group),
  );
  const swaps: HandChange[] = [];
  const moves: HandChange[] = [];
  const everybody = new Set(concerned);
  for (const one of concerned) {
    for (let group = 0; group < problem.groupCount; group++) {
      if (group !== groupOfStudent[one]) keep(moves, look.move(one, group), most);
    }
    for (let two = 0; two < problem.studentCount; two++) {
      if (groupOfStudent[two] === groupOfStudent[one] || (everybody.has(two) && two < one))
        continue;
      keep(swaps, look.swap(one, two), most);
    }
  }
  return { swaps: swaps.map((one) => look.told(one)), moves: moves.map((one) => look.told(one)) };
}

/** What each group would be like for a student who has none yet: the groups from the best to the worst. */
export function bestGroups(
  problem: Problem,
  groupOfStudent: Int32Array,
  student: number,
): readonly HandChange[] {
  const look = new Look(problem, groupOfStudent);
  const home = groupOfStudent[student] as number;
  const others = Array.from({ length: problem.groupCount }, (_, group) => group);
  return others
    .map((group) => (group === home ? look.stay(student) : look.move(student, group)))
    .sort(byBenefit)
    .map((change) => look.told(change));
}

/** The rules' penalty and the goals' weighted cost of an assignment as a whole. */
export function totalOf(
  problem: Problem,
  groupOfStudent: Int32Array,
): { readonly penalty: number; readonly cost: number } {
  return new Look(problem, groupOfStudent).total();
}

/** Changes are kept short until it is known which are the best. */
type Short = Omit<HandChange, 'goals'>;

class Look {
  private readonly arrangement: Arrangement;
  private readonly objective: Objective;
  private readonly goals;
  private readonly exchange: Exchange;

  constructor(problem: Problem, groupOfStudent: Int32Array) {
    this.arrangement = new Arrangement(problem, groupOfStudent);
    this.goals = prepareGoals(problem);
    this.objective = new Objective(this.goals, ruleTerms(problem, false));
    this.objective.reset(this.arrangement);
    this.exchange = new Exchange(problem.studentCount, 1);
  }

  total(): { readonly penalty: number; readonly cost: number } {
    return { penalty: this.objective.penalty(), cost: this.objective.cost() };
  }

  swap(one: number, two: number): Short {
    return this.measure('swap', [one, two], this.groupOf(one), this.groupOf(two));
  }

  move(student: number, group: number): Short {
    return this.measure('move', [student], this.groupOf(student), group);
  }

  stay(student: number): Short {
    const group = this.groupOf(student);
    const nothing = { penaltyDelta: 0, costDelta: 0 };
    return { kind: 'move', students: [student], from: group, to: group, ...nothing };
  }

  /** The change with what it does to each goal. */
  told(change: Short): HandChange {
    this.fill(change.students, change.from, change.to);
    const goals = this.goals.map(({ goal, term }) => ({
      goal,
      delta: change.from === change.to ? 0 : term.delta(this.exchange, this.arrangement),
    }));
    return { ...change, goals };
  }

  private measure(
    kind: HandChange['kind'],
    students: readonly number[],
    from: number,
    to: number,
  ): Short {
    this.fill(students, from, to);
    return {
      kind,
      students,
      from,
      to,
      penaltyDelta: this.objective.penaltyDelta(this.exchange, this.arrangement),
      costDelta: this.objective.costDelta(this.exchange, this.arrangement),
    };
  }

  private fill([one = 0, two]: readonly number[], from: number, to: number): void {
    this.exchange.begin(from, to);
    this.exchange.addGoing(one);
    if (two !== undefined) this.exchange.addComing(two);
  }

  private groupOf(student: number): number {
    return this.arrangement.groupOfStudent[student] as number;
  }
}

function byBenefit(one: Short, two: Short): number {
  const penalty = one.penaltyDelta - two.penaltyDelta;
  return penalty !== 0 ? penalty : one.costDelta - two.costDelta;
}

/** Puts the change among the best so far, if it helps at all. */
function keep(best: Short[], change: Short, most: number): void {
  const helps =
    change.penaltyDelta < 0 || (change.penaltyDelta === 0 && change.costDelta < -EPSILON);
  if (!helps) return;
  const last = best[most - 1];
  if (last && byBenefit(change, last) >= 0) return;
  best.push(change);
  best.sort(byBenefit);
  best.length = Math.min(best.length, most);
}
