import type { Clash, ClashReason, WayOut } from '../format';
import {
  variantsOf,
  withRules,
  withSizing,
  type Assignment,
  type Problem,
  type ProblemRule,
} from '../problem/problem';
import { unitsOf } from '../problem/units';
import type { Rng } from '../random/rng';
import { ruleBreaks, studentsAbout } from '../rules/list';
import { decide, type Decision } from '../search/decide';
import { obviousReason } from '../proofs/obvious';

/** Cells (units x groups) that the nodes of the complete search for one question may look at. */
const CELLS_A_QUESTION = 3_000_000;
/** Cells that all questions about one matter may look at together: about a second. */
const CELLS_A_MATTER = 8_000_000;
/** The part of the nodes of a question within which what is easy to see shows. */
const QUICK_PART = 1 / 16;
/** How far from the asked number of groups or size a way out is sought. */
const FARTHEST = 12;

/**
 * Asks the complete search whether rules can hold, as long as its work lasts; after that every answer is 'unknown', so
 * that what was found until then stands, and nothing is claimed of the rest.
 */
class Questions {
  private cells = CELLS_A_MATTER;

  constructor(
    private readonly nodes: number,
    private readonly rng: Rng,
  ) {}

  /** With this part of the nodes of a question. */
  answer(candidate: Problem, part = 1): Decision {
    if (this.cells <= 0) return 'unknown';
    const { answer, cells } = decide(candidate, Math.ceil(part * this.nodes), this.rng);
    this.cells -= cells;
    return answer;
  }

  isPossible(candidate: Problem): boolean {
    return this.answer(candidate) === 'possible';
  }
}

/**
 * A smallest set of rules that clash, why, and what would make the whole possible; for a problem that is proved
 * impossible, with an arrangement that breaks few of them. Deletion filtering (Chinneck and Dravnieks 1991): each rule
 * that can go without making the rest possible goes.
 */
export function explainClash(problem: Problem, breaksFew: Assignment, rng: Rng): Clash {
  const cells = problem.studentCount * problem.groupCount;
  const nodes = Math.ceil(Math.min(20_000, Math.max(100, CELLS_A_QUESTION / cells)));
  const ask = (): Questions => new Questions(nodes, rng);
  const { rules, isSmallest } = smallestClash(problem, ask());
  return {
    rules: rules.map((rule) => rule.requestIndex),
    ...(isSmallest ? {} : { mayBeLess: true }),
    reason: reasonOf(withRules(problem, rules)),
    waysOut: [
      ...rulesToDrop(problem, rules, brokenBy(problem, breaksFew), ask()),
      ...otherSizings(problem, ask()),
    ],
  };
}

interface ClashingRules {
  readonly rules: readonly ProblemRule[];
  /** Whether it was settled of each that the rest can hold without it. */
  readonly isSmallest: boolean;
}

/** Rules of an impossible problem that are impossible by themselves, and none of which can go. */
function smallestClash(problem: Problem, questions: Questions): ClashingRules {
  let rules: readonly ProblemRule[] = problem.rules;
  let isSmallest = true;
  // Halves first: most rules have nothing to do with the clash, and go in a few questions.
  for (let size = rules.length >> 1; size >= 1; size >>= 1) {
    for (let start = 0; start < rules.length;) {
      const without = [...rules.slice(0, start), ...rules.slice(start + size)];
      const answer =
        without.length > 0 ? questions.answer(withRules(problem, without)) : 'possible';
      if (answer === 'impossible') rules = without;
      else start += size;
      if (size === 1 && answer === 'unknown') isSmallest = false;
    }
  }
  return { rules, isSmallest };
}

/**
 * Rules that the arrangement breaks: without them the whole is possible. None where one of them decides how groups are
 * laid out, for without it the arrangement need not fit.
 */
function brokenBy(problem: Problem, groupOfStudent: Assignment): ReadonlySet<ProblemRule> {
  const broken = new Set(ruleBreaks(problem, groupOfStudent).map(({ rule }) => rule));
  return [...broken].some(({ kind }) => kind === 'sameSection') ? new Set() : broken;
}

/** Pairs that are tried, and offered, at most: each is a question to the complete search. */
const MOST_PAIRS_TRIED = 24;
const MOST_PAIRS = 3;
/** Rules that are offered to be left out together at most, where no pair is known to do. */
const MOST_TOGETHER = 4;

/**
 * Rules that alone free the whole, each tried before it is offered; where several clashes stand side by side, pairs
 * of a rule of this clash and one of what is then left. `broken` are rules without which an arrangement is known.
 */
