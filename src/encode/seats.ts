import { shareCheapest } from '../core/assign/cheapest';
import type { ArrangeRequest } from '../core/format';
import { rngFromSeed } from '../core/random/rng';
import { uniformInt } from '../core/random/uniform';
import type { StudentId } from '../schema/ids';
import { valueKey } from '../schema/presence';
import type { SeatSessionRecord } from '../schema/seatSession';
import type { RollStudent } from '../schema/student';
import { factOf, whoIsDealt, type Bench } from './bench';
import { recipeRules, requestAbout } from './request';

/** A group in which places can be had. */
export interface Seating {
  /** At most so many in it. */
  readonly seats: number;
  /** At least so many, where it comes about. */
  readonly least: number;
}

/** Student → index of the group they are in. */
export type Seated = ReadonlyMap<StudentId, number>;

/** The bench with what a choosing asks for besides: sections apart, where that was said. */
export function choosingBench(bench: Bench, { sectionsApart }: { sectionsApart: boolean }): Bench {
  if (!sectionsApart || bench.lineup.recipe.sections === 'kept') return bench;
  const recipe = { ...bench.lineup.recipe, sections: 'kept' } as const;
  return { ...bench, lineup: { ...bench.lineup, recipe } };
}

/** Who chooses: of those whom the recipe deals, all who are here, a section, or who is in no group yet. */
export function whoChooses(bench: Bench, who: SeatSessionRecord['who']): readonly RollStudent[] {
  const dealt = whoIsDealt(bench);
  if (who.of === 'here') return dealt;
  if (who.of === 'section') return dealt.filter(({ sectionId }) => sectionId === who.sectionId);
  const placed = new Set(bench.take?.groups.flatMap(({ studentIds }) => studentIds));
  return dealt.filter(({ id }) => !placed.has(id));
}

/**
 * Which groups are closed to whom, of the seats as they are: where a seat would break a rule or a limit, take the place that
 * somebody else's rule needs, or leave those who belong together too little room. What is closed says nothing of why.
 */
export function closedGroups(
  bench: Bench,
  who: readonly StudentId[],
  groups: readonly Seating[],
  seated: Seated,
): ReadonlyMap<StudentId, ReadonlySet<number>> {
  return new Closing(bench, who, groups, seated).closed();
}

class Closing {
  private readonly all: ReadonlySet<StudentId>;
  private readonly taken: Int32Array;
  private readonly closedTo = new Map<StudentId, Set<number>>();
  private readonly rules;
  private readonly students: ReadonlyMap<StudentId, RollStudent>;

  constructor(
    bench: Bench,
    private readonly who: readonly StudentId[],
    private readonly groups: readonly Seating[],
    private readonly seated: Seated,
  ) {
    this.all = new Set([...who, ...seated.keys()]);
    this.students = new Map(bench.students.map((student) => [student.id, student]));
    this.rules = recipeRules(bench, this.all).map(([, rule]) => rule);
    this.taken = new Int32Array(groups.length);
    for (const group of seated.values()) this.taken[group] = (this.taken[group] as number) + 1;
    for (const id of who) this.closedTo.set(id, new Set());
  }

  closed(): ReadonlyMap<StudentId, ReadonlySet<number>> {
    for (const rule of this.rules) {
      if (rule.kind === 'apart') this.apart(rule.students as readonly StudentId[]);
      else if (rule.kind === 'sameSection') this.sections();
      else if ('attribute' in rule) this.counted(rule);
    }
    // Last: what is closed to one of those who belong together is closed to them all.
    this.together();
    return this.closedTo;
  }

  private close(id: StudentId, group: number): void {
    // Where somebody is they stay, whatever came after.
    if (this.seated.get(id) !== group) this.closedTo.get(id)?.add(group);
  }

  private free(group: number): number {
    return (this.groups[group]?.seats ?? 0) - (this.taken[group] as number);
  }

  private apart(ids: readonly StudentId[]): void {
    for (const other of ids) {
      const group = this.seated.get(other);
      if (group === undefined) continue;
      for (const id of ids) if (id !== other) this.close(id, group);
    }
  }

