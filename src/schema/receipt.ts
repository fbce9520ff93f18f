import * as z from 'zod/mini';
import { ClassId, LineupId, newId, ReceiptId, StudentId, TakeId } from './ids';
import { renamedIds } from './renaming';
import type { RecordType } from './versions';

/** A group as it left. */
export const GroupLeft = z.object({
  name: z.string(),
  sign: z.int().check(z.gte(0)),
  studentIds: z.array(StudentId),
});
export type GroupLeft = z.infer<typeof GroupLeft>;

/** What a hand-off did, kept with the lineup. */
export const ReceiptRecord = z.object({
  record: z.literal('receipt'),
  id: ReceiptId,
  classId: ClassId,
  lineupId: LineupId,
  /** The take that left, and its number; the take itself may be gone. */
  takeId: z.nullable(TakeId),
  takeNumber: z.int().check(z.gte(1)),
  /** The way out. */
  to: z.string(),
  did: z.enum(['saved', 'copied', 'opened', 'sent']),
  /** The file's name; '' where there was no file. */
  file: z.string(),
  /** Whether addresses went along. */
  addresses: z.boolean(),
  at: z.iso.datetime(),
  groups: z.array(GroupLeft),
  /** Of what was sent to a service: where to, and what came of it; null for what went elsewhere. */
  service: z.nullable(
    z.object({
      address: z.string(),
      arrived: z.int().check(z.gte(0)),
      refused: z.array(z.object({ studentId: StudentId, reason: z.string() })),
      /** The session of rooms, so that the next hand-off goes on with it. */
      session: z.nullable(
        z.object({
          id: z.string(),
          rooms: z.array(
            z.object({
              name: z.string(),
              id: z.string(),
              link: z.nullable(z.string()),
              /** Of the group it was made for. */
              key: z.nullable(z.string()),
            }),
          ),
        }),
      ),
    }),
  ),
});
export type ReceiptRecord = z.infer<typeof ReceiptRecord>;

export const receiptType: RecordType<ReceiptRecord> = {
  record: 'receipt',
  validator: ReceiptRecord,
  migrations: [],
  freshId: () => newId(ReceiptId, 'rc'),
  owner: ({ classId }) => classId,
  list: 'receipts',
  renamed: (receipt, to) => {
    const [id, classId] = [to.receipt(receipt.id), to.class(receipt.classId)];
    const lineupId = to.lineup(receipt.lineupId);
    const takeId = receipt.takeId && to.take(receipt.takeId);
    if (id === null || classId === null || lineupId === null) return null;
    const groups = receipt.groups.map((group) => ({
      ...group,
      studentIds: renamedIds(group.studentIds, to.student),
    }));
    const refused = (receipt.service?.refused ?? []).flatMap((one) => {
      const studentId = to.student(one.studentId);
      return studentId === null ? [] : [{ ...one, studentId }];
    });
    const service = receipt.service && { ...receipt.service, refused };
    return { ...receipt, id, classId, lineupId, takeId, groups, service };
  },
  merging: {},
};
