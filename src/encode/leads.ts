import { shareCheapest, type Offer } from '../core/assign/cheapest';
import type { AdultRecord } from '../schema/adult';
import type { AdultId, PeriodId, StudentId } from '../schema/ids';
import type { Lead } from '../schema/plan';

/** A group that needs an adult: its key, members, and the names of the skills that it works on. */
export interface LedGroup {
  readonly key: string;
  readonly studentIds: readonly StudentId[];
  readonly focus: readonly string[];
}

/** What adults are given out by. */
export interface Leading {
  readonly groups: readonly LedGroup[];
  readonly adults: readonly AdultRecord[];
  /** The times at which the groups may meet, in their order. */
  readonly periods: readonly PeriodId[];
  /** Student → the adult of their group last time. */
  readonly last: ReadonlyMap<StudentId, AdultId>;
}

export type Leads = Readonly<Record<string, Lead>>;

/** Whom each student was led by last: the groups of earlier lineups, oldest first, with who led them. */
export function lastAdults(
  past: readonly { readonly groups: readonly Omit<LedGroup, 'focus'>[]; readonly leads: Leads }[],
): Leading['last'] {
  const last = new Map<StudentId, AdultId>();
  for (const { groups, leads } of past) {
    for (const { key, studentIds } of groups) {
      const adultId = leads[key]?.adultId;
      if (adultId) studentIds.forEach((id) => last.set(id, adultId));
    }
  }
  return last;
}

/** Something that a group's lead is not as it should be. */
export type LeadTrouble =
  /** No time at which they meet, or none at which the adult can. */
  | { readonly code: 'cannotThen' }
  /** The adult has more groups at that time than they lead at once. */
  | { readonly code: 'tooMany'; readonly atOnce: number; readonly given: number }
  /** Private: somebody in the group whose group they are not to lead. */
  | { readonly code: 'never'; readonly studentIds: readonly StudentId[] }
  /** Skills that the group works on and the adult does not teach. */
  | { readonly code: 'notTaught'; readonly skills: readonly string[] };

/** One thing by which more groups would have an adult. */
export type LeadChange =
  | { readonly what: 'time'; readonly adultId: AdultId; readonly periodId: PeriodId }
  | { readonly what: 'atOnce'; readonly adultId: AdultId }
  | {
      readonly what: 'letLead';
      readonly adultId: AdultId;
      readonly studentIds: readonly StudentId[];
    };

export interface LeadsGiven {
  readonly leads: Leads;
  /** Keys of groups that have no adult. */
  readonly without: readonly string[];
  /** Those of them that have no adult who could lead them at all, whatever the others have. */
  readonly impossible: readonly string[];
  /** Groups that get in each other's way, and the adults left to them: too few. Empty where every group has one. */
  readonly short: { readonly keys: readonly string[]; readonly adultIds: readonly AdultId[] };
  /** One after the other, what would give every group an adult; null where no such steps were found. */
  readonly wayOut: readonly LeadChange[] | null;
}

/**
 * Gives each group an adult and a time. Of all givings those with an adult for most groups, of them the fewest skills
 * that go untaught, of them the evenest load, of them most students with the adult of last time: exact, by one
 * minimum-cost flow. What is locked stays: a whole lead, or the time of a group that is to get an adult. Private rules
 * and times are never broken.
 */
export function giveLeads(of: Leading, before: Leads): LeadsGiven {
  const { leads, without, short } = given(of, before);
  const open = openGroups(of, before);
  const impossible = without.filter(
    (key) => !of.adults.some((adult) => open.some((one) => one.key === key && mayLead(adult, one))),
  );
  return {
    ...{ leads, without, short },
    impossible,
    wayOut: without.length === 0 ? [] : wayOutOf(of, before, without.length),
  };
}

type OpenGroup = LedGroup & { readonly times: readonly PeriodId[] };

/** Groups whose lead is not settled, with the times at which they may meet. */
function openGroups({ groups, periods }: Leading, before: Leads): readonly OpenGroup[] {
  return groups.flatMap((group): OpenGroup[] => {
    const lead = before[group.key];
    if (lead?.locked && lead.adultId !== null) return [];
    return [{ ...group, times: lead?.locked && lead.periodId ? [lead.periodId] : periods }];
  });
}

function mayLead(adult: AdultRecord, group: OpenGroup): boolean {
  return (
    adult.times.some((time) => group.times.includes(time)) &&
    !adult.never.some((id) => group.studentIds.includes(id))
  );
}

