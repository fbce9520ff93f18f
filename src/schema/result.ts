import { z } from 'zod';
import type { ArrangeResult } from '../core/format';

const Id = z.string();

const Reason = z.discriminatedUnion('code', [
  z.strictObject({ code: z.literal('togetherYetApart'), students: z.array(Id) }),
  z.strictObject({
    code: z.literal('blockTooLarge'),
    students: z.array(Id),
    blockSize: z.int(),
    largestGroup: z.int(),
  }),
  z.strictObject({
    code: z.literal('tooManyApart'),
    students: z.array(Id),
    needed: z.int(),
    groups: z.int(),
  }),
  z.strictObject({ code: z.literal('exhausted'), students: z.array(Id) }),
]);

/** The open result file: what the engine returns, with the reason of a clash also as a sentence. */
export const ResultSchema = z.strictObject({
  format: z.literal('gruppetto.result'),
  version: z.literal(1),
  feasible: z.boolean(),
  rounds: z.array(z.strictObject({ groups: z.array(z.array(Id)) })),
  unplaced: z.array(Id),
  broken: z
    .array(z.strictObject({ rule: z.int(), students: z.array(Id), group: z.int() }))
    .optional(),
  clash: z
    .strictObject({
      rules: z.array(z.int()),
      reason: Reason,
      why: z.string(),
      waysOut: z.array(
        z.union([z.strictObject({ drop: z.int() }), z.strictObject({ groups: z.int() })]),
      ),
    })
    .optional(),
  measures: z.strictObject({}),
  search: z.strictObject({ evaluations: z.int(), seed: z.int(), provenBest: z.boolean() }),
});
export type ResultFile = z.infer<typeof ResultSchema>;

/** The file for a result; `why` is the sentence for its clash. */
export function toResultFile(result: ArrangeResult, why: string): ResultFile {
  const { clash, ...rest } = result;
  return ResultSchema.parse(clash ? { ...rest, clash: { ...clash, why } } : rest);
}
