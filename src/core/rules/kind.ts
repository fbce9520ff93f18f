import type { RequestRule, RequestStudent } from '../format';
import type { Assignment, Problem, ProblemRule } from '../problem/problem';
import type { ClashReason } from '../format';
import type { Units } from '../problem/units';
import type { Term } from '../terms/arrangement';

/** One rule broken in one place, over dense indexes. */
export interface RuleBreak {
  readonly rule: ProblemRule;
  readonly students: readonly number[];
  readonly group: number;
}

/** What is asked of a problem to say where a rule is broken. */
export type Seating = Pick<Problem, 'groupCount' | 'sectionOfStudent'>;

export type RuleKindName = ProblemRule['kind'];
export type RuleOf<K extends RuleKindName> = ProblemRule & { readonly kind: K };
export type RequestRuleOf<K extends RuleKindName> = RequestRule & { readonly kind: K };

/** A plain reason why rules cannot hold, over dense student indexes. */
export type ObviousReason = Dense<ClashReason>;

/** Each kind of reason by itself, so that its figures stay with its code. */
type Dense<Reason> = Reason extends ClashReason
  ? Omit<Reason, 'students'> & { readonly students: readonly number[] }
  : never;

/** The students that rules are read over: those present, in the order of the request. */
export interface Present {
  readonly students: readonly RequestStudent[];
  readonly indexOfId: ReadonlyMap<string, number>;
}

/**
 * All that is asked of a kind of rule; a new kind is one file with one of these, named in `rules/list.ts`. Two families
 * of the application become such rules: the quiet rules of a class, about named students, and the limits of a recipe,
 * about whoever has a value. What units make of a rule (a block, an edge, a seat) follows from its shape,
 * `problem/rule.ts`; what a slow twin checks stands in `reference/check.ts`.
 */
export interface RuleKind<K extends RuleKindName> {
  readonly kind: K;
  /** The rule over those present; null where it is about fewer than it takes. */
  read(rule: RequestRuleOf<K>, requestIndex: number, present: Present): RuleOf<K> | null;
  /** The places where the assignment breaks the rule; none means it holds. */
  explain(seating: Seating, rule: RuleOf<K>, groupOfStudent: Assignment): readonly RuleBreak[];
  /** The penalty of all rules of the kind, kept up to date by a search; null where there is none to keep. */
  term(problem: Problem, rules: readonly RuleOf<K>[]): Term | null;
  /** Students whom the rule is about; null where it is about everybody. */
  about(rule: RuleOf<K>): readonly number[] | null;
  /** Logarithm of about how often a random deal keeps the rule, were each pair met as often as any other; 0 where unknown. */
  logLuck(rule: RuleOf<K>, groupCount: number): number;
  /** Why rules of the kind cannot hold in these sizes, where that is seen without a search. */
  impossible(problem: Problem, rules: readonly RuleOf<K>[], units: Units): ObviousReason | null;
  /** Whether it matters which group is which. */
  readonly tellsGroupsApart: boolean;
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
