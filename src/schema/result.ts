import { withEveryName } from './anyName';
import { z } from 'zod';
import type { ArrangeResult } from '../core/format';

const Id = z.string();
const Students = z.array(Id);
const Value = z.union([z.string(), z.number()]);

const Reason = z.discriminatedUnion('code', [
  z.strictObject({ code: z.literal('togetherYetApart'), students: Students }),
  z.strictObject({
    code: z.literal('blockTooLarge'),
    students: Students,
    blockSize: z.int(),
    largestGroup: z.int(),
  }),
  z.strictObject({
    code: z.literal('tooManyApart'),
    students: Students,
    needed: z.int(),
    groups: z.int(),
  }),
  z.strictObject({ code: z.literal('noGroupFits'), students: Students }),
  z.strictObject({
    code: z.literal('pinnedTooMany'),
    students: Students,
    group: z.int(),
    seats: z.int(),
  }),
  z.strictObject({
    code: z.literal('tooFewSections'),
    students: Students,
    sections: z.int(),
    groups: z.int(),
  }),
  z.strictObject({
    code: z.enum(['tooFewWithValue', 'tooManyWithValue']),
    students: Students,
    attribute: z.string(),
    value: Value,
    have: z.int(),
    needed: z.int(),
  }),
  z.strictObject({
    code: z.literal('aloneWithValue'),
    students: Students,
    attribute: z.string(),
    value: Value,
  }),
  z.strictObject({
    code: z.literal('cannotBeShared'),
    students: Students,
    attribute: z.string(),
    value: Value,
    have: z.int(),
  }),
  z.strictObject({ code: z.literal('exhausted'), students: Students }),
]);

const Measure = z.strictObject({ cost: z.number(), bestPossible: z.number() });

const Measures = z.strictObject({
  spread: z.record(z.string(), Measure).optional(),
  alike: z.record(z.string(), Measure).optional(),
  repeats: z.strictObject({ pairs: z.int(), bestPossible: z.int() }).optional(),
  wishes: z.strictObject({ unmet: z.number(), of: z.int(), bestPossible: z.number() }).optional(),
  topics: z.strictObject({ ranks: z.number(), of: z.int(), bestPossible: z.int() }).optional(),
  steady: z.strictObject({ moves: z.number(), bestPossible: z.int() }).optional(),
  avoid: z.strictObject({ short: z.number(), bestPossible: z.int() }).optional(),
  needs: Measure.optional(),
  rounds: z.strictObject({ made: z.int(), bestPossible: z.int() }).optional(),
});

/** The open result file: what the engine returns, with the reason of a clash also as a sentence. */
export const ResultSchema = z.strictObject({
  format: z.literal('gruppetto.result'),
  version: z.literal(1),
  feasible: z.boolean(),
  rounds: z.array(
    z.strictObject({
      groups: z.array(z.array(Id)),
      focus: z.array(z.array(z.string())).optional(),
    }),
  ),
  unplaced: z.array(Id),
  broken: z
    .array(
      z.strictObject({
        rule: z.int(),
        students: Students,
        group: z.int(),
        round: z.int().optional(),
      }),
    )
    .optional(),
  clash: z
    .strictObject({
      rules: z.array(z.int()),
      mayBeLess: z.boolean().optional(),
      reason: Reason,
      why: z.string(),
      waysOut: z.array(
        z.union([
          z.strictObject({ drop: z.int() }),
          z.strictObject({ drops: z.array(z.int()) }),
          z.strictObject({ groups: z.int() }),
          z.strictObject({ size: z.int() }),
          z.strictObject({ least: z.int(), most: z.int() }),
        ]),
      ),
    })
    .optional(),
  measures: Measures,
  search: z.strictObject({
    evaluations: z.int(),
    seed: z.int(),
    provenBest: z.boolean(),
    asGood: z.int().optional(),
    next: Measures.optional(),
  }),
});
export type ResultFile = z.infer<typeof ResultSchema>;

/** The file for a result; `why` is the sentence for its clash. */
export function toResultFile(result: ArrangeResult, why: string): ResultFile {
  const { clash, ...rest } = result;
  const file = ResultSchema.parse(clash ? { ...rest, clash: { ...clash, why } } : rest);
  const { spread, alike } = file.measures;
  return {
    ...file,
    measures: {
      ...file.measures,
      ...(spread ? { spread: withEveryName(spread, result.measures.spread) } : {}),
      ...(alike ? { alike: withEveryName(alike, result.measures.alike) } : {}),
    },
  };
}
