import { gainsBetween, type Gain } from '../core/explain/gains';
import type { ArrangeRequest, ArrangeResult, Measure, Measures } from '../core/format';

export type { Gain };

/** Costs that differ by less are the same. */
const EPSILON = 1e-9;

/** What is better in the second of two results of a request, as long as nothing is worse; empty where that is not so. */
export function onlyGains(request: ArrangeRequest, from: Told, to: Told): readonly Gain[] {
  const isNumber = numbersIn(request);
  const losses = gainsBetween(to.measures, from.measures, isNumber);
  return losses.length > 0 ? [] : gainsBetween(from.measures, to.measures, isNumber);
}

/** What is worse in the best of the divisions that cost more than the result; null where there is none. */
export function lossesOfNext(
  request: ArrangeRequest,
  { measures, search }: Told,
): readonly Gain[] | null {
  return search.next ? gainsBetween(search.next, measures, numbersIn(request)) : null;
}

function numbersIn({ students }: ArrangeRequest): (detail: string) => boolean {
  return (detail) => students.some(({ attributes }) => typeof attributes?.[detail] === 'number');
}

/** The same request without what makes its result differ from earlier ones. */
export function withoutDiffering({ avoid: _avoid, goals = [], ...rest }: ArrangeRequest) {
  return { ...rest, goals: goals.filter(({ kind }) => kind !== 'avoid') } satisfies ArrangeRequest;
}

/** Whether a request asks for more than that its rules hold and that its result differs from earlier ones. */
export function hasGoals({ goals = [] }: ArrangeRequest): boolean {
  return goals.some(({ kind, weight }) => kind !== 'avoid' && weight > 0);
}

/** Every figure of a result with the best that it could be, but for how much it differs from earlier ones. */
function figuresOf({ spread = {}, alike = {}, ...measures }: Measures): readonly Figure[] {
  const { repeats, wishes, topics, steady, needs } = measures;
  const figures = [...Object.values(spread), ...Object.values(alike), ...(needs ? [needs] : [])];
  return [
    ...figures.map(({ cost, bestPossible }): Figure => [cost, bestPossible]),
    ...(repeats ? [[repeats.pairs, repeats.bestPossible] as const] : []),
    ...(wishes ? [[wishes.unmet, wishes.bestPossible] as const] : []),
    ...(topics ? [[topics.ranks, topics.bestPossible] as const] : []),
    ...(steady ? [[steady.moves, steady.bestPossible] as const] : []),
  ];
}
type Figure = readonly [is: number, best: number];

type Told = Pick<ArrangeResult, 'feasible' | 'measures' | 'search'>;

/**
 * Whether no groups can be better by the goals of the request, those included that are too much like earlier ones: as
 * the engine has proved it, or because each figure by itself is as good as it can be.
 */
export function isProvenBest(
  request: ArrangeRequest,
  { feasible, measures, search }: Told,
): boolean {
  if (!feasible || !hasGoals(request)) return false;
  if (!request.avoid) return search.provenBest;
  return figuresOf(measures).every(([is, best]) => is <= best + EPSILON);
}

/**
 * The same figures beside the nearest of both bounds; what they are bounds of must be the same class, rules and sizes.
 * Figures that `bests` does not have stay as they are.
 */
export function withBests(measures: Measures, bests: Measures): Measures {
  const nearest = <T extends { readonly bestPossible: number }>(one: T, best?: T): T =>
    best ? { ...one, bestPossible: Math.max(one.bestPossible, best.bestPossible) } : one;
  type Each = Readonly<Record<string, Measure>>;
  const all = (ours: Each, theirs: Each = {}): Each =>
    Object.fromEntries(
      Object.entries(ours).map(([detail, one]) => [
        detail,
        nearest(one, Object.hasOwn(theirs, detail) ? theirs[detail] : undefined),
      ]),
    );
  const { spread, alike, repeats, wishes, needs } = measures;
  return {
    ...measures,
    ...(spread && { spread: all(spread, bests.spread) }),
    ...(alike && { alike: all(alike, bests.alike) }),
    ...(repeats && { repeats: nearest(repeats, bests.repeats) }),
    ...(wishes && { wishes: nearest(wishes, bests.wishes) }),
    ...(needs && { needs: nearest(needs, bests.needs) }),
  };
}

/** Whether two results of one request have the same figures. */
export function haveSameFigures(one: Told, two: Told): boolean {
  const [ours, theirs] = [figuresOf(one.measures), figuresOf(two.measures)];
  return ours.every(([is], at) => Math.abs(is - (theirs[at]?.[0] ?? Infinity)) <= EPSILON);
}
