import { z } from 'zod';
import { meetingTable } from '../core/stations/meetings';
import { stationTable } from '../core/stations/rotation';
import { turnsForAll } from '../core/stations/shape';
import { MOST_GROUPS, MOST_STATIONS, MOST_TURNS, type TurnTable } from '../core/stations/types';

const whole = (most: number) => z.int().min(1).max(most);

/** What `gruppetto stations` reads: groups that go round stations or, with `meet`, groups that meet groups. */
export const StationsRequest = z.strictObject({
  groups: whole(MOST_GROUPS),
  /** Needed for a rotation; where groups meet, the places there are, without it as many as there are pairs. */
  stations: whole(MOST_STATIONS).optional(),
  /** The most groups at a station; no more are put together than must be. Not used where groups meet. */
  perStation: whole(MOST_GROUPS).default(1),
  /** Without it, as many as it takes until every group has been everywhere, or has met all others. */
  turns: whole(MOST_TURNS).optional(),
  meet: z.boolean().default(false),
  seed: z.int().default(1),
});

/** What it writes; turns, groups and stations are counted from 0, null is a break. */
export const StationsResult = z.strictObject({
  table: z.array(z.array(z.int().min(0).nullable())),
  pairsTwice: z.int().min(0),
  visitsTwice: z.int().min(0),
  breaks: z.array(z.int().min(0)),
  bestPossible: z.strictObject({
    pairsTwice: z.int().min(0),
    visitsTwice: z.int().min(0),
    breaks: z.strictObject({ total: z.int().min(0), apart: z.int().min(0) }),
  }),
});

/** Why a file is no request for stations. */
export type StationsIssue =
  | { readonly code: 'notWhole'; readonly field: string; readonly most: number }
  | { readonly code: 'noStations' }
  | { readonly code: 'unknownFields'; readonly fields: readonly string[] }
  | { readonly code: 'notStations' };

export type ReadStations =
  | { readonly ok: true; readonly result: TurnTable }
  | { readonly ok: false; readonly issues: readonly StationsIssue[] };

const MOST: Readonly<Record<string, number>> = {
  groups: MOST_GROUPS,
  stations: MOST_STATIONS,
  perStation: MOST_GROUPS,
  turns: MOST_TURNS,
};

/** Checks a request and makes its table. */
export function answerStations(data: unknown): ReadStations {
  const read = StationsRequest.safeParse(data);
  if (!read.success) return { ok: false, issues: read.error.issues.map(issueOf) };
  const { groups, stations, perStation, turns, meet, seed } = read.data;
  if (meet) {
    const table = meetingTable({ groups, places: stations ?? null, turns: turns ?? null }, seed);
    return { ok: true, result: table };
  }
  if (stations === undefined) return { ok: false, issues: [{ code: 'noStations' }] };
  const asked = { groups, stations, perStation };
  const result = stationTable({ ...asked, turns: turns ?? turnsForAll(asked) }, seed);
  return { ok: true, result };
}

function issueOf(issue: z.core.$ZodIssue): StationsIssue {
  if (issue.code === 'unrecognized_keys') return { code: 'unknownFields', fields: issue.keys };
  const field = issue.path.length === 1 ? String(issue.path[0]) : '';
  const most = MOST[field];
  return most === undefined ? { code: 'notStations' } : { code: 'notWhole', field, most };
}
