import type { ArrangeRequest } from '../core/format';
import { PLAIN_RECIPE } from '../schema/recipe';
import type { TakeGroup } from '../schema/take';
import type { Bench } from './bench';
import { WHOLE } from './openPart';
import { requestFor } from './request';

/** The name under which the engine knows where somebody's home is. */
const HOME = 'home group of the jigsaw';

/**
 * Asks for expert groups out of home groups: of each home one in every expert group, or as even as sizes allow, with all
 * quiet rules kept. `softly` asks for that only as far as the rules leave room: two of a home who are kept together are
 * together as experts too.
 */
export function expertsRequest(
  bench: Bench,
  homes: readonly Pick<TakeGroup, 'studentIds'>[],
  count: number,
  seed: number,
  softly = false,
): ArrangeRequest {
  const homeOf = new Map<string, string>(
    homes.flatMap(({ studentIds }, row) => studentIds.map((id) => [id, `home ${row}`] as const)),
  );
  const { request } = requestFor(
    {
      ...bench,
      lineup: {
        ...bench.lineup,
        recipe: { ...PLAIN_RECIPE, sizing: { by: 'count', count } },
        pinned: [],
      },
      students: bench.students.map((one) => ({ ...one, here: one.here && homeOf.has(one.id) })),
      take: undefined,
      takes: [],
    },
    seed,
    WHOLE,
  );
  const students = request.students.map((student) => ({
    ...student,
    attributes: { ...student.attributes, [HOME]: homeOf.get(student.id) ?? '' },
  }));
  if (softly) {
    const goals = [
      ...(request.goals ?? []),
      { kind: 'spread' as const, attribute: HOME, weight: 1 },
    ];
    return { ...request, students, goals };
  }
  const here = new Set(request.students.flatMap(({ id, absent }) => (absent ? [] : [id])));
  const limits = homes.flatMap(({ studentIds }, row) => {
    const size = studentIds.filter((id) => here.has(id)).length;
    const about = { attribute: HOME, value: `home ${row}` };
    return [
      { kind: 'atMost' as const, ...about, count: Math.ceil(size / count) },
      ...(size >= count
        ? [{ kind: 'atLeast' as const, ...about, count: Math.floor(size / count) }]
        : []),
    ];
  });
  return { ...request, students, rules: [...request.rules, ...limits] };
}
