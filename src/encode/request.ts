import type { ArrangeRequest, RequestGoal, RequestRule, RequestStudent } from '../core/format';
import type { ClassRecord } from '../schema/classRecord';
import type { StudentId } from '../schema/ids';
import { valueKey } from '../schema/presence';
import { BY_SECTION, LIMIT_KINDS, type Importance, type Limit } from '../schema/recipe';
import type { RuleRecord } from '../schema/rule';
import type { StudentRecord } from '../schema/student';
import { factOf, rulesInForce, type Bench } from './bench';
import { rankOfValues } from './dealing';
import { openPart, WHOLE, type ShuffleScope } from './openPart';

/** Where a rule of the request comes from, so that a clash can be told and taken back there. */
export type RuleSource =
  | { readonly from: 'rule'; readonly rule: RuleRecord }
  /** A limit of the recipe for one value: its own, or one of all where it is about every value. */
  | { readonly from: 'limit'; readonly limit: Limit; readonly value: string }
  | { readonly from: 'sections' }
  | { readonly from: 'pin'; readonly studentId: StudentId; readonly group: number };

/** A request with what is needed to put its result in place. */
export interface ShufflePlan {
  readonly request: ArrangeRequest;
  /** In the order of the request's rules. */
  readonly sources: readonly RuleSource[];
  /** Rows of the shown take that stay as they are. */
  readonly keptRows: readonly number[];
}

/** How much a goal of each importance weighs: each step counts four times the one below. */
const WEIGHT: Readonly<Record<Importance, number>> = { little: 0.25, plain: 1, most: 4 };

/** The engine's request for a shuffle of a lineup. */
export function requestFor(bench: Bench, seed: number, scope: ShuffleScope = WHOLE): ShufflePlan {
  const { keptRows, inIt, sizing } = openPart(bench, scope);
  const openRows = (bench.take?.groups ?? []).flatMap((_, row) =>
    keptRows.includes(row) ? [] : [row],
  );
  const groupCount = keptRows.length > 0 && sizing.by === 'count' ? sizing.count : Infinity;
  const pins = scope.pins ? pinsOf(bench, openRows, groupCount, inIt) : [];
  const rules = [...pins, ...recipeRules(bench, inIt)];
  const request = requestAbout(bench, inIt, seed, sizing, rules, openRows);
  return {
    request: {
      ...request,
      ...(scope.few
        ? staying(bench, request.goals ?? [], openRows)
        : differing(bench, request.goals ?? [], scope)),
    },
    sources: rules.map(([source]) => source),
    keptRows,
  };
}

/** What a move costs a class beside the goals of a recipe: they gain by every move that is made. */
const STAYING_WEIGHT = 0.2;

/** What makes a shuffle move no more students than it gains by; larger groups keep the larger sizes. */
function staying(
  { take }: Bench,
  goals: readonly RequestGoal[],
  openRows: readonly number[],
): Partial<ArrangeRequest> {
  if (!take) return {};
  const current = openRows
    .map((row) => take.groups[row]?.studentIds ?? [])
    .sort((a, b) => b.length - a.length);
  return { current, goals: [...goals, { kind: 'steady', weight: STAYING_WEIGHT }] };
}

/** The last so many takes are differed from; with more there would be too little left to choose from. */
const TAKES_DIFFERED_FROM = 12;
/** A reshuffle has at least this part of its pairs new beside each take. */
const NEW_PAIRS = 0.3;
/** What to be a take over again costs beside the other goals: about three repeats in a class of 28. */
const AVOID_WEIGHT_A_TAKE = 0.25;
/** The same for a teacher who would rather have other groups than the best. */
const AVOID_WEIGHT_LET_GO = 3;

/** What makes a reshuffle differ from the takes there are, as long as groups about as good can be had. */
function differing(
  { takes }: Bench,
  goals: readonly RequestGoal[],
  // Whoever chooses rows to be dealt anew wants other people in them.
  { rows, letGo = rows !== null }: ShuffleScope,
): Partial<ArrangeRequest> {
  const results = takes
    .slice(-TAKES_DIFFERED_FROM)
    .map(({ groups }) => ({ groups: groups.map(({ studentIds }) => studentIds) }));
  if (results.length === 0) return {};
  const weight = results.length * (letGo ? AVOID_WEIGHT_LET_GO : AVOID_WEIGHT_A_TAKE);
  return {
    avoid: { results, share: NEW_PAIRS },
    goals: [...goals, { kind: 'avoid', weight }],
  };
}

