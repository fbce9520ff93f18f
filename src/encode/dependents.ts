import type { ActivityRecord } from '../schema/activity';
import { usesOf, type LineupRecord } from '../schema/lineup';
import type { PlanRecord } from '../schema/plan';
import type { ReceiptRecord } from '../schema/receipt';
import type { SceneRecord } from '../schema/scene';
import type { SeatSessionRecord } from '../schema/seatSession';

/** A lineup and the records around it that may hang on it, all of one class. */
export interface Around {
  readonly lineup: LineupRecord;
  readonly lineups: readonly LineupRecord[];
  readonly plans: readonly PlanRecord[];
  /** Newest first. */
  readonly receipts: readonly ReceiptRecord[];
  readonly scenes: readonly SceneRecord[];
  readonly seatSessions: readonly SeatSessionRecord[];
  readonly activities: readonly ActivityRecord[];
}

/** One thing that hangs on a lineup; days are YYYY-MM-DD. */
export type Dependent =
  | { readonly kind: 'used' | 'ahead'; readonly days: readonly string[] }
  /** Other lineups: sent to as experts, at home here, or dealt out of its groups; activities that are worked in it. */
  | {
      readonly kind: 'experts' | 'homes' | 'dealtFrom' | 'activities';
      readonly names: readonly string[];
    }
  /** What stands in a service: rooms that may be open, spaces with what was written there. */
  | { readonly kind: 'rooms' | 'channels'; readonly on: string }
  /** Files, letters and sheets that say what will not be so any more; what the class sees now. */
  | { readonly kind: 'copies' | 'stage' }
  /** Students choose just now. */
  | { readonly kind: 'seats' };

const SERVICES = ['rooms', 'channels'] as const;

/** Every kind of thing that can hang on a lineup; a new part of the application adds its line. */
const FINDERS: readonly ((around: Around) => readonly Dependent[])[] = [
  ({ lineup }) =>
    some(
      'used',
      usesOf(lineup).map(({ on }) => on),
    ),
  ({ lineup }) => some('ahead', daysAhead(lineup)),
  ({ lineup, lineups, plans }) => {
    const experts = plans.find((plan) => plan.lineupId === lineup.id)?.expertsId;
    return named(
      'experts',
      lineups.filter(({ id }) => id === experts),
    );
  },
  ({ lineup, lineups, plans }) => {
    const homes = new Set(
      plans.flatMap((one) => (one.expertsId === lineup.id ? [one.lineupId] : [])),
    );
    return named(
      'homes',
      lineups.filter(({ id }) => homes.has(id)),
    );
  },
  ({ lineup, lineups }) =>
    named(
      'dealtFrom',
      lineups.filter(({ recipe: { who } }) => who.of === 'groups' && who.lineupId === lineup.id),
    ),
  ({ receipts }) =>
    SERVICES.flatMap((kind): Dependent[] => {
      const newest = receipts.find(({ to, did }) => to === kind && did === 'sent');
      return newest ? [{ kind, on: newest.at.slice(0, 10) }] : [];
    }),
  ({ receipts }) =>
    receipts.some(({ to }) => !SERVICES.some((one) => one === to)) ? [{ kind: 'copies' }] : [],
  ({ lineup, scenes }) =>
    scenes.some(({ held }) => held?.lineupId === lineup.id) ? [{ kind: 'stage' }] : [],
  ({ lineup, seatSessions }) =>
    seatSessions.some(
      ({ lineupId, opened, closedAt }) => lineupId === lineup.id && opened && closedAt === null,
    )
      ? [{ kind: 'seats' }]
      : [],
  ({ lineup, activities }) =>
    named(
      'activities',
      activities.filter(({ lineupId }) => lineupId === lineup.id),
    ),
];

/** All that hangs on a lineup: asked before its groups change, before it is deleted, and wherever it is told of. */
export function dependentsOf(around: Around): readonly Dependent[] {
  const own = around.receipts.filter(({ lineupId }) => lineupId === around.lineup.id);
  return FINDERS.flatMap((find) => find({ ...around, receipts: own }));
}

/** The days on which a lineup is planned and was not used yet, the first one first. */
export function daysAhead(lineup: Pick<LineupRecord, 'planned' | 'used'>): readonly string[] {
  const { planned } = lineup;
  if (!planned) return [];
  const done = new Set(usesOf(lineup).map(({ on }) => on));
  const days = [...(planned.on !== null && !lineup.used ? [planned.on] : []), ...planned.also];
  return days.filter((day) => !done.has(day));
}

function some(kind: 'used' | 'ahead', days: readonly string[]): readonly Dependent[] {
  return days.length === 0 ? [] : [{ kind, days }];
}

function named(
  kind: 'experts' | 'homes' | 'dealtFrom' | 'activities',
  all: readonly { readonly name: string }[],
): readonly Dependent[] {
  return all.length === 0 ? [] : [{ kind, names: all.map(({ name }) => name) }];
}
