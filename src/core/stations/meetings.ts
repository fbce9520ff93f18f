import { countTable } from './count';
import { placedPairs } from './places';
import { roomTable } from './room';
import type { Meetings, Pair, TurnTable } from './types';

/** Beyond this a square is not found in good time. */
const MOST_SIDE = 41;

/**
 * Groups that meet groups, each pair once before any comes again, by the circle method (Kirkman 1847): the pairs in the
 * order of its rounds, so that no group has more than one meeting more than another; with fewer places than pairs the
 * rounds are evened out over more turns. Places are given so that each group sees as many of them as it can. The bounds
 * are over all tables in which nobody is met a second time before all have met.
 */
export function meetingTable(meetings: Meetings, seed = 1): TurnTable {
  const { groups } = meetings;
  const rounds = circle(groups);
  const together = Math.floor(groups / 2);
  const places = meetings.places ?? Math.max(1, together);
  const perTurn = Math.min(places, together);
  const all = (groups * (groups - 1)) / 2;
  const turns =
    meetings.turns ?? Math.max(1, rounds.length, perTurn === 0 ? 0 : Math.ceil(all / perTurn));
  const wanted = meetings.turns === null ? all : turns * perTurn;
  const table =
    fromRoomSquare(groups, places, turns) ??
    placedPairs({
      ...{ groups, places, seed },
      turns: shared(groups, evenedOut(groups, takenFrom(rounds, wanted), turns)),
    });
  const { pairsTwice, visitsTwice, breaks } = countTable(table);
  return {
    table,
    pairsTwice,
    visitsTwice,
    breaks,
    bestPossible: {
      pairsTwice: all === 0 ? 0 : Math.min(all, Math.max(0, wanted - all)),
      visitsTwice: breaks.reduce((sum, free) => sum + Math.max(0, turns - free - places), 0),
      breaks: {
        total: groups * turns - 2 * wanted * Number(all > 0),
        apart: all > 0 && (2 * wanted) % groups !== 0 ? 1 : 0,
      },
    },
  };
}

/** As many places as rounds: a square in which nobody comes to one twice. With an odd number one group is left out of it. */
function fromRoomSquare(groups: number, places: number, turns: number): (number | null)[][] | null {
  const side = groups - 1 + (groups % 2);
  if (side < 7 || side > MOST_SIDE || places < side || turns > side) return null;
  const square = roomTable(side)?.slice(0, turns);
  // With an odd number whoever would meet the last group has a break.
  return (
    square?.map((row) =>
      groups > side ? row : row.slice(0, groups).map((at) => (at === row[side] ? null : at)),
    ) ?? null
  );
}

/** The rounds in which all meet once; with an odd number one group has a bye in each. */
function circle(groups: number): readonly (readonly Pair[])[] {
  const size = groups + (groups % 2);
  const rounds = groups < 2 ? 0 : size - 1;
  return Array.from({ length: rounds }, (_, round) =>
    Array.from({ length: size / 2 }, (__, i): Pair => {
      const one = i === 0 ? size - 1 : (round + i) % (size - 1);
      return [one, (round - i + size - 1) % (size - 1)];
    }).filter(([one, other]) => one < groups && other < groups),
  );
}

/** The first `wanted` pairs of the rounds, begun again after the last, each still in its round. */
function takenFrom(rounds: readonly (readonly Pair[])[], wanted: number): Pair[][] {
  const taken: Pair[][] = [];
  let left = rounds.length === 0 ? 0 : wanted;
  for (let round = 0; left > 0; round++) {
    const pairs = (rounds[round % rounds.length] ?? []).slice(0, left);
    taken.push(pairs);
    left -= pairs.length;
  }
  return taken;
}

/**
 * The pairs in `turns` turns whose sizes are within one of each other: two turns exchange the pairs along a path that
 * alternates between them, which leaves every group once in each.
 */
function evenedOut(groups: number, rounds: readonly (readonly Pair[])[], turns: number): Pair[][] {
  const even = Array.from({ length: turns }, (_, turn) => [...(rounds[turn] ?? [])]);
  for (;;) {
    const bySize = [...even.keys()].sort(
      (a, b) => (even[a] as Pair[]).length - (even[b] as Pair[]).length,
    );
    const [few, many] = [even[bySize[0] as number], even[bySize[turns - 1] as number]];
    if (!few || !many || many.length - few.length < 2) return even;
    const path = pathWithMore(groups, many, few);
    const kept = (pairs: readonly Pair[]): Pair[] => pairs.filter((pair) => !path.includes(pair));
    const [moved, back] = [many, few].map((pairs) => pairs.filter((pair) => path.includes(pair)));
    even[bySize[turns - 1] as number] = [...kept(many), ...(back ?? [])];
    even[bySize[0] as number] = [...kept(few), ...(moved ?? [])];
  }
}

/** An alternating path with one pair of `many` more than of `few`; there is one where `many` has more pairs. */
function pathWithMore(groups: number, many: readonly Pair[], few: readonly Pair[]): Pair[] {
  const of = (pairs: readonly Pair[], group: number): Pair | undefined =>
    pairs.find((pair) => pair.includes(group));
  for (let start = 0; start < groups; start++) {
    if (of(few, start) || !of(many, start)) continue;
    const path: Pair[] = [];
    let [group, side] = [start, many];
    for (let pair = of(side, group); pair; pair = of(side, group)) {
      path.push(pair);
      group = pair[0] === group ? pair[1] : pair[0];
      side = side === many ? few : many;
    }
    if (path.length % 2 === 1) return path;
  }
  throw new Error('no path with more');
}

/**
 * Gives meetings of groups with most to groups with fewest, in turns in which those have a break and with groups they
 * have met no more often, until they are within one of each other.
 */
function shared(groups: number, turns: readonly (readonly Pair[])[]): Pair[][] {
  const even = turns.map((pairs) => [...pairs]);
  const times = new Int32Array(groups * groups);
  const meetings = new Int32Array(groups);
  const count = ([one, other]: Pair, by: 1 | -1): void => {
    for (const at of [one * groups + other, other * groups + one]) {
      times[at] = (times[at] as number) + by;
    }
    for (const group of [one, other]) meetings[group] = (meetings[group] as number) + by;
  };
  even.flat().forEach((pair) => count(pair, 1));
  const better = (): boolean => {
    for (const pairs of even) {
      for (const [index, pair] of pairs.entries()) {
        for (let few = 0; few < groups; few++) {
          if (pairs.some((one) => one.includes(few))) continue;
          for (const [most, with_] of [pair, [pair[1], pair[0]]] as const) {
            const far = (meetings[most] as number) - (meetings[few] as number) > 1;
            const met = times[few * groups + with_] as number;
            if (!far || met >= (times[most * groups + with_] as number)) continue;
            count(pair, -1);
            const instead: Pair = [few, with_];
            count(instead, 1);
            pairs[index] = instead;
            return true;
          }
        }
      }
    }
    return false;
  };
  while (better());
  return even;
}
