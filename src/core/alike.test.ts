import fc from 'fast-check';
import { arrangeNow } from './arrange';
import type { ArrangeRequest, ArrangeResult, RequestRule } from './format';

/** A small class, which the engine looks at whole: what it costs at best does not hang on how it is written down. */
interface Drawn {
  readonly n: number;
  readonly groups: number;
  readonly scores: readonly number[];
  readonly levels: readonly number[];
  /** Pairs of students by their places, and what each asks for. */
  readonly rules: readonly (readonly ['apart' | 'together', number, number])[];
  readonly wishes: readonly number[];
  readonly order: readonly number[];
}

const drawn: fc.Arbitrary<Drawn> = fc
  .record({ n: fc.integer({ min: 4, max: 9 }), groups: fc.integer({ min: 2, max: 3 }) })
  .chain(({ n, groups }) => {
    const place = fc.integer({ min: 0, max: n - 1 });
    const each = <T>(one: fc.Arbitrary<T>): fc.Arbitrary<T[]> =>
      fc.array(one, { minLength: n, maxLength: n });
    return fc.record({
      n: fc.constant(n),
      groups: fc.constant(groups),
      scores: each(fc.integer({ min: 0, max: 9 })),
      levels: each(fc.integer({ min: 0, max: 2 })),
      rules: fc.array(fc.tuple(fc.constantFrom('apart', 'together'), place, place), {
        maxLength: 5,
      }),
      wishes: each(place),
      order: fc.shuffledSubarray([...Array(n).keys()], { minLength: n, maxLength: n }),
    });
  });

const plainName = (place: number): string => `s${place}`;

/** The request with students and rules in an order, under names. */
function requestOf(
  { n, groups, scores, levels, rules, wishes }: Drawn,
  order: readonly number[] = [...Array(n).keys()],
  nameOf = plainName,
  again = 1,
): ArrangeRequest {
  const told = rules
    .filter(([, one, two]) => one !== two)
    .map(([kind, one, two]): RequestRule => ({ kind, students: [nameOf(one), nameOf(two)] }));
  return {
    ...{ format: 'gruppetto.request', version: 1, seed: 7 },
    students: order.map((place) => ({
      id: nameOf(place),
      attributes: { score: scores[place]!, level: `level ${levels[place]}` },
      ...(wishes[place] === place ? {} : { wishes: [nameOf(wishes[place]!)] }),
    })),
    sizing: { by: 'count', count: groups },
    rules: Array.from({ length: again }, () => told).flat(),
    goals: [
      { kind: 'spread', attribute: 'score', weight: 1 },
      { kind: 'spread', attribute: 'level', weight: 1 },
      { kind: 'freshPartners', weight: 1 },
      { kind: 'wishes', weight: 1 },
    ],
    history: [{ groups: [[0, 1, 2].map(nameOf)] }, { groups: [[0, 3].map(nameOf)] }],
  };
}

function made(request: ArrangeRequest): ArrangeResult {
  const outcome = arrangeNow(request);
  if (!outcome.ok) throw new Error(outcome.issue.code);
  return outcome.result;
}

/** Whether the rules can hold, how many divisions are the best, what each figure is at least, and a single best itself. */
function toldOf(request: ArrangeRequest) {
  const { feasible, measures, search } = made(request);
  const { spread, repeats, wishes } = measures;
  return {
    feasible,
    asGood: search.asGood,
    // Each figure may fall out otherwise among equals; of what they can be at least none may.
    leasts: feasible && [
      spread?.score?.bestPossible.toFixed(9),
      spread?.level?.bestPossible.toFixed(9),
      repeats?.bestPossible,
      wishes?.bestPossible,
    ],
    one: search.asGood === 1 && [
      spread?.score?.cost.toFixed(9),
      spread?.level?.cost.toFixed(6),
      repeats?.pairs,
      wishes?.unmet,
    ],
  };
}

const RUNS = { numRuns: 60, seed: 2026 };

test('students in another order, under other names, are divided as well', () => {
  fc.assert(
    fc.property(drawn, (one) => {
      const renamed = (place: number): string => `${'zyxwvutsr'[place]} ${place * 31}`;
      expect(toldOf(requestOf(one, one.order, renamed))).toEqual(toldOf(requestOf(one)));
    }),
    RUNS,
  );
});

test('a rule that is said twice asks for no more than said once', () => {
  fc.assert(
    fc.property(drawn, (one) => {
      expect(toldOf(requestOf(one, undefined, undefined, 2))).toEqual(toldOf(requestOf(one)));
    }),
    RUNS,
  );
});

test('with rules nothing can be better than without them', () => {
  fc.assert(
    fc.property(drawn, (one) => {
      const free = made(requestOf({ ...one, rules: [] }));
      const bound = made(requestOf(one));
      if (!bound.feasible) return;
      const least = ({ measures }: ArrangeResult) => [
        measures.spread?.score?.bestPossible ?? 0,
        measures.spread?.level?.bestPossible ?? 0,
        measures.repeats?.bestPossible ?? 0,
        measures.wishes?.bestPossible ?? 0,
      ];
      least(bound).forEach((value, at) =>
        expect(value).toBeGreaterThanOrEqual(least(free)[at]! - 1e-9),
      );
    }),
    RUNS,
  );
});
