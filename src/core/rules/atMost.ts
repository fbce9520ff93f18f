import type { RuleKind } from './kind';
import { markBreaks } from './marked';
import { MarkTerm } from './markTerm';

/** At most so many students with the value in any group. */
export const atMost: RuleKind<'atMost'> = {
  kind: 'atMost',
  explain: markBreaks,
  term: (problem, rules) => (rules.length === 0 ? null : new MarkTerm(problem, rules)),
};