  private together(): void {
    const blocks = joined(
      this.rules.flatMap((rule) =>
        rule.kind === 'together'
          ? [(rule.students as readonly StudentId[]).filter((id) => this.all.has(id))]
          : [],
      ),
    );
    const kept = new Int32Array(this.groups.length);
    const homes = blocks.map((block) => {
      const home = new Set(block.flatMap((id) => this.seated.get(id) ?? []));
      const [only] = home;
      const missing = block.filter((id) => !this.seated.has(id)).length;
      if (home.size === 1 && only !== undefined) kept[only] = (kept[only] as number) + missing;
      return home;
    });
    const all = [...this.groups.keys()];
    const blockOf = new Map(blocks.flatMap((block, at) => block.map((id) => [id, at] as const)));
    for (const block of blocks) {
      const shut = new Set(block.flatMap((id) => [...(this.closedTo.get(id) ?? [])]));
      for (const id of block) {
        const others = new Set(
          block.flatMap((one) => (one === id ? [] : (this.seated.get(one) ?? []))),
        );
        for (const group of all) {
          const room = this.free(group) - (kept[group] as number);
          const coming = block.filter((one) => this.seated.get(one) !== group).length;
          if (others.size > 0 ? !others.has(group) : room < coming || shut.has(group)) {
            this.close(id, group);
          }
        }
      }
    }
    for (const group of all) {
      const held = kept[group] as number;
      if (held === 0 || this.free(group) > held) continue;
      for (const id of this.who) {
        const mine = blockOf.get(id);
        if (mine === undefined || !homes[mine]?.has(group)) this.close(id, group);
      }
    }
  }

  /** A group belongs to the section of who is in it; an empty one, as long as every section keeps enough of them. */
  private sections(): void {
    const shared = new SectionRooms(this.groups, this.all, this.seated, (id) => this.sectionOf(id));
    for (const id of this.who) {
      const mine = this.seated.get(id);
      // Whoever sits alone leaves an empty group behind.
      const alone = mine !== undefined && this.taken[mine] === 1;
      const rooms = alone
        ? new SectionRooms(
            this.groups,
            this.all,
            new Map([...this.seated].filter(([other]) => other !== id)),
            (one) => this.sectionOf(one),
          )
        : shared;
      const section = this.sectionOf(id);
      for (const group of this.groups.keys()) {
        if (!rooms.isOpen(section, group)) this.close(id, group);
      }
    }
  }

  private sectionOf(id: StudentId): string | null {
    return this.students.get(id)?.sectionId ?? null;
  }

  private counted(
    rule: Extract<ArrangeRequest['rules'][number], { readonly attribute: string }>,
  ): void {
    const has = (id: StudentId): boolean => {
      const student = this.students.get(id);
      const value = student && factOf(student, rule.attribute);
      return value !== undefined && valueKey(value) === valueKey(rule.value);
    };
    const having = new Int32Array(this.groups.length);
    for (const [id, group] of this.seated)
      if (has(id)) having[group] = (having[group] as number) + 1;
    const supply = [...this.all].filter(has).length;
    for (const id of this.who) {
      const marked = has(id);
      for (const group of this.groups.keys()) {
        if (this.seated.get(id) === group) continue;
        const there = having[group] as number;
        if (rule.kind === 'atMost' && marked && there >= rule.count) this.close(id, group);
        if (rule.kind === 'atLeast' && !marked && supply >= rule.count * this.groups.length) {
          // The last places are for those who are still needed there.
          if (this.free(group) <= rule.count - there) this.close(id, group);
        }
        if (rule.kind === 'notAlone' && this.free(group) < 2) {
          if (marked ? there === 0 : there === 1) this.close(id, group);
        }
      }
    }
  }
}

/** Which groups are open to a section, where each keeps to groups of its own. */
class SectionRooms {
  private readonly owner = new Map<number, string | null>();
  /** Section → those of it who have no place. */
  private readonly waiting = new Map<string | null, number>();
  private readonly free: readonly number[];
  private readonly empty: readonly number[];
  private readonly known = new Map<string, boolean>();

  constructor(
    groups: readonly Seating[],
    all: ReadonlySet<StudentId>,
    seated: Seated,
    sectionOf: (id: StudentId) => string | null,
  ) {
    const free = groups.map(({ seats }) => seats);
    for (const id of all) {
      const [group, section] = [seated.get(id), sectionOf(id)];
      if (group === undefined) this.waiting.set(section, (this.waiting.get(section) ?? 0) + 1);
      else {
        this.owner.set(group, section);
        free[group] = (free[group] ?? 0) - 1;
      }
    }
    this.free = free;
    this.empty = [...groups.keys()].filter((group) => !this.owner.has(group));
  }

