import * as z from 'zod/mini';
import { ClassId, newId, RuleId, StudentId } from './ids';
import { renamedIds } from './renaming';
import type { RecordType } from './versions';

/** The kinds of quiet rules, as they are offered. */
export const QUIET_KINDS = ['apart', 'together'] as const;

/** A quiet rule: for the teacher only, never on stage, in print or in a hand-off. */
export const RuleRecord = z.object({
  record: z.literal('rule'),
  id: RuleId,
  classId: ClassId,
  kind: z.enum(QUIET_KINDS),
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
  freshId: () => newId(RuleId, 'r'),
  owner: ({ classId }) => classId,
  list: 'rules',
  renamed: (rule, to) => {
    const [id, classId] = [to.rule(rule.id), to.class(rule.classId)];
    const studentIds = renamedIds(rule.studentIds, to.student);
    // About one student there is nothing to say.
    return id === null || classId === null || studentIds.length < 2
      ? null
      : { ...rule, id, classId, studentIds };
  },
  merging: { studentIds: 'set' },
  // Two tabs that each take out somebody may leave one: then the rule stands as it was.
  settle: (joined, current) => (joined.studentIds.length < 2 ? current : joined),
};