function rulesToDrop(
  problem: Problem,
  clash: readonly ProblemRule[],
  broken: ReadonlySet<ProblemRule>,
  questions: Questions,
): readonly WayOut[] {
  const without = (gone: readonly ProblemRule[]): Problem =>
    withRules(
      problem,
      problem.rules.filter((rule) => !gone.includes(rule)),
    );
  const frees = (rule: ProblemRule): boolean =>
    (broken.size === 1 && broken.has(rule)) || questions.isPossible(without([rule]));
  const freeing = clash.filter(frees);
  if (freeing.length > 0) return freeing.map((rule) => ({ drop: rule.requestIndex }));
  const pairs: WayOut[] = [];
  let tried = 0;
  for (const one of clash) {
    const rest = without([one]);
    if (questions.answer(rest) !== 'impossible') continue;
    for (const two of smallestClash(rest, questions).rules) {
      if (pairs.length === MOST_PAIRS || tried === MOST_PAIRS_TRIED) return pairs;
      tried++;
      if (questions.isPossible(without([one, two])))
        pairs.push({ drops: [one.requestIndex, two.requestIndex].sort((a, b) => a - b) });
    }
  }
  if (pairs.length > 0 || broken.size < 2 || broken.size > MOST_TOGETHER) return pairs;
  return [{ drops: [...broken].map((rule) => rule.requestIndex).sort((a, b) => a - b) }];
}

/** The nearest numbers of groups, one larger and one smaller, and a size, with which every rule can hold. */
function otherSizings(problem: Problem, questions: Questions): readonly WayOut[] {
  const { groupCount, studentCount, sizing } = problem;
  const groups = ([1, -1] as const).flatMap((step) =>
    nearest(groupCount, step, studentCount, questions, (count) =>
      withSizing(problem, { by: 'count', count }),
    ).map((count) => ({ groups: count })),
  );
  if (sizing.by !== 'size' && sizing.by !== 'atMost') return groups;
  const sizes = ([-1, 1] as const).flatMap((step) =>
    nearest(sizing.size, step, studentCount, questions, (size) =>
      withSizing(problem, { ...sizing, size }),
    ).map((size) => ({ size })),
  );
  return [...groups, ...sizes, ...looserSizes(problem, sizing.size, questions)];
}

/**
 * The number nearest to the one asked for, up or down and from 1 to `most`, with which the rules can hold; none where
 * that is not known of any. Those that are easy to see are looked for first, so that the work does not end on hard ones
 * that come before them.
 */
function nearest(
  asked: number,
  step: 1 | -1,
  most: number,
  questions: Questions,
  problemWith: (number: number) => Problem | null,
): readonly number[] {
  const open: { readonly number: number; readonly other: Problem }[] = [];
  let found: number | null = null;
  for (let by = 1; by <= FARTHEST && found === null; by++) {
    const number = asked + step * by;
    const other = number < 1 || number > most ? null : problemWith(number);
    if (!other) continue;
    const answer = questions.answer(other, QUICK_PART);
    if (answer === 'possible') found = number;
    else if (answer === 'unknown') open.push({ number, other });
  }
  const nearer = open.find(({ other }) => questions.isPossible(other));
  return [nearer?.number ?? found].filter((number) => number !== null);
}

/** Sizes free between one less and one more, and further apart where that does not do; never down to one student alone. */
function looserSizes(problem: Problem, size: number, questions: Questions): readonly WayOut[] {
  for (const by of [1, 2]) {
    const [least, most] = [Math.max(Math.min(2, size), size - by), size + by];
    const other = withSizing(problem, { by: 'range', least, most });
    if (other && questions.isPossible(other)) return [{ least, most }];
  }
  return [];
}

/** A plain reason that holds in all sizes that are allowed, told of the largest of them; null where there is none. */
function reasonInAnySizes(problem: Problem): ReturnType<typeof obviousReason> {
  const { variants } = variantsOf(problem);
  const reasons = variants.map((variant) => obviousReason(variant, unitsOf(variant)));
  const largest = variants.map(({ sizeOfGroup }) =>
    sizeOfGroup.reduce((a, b) => Math.max(a, b), 0),
  );
  const at = largest.indexOf(Math.max(...largest));
  const code = reasons[at]?.code;
  return reasons.every((reason) => reason?.code === code) ? (reasons[at] ?? null) : null;
}

function reasonOf(problem: Problem): ClashReason {
  const named = (students: readonly number[]): readonly string[] =>
    students.map((student) => problem.idOfStudent[student] as string);
  const reason = reasonInAnySizes(problem);
  if (reason) return { ...reason, students: named(reason.students) };
  // Whoever is marked is told with the rule; here stand those whom rules name.
  const members = new Set(
    problem.rules.flatMap((rule) => ('marked' in rule ? [] : (studentsAbout(rule) ?? []))),
  );
  return { code: 'exhausted', students: named([...members]) };
}
