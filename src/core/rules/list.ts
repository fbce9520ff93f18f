import type { RequestRule, RequestStudent } from '../format';
import type { Assignment, Problem, ProblemRule } from '../problem/problem';
import type { Units } from '../problem/units';
import type { Term } from '../terms/arrangement';
import { apart } from './apart';
import { atLeast } from './atLeast';
import { atMost } from './atMost';
import type { ObviousReason, Present, RuleBreak, RuleKind, RuleKindName, Seating } from './kind';
import { notAlone } from './notAlone';
import { pin } from './pin';
import { sameSection } from './sameSection';
import { together } from './together';

/** Every kind of rule the engine knows; reasons why rules cannot hold are looked for in this order. */
const RULE_KINDS: { readonly [K in RuleKindName]: RuleKind<K> } = {
  apart,
  together,
  sameSection,
  pin,
  atLeast,
  atMost,
  notAlone,
};
const NAMES = Object.keys(RULE_KINDS) as readonly RuleKindName[];

/** The kind of a rule, as what knows just that kind. */
function kindOf(name: RuleKindName): RuleKind<RuleKindName> {
  return RULE_KINDS[name];
}

/** Rules over the present students, numbered in their order; what is about fewer than it takes falls away. */
export function problemRules(
  rules: readonly RequestRule[],
  students: readonly RequestStudent[],
): ProblemRule[] {
  const indexOfId = new Map(students.map(({ id }, index) => [id, index]));
  const present: Present = { students, indexOfId };
  return rules.flatMap(
    (rule, index) => kindOf(rule.kind).read(rule as never, index, present) ?? [],
  );
}

/** Every place where the assignment breaks a rule, in the order of the rules. */
export function ruleBreaks(
  seating: Seating & Pick<Problem, 'rules'>,
  groupOfStudent: Assignment,
): readonly RuleBreak[] {
  return seating.rules.flatMap((rule) =>
    kindOf(rule.kind).explain(seating, rule as never, groupOfStudent),
  );
}

/** The penalties that a search must bring to 0; together rules only where blocks do not move as one. */
export function ruleTerms(problem: Problem, wholeBlocks: boolean): readonly Term[] {
  return NAMES.flatMap((name) => {
    if (name === 'together' && wholeBlocks) return [];
    const rules = problem.rules.filter(({ kind }) => kind === name);
    const term = kindOf(name).term(problem, rules);
    return term && rules.length > 0 ? [term] : [];
  });
}

/** The first plain reason why rules of one kind cannot hold, or null. */
export function reasonOfOneKind(problem: Problem, units: Units): ObviousReason | null {
  for (const name of NAMES) {
    const rules = problem.rules.filter(({ kind }) => kind === name);
    const reason = kindOf(name).impossible(problem, rules, units);
    if (reason) return reason;
  }
  return null;
}

/** Students whom a rule is about; null where it is about everybody. */
export function studentsAbout(rule: ProblemRule): readonly number[] | null {
  return kindOf(rule.kind).about(rule);
}

/** About how often a random deal keeps all rules, 0 to 1, as far as each kind can tell. */
export function luckOf({ rules, groupCount }: Problem): number {
  const logs = rules.map((rule) => kindOf(rule.kind).logLuck(rule as never, groupCount));
  return Math.exp(logs.reduce((sum, log) => sum + log, 0));
}

/** Whether a rule makes it matter which group is which. */
export function tellGroupsApart(rules: readonly ProblemRule[]): boolean {
  return rules.some(({ kind }) => kindOf(kind).tellsGroupsApart);
}
