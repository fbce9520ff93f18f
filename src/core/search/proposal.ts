import type { Problem } from '../problem/problem';
import { groupsBySection } from '../problem/sections';
import type { Units } from '../problem/units';
import { quickInt } from '../random/uniform';
import type { Rng } from '../random/rng';
import { Exchange, type Arrangement, type Lead, type Term } from '../terms/arrangement';

/** Draws out of sixteen in which a goal leads, where one can (measured at 8, 11 and 13: the more the larger the course). */
const LED = 11;

/**
 * Draws exchanges between two groups: a unit and, in another group, as many students as it has, if they are whole
 * units; or, where a larger group stands beside a smaller one of its class, a single student alone, who takes the
 * larger size along. A step and its reverse are equally likely once `ratio` is applied as a chance of acceptance
 * (Metropolis et al. 1953), so that a walk that takes every step the rules allow favours no arrangement. That holds where
 * nobody leads: in a large course most of what is drawn at random is of no use to a goal that asks for one partner.
 */
export class Proposals {
  readonly exchange: Exchange;
  /** Chance with which the last exchange drawn is to be kept at all. */
  ratio = 1;
  /** group → groups that its students may go to, itself among them, and which of those it is. */
  private readonly near: readonly Int32Array[];
  private readonly placeNear: Int32Array;
  private readonly lead: Lead = { student: 0, to: 0 };

  /** Where the sections are `kept`, as in every valid arrangement, none but exchanges within a section are drawn. */
  constructor(
    private readonly problem: Problem,
    private readonly units: Units,
    private readonly rng: Rng,
    kept = true,
    private readonly leaders: readonly Term[] = [],
  ) {
    const all = Int32Array.from({ length: problem.groupCount }, (_, group) => group);
    const near = new Array<Int32Array>(problem.groupCount).fill(all);
    this.placeNear = all.slice();
    for (const groups of kept ? groupsBySection(problem) : []) {
      groups.forEach((group, place) => {
        near[group] = groups;
        this.placeNear[group] = place;
      });
    }
    this.near = near;
    const largest = problem.sizeOfGroup.reduce((most, size) => Math.max(most, size), 0);
    this.exchange = new Exchange(problem.studentCount, largest + 1);
  }

  /** Fills `exchange`; false where this draw came to nothing. */
  draw(arrangement: Arrangement): boolean {
    const { units, rng, exchange } = this;
    if (!this.drawLed(arrangement) && !this.drawAny(arrangement)) return false;
    const { student, to: away } = this.lead;
    const home = arrangement.groupOfStudent[student] as number;
    const unit = units.unitOfStudent[student] as number;
    const width = units.sizeOfUnit[unit] as number;
    const homeSize = arrangement.sizeOfGroup[home] as number;
    const awaySize = arrangement.sizeOfGroup[away] as number;
    exchange.begin(home, away);
    this.ratio = 1;
    if (width === 1 && this.mayGrow(home, away, homeSize, awaySize) && quickInt(rng, 2) === 0) {
      exchange.addGoing(student);
      return true;
    }
    if (width === 1) {
      const other = arrangement.members[
        away * arrangement.capacity + quickInt(rng, awaySize)
      ] as number;
      if (units.sizeOfUnit[units.unitOfStudent[other] as number] !== 1) return false;
      exchange.addGoing(student);
      exchange.addComing(other);
      if (homeSize !== awaySize) this.ratio = awaySize / homeSize;
      return true;
    }
    if (width > awaySize || width > exchange.coming.length) return false;
    const start = units.startOfUnit[unit] as number;
    for (let i = 0; i < width; i++) exchange.addGoing(units.studentsByUnit[start + i] as number);
    if (!this.drawComing(arrangement, away, awaySize, width)) return false;
    if (homeSize !== awaySize) this.ratio = choose(awaySize, width) / choose(homeSize, width);
    return true;
  }

  /** A student and a group that one of the leaders names. */
  private drawLed(arrangement: Arrangement): boolean {
    const { leaders, rng, lead } = this;
    if (leaders.length === 0 || quickInt(rng, 16) >= LED) return false;
    const leader = leaders[quickInt(rng, leaders.length)] as Term;
    if (!leader.lead?.(arrangement, rng, lead)) return false;
    const home = arrangement.groupOfStudent[lead.student] as number;
    return home !== lead.to && this.near[home] === this.near[lead.to];
  }

  /** Any student, and any other group they may go to. */
  private drawAny({ groupOfStudent }: Arrangement): boolean {
    const { rng, lead, placeNear } = this;
    lead.student = quickInt(rng, this.problem.studentCount);
    const home = groupOfStudent[lead.student] as number;
    const near = this.near[home] as Int32Array;
    if (near.length < 2) return false;
    const draw = quickInt(rng, near.length - 1);
    lead.to = near[draw < (placeNear[home] as number) ? draw : draw + 1] as number;
    return true;
  }

  /** Whether one student may go from a larger to a smaller group without another coming back. */
  private mayGrow(home: number, away: number, homeSize: number, awaySize: number): boolean {
    const { classOfGroup } = this.problem;
    return homeSize === awaySize + 1 && classOfGroup[home] === classOfGroup[away];
  }

  /** A uniformly random set of `width` students of the group, if it consists of whole units. */
  private drawComing(
    { members, capacity }: Arrangement,
    group: number,
    size: number,
    width: number,
  ): boolean {
    const { exchange, rng, units } = this;
    const start = group * capacity;
    for (let i = 0; i < width; i++) {
      // Drawn without repeating: whoever was drawn already is skipped over.
      let student = members[start + quickInt(rng, size)] as number;
      while (exchange.moves(student)) student = members[start + quickInt(rng, size)] as number;
      exchange.addComing(student);
    }
    for (let i = 0; i < width; i++) {
      const unit = units.unitOfStudent[exchange.coming[i] as number] as number;
      const first = units.startOfUnit[unit] as number;
      for (let place = first; place < (units.startOfUnit[unit + 1] as number); place++) {
        if (!exchange.moves(units.studentsByUnit[place] as number)) return false;
      }
    }
    return true;
  }
}

/** Ways to choose k of n, as a double; exact while below 2^53. */
function choose(n: number, k: number): number {
  let ways = 1;
  for (let i = 1; i <= k; i++) ways = (ways * (n - k + i)) / i;
  return ways;
}
