import type { Assignment, Problem, ProblemRule } from '../problem/problem';
import { apart } from './apart';
import type { RuleBreak, RuleKind } from './kind';
import { together } from './together';

/** Every kind of rule the engine knows. */
const RULE_KINDS: Readonly<Record<ProblemRule['kind'], RuleKind>> = { apart, together };

/** Every place where the assignment breaks a rule, in the order of the rules. */
export function ruleBreaks(problem: Problem, groupOfStudent: Assignment): readonly RuleBreak[] {
  return problem.rules.flatMap((rule) =>
    RULE_KINDS[rule.kind].explain(problem, rule, groupOfStudent),
  );
}
