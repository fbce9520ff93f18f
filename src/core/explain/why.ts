import { metBefore } from '../goals/freshPartners';
import type { Problem, ProblemRule } from '../problem/problem';
import { groupsOf } from '../reference/check';
import { ruleBreaks, studentsAbout } from '../rules/list';

/** One fact about a group or a student, as a code and its figures; `messages/` makes the sentence. */
export type Fact =
  | { readonly code: 'ruleKept' | 'ruleBroken'; readonly rule: ProblemRule }
  /** A number in the group beside the class; null where no member's is known. */
  | {
      readonly code: 'mean';
      readonly attribute: string;
      readonly group: number | null;
      readonly all: number;
    }
  /** How many members have a value, beside the group's proportional share of it. */
  | {
      readonly code: 'share';
      readonly attribute: string;
      readonly value: string;
      readonly have: number;
      readonly share: number;
    }
  /** The only member with the value. */
  | { readonly code: 'onlyOne'; readonly attribute: string; readonly value: string }
  /** Pairs of the group, or partners of the student, who met before; of so many. */
  | { readonly code: 'metBefore'; readonly met: number; readonly of: number }
  /** Members of whose wishes one is met, of those who have some; for one student 0 or 1 of 1. */
  | { readonly code: 'wishes'; readonly met: number; readonly of: number };

/** What is kept and what is balanced in a group. */
export function whyGroup(
  problem: Problem,
  groupOfStudent: Int32Array,
  group: number,
): readonly Fact[] {
  const members = groupsOf(problem, groupOfStudent)[group] ?? [];
  return [
    ...ruleFacts(problem, groupOfStudent, members, (broken) => broken.group === group),
    ...problem.goals.flatMap((goal): Fact[] => {
      if (!('attribute' in goal)) return [];
      const { attribute, name } = goal;
      if (attribute.kind === 'number') {
        const mean = (students: readonly number[]): number | null => {
          const known = students.filter((student) => attribute.known[student] === 1);
          const sum = known.reduce(
            (total, one) => total + (attribute.valueOfStudent[one] as number),
            0,
          );
          return known.length === 0 ? null : sum / known.length;
        };
        const all = mean([...groupOfStudent.keys()]) ?? 0;
        return [{ code: 'mean', attribute: name, group: mean(members), all }];
      }
      const count = (students: readonly number[], value: number): number =>
        students.filter((student) => attribute.valueOfStudent[student] === value).length;
      const known = (students: readonly number[]): number =>
        students.filter((student) => (attribute.valueOfStudent[student] as number) >= 0).length;
      const everybody = [...groupOfStudent.keys()];
      return attribute.values.map((value, index) => ({
        code: 'share',
        attribute: name,
        value,
        have: count(members, index),
        share: (known(members) * count(everybody, index)) / Math.max(1, known(everybody)),
      }));
    }),
    ...meetingFacts(problem, pairsOf(members)),
    ...wishFacts(problem, groupOfStudent, members),
  ];
}

/** Why a student is well placed where they are. */
export function whyStudent(
  problem: Problem,
  groupOfStudent: Int32Array,
  student: number,
): readonly Fact[] {
  const members = groupsOf(problem, groupOfStudent)[groupOfStudent[student] as number] ?? [];
  const partners = members.filter((one) => one !== student);
  return [
    ...ruleFacts(problem, groupOfStudent, [student], ({ students }) => students.includes(student)),
    ...problem.goals.flatMap((goal): Fact[] => {
      if (!('attribute' in goal) || goal.attribute.kind === 'number') return [];
      const { valueOfStudent, values } = goal.attribute;
      const value = valueOfStudent[student] as number;
      const alone = value >= 0 && !partners.some((one) => valueOfStudent[one] === value);
      return alone
        ? [{ code: 'onlyOne', attribute: goal.name, value: values[value] as string }]
        : [];
    }),
    ...meetingFacts(
      problem,
      partners.map((partner) => [student, partner]),
    ),
    ...wishFacts(problem, groupOfStudent, [student]),
  ];
}

/** Rules about the students: broken where a break is of this place, kept else. */
function ruleFacts(
  problem: Problem,
  groupOfStudent: Int32Array,
  students: readonly number[],
  isHere: (broken: { readonly group: number; readonly students: readonly number[] }) => boolean,
): readonly Fact[] {
  const broken = new Set(
    ruleBreaks(problem, groupOfStudent)
      .filter(isHere)
      .map(({ rule }) => rule),
  );
  return problem.rules
    .filter((rule) => broken.has(rule) || speaksOf(rule, students))
    .map((rule) => ({ code: broken.has(rule) ? 'ruleBroken' : 'ruleKept', rule }));
}

function speaksOf(rule: ProblemRule, students: readonly number[]): boolean {
  const about = studentsAbout(rule);
  return about === null || students.some((student) => about.includes(student));
}

function meetingFacts(problem: Problem, pairs: readonly (readonly number[])[]): readonly Fact[] {
  if (problem.history.length === 0) return [];
  const before = metBefore(problem, false);
  const met = pairs.filter(([one = 0, two = 0]) => before.has(one, two)).length;
  return [{ code: 'metBefore', met, of: pairs.length }];
}

function wishFacts(
  { wishesOfStudent }: Problem,
  groupOfStudent: Int32Array,
  students: readonly number[],
): readonly Fact[] {
  const wishing = students.filter((student) => (wishesOfStudent[student]?.length ?? 0) > 0);
  const met = wishing.filter((student) =>
    wishesOfStudent[student]?.some((other) => groupOfStudent[other] === groupOfStudent[student]),
  );
  return wishing.length === 0 ? [] : [{ code: 'wishes', met: met.length, of: wishing.length }];
}

function pairsOf(members: readonly number[]): readonly (readonly number[])[] {
  return members.flatMap((one, i) => members.slice(i + 1).map((two) => [one, two]));
}