  isOpen(section: string | null, group: number): boolean {
    const of = this.owner.get(group);
    if (of !== undefined) return of === section;
    // Where nothing works any more an empty group is as good as another.
    return this.works(section, group) || !this.somethingWorks(section);
  }

  private somethingWorks(section: string | null): boolean {
    return this.room(section) > 0 || this.empty.some((group) => this.works(section, group));
  }

  private room(section: string | null): number {
    return [...this.owner].reduce(
      (sum, [group, of]) => sum + (of === section ? (this.free[group] ?? 0) : 0),
      0,
    );
  }

  /** Whether every section finds room when this one takes an empty group. */
  private works(section: string | null, takes: number): boolean {
    const key = `${this.free[takes]} ${section ?? ''}`;
    const known = this.known.get(key);
    if (known !== undefined) return known;
    const left = this.empty
      .filter((group) => group !== takes)
      .map((group) => this.free[group] ?? 0)
      .sort((a, b) => b - a);
    const fits = [...this.waiting].every(([other, count]) => {
      let missing = count - this.room(other) - (other === section ? (this.free[takes] ?? 0) : 0);
      while (missing > 0 && left.length > 0) missing -= left.shift() ?? 0;
      return missing <= 0;
    });
    this.known.set(key, fits);
    return fits;
  }
}

/** Lists that share somebody are one. */
function joined(lists: readonly (readonly StudentId[])[]): StudentId[][] {
  const blocks: Set<StudentId>[] = [];
  for (const list of lists) {
    const touched = blocks.filter((block) => list.some((id) => block.has(id)));
    const whole = new Set([...list, ...touched.flatMap((block) => [...block])]);
    for (const block of touched) blocks.splice(blocks.indexOf(block), 1);
    blocks.push(whole);
  }
  return blocks.map((block) => [...block]).filter(({ length }) => length > 1);
}

/** A request that seats everybody who chose or did not, and group of the request → group of the choosing. */
export interface ClosingPlan {
  readonly request: ArrangeRequest;
  readonly rows: readonly number[];
}

/** One who has chosen stays, however much better the groups would be. */
const STEADY_WEIGHT_A_STUDENT = 100;
/** So many sizes are tried before groups that break a rule are shown. */
const SIZES_TRIED = 12;

/**
 * Requests for seating those without a place with the fewest moves of those who have one, each within what its groups hold,
 * the likeliest to work first. Empty where there are not enough places.
 */
export function closingPlans(
  bench: Bench,
  who: readonly StudentId[],
  groups: readonly Seating[],
  seated: Seated,
  seed: number,
): readonly ClosingPlan[] {
  const inIt = new Set([...who, ...seated.keys()]);
  const closed = closedGroups(bench, who, groups, seated);
  const counts = groups.map((_, group) => [...seated.values()].filter((at) => at === group).length);
  const first = sizesFor(who, groups, seated, counts, closed, inIt.size);
  if (!first) return [];
  const rng = rngFromSeed(seed);
  const tried = new Map<string, readonly number[]>([[first.join(), first]]);
  let sizes = [...first];
  for (let tries = 0; tries < 8 * SIZES_TRIED && tried.size < SIZES_TRIED; tries++) {
    const [from, to] = [uniformInt(rng, groups.length), uniformInt(rng, groups.length)];
    const next = sizes.map((size, at) => size + Number(at === to) - Number(at === from));
    const holds = next.every((size, at) => {
      const { seats = 0, least = 0 } = groups[at] ?? {};
      return size === first[at] || (size >= least && size <= seats);
    });
    if (!holds) continue;
    tried.set(next.join(), next);
    // Not far from what everybody chose.
    sizes = tried.size % 4 === 0 ? [...first] : next;
  }
  const rules = recipeRules(bench, inIt);
  return [...tried.values()].map((one): ClosingPlan => {
    const rows = one.flatMap((size, row) => (size > 0 ? [row] : []));
    const current = rows.map((row) => [...seated].flatMap(([id, at]) => (at === row ? [id] : [])));
    const sizing = { by: 'sizes', sizes: rows.map((row) => one[row] ?? 0) } as const;
    const request = requestAbout(bench, inIt, seed, sizing, rules, rows);
    const steady = { kind: 'steady', weight: STEADY_WEIGHT_A_STUDENT * inIt.size } as const;
    return { request: { ...request, goals: [steady, ...(request.goals ?? [])], current }, rows };
  });
}

