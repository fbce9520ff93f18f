import * as z from 'zod/mini';
import { AdultId, ClassId, LineupId, newId, PeriodId, PlanId } from './ids';
import { Picture } from './picture';
import type { RecordType } from './versions';

/** A place of work that groups come to in turn. */
export const Station = z.object({
  name: z.string(),
  instruction: z.string(),
  place: z.string(),
});
export type Station = z.infer<typeof Station>;

const Count = z.int().check(z.gte(1));

/** Groups in turn at stations, or groups that meet groups, with the whole table made at once. */
export const Turns = z.object({
  kind: z.enum(['stations', 'meet']),
  stations: z.array(Station),
  /** The most groups at a station. */
  perStation: Count,
  /** Minutes of a turn; null without a clock. */
  minutes: z.nullable(z.number()),
  /** turn → row of the group → station from 0, null for a break. */
  table: z.array(z.array(z.nullable(z.int().check(z.gte(0))))),
});
export type Turns = z.infer<typeof Turns>;

/** Who leads a group, and when it meets; null for what is not settled. */
export const Lead = z.object({
  adultId: z.nullable(AdultId),
  periodId: z.nullable(PeriodId),
  /** Stays when adults are given out anew. */
  locked: z.boolean(),
});
export type Lead = z.infer<typeof Lead>;

/** What a group is about, for the class; '' and null where nothing is said. */
export const GroupCard = z.object({ text: z.string(), picture: z.nullable(Picture) });
export type GroupCard = z.infer<typeof GroupCard>;

export const NO_CARD: GroupCard = { text: '', picture: null };

/** What the class does in a lineup: all of it may be shown to them. */
export const PlanRecord = z.object({
  record: z.literal('plan'),
  id: PlanId,
  classId: ClassId,
  lineupId: LineupId,
  /** Markdown. */
  instructions: z.string(),
  /** Sign of a group → where it works: words or a link. */
  places: z.record(z.string(), z.string()),
  /** Sign of a group → what it is about, in words and as a picture. */
  cards: z.record(z.string(), GroupCard),
  turns: z.nullable(Turns),
  /** Key of a group, its sign (`encode/publicLineup` groupKeys) → its adult and time. */
  leads: z.record(z.string(), Lead),
  /** The times at which its groups may meet; null for all of the class. */
  meetAt: z.nullable(z.array(PeriodId)),
  /** The lineup of the expert groups that these home groups are sent to. */
  expertsId: z.nullable(LineupId),
});
export type PlanRecord = z.infer<typeof PlanRecord>;

export const planType: RecordType<PlanRecord> = {
  record: 'plan',
  validator: PlanRecord,
  migrations: [
    {
      name: 'plan/1 give groups an adult and a time',
      up: (data) => ({ ...data, leads: {}, meetAt: null }),
    },
    {
      name: 'plan/2 say in words and a picture what a group is about',
      up: (data) => ({ ...data, cards: {} }),
    },
  ],
  freshId: () => newId(PlanId, 'p'),
  owner: ({ classId }) => classId,
  list: 'plans',
  renamed: (plan, to) => {
    const [id, classId] = [to.plan(plan.id), to.class(plan.classId)];
    const lineupId = to.lineup(plan.lineupId);
    if (id === null || classId === null || lineupId === null) return null;
    return {
      ...plan,
      id,
      classId,
      lineupId,
      leads: Object.fromEntries(
        Object.entries(plan.leads).map(([key, lead]) => [
          key,
          { ...lead, adultId: lead.adultId && to.adult(lead.adultId) },
        ]),
      ),
      expertsId: plan.expertsId && to.lineup(plan.expertsId),
    };
  },
  merging: { places: { each: 'whole' }, cards: { each: 'whole' }, leads: { each: 'whole' } },
};

/** The plan of a lineup for which nothing was planned yet. */
export function emptyPlan(id: PlanId, classId: ClassId, lineupId: LineupId): PlanRecord {
  return {
    record: 'plan',
    id,
    classId,
    lineupId,
    instructions: '',
    places: {},
    cards: {},
    turns: null,
    leads: {},
    meetAt: null,
    expertsId: null,
  };
}
