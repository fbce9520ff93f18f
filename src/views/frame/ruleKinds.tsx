import type { ReactNode } from 'react';
import type { StudentId } from '@/schema/ids';
import type { RuleKindName, RuleRecord } from '@/schema/rule';

/** How one kind of quiet rule is shown. */
interface RuleKindView {
  /** Its sign, drawn on 34 by 26. */
  readonly sign: ReactNode;
  /** What a rule of the kind is turned into with one press. */
  readonly other: RuleKindName;
  /** What a press on a pair of this kind makes of it; null for no rule. */
  readonly next: RuleKindName | null;
  /** Who is named where a group breaks the rule: those found there, or all whom the rule is about. */
  readonly named: (rule: RuleRecord, there: readonly StudentId[]) => readonly StudentId[];
}

/** Every kind of quiet rule as views show it; its words stand in `messages`, under its name. */
export const RULE_KIND_VIEWS: Readonly<Record<RuleKindName, RuleKindView>> = {
  apart: {
    // Two stones with a bar between them.
    sign: (
      <>
        <circle cx="7" cy="13" r="5.5" />
        <circle cx="27" cy="13" r="5.5" />
        <path d="M17 2v22" />
      </>
    ),
    other: 'together',
    next: 'together',
    named: (_rule, there) => there,
  },
  together: {
    // Two stones in one ring.
    sign: (
      <>
        <rect x="1.5" y="2.5" width="31" height="21" rx="10.5" />
        <circle cx="11.5" cy="13" r="4.5" />
        <circle cx="22.5" cy="13" r="4.5" />
      </>
    ),
    other: 'apart',
    next: null,
    named: ({ studentIds }) => studentIds,
  },
};
