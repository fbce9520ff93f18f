import type { Assignment, Problem, ProblemRule } from '../problem/problem';
import type { Term } from '../search/arrangement';
import { apart } from './apart';
import { atLeast } from './atLeast';
import { atMost } from './atMost';
import type { RuleBreak, RuleKind, Seating } from './kind';
import { notAlone } from './notAlone';
import { pin } from './pin';
import { sameSection } from './sameSection';
import { together } from './together';

/** Every kind of rule the engine knows. */
const RULE_KINDS: { readonly [K in ProblemRule['kind']]: RuleKind<K> } = {
  apart,
  together,
  sameSection,
  pin,
  atLeast,
  atMost,
  notAlone,
};

/** Every place where the assignment breaks a rule, in the order of the rules. */
export function ruleBreaks(
  seating: Seating & Pick<Problem, 'rules'>,
  groupOfStudent: Assignment,
): readonly RuleBreak[] {
  return seating.rules.flatMap((rule) => breaksOf(seating, rule, groupOfStudent));
}

function breaksOf(
  seating: Seating,
  rule: ProblemRule,
  groupOfStudent: Assignment,
): readonly RuleBreak[] {
  // The list holds for each kind what knows just that kind.
  const kind = RULE_KINDS[rule.kind] as unknown as RuleKind<ProblemRule['kind']>;
  return kind.explain(seating, rule, groupOfStudent);
}

/** The penalties that a search must bring to 0; together rules only where blocks do not move as one. */
export function ruleTerms(problem: Problem, wholeBlocks: boolean): readonly Term[] {
  const kinds = Object.keys(RULE_KINDS) as ProblemRule['kind'][];
  return kinds.flatMap((kind) => {
    if (kind === 'together' && wholeBlocks) return [];
    const rules = problem.rules.filter((rule) => rule.kind === kind);
    const term = RULE_KINDS[kind].term(problem, rules as never);
    return term && rules.length > 0 ? [term] : [];
  });
}
