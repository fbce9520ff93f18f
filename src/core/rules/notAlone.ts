import type { RuleKind } from './kind';
import { markBreaks } from './marked';
import { MarkTerm } from './markTerm';

/** Students with the value in a group are none, or two and more. */
export const notAlone: RuleKind<'notAlone'> = {
  kind: 'notAlone',
  explain: markBreaks,
  term: (problem, rules) => (rules.length === 0 ? null : new MarkTerm(problem, rules)),
};
