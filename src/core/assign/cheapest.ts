/** A place that somebody could take, and what that costs: a whole number, 0 and up. */
export interface Offer {
  readonly place: number;
  readonly cost: number;
}

/** Who is to be given a place, and where. */
export interface Sharing {
  /** One asking for a place → those it could have. */
  readonly offers: readonly (readonly Offer[])[];
  /** Place → how many it holds, 0 and up. */
  readonly seats: readonly number[];
  /** Place → whose it is, from 0. */
  readonly holders: readonly number[];
  /** Holder → the most of its places that are given; left out where all may be. */
  readonly limits?: readonly number[];
  /** Holder → how many it has besides; each more costs `evenness` times one more than twice that. */
  readonly held: readonly number[];
  /** What unevenness costs: this times the sum of squares of what each holder has. */
  readonly evenness: number;
}

export interface Shared {
  /** One asking → its place, -1 for none. */
  readonly placeOf: Int32Array;
  /**
   * Those asking who get in each other's way, with the places left to them: all of these are full, so that no giving serves
   * more of them. Empty where everybody has one.
   */
  readonly short: { readonly asking: readonly number[]; readonly places: readonly number[] };
}

interface Edge {
  readonly to: number;
  left: number;
  readonly cost: number;
  readonly back: number;
}

/**
 * Gives as many as can have one a place, at the least cost of all such givings: the offers taken, and unevenness among
 * holders. Exact: a minimum-cost flow by successive shortest paths with potentials (Edmonds and Karp, J. ACM 19, 1972),
 * in which a holder's places cost more one after the other; costs are whole, so that nothing is rounded. Who is short is
 * the side of a minimum cut (Hall's condition). O(served · edges · log nodes).
 */
export function shareCheapest(sharing: Sharing): Shared {
  const { offers, seats, holders, held, limits, evenness } = sharing;
  const [asking, places, people] = [offers.length, seats.length, held.length];
  const source = 0;
  const askingAt = (one: number): number => 1 + one;
  const placeAt = (place: number): number => 1 + asking + place;
  const holderAt = (holder: number): number => 1 + asking + places + holder;
  const sink = 1 + asking + places + people;
  const edges: Edge[][] = Array.from({ length: sink + 1 }, () => []);
  const join = (from: number, to: number, left: number, cost: number): void => {
    const [out, into] = [edges[from] as Edge[], edges[to] as Edge[]];
    out.push({ to, left, cost, back: into.length });
    into.push({ to: from, left: 0, cost: -cost, back: out.length - 1 });
  };
  offers.forEach((own, one) => {
    join(source, askingAt(one), 1, 0);
    for (const { place, cost } of own) join(askingAt(one), placeAt(place), 1, cost);
  });
  const most = new Array<number>(people).fill(0);
  seats.forEach((count, place) => {
    const holder = holders[place] as number;
    join(placeAt(place), holderAt(holder), count, 0);
    most[holder] = (most[holder] as number) + count;
  });
  held.forEach((has, holder) => {
    const room = Math.min(most[holder] as number, limits?.[holder] ?? asking, asking);
    for (let more = 0; more < room; more++) {
      join(holderAt(holder), sink, 1, evenness * (2 * (has + more) + 1));
    }
  });

  const potential = new Float64Array(sink + 1);
  for (;;) {
    const { distance, edgeTo } = shortestBetween(source, sink, edges, potential);
    if (distance[sink] === Infinity) break;
    const furthest = distance[sink] as number;
    for (let node = 0; node <= sink; node++) {
      potential[node] = (potential[node] as number) + Math.min(distance[node] as number, furthest);
    }
    for (let node = sink; node !== source;) {
      const edge = edgeTo[node] as Edge;
      const back = (edges[node] as Edge[])[edge.back] as Edge;
      edge.left--;
      back.left++;
      node = back.to;
    }
  }

  const placeOf = new Int32Array(asking).fill(-1);
  offers.forEach((_, one) => {
    const taken = (edges[askingAt(one)] as Edge[]).find(
      ({ to, left }) => to > asking && to <= asking + places && left === 0,
    );
    if (taken) placeOf[one] = taken.to - 1 - asking;
  });
  return { placeOf, short: shortOf(offers, placeOf) };
}

/**
 * Distances by costs lessened by potentials, none of them below 0 (Dijkstra), and the edge by which each is reached; what
 * is further away than the sink is not looked at to the end.
 */
function shortestBetween(
  source: number,
  sink: number,
  edges: readonly (readonly Edge[])[],
  potential: Float64Array,
): { readonly distance: Float64Array; readonly edgeTo: readonly (Edge | undefined)[] } {
  const distance = new Float64Array(edges.length).fill(Infinity);
  const edgeTo = new Array<Edge | undefined>(edges.length);
  const heap = new Heap();
  distance[source] = 0;
  heap.add(0, source);
  for (;;) {
    const next = heap.take();
    if (!next || next[1] === sink) return { distance, edgeTo };
    const [at, node] = next;
    if (at > (distance[node] as number)) continue;
    for (const edge of edges[node] as readonly Edge[]) {
      if (edge.left === 0) continue;
      const far = at + edge.cost + (potential[node] as number) - (potential[edge.to] as number);
      if (far >= (distance[edge.to] as number)) continue;
      distance[edge.to] = far;
      edgeTo[edge.to] = edge;
      heap.add(far, edge.to);
    }
  }
}

/** From those without a place, whoever holds one that they could have, and so on: the places met are all full. */
function shortOf(offers: Sharing['offers'], placeOf: Int32Array): Shared['short'] {
  const asking = new Set<number>();
  const places = new Set<number>();
  const holdersOf = new Map<number, number[]>();
  placeOf.forEach((place, one) => {
    if (place === -1) asking.add(one);
    else holdersOf.set(place, [...(holdersOf.get(place) ?? []), one]);
  });
  // A set grows while it is walked, and new ones are still walked.
  for (const one of asking) {
    for (const { place } of offers[one] ?? []) {
      if (places.has(place)) continue;
      places.add(place);
      holdersOf.get(place)?.forEach((other) => asking.add(other));
    }
  }
  return { asking: [...asking], places: [...places] };
}

/** A binary heap of nodes by distance. */
class Heap {
  private readonly items: (readonly [number, number])[] = [];

  add(distance: number, node: number): void {
    const { items } = this;
    let at = items.length;
    items.push([distance, node]);
    while (at > 0) {
      const up = (at - 1) >> 1;
      if ((items[up] as readonly [number, number])[0] <= distance) break;
      items[at] = items[up] as readonly [number, number];
      at = up;
    }
    items[at] = [distance, node];
  }

  take(): readonly [number, number] | undefined {
    const { items } = this;
    const [first, last] = [items[0], items.pop()];
    if (!first || !last || items.length === 0) return first;
    let at = 0;
    for (;;) {
      let down = 2 * at + 1;
      if (down >= items.length) break;
      const right = items[down + 1];
      if (right && right[0] < (items[down] as readonly [number, number])[0]) down++;
      const smaller = items[down] as readonly [number, number];
      if (smaller[0] >= last[0]) break;
      items[at] = smaller;
      at = down;
    }
    items[at] = last;
    return first;
  }
}
