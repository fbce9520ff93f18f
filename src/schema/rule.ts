import * as z from 'zod/mini';
import { ClassId, RuleId, StudentId } from './ids';
import type { RecordType } from './versions';

/** A quiet rule: for the teacher only, never on stage, in print or in a hand-off. */
export const RuleRecord = z.object({
  record: z.literal('rule'),
  id: RuleId,
  classId: ClassId,
  kind: z.enum(['apart', 'together']),
  studentIds: z.array(StudentId).check(z.minLength(2)),
  /** Private. */
  reason: z.string(),
  /** Last day on which the rule holds, or null. */
  until: z.nullable(z.iso.date()),
  order: z.number(),
});
export type RuleRecord = z.infer<typeof RuleRecord>;
export type RuleKindName = RuleRecord['kind'];

export const ruleType: RecordType<RuleRecord> = {
  record: 'rule',
  validator: RuleRecord,
  migrations: [],
};
