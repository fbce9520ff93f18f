import type { RuleKind } from './kind';
import { markBreaks } from './marked';
import { MarkTerm } from './markTerm';

/** At least so many students with the value in every group. */
export const atLeast: RuleKind<'atLeast'> = {
  kind: 'atLeast',
  explain: markBreaks,
  term: (problem, rules) => (rules.length === 0 ? null : new MarkTerm(problem, rules)),
};
