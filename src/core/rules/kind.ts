import type { Assignment, Problem, ProblemRule } from '../problem/problem';
import type { Term } from '../search/arrangement';

/** One rule broken in one place, over dense indexes. */
export interface RuleBreak {
  readonly rule: ProblemRule;
  readonly students: readonly number[];
  readonly group: number;
}

/** What is asked of a problem to say where a rule is broken. */
export type Seating = Pick<Problem, 'groupCount' | 'sectionOfStudent'>;

export type RuleOf<K extends ProblemRule['kind']> = ProblemRule & { readonly kind: K };

/** What every kind of rule can do; a new kind is one file with one of these, named in `rules/list.ts`. */
export interface RuleKind<K extends ProblemRule['kind']> {
  readonly kind: K;
  /** The places where the assignment breaks the rule; none means it holds. */
  explain(seating: Seating, rule: RuleOf<K>, groupOfStudent: Assignment): readonly RuleBreak[];
  /** The penalty of all rules of the kind, kept up to date by a search; null where there is none to keep. */
  term(problem: Problem, rules: readonly RuleOf<K>[]): Term | null;
}

/** group → the members in it, for the groups that hold any. */
export function membersByGroup(
  members: Iterable<number>,
  groupOfStudent: Assignment,
): Map<number, number[]> {
  const byGroup = new Map<number, number[]>();
  for (const member of members) {
    const group = groupOfStudent[member] as number;
    const inGroup = byGroup.get(group);
    if (inGroup) inGroup.push(member);
    else byGroup.set(group, [member]);
  }
  return byGroup;
}
