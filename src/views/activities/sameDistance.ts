import type { LineupRecord } from '@/schema/lineup';

const DAY_MS = 86_400_000;

/** The day a lineup is worked in: planned, or first used; null for neither. */
function dayOf(lineup: LineupRecord | undefined): string | null {
  return lineup?.used?.on ?? lineup?.planned?.on ?? null;
}

/**
 * A moment as far after the day of one lineup as the given one is after the day of another, at the same time of day; on the
 * day itself where the other's day is not known, and null where there is no day to count from.
 */
export function sameDistance(
  moment: string | null,
  from: LineupRecord | undefined,
  to: LineupRecord,
): string | null {
  const [before, day] = [dayOf(from), dayOf(to)];
  if (moment === null || day === null) return null;
  const days =
    before === null ? 0 : (Date.parse(moment.slice(0, 10)) - Date.parse(before)) / DAY_MS;
  const on = new Date(Date.parse(day) + days * DAY_MS).toISOString().slice(0, 10);
  return `${on}${moment.slice(10)}`;
}