/** The request to deal those in it by the goals of the recipe, into these rows of the take; everybody else is absent. */
export function requestAbout(
  bench: Bench,
  inIt: ReadonlySet<StudentId>,
  seed: number,
  sizing: ArrangeRequest['sizing'],
  rules: readonly Sourced[],
  openRows: readonly number[],
): ArrangeRequest {
  return {
    format: 'gruppetto.request',
    version: 1,
    seed,
    students: bench.students.map((student) => ({
      ...requestStudent(student, bench, !inIt.has(student.id)),
      ...topicsOf(bench, student.id, openRows),
    })),
    sizing,
    rules: rules.map(([, rule]) => rule),
    goals: goalsOf(bench, inIt),
    history: bench.history.map((past) => ({ groups: past })),
  };
}

/** The groups that a student ranked, as the request counts them: those of the rows that are dealt. */
export function topicsOf(
  { lineup, take }: Bench,
  id: StudentId,
  openRows: readonly number[],
): Pick<RequestStudent, 'topics'> {
  const ranks = lineup.recipe.topics ? (lineup.ranks[id] ?? []) : [];
  const topics = ranks.flatMap((sign) => {
    const row = take?.groups.findIndex((group) => group.sign === sign) ?? -1;
    const group = openRows.indexOf(row);
    return group < 0 ? [] : [group];
  });
  return topics.length > 0 ? { topics } : {};
}

type Sourced = readonly [RuleSource, RequestRule];

/** Pins of those in it whose rows are open; `groupCount` is how many groups the engine makes. */
export function pinsOf(
  { lineup, take }: Bench,
  openRows: readonly number[],
  groupCount: number,
  inIt: ReadonlySet<StudentId>,
): readonly Sourced[] {
  return lineup.pinned.flatMap((studentId): Sourced[] => {
    const row = take?.groups.findIndex(({ studentIds }) => studentIds.includes(studentId)) ?? -1;
    const group = openRows.indexOf(row);
    if (group < 0 || group >= groupCount || !inIt.has(studentId)) return [];
    return [
      [
        { from: 'pin', studentId, group: row },
        { kind: 'pin', student: studentId, group },
      ],
    ];
  });
}

/** The quiet rules in force, sections kept, and the limits of the recipe; those about nobody here fall away. */
export function recipeRules(bench: Bench, inIt: ReadonlySet<StudentId>): readonly Sourced[] {
  const { recipe } = bench.lineup;
  const quiet = rulesInForce(bench.rules, bench.today).map((rule): Sourced => [
    { from: 'rule', rule },
    { kind: rule.kind, students: rule.studentIds },
  ]);
  const sections: Sourced[] =
    recipe.sections === 'kept' ? [[{ from: 'sections' }, { kind: 'sameSection' }]] : [];
  const limits = recipe.limits
    .filter(({ detail }) => isKnown(bench, detail, inIt))
    .flatMap((limit) =>
      limitedValues(bench, limit, inIt).map((value): Sourced => {
        const { kind, detail: attribute, count } = limit;
        const says = LIMIT_KINDS[kind] ? { count } : {};
        const rule = { kind, attribute, value, ...says };
        // The list of kinds says which of them have a count, as the request's own shapes do.
        return [{ from: 'limit', limit, value }, rule as RequestRule];
      }),
    );
  return [...quiet, ...sections, ...limits];
}

/**
 * The values that a limit is asked for among some students. Of every value, one that a single student has is passed
 * over where nobody is to be alone: no groups could help.
 */
export function limitedValues(
  bench: Bench,
  { kind, detail, value }: Limit,
  inIt: ReadonlySet<StudentId>,
): readonly string[] {
  if (value !== null) return [value];
  const holders = new Map<string, number>();
  for (const student of bench.students) {
    const fact = inIt.has(student.id) ? factOf(student, detail) : undefined;
    if (fact !== undefined) holders.set(valueKey(fact), (holders.get(valueKey(fact)) ?? 0) + 1);
  }
  return [...holders]
    .flatMap(([one, number]) => (kind === 'notAlone' && number === 1 ? [] : [one]))
    .sort(rankOfValues(bench, detail));
}

