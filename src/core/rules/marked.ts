import { markValue } from '../problem/attributes';
import type { MarkedProblemRule } from '../problem/rule';
import { COUNTINGS } from './counting';
import type { ObviousReason, Present, RequestRuleOf, RuleKind, RuleOf } from './kind';
import { MarkTerm } from './markTerm';

type MarkedKind = MarkedProblemRule['kind'];

/** Figures of a reason about marked students: how many there are, and how many all groups together ask for. */
interface Figures {
  readonly students: readonly number[];
  readonly attribute: string;
  readonly value: string | number;
  readonly have: number;
  readonly needed: number;
}

/**
 * A kind of rule on how many students with one value each group holds; what is its own is when plain counting over all
 * groups shows that it cannot hold.
 */
export function markedKind<K extends MarkedKind>(
  kind: K,
  cannotHold: (figures: Figures) => ObviousReason | null,
): RuleKind<K> {
  // Rules of these kinds differ in what their name says alone, so one of the family is one of the kind.
  const known: RuleKind<MarkedKind> = {
    kind,
    tellsGroupsApart: false,
    read: (rule, requestIndex, present) => readMarked(rule, requestIndex, present),
    explain({ groupCount }, rule, groupOfStudent) {
      const marked = Array.from({ length: groupCount }, (): number[] => []);
      groupOfStudent.forEach((group, student) => {
        if (rule.marked[student] === 1) marked[group]?.push(student);
      });
      const { penalty } = COUNTINGS[rule.kind];
      return marked.flatMap((students, group) =>
        penalty(rule.count, students.length) > 0 ? [{ rule, students, group }] : [],
      );
    },
    term: (problem, rules) => (rules.length === 0 ? null : new MarkTerm(problem, rules)),
    about: ({ marked }) => studentsMarked(marked),
    logLuck: () => 0,
    impossible({ groupCount }, rules) {
      for (const { marked, attribute, value, count } of rules) {
        const students = studentsMarked(marked);
        const figures = { students, attribute, value, have: students.length };
        const reason = cannotHold({ ...figures, needed: count * groupCount });
        if (reason) return reason;
      }
      return null;
    },
  };
  return known as unknown as RuleKind<K>;
}

function readMarked(
  rule: RequestRuleOf<MarkedKind>,
  requestIndex: number,
  { students }: Present,
): RuleOf<MarkedKind> {
  const { kind, attribute, value } = rule;
  const count = 'count' in rule ? rule.count : 0;
  const marked = markValue(students, attribute, value);
  return { kind, requestIndex, marked, attribute, value, count };
}

function studentsMarked(marks: Uint8Array): number[] {
  return [...marks.keys()].filter((student) => marks[student] === 1);
}