function given(of: Leading, before: Leads): Pick<LeadsGiven, 'leads' | 'without' | 'short'> {
  const { adults, groups, last } = of;
  const open = openGroups(of, before);
  const kept = groups.filter(({ key }) => !open.some((one) => one.key === key));
  const heldBy = (id: AdultId, time?: PeriodId): number =>
    kept.filter(({ key }) => {
      const lead = before[key];
      return lead?.adultId === id && (time === undefined || lead.periodId === time);
    }).length;
  const places = adults.flatMap((adult, holder) =>
    adult.times.map((time) => ({
      ...{ adult, holder, time },
      seats: Math.max(0, adult.atOnce - heldBy(adult.id, time)),
    })),
  );
  const members = groups.reduce((sum, { studentIds }) => sum + studentIds.length, 0);
  // Each weighs more than all below it together: students who change adults, unevenness, skills that go untaught.
  const evenness = members + 1;
  const untaught = evenness * (groups.length * groups.length + 1);
  const { placeOf, short } = shareCheapest({
    offers: open.map((group) =>
      places.flatMap(({ adult, time, seats }, place): Offer[] => {
        if (seats === 0 || !group.times.includes(time) || !mayLead(adult, group)) return [];
        const fresh = group.studentIds.filter((id) => last.get(id) !== adult.id).length;
        return [{ place, cost: untaught * notTaught(adult, group).length + fresh }];
      }),
    ),
    seats: places.map(({ seats }) => seats),
    holders: places.map(({ holder }) => holder),
    held: adults.map(({ id }) => heldBy(id)),
    evenness,
  });
  const leads = new Map(kept.map(({ key }) => [key, before[key] as Lead]));
  open.forEach(({ key }, at) => {
    const place = places[placeOf[at] ?? -1];
    const fixed = before[key]?.locked ? before[key].periodId : null;
    leads.set(key, {
      adultId: place?.adult.id ?? null,
      periodId: place?.time ?? fixed,
      locked: fixed !== null,
    });
  });
  const adultIds = short.places.flatMap((place) => places[place]?.adult.id ?? []);
  return {
    leads: Object.fromEntries(groups.flatMap(({ key }) => [[key, leads.get(key) as Lead]])),
    without: open.flatMap(({ key }, at) => (placeOf[at] === -1 ? [key] : [])),
    short: {
      keys: short.asking.flatMap((at) => open[at]?.key ?? []),
      adultIds: [...new Set(adultIds)],
    },
  };
}

/** Names of skills that a group works on and the adult does not teach; no skills named means all of them. */
export function notTaught(
  { skills }: Pick<AdultRecord, 'skills'>,
  { focus }: Pick<LedGroup, 'focus'>,
): readonly string[] {
  const taught = new Set(skills.map(plain));
  return taught.size === 0 ? [] : focus.filter((skill) => !taught.has(plain(skill)));
}

const plain = (name: string): string => name.trim().toLowerCase();

/** No more is looked for than a teacher would do by hand. */
const MOST_STEPS = 6;

/**
 * Changes that together give every group an adult, each the one that serves most of those still without; where a change
 * serves one more each time, no fewer would do. Rules that are private are let go last.
 */
function wayOutOf(of: Leading, before: Leads, missing: number): readonly LeadChange[] | null {
  const steps: LeadChange[] = [];
  let [now, left] = [of, missing];
  while (left > 0 && steps.length < MOST_STEPS) {
    let best: { change: LeadChange; next: Leading; left: number } | null = null;
    for (const change of changesOf(now)) {
      const next = { ...now, adults: changed(now.adults, change) };
      const count = given(next, before).without.length;
      if (count < (best?.left ?? left)) best = { change, next, left: count };
      if (best && left - best.left >= left) break;
    }
    if (!best) return null;
    steps.push(best.change);
    [now, left] = [best.next, best.left];
  }
  return left === 0 ? steps : null;
}

function changesOf({ adults, periods, groups }: Leading): readonly LeadChange[] {
  const inGroups = new Set(groups.flatMap(({ studentIds }) => studentIds));
  return [
    ...adults.flatMap(({ id, times }) =>
      periods
        .filter((periodId) => !times.includes(periodId))
        .map((periodId): LeadChange => ({ what: 'time', adultId: id, periodId })),
    ),
    ...adults
      .filter(({ times }) => times.length > 0)
      .map(({ id }): LeadChange => ({ what: 'atOnce', adultId: id })),
    ...adults.flatMap(({ id, never }): LeadChange[] => {
      const studentIds = never.filter((one) => inGroups.has(one));
      return studentIds.length > 0 ? [{ what: 'letLead', adultId: id, studentIds }] : [];
    }),
  ];
}

function changed(adults: Leading['adults'], change: LeadChange): Leading['adults'] {
  return adults.map((adult): AdultRecord => {
    if (adult.id !== change.adultId) return adult;
    switch (change.what) {
      case 'time':
        return { ...adult, times: [...adult.times, change.periodId] };
      case 'atOnce':
        return { ...adult, atOnce: adult.atOnce + 1 };
      case 'letLead':
        return { ...adult, never: [] };
      default:
        return change satisfies never;
    }
  });
}

/** What is not as it should be with each group that has an adult, by its key; groups in order have no entry. */
export function leadTroubles(
  { groups, adults }: Pick<Leading, 'groups' | 'adults'>,
  leads: Leads,
): Readonly<Record<string, readonly LeadTrouble[]>> {
  return Object.fromEntries(
    groups.flatMap((group) => {
      const lead = leads[group.key];
      const adult = adults.find(({ id }) => id === lead?.adultId);
      if (!lead || !adult) return [];
      const beside = groups.filter(({ key }) => {
        const other = leads[key];
        return other?.adultId === adult.id && other.periodId === lead.periodId;
      }).length;
      const never = adult.never.filter((id) => group.studentIds.includes(id));
      const skills = notTaught(adult, group);
      const found: LeadTrouble[] = [
        ...(lead.periodId === null || !adult.times.includes(lead.periodId)
          ? [{ code: 'cannotThen' } as const]
          : []),
        ...(lead.periodId !== null && beside > adult.atOnce
          ? [{ code: 'tooMany', atOnce: adult.atOnce, given: beside } as const]
          : []),
        ...(never.length > 0 ? [{ code: 'never', studentIds: never } as const] : []),
        ...(skills.length > 0 ? [{ code: 'notTaught', skills } as const] : []),
      ];
      return found.length > 0 ? [[group.key, found]] : [];
    }),
  );
}