/** The limits without that of a source; of one about every value, those of the others stay. */
export function limitsWithout(
  bench: Bench,
  { limit, value }: Extract<RuleSource, { readonly from: 'limit' }>,
): readonly Limit[] {
  const here = new Set(bench.students.flatMap((one) => (one.here ? [one.id] : [])));
  const isAlike = (one: Limit): boolean =>
    one.kind === limit.kind && one.detail === limit.detail && one.count === limit.count;
  return bench.lineup.recipe.limits.flatMap((one): readonly Limit[] => {
    // Where another value was left out before, this one stands by itself already.
    if (isAlike(one) && one.value === value) return [];
    if (one !== limit) return [one];
    return limitedValues(bench, limit, here).flatMap((other) =>
      other === value ? [] : [{ ...limit, value: other }],
    );
  });
}

/** How many rules some sources stand for, as a teacher counts them: a limit about every value is one. */
export function countRules(sources: readonly RuleSource[]): number {
  return new Set(sources.map((source) => (source.from === 'limit' ? source.limit : source))).size;
}

/** The goals of the recipe, each with the weight of its importance; a detail nobody has asks for nothing. */
export function goalsOf(bench: Bench, inIt: ReadonlySet<StudentId>): readonly RequestGoal[] {
  const { balance, sections, freshPartners, wishes, needs, topics } = bench.lineup.recipe;
  const anyRanks = [...inIt].some((id) => (bench.lineup.ranks[id] ?? []).length > 0);
  const { mastery } = bench;
  const anyNeed = (): boolean =>
    bench.students.some((one) => inIt.has(one.id) && mastery.needs(one).length > 0);
  const mixed: RequestGoal[] =
    sections === 'mixed' && isKnown(bench, BY_SECTION, inIt)
      ? [{ kind: 'spread', attribute: BY_SECTION, weight: WEIGHT.plain }]
      : [];
  return [
    ...balance
      .filter(({ detail }) => isKnown(bench, detail, inIt))
      .map(({ detail, how, importance }): RequestGoal => {
        const weight = WEIGHT[importance];
        return how === 'mix'
          ? { kind: 'spread', attribute: detail, weight }
          : { kind: 'alike', attribute: matchedBy(bench.theClass, detail), weight };
      }),
    ...mixed,
    ...(freshPartners ? [{ kind: 'freshPartners', weight: WEIGHT[freshPartners] } as const] : []),
    ...(wishes ? [{ kind: 'wishes', weight: WEIGHT[wishes] } as const] : []),
    ...(topics && bench.take && anyRanks
      ? [{ kind: 'topics', weight: WEIGHT[topics] } as const]
      : []),
    ...(needs && anyNeed()
      ? [
          {
            kind: 'needs',
            ladder: [
              ...mastery.ladder.map(({ id }) => id),
              ...(needs.unknown === 'together' ? [NO_RESULTS] : []),
            ],
            focus: needs.focus,
            weight: WEIGHT[needs.importance],
          } as const,
        ]
      : []),
  ];
}

/** Of whom no skill is known, and who are to be kept together, need this: it stands above the ladder, and is no skill. */
const NO_RESULTS = 'no results';

function isKnown({ students }: Bench, detail: string, inIt: ReadonlySet<StudentId>): boolean {
  return students.some((student) => inIt.has(student.id) && factOf(student, detail) !== undefined);
}

/** Levels are alike when they are near to each other, so they are matched by their rank. */
export function matchedBy(theClass: ClassRecord, detail: string): string {
  return theClass.details.find(({ id }) => id === detail)?.kind === 'level'
    ? `rank of ${detail}`
    : detail;
}

/** A student as the engine knows them: details under their ids, levels also by rank, yes and no as words. */
export function requestStudent(
  student: StudentRecord,
  { theClass, mastery, lineup }: Pick<Bench, 'theClass' | 'mastery' | 'lineup'>,
  absent: boolean,
): RequestStudent {
  const attributes: Record<string, string | number> = {};
  for (const { id, kind, levels } of theClass.details) {
    const value = student.details[id];
    if (value === undefined) continue;
    attributes[id] = typeof value === 'number' ? value : valueKey(value);
    const rank = levels.indexOf(String(value));
    if (kind === 'level' && rank >= 0) attributes[`rank of ${id}`] = rank;
  }
  if (student.sectionId !== null) attributes[BY_SECTION] = student.sectionId;
  const together = lineup.recipe.needs?.unknown === 'together' && !mastery.isKnown(student);
  const needs = together ? [NO_RESULTS] : mastery.needs(student);
  return {
    id: student.id,
    absent,
    attributes,
    ...(student.sectionId === null ? {} : { section: student.sectionId }),
    ...(student.wishes.length > 0 ? { wishes: student.wishes } : {}),
    ...(needs.length > 0 ? { needs } : {}),
  };
}
