import * as z from 'zod/mini';

// Compiled checks would need `eval`, which the content policy forbids.
z.config({ jitless: true });

/** Ids are opaque strings; the brand keeps a student's id from being passed where a group's is wanted. */
const text = (most = 64) => z.string().check(z.minLength(1), z.maxLength(most));

export const ClassId = text().brand<'ClassId'>();
export type ClassId = z.infer<typeof ClassId>;

export const StudentId = text().brand<'StudentId'>();
export type StudentId = z.infer<typeof StudentId>;

export const RuleId = text().brand<'RuleId'>();
export type RuleId = z.infer<typeof RuleId>;

export const DetailId = text().brand<'DetailId'>();
export type DetailId = z.infer<typeof DetailId>;

export const SectionId = text().brand<'SectionId'>();
export type SectionId = z.infer<typeof SectionId>;

export const LeaveOutId = text().brand<'LeaveOutId'>();
export type LeaveOutId = z.infer<typeof LeaveOutId>;

export const PeriodId = text().brand<'PeriodId'>();
export type PeriodId = z.infer<typeof PeriodId>;

export const AdultId = text().brand<'AdultId'>();
export type AdultId = z.infer<typeof AdultId>;

export const ResultsId = text().brand<'ResultsId'>();
export type ResultsId = z.infer<typeof ResultsId>;

export const LineupId = text().brand<'LineupId'>();
export type LineupId = z.infer<typeof LineupId>;

export const TakeId = text().brand<'TakeId'>();
export type TakeId = z.infer<typeof TakeId>;

export const DraftId = text(128).brand<'DraftId'>();
export type DraftId = z.infer<typeof DraftId>;

export const SettingId = text(160).brand<'SettingId'>();
export type SettingId = z.infer<typeof SettingId>;

export const PlanId = text().brand<'PlanId'>();
export type PlanId = z.infer<typeof PlanId>;

export const DrawId = text().brand<'DrawId'>();
export type DrawId = z.infer<typeof DrawId>;

export const ReceiptId = text().brand<'ReceiptId'>();
export type ReceiptId = z.infer<typeof ReceiptId>;

export const SeriesId = text().brand<'SeriesId'>();
export type SeriesId = z.infer<typeof SeriesId>;

export const SeatSessionId = text().brand<'SeatSessionId'>();
export type SeatSessionId = z.infer<typeof SeatSessionId>;

export const ActivityId = text().brand<'ActivityId'>();
export type ActivityId = z.infer<typeof ActivityId>;

export const SceneId = text(128).brand<'SceneId'>();
export type SceneId = z.infer<typeof SceneId>;

const ID_BYTES = 10;
/** Random bytes drawn ahead, each used once: a long list takes thousands of ids at once. */
const pool = new Uint8Array(200 * ID_BYTES);
let used = pool.length;
/** Byte → its two digits. */
const HEX = Array.from({ length: 256 }, (_, byte) => byte.toString(16).padStart(2, '0'));

/** A fresh id: letters for the kind and 80 random bits, enough that two browsers never meet. */
export function newId<T extends z.ZodMiniType>(schema: T, letter: string): z.infer<T> {
  if (used + ID_BYTES > pool.length) {
    crypto.getRandomValues(pool);
    used = 0;
  }
  let id = `${letter}_`;
  for (const end = used + ID_BYTES; used < end; used += 1)
    id += HEX[pool[used] as number] as string;
  return schema.parse(id);
}
