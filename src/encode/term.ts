import type { StudentId } from '../schema/ids';
import { LEAD } from '../schema/take';

/** A lineup of the term: one that was used, with those who were there, or one that is planned. */
export interface TermLineup {
  readonly id: string;
  readonly name: string;
  /** YYYY-MM-DD; null for a planned one without a day. */
  readonly on: string | null;
  readonly state: 'used' | 'planned';
  /** False for one more day of the same groups, which is shown and counted for nothing. */
  readonly counts: boolean;
  readonly groups: readonly {
    readonly sign: number;
    readonly name: string;
    readonly studentIds: readonly StudentId[];
    /** Role → who has it. */
    readonly roles: Readonly<Record<string, StudentId>>;
  }[];
}

/** Where somebody was in a lineup. */
export interface TermCell {
  readonly sign: number;
  readonly group: string;
  readonly roles: readonly string[];
  /** Somebody of the group had been a partner before. */
  readonly again: boolean;
}

export interface TermRow {
  readonly studentId: StudentId;
  /** One for each lineup, in its order; null where they were in none of its groups. */
  readonly cells: readonly (TermCell | null)[];
  /** Partners met so far, and with all that is planned. */
  readonly met: number;
  readonly willMeet: number;
  /** Of these, how often with somebody met before, over all. */
  readonly repeats: number;
  /** Role → how often, over all. */
  readonly turns: Readonly<Record<string, number>>;
  /** How often in a group smaller than the largest of its lineup, over all. */
  readonly small: number;
}

export interface Term {
  /** Used ones by their day, then planned ones. */
  readonly lineups: readonly TermLineup[];
  readonly rows: readonly TermRow[];
  /** Every role that somebody had or will have, the lead first. */
  readonly roles: readonly string[];
  /** Pairs of each lineup who had been together in an earlier one. */
  readonly repeats: readonly number[];
  /** Mean number of partners met after each lineup, and the most that their sizes allow. */
  readonly meanMet: readonly number[];
  readonly mostMet: readonly number[];
  /** How often two students are together, over all or in what was used. */
  readonly together: (one: StudentId, two: StudentId) => readonly number[];
}

/** The lineups of a term read along each student's line; `studentIds` are the rows, everybody else is left out. */
export function termOf(all: readonly TermLineup[], studentIds: readonly StudentId[]): Term {
  const lineups = [...all].sort(
    (a, b) =>
      Number(a.state === 'planned') - Number(b.state === 'planned') ||
      (a.on ?? '9').localeCompare(b.on ?? '9'),
  );
  const known = new Set(studentIds);
  const place = new Map(studentIds.map((id, at) => [id, at]));
  // pair → the lineups in which it is together, oldest first; by places, since texts cost more than all the rest
  const pairs = new Map<number, number[]>();
  const key = (one: number, two: number): number =>
    one < two ? one * studentIds.length + two : two * studentIds.length + one;
  const rows = studentIds.map(() => ({
    cells: new Array<TermCell | null>(lineups.length).fill(null),
    met: 0,
    willMeet: 0,
    repeats: 0,
    turns: Object.create(null) as Record<string, number>,
    small: 0,
  }));
  const repeats: number[] = [];
  const meanMet: number[] = [];
  const mostMet: number[] = [];
  let [metPairs, meetings] = [0, 0];
  for (const [at, { groups, state, counts }] of lineups.entries()) {
    let again = 0;
    const largest = Math.max(0, ...groups.map((group) => group.studentIds.length));
    for (const group of groups) {
      const ids = group.studentIds.filter((id) => known.has(id));
      const given = Object.entries(group.roles);
      const repeating = new Map<StudentId, number>();
      if (counts) meetings += ids.length * (ids.length - 1);
      const places = ids.map((id) => place.get(id) ?? 0);
      for (const [index, one] of counts ? ids.entries() : []) {
        for (let other = index + 1; other < ids.length; other++) {
          const two = ids[other] as StudentId;
          const pair = key(places[index] as number, places[other] as number);
          const together = pairs.get(pair);
          if (together) {
            again++;
            for (const id of [one, two]) repeating.set(id, (repeating.get(id) ?? 0) + 1);
            together.push(at);
          } else {
            metPairs++;
            pairs.set(pair, [at]);
            for (const where of [places[index], places[other]]) {
              const row = rows[where as number];
              if (row) row.willMeet++;
            }
          }
        }
      }
      for (const id of ids) {
        const row = rows[place.get(id) ?? -1];
        if (!row) continue;
        const roles = given.flatMap(([role, who]) => (who === id ? [role] : []));
        row.cells[at] = {
          ...{ sign: group.sign, group: group.name, roles },
          again: repeating.has(id),
        };
        if (!counts) continue;
        row.repeats += repeating.get(id) ?? 0;
        if (group.studentIds.length < largest) row.small++;
        roles.forEach((role) => (row.turns[role] = (row.turns[role] ?? 0) + 1));
      }
    }
    repeats.push(again);
    const count = Math.max(1, studentIds.length);
    meanMet.push((2 * metPairs) / count);
    mostMet.push(Math.min(count - 1, meetings / count));
    if (state === 'used') rows.forEach((row) => (row.met = row.willMeet));
  }
  return {
    lineups,
    rows: rows.map((row, at) => ({ ...row, studentId: studentIds[at] as StudentId })),
    roles: [...new Set(rows.flatMap(({ turns }) => Object.keys(turns)))].sort(
      (a, b) => Number(b === LEAD) - Number(a === LEAD),
    ),
    repeats,
    meanMet,
    mostMet,
    together: (one, two) => {
      const [a, b] = [place.get(one), place.get(two)];
      return a === undefined || b === undefined ? [] : (pairs.get(key(a, b)) ?? []);
    },
  };
}

/** The orders in which the rows of a term can be read. */
export const TERM_ORDERS = ['name', 'section', 'met', 'repeats', 'small', 'lead'] as const;
export type TermOrder = (typeof TERM_ORDERS)[number];

/** A number by which a row stands in an order other than by name; the smaller first. */
export function termRank(row: TermRow, order: TermOrder): number {
  switch (order) {
    case 'met':
      return row.willMeet;
    case 'repeats':
      return -row.repeats;
    case 'small':
      return -row.small;
    case 'lead':
      return row.turns.lead ?? 0;
    case 'name':
    case 'section':
      return 0;
  }
}
