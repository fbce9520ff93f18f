import type { Problem } from '../problem/problem';
import { studentsOfUnit } from '../problem/units';
import type { Arrangement, Exchange, Term } from '../terms/arrangement';
import { membersByGroup, type RuleKind, type RuleOf } from './kind';
import { readMembers } from './members';

/** All of the students in one group; the break names those outside the group that holds most of them. */
export const together: RuleKind<'together'> = {
  kind: 'together',
  tellsGroupsApart: false,
  read: (rule, requestIndex, present) =>
    readMembers('together', rule.students, requestIndex, present),
  explain(_seating, rule, groupOfStudent) {
    const groups = [...membersByGroup(rule.members, groupOfStudent)];
    const [home, ...others] = groups.sort(
      ([groupA, a], [groupB, b]) => b.length - a.length || groupA - groupB,
    );
    if (!home || others.length === 0) return [];
    return [{ rule, students: others.flatMap(([, students]) => students), group: home[0] }];
  },
  term: (problem, rules) => (rules.length === 0 ? null : new TogetherTerm(problem, rules)),
  about: ({ members }) => [...members],
  logLuck: ({ members }, groupCount) => -(members.length - 1) * Math.log(groupCount),
  impossible({ sizeOfGroup }, _rules, units) {
    const largestGroup = sizeOfGroup.reduce((most, size) => Math.max(most, size), 0);
    const tooLarge = units.sizeOfUnit.findIndex((size) => size > largestGroup);
    if (tooLarge < 0) return null;
    const students = studentsOfUnit(units, tooLarge);
    return { code: 'blockTooLarge', students, blockSize: students.length, largestGroup };
  },
};

/**
 * Students outside the group that holds most of their rule's members, over all rules. Only used where blocks
 * cannot all be kept whole: otherwise blocks move as one and nothing can break.
 */
class TogetherTerm implements Term {
  value = 0;
  /** student → indexes of the rules that name them. */
  private readonly rulesOfStudent: readonly (readonly number[])[];
  /** rule → turn in which it was last looked at. */
  private readonly turnOfRule: Int32Array;
  private turn = 0;

  constructor(
    problem: Problem,
    private readonly rules: readonly RuleOf<'together'>[],
  ) {
    const named = Array.from({ length: problem.studentCount }, (): number[] => []);
    rules.forEach(({ members }, rule) => members.forEach((student) => named[student]?.push(rule)));
    this.rulesOfStudent = named;
    this.turnOfRule = new Int32Array(rules.length);
  }

  reset({ groupOfStudent }: Arrangement): void {
    this.value = 0;
    this.rules.forEach((_, rule) => (this.value += this.outside(rule, groupOfStudent, null)));
  }

  delta(exchange: Exchange, { groupOfStudent }: Arrangement): number {
    this.turn++;
    let change = 0;
    for (let i = 0; i < exchange.goingCount; i++) {
      change += this.changeFor(exchange.going[i] as number, exchange, groupOfStudent);
    }
    for (let i = 0; i < exchange.comingCount; i++) {
      change += this.changeFor(exchange.coming[i] as number, exchange, groupOfStudent);
    }
    return change;
  }

  commit(exchange: Exchange, arrangement: Arrangement): void {
    this.value += this.delta(exchange, arrangement);
  }

  /** The change of the student's rules, each looked at once in a turn. */
  private changeFor(student: number, exchange: Exchange, groupOfStudent: Int32Array): number {
    let change = 0;
    for (const rule of this.rulesOfStudent[student] as readonly number[]) {
      if (this.turnOfRule[rule] === this.turn) continue;
      this.turnOfRule[rule] = this.turn;
      change += this.outside(rule, groupOfStudent, exchange);
      change -= this.outside(rule, groupOfStudent, null);
    }
    return change;
  }

  /** Cost: members squared, which for the usual two to five is less than counting by group. */
  private outside(rule: number, groupOfStudent: Int32Array, exchange: Exchange | null): number {
    const { members } = this.rules[rule] as RuleOf<'together'>;
    let most = 0;
    for (const one of members) {
      const group = groupAfter(one, groupOfStudent, exchange);
      let same = 0;
      for (const two of members) {
        if (groupAfter(two, groupOfStudent, exchange) === group) same++;
      }
      if (same > most) most = same;
    }
    return members.length - most;
  }
}

function groupAfter(
  student: number,
  groupOfStudent: Int32Array,
  exchange: Exchange | null,
): number {
  const group = groupOfStudent[student] as number;
  if (!exchange?.moves(student)) return group;
  return group === exchange.from ? exchange.to : exchange.from;
}
