import type { RequestGoal } from '../core/format';
import type { StudentId } from '../schema/ids';
import { factOf, type Bench } from './bench';
import { matchedBy } from './request';

/** Weight of a goal that is only measured: too small to sway a suggestion, large enough to be bounded. */
export const MEASURED_ONLY = 1e-9;

/** The recipe's goals, and each detail that is only looked at as a goal of next to no weight. */
export function withMeasured(
  bench: Bench,
  goals: readonly RequestGoal[],
  measured: readonly string[],
  seated: ReadonlySet<StudentId>,
): readonly RequestGoal[] {
  const wanted = new Set(goals.flatMap((goal) => ('attribute' in goal ? [goal.attribute] : [])));
  const extra = measured.filter(
    (detail) =>
      !wanted.has(detail) &&
      !wanted.has(matchedBy(bench.theClass, detail)) &&
      bench.students.some((one) => seated.has(one.id) && factOf(one, detail) !== undefined),
  );
  const fresh = goals.some(({ kind }) => kind === 'freshPartners');
  return [
    ...goals,
    ...extra.map((attribute) => ({ kind: 'spread', attribute, weight: MEASURED_ONLY }) as const),
    ...(fresh ? [] : [{ kind: 'freshPartners', weight: MEASURED_ONLY } as const]),
  ];
}