/** How many each group is to hold: those who chose it, the others as evenly as can be where it is open to them. */
function sizesFor(
  who: readonly StudentId[],
  groups: readonly Seating[],
  seated: Seated,
  counts: readonly number[],
  closed: ReadonlyMap<StudentId, ReadonlySet<number>>,
  total: number,
): readonly number[] | null {
  if (groups.reduce((sum, { seats }) => sum + seats, 0) < total) return null;
  const waiting = who.filter((id) => !seated.has(id));
  const rows = [...groups.keys()];
  const shared = shareCheapest({
    offers: waiting.map((id) =>
      rows.flatMap((place) => (closed.get(id)?.has(place) ? [] : [{ place, cost: 0 }])),
    ),
    seats: groups.map(({ seats }, row) => Math.max(0, seats - (counts[row] ?? 0))),
    holders: rows,
    held: counts,
    evenness: 1,
  });
  const sizes = [...counts];
  let left = 0;
  shared.placeOf.forEach((row) => {
    if (row >= 0) sizes[row] = (sizes[row] ?? 0) + 1;
    else left++;
  });
  const seats = (row: number): number => groups[row]?.seats ?? 0;
  const size = (row: number): number => sizes[row] ?? 0;
  // Whom no open group takes: somebody has to move for them, wherever there is a place.
  for (; left > 0; left--) {
    const [row] = rows.filter((one) => size(one) < seats(one)).sort((a, b) => size(a) - size(b));
    if (row === undefined) return null;
    sizes[row] = size(row) + 1;
  }
  return withLeast(sizes, groups);
}

/** Too small groups filled up out of those that can spare somebody; where too few are there, the smallest stay empty. */
function withLeast(given: readonly number[], groups: readonly Seating[]): readonly number[] {
  const sizes = [...given];
  const least = (row: number): number => groups[row]?.least ?? 0;
  const size = (row: number): number => sizes[row] ?? 0;
  const rows = [...groups.keys()];
  const move = (from: number, to: number): void => {
    sizes[from] = size(from) - 1;
    sizes[to] = size(to) + 1;
  };
  for (;;) {
    const short = rows.filter((row) => size(row) > 0 && size(row) < least(row));
    const [needy] = short.sort((a, b) => least(a) - size(a) - (least(b) - size(b)));
    if (needy === undefined) return sizes;
    const [giver] = rows
      .filter((row) => row !== needy && size(row) > least(row))
      .sort((a, b) => size(b) - least(b) - (size(a) - least(a)));
    if (giver !== undefined) {
      move(giver, needy);
      continue;
    }
    // Nobody can spare anybody: the smallest goes, and its members to where there are places.
    const [gone] = short.sort((a, b) => size(a) - size(b));
    const rest = gone === undefined ? 0 : size(gone);
    const room = rows.filter((row) => row !== gone && size(row) > 0);
    const free = room.reduce((sum, row) => sum + (groups[row]?.seats ?? 0) - size(row), 0);
    if (gone === undefined || free < rest) return sizes;
    while (size(gone) > 0) {
      const [to] = room
        .filter((row) => size(row) < (groups[row]?.seats ?? 0))
        .sort((a, b) => size(a) - least(a) - (size(b) - least(b)));
      if (to === undefined) return sizes;
      move(gone, to);
    }
  }
}

/**
 * How many each group is to hold so that ranks given add up to as little as can be, then as evenly as can be: exact, but
 * that groups too small are filled up. Null where there are not enough seats.
 */
export function sizesForRanks(
  groups: readonly Seating[],
  ranks: readonly (readonly number[])[],
): readonly number[] | null {
  if (groups.reduce((sum, { seats }) => sum + seats, 0) < ranks.length) return null;
  const rows = [...groups.keys()];
  // Evenness is worth less than any rank: sums of squares of those who are here stay below.
  const aRank = 2 * ranks.length ** 2 + 1;
  const { placeOf } = shareCheapest({
    offers: ranks.map((own) =>
      rows.map((place) => {
        const rank = own.indexOf(place);
        return { place, cost: aRank * (rank < 0 ? own.length : rank) };
      }),
    ),
    seats: groups.map(({ seats }) => seats),
    holders: rows,
    held: rows.map(() => 0),
    evenness: 1,
  });
  const sizes = rows.map(() => 0);
  for (const row of placeOf) sizes[row] = (sizes[row] ?? 0) + 1;
  return withLeast(sizes, groups);
}
