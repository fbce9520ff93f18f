import { shareCheapest, type Offer } from '../core/assign/cheapest';
import { MOST_AT_ONCE, type AdultRecord } from '../schema/adult';
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
  /** Groups that get in each other's way, and the adults left to them: too few. Empty where every group has one. */
  readonly short: { readonly keys: readonly string[]; readonly adultIds: readonly AdultId[] };
}

/**
 * Gives each group an adult and a time. Of all givings those with an adult for most groups, of them the fewest skills
 * that go untaught, of them the evenest load, of them most students with the adult of last time: exact, by one
 * minimum-cost flow. What is locked stays: a whole lead, or the time of a group that is to get an adult. Private rules
 * and times are never broken.
 */
export function giveLeads(of: Leading, before: Leads): LeadsGiven {
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
      // A place that is full with what is locked is offered too: with a seat more it would do.
      places.flatMap(({ adult, time }, place): Offer[] => {
        if (!group.times.includes(time) || !mayLead(adult, group)) return [];
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

/** Keys of groups that no adult may lead at a time at which they can meet, whatever others have. */
export function beyondAll(of: Leading, before: Leads): readonly string[] {
  return openGroups(of, before).flatMap((group) =>
    of.adults.some((adult) => mayLead(adult, group)) ? [] : [group.key],
  );
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
 * So many givings are tried in all, the fewer the larger they are, so that the page does not wait: of each group with each
 * place there are so many in all of them together.
 */
const MOST_WORK = 250_000;
const MOST_TRIED = 3_000;

function triesFor({ groups, adults, periods }: Leading): number {
  const work = Math.max(1, groups.length * adults.length * periods.length);
  return Math.min(MOST_TRIED, Math.ceil(MOST_WORK / work));
}

/**
 * Changes that together give every group an adult: the fewest, where few enough sets of changes have to be tried, else one
 * after the other that serves most of those still without; null where none were found. Private rules are let go only where
 * nothing else is enough.
 */
export function wayOutOf(of: Leading, before: Leads): readonly LeadChange[] | null {
  const first = giveLeads(of, before);
  if (first.without.length === 0) return [];
  const all = changesOf(of);
  const open = all.filter(({ what }) => what !== 'letLead');
  return (
    fewestOf(of, before, open) ??
    stepByStep(of, before, first, false) ??
    fewestOf(of, before, all) ??
    stepByStep(of, before, first, true)
  );
}

/** The fewest of these changes that are enough, any of them more than once; null where too many sets are to be tried. */
function fewestOf(
  of: Leading,
  before: Leads,
  changes: readonly LeadChange[],
): readonly LeadChange[] | null {
  const mostSets = triesFor(of);
  let tried = 0;
  const among = (
    from: number,
    left: number,
    adults: Leading['adults'],
  ): readonly LeadChange[] | null => {
    if (left === 0) {
      tried++;
      return giveLeads({ ...of, adults }, before).without.length === 0 ? [] : null;
    }
    for (let at = from; at < changes.length && tried < mostSets; at++) {
      const change = changes[at] as LeadChange;
      const rest = among(at, left - 1, afterChanges(adults, [change]));
      if (rest) return [change, ...rest];
    }
    return null;
  };
  for (let count = 1; count <= MOST_STEPS && tried < mostSets; count++) {
    const found = among(0, count, of.adults);
    if (found) return found;
  }
  return null;
}

function stepByStep(
  of: Leading,
  before: Leads,
  first: LeadsGiven,
  withPrivate: boolean,
): readonly LeadChange[] | null {
  const steps: LeadChange[] = [];
  let [now, was] = [of, first];
  let left = triesFor(of);
  while (was.without.length > 0 && steps.length < MOST_STEPS) {
    let best: { change: LeadChange; next: Leading; then: LeadsGiven } | null = null;
    const changes = promising(now, before, was);
    // A time serves as many as are led at once, a seat more one at each time: where even that is not enough, nothing is.
    const mostByOne = Math.max(MOST_AT_ONCE, now.periods.length);
    if (!withPrivate && mostByOne * (MOST_STEPS - steps.length) < was.without.length) return null;
    for (const { change, most } of changes) {
      if (change.what === 'letLead' && !withPrivate) continue;
      const gain = best ? was.without.length - best.then.without.length : 0;
      // No other can serve more than this one does.
      if (most <= gain || left === 0) break;
      left--;
      const next = { ...now, adults: afterChanges(now.adults, [change]) };
      const then = giveLeads(next, before);
      if (was.without.length - then.without.length > gain) best = { change, next, then };
    }
    if (!best) return null;
    steps.push(best.change);
    [now, was] = [best.next, best.then];
  }
  return was.without.length === 0 ? steps : null;
}

/**
 * Changes that can serve more groups, with how many more at the most, the most promising first: a new place serves one
 * more where a group that is short could take it (an augmenting path ends there), another seat where its place is one of
 * those that are all full.
 */
function promising(
  of: Leading,
  before: Leads,
  { short }: LeadsGiven,
): readonly { readonly change: LeadChange; readonly most: number }[] {
  const groups = openGroups(of, before).filter(({ key }) => short.keys.includes(key));
  const adultOf = new Map(of.adults.map((adult) => [adult.id, adult]));
  const most = (change: LeadChange): number => {
    const adult = adultOf.get(change.adultId);
    if (!adult) return 0;
    switch (change.what) {
      case 'time': {
        const then = groups.filter(
          ({ times, studentIds }) =>
            times.includes(change.periodId) && !adult.never.some((id) => studentIds.includes(id)),
        );
        return Math.min(adult.atOnce, then.length);
      }
      case 'atOnce':
        return short.adultIds.includes(adult.id) ? adult.times.length : 0;
      case 'letLead':
        return groups.filter(({ studentIds }) =>
          change.studentIds.some((id) => studentIds.includes(id)),
        ).length;
      default:
        return change satisfies never;
    }
  };
  const found = changesOf(of).flatMap((change) => {
    const gain = most(change);
    return gain > 0 ? [{ change, most: gain }] : [];
  });
  const isPrivate = ({ change }: (typeof found)[number]): boolean => change.what === 'letLead';
  const open = found.filter((one) => !isPrivate(one));
  return [...open.sort((a, b) => b.most - a.most), ...found.filter(isPrivate)];
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
      .filter(({ atOnce }) => atOnce < MOST_AT_ONCE)
      .map(({ id }): LeadChange => ({ what: 'atOnce', adultId: id })),
    ...adults.flatMap(({ id, never }): LeadChange[] => {
      const studentIds = never.filter((one) => inGroups.has(one));
      return studentIds.length > 0 ? [{ what: 'letLead', adultId: id, studentIds }] : [];
    }),
  ];
}

/** Adults as they are after changes; nobody leads more at once than can be said of an adult. */
export function afterChanges(
  adults: readonly AdultRecord[],
  changes: readonly LeadChange[],
): readonly AdultRecord[] {
  return changes.reduce<readonly AdultRecord[]>(
    (all, change) => all.map((one) => (one.id === change.adultId ? changed(one, change) : one)),
    adults,
  );
}

function changed(adult: AdultRecord, change: LeadChange): AdultRecord {
  switch (change.what) {
    case 'time':
      return { ...adult, times: [...new Set([...adult.times, change.periodId])] };
    case 'atOnce':
      return { ...adult, atOnce: Math.min(MOST_AT_ONCE, adult.atOnce + 1) };
    case 'letLead':
      return { ...adult, never: adult.never.filter((id) => !change.studentIds.includes(id)) };
    default:
      return change satisfies never;
  }
}

/** What is not as it should be with each group that has an adult, by its key; groups in order have no entry. */
export function leadTroubles(
  of: Pick<Leading, 'groups' | 'adults'>,
  leads: Leads,
): Readonly<Record<string, readonly LeadTrouble[]>> {
  return Object.fromEntries(
    of.groups.flatMap((group) => {
      const found = troublesOf(of, leads, group);
      return found.length > 0 ? [[group.key, found]] : [];
    }),
  );
}

/** The same of one group. */
export function troublesOf(
  { groups, adults }: Pick<Leading, 'groups' | 'adults'>,
  leads: Leads,
  group: LedGroup,
): readonly LeadTrouble[] {
  const lead = leads[group.key];
  const adult = adults.find(({ id }) => id === lead?.adultId);
  if (!lead || !adult) return [];
  const beside = groups.filter(({ key }) => {
    const other = leads[key];
    return other?.adultId === adult.id && other.periodId === lead.periodId;
  }).length;
  const never = adult.never.filter((id) => group.studentIds.includes(id));
  const skills = notTaught(adult, group);
  return [
    ...(lead.periodId === null || !adult.times.includes(lead.periodId)
      ? [{ code: 'cannotThen' } as const]
      : []),
    ...(lead.periodId !== null && beside > adult.atOnce
      ? [{ code: 'tooMany', atOnce: adult.atOnce, given: beside } as const]
      : []),
    ...(never.length > 0 ? [{ code: 'never', studentIds: never } as const] : []),
    ...(skills.length > 0 ? [{ code: 'notTaught', skills } as const] : []),
  ];
}
