import type { Schedule } from './designs';
import { ringOf, type Ring } from './ring';

/**
 * A base round that is the same when its rings change places in a circle, turned through all positions: one group
 * with the place that stands still, and groups that come in as many forms as there are rings. So few choices are left
 * that all of them can be tried. It is a whole schedule, in which everybody meets everybody (a resolvable block
 * design with a rotational automorphism; after Bose 1939). Null where the numbers do not fit or none is found.
 */
export function rotating(places: number, size: number, nodes: number): Schedule | null {
  const rings = size - 1;
  const turns = (places - 1) / rings;
  const forms = (places / size - 1) / rings;
  // With an even number of turns two opposite places of a ring would meet twice.
  if (rings < 2 || !Number.isInteger(turns) || turns % 2 === 0 || !Number.isInteger(forms)) {
    return null;
  }
  const ring = ringOf(turns);
  const found = new FormSearch(ring, rings, forms, size).run(nodes);
  if (!found) return null;
  const still = rings * turns;
  const place = (at: number, position: number, turn: number): number =>
    (at % rings) * turns + ring.add(position, turn);
  return Array.from({ length: turns }, (_, turn) => [
    [still, ...Array.from({ length: rings }, (_unused, at) => place(at, 0, turn))],
    ...found.flatMap((form) =>
      Array.from({ length: rings }, (_unused, step) =>
        form.map((member) => place(member.ring + step, member.position, turn)),
      ),
    ),
  ]);
}

interface Member {
  readonly ring: number;
  readonly position: number;
}

/** Deals the positions 1, 2, … to forms and rings, so that every difference stands once. */
class FormSearch {
  private readonly forms: Member[][];
  /** difference between rings * turns + difference of positions → 1 where it is used. */
  private readonly used: Uint8Array;
  private nodesLeft = 0;

  private readonly turns: number;
  /** a * turns + b → a - b. */
  private readonly minus: Int32Array;

  constructor(
    ring: Ring,
    private readonly rings: number,
    formCount: number,
    private readonly size: number,
  ) {
    const turns = ring.order;
    this.turns = turns;
    this.minus = new Int32Array(turns * turns);
    for (let a = 0; a < turns; a++) {
      for (let b = 0; b < turns; b++) this.minus[ring.add(a, b) * turns + b] = a;
    }
    this.forms = Array.from({ length: formCount }, () => []);
    this.used = new Uint8Array(rings * turns);
    // The group with the place that stands still uses the difference 0 between any two rings.
    for (let step = 1; step < rings; step++) this.used[step * turns] = 1;
  }

  run(nodes: number): readonly (readonly Member[])[] | null {
    this.nodesLeft = nodes;
    return this.deal(1) ? this.forms : null;
  }

  private deal(position: number): boolean {
    if (position === this.turns) return true;
    for (const form of this.forms) {
      if (form.length === this.size) continue;
      // A form may be turned as a whole, so its first member stands in the first ring.
      const choices = form.length === 0 ? 1 : this.rings;
      for (let ring = 0; ring < choices; ring++) {
        if (this.nodesLeft-- <= 0) return false;
        const member = { ring, position };
        if (!this.join(form, member)) continue;
        if (this.deal(position + 1)) return true;
        this.leave(form);
      }
      // Empty forms are alike: what fails in one fails in all.
      if (form.length === 0) break;
    }
    return false;
  }

  /** Adds the member unless one of its differences is used already. */
  private join(form: Member[], member: Member): boolean {
    for (let i = 0; i < form.length; i++) {
      if (this.mark(form[i] as Member, member, 1)) continue;
      for (let j = 0; j < i; j++) this.mark(form[j] as Member, member, 0);
      return false;
    }
    form.push(member);
    return true;
  }

  private leave(form: Member[]): void {
    const member = form.pop();
    if (member) form.forEach((other) => this.mark(other, member, 0));
  }

  /** Marks the difference of two members, both ways round; false when it is marked already. */
  private mark(one: Member, two: Member, value: 0 | 1): boolean {
    const there = this.cell(two.ring - one.ring, two.position, one.position);
    const back = this.cell(one.ring - two.ring, one.position, two.position);
    if (value === 1 && (this.used[there] === 1 || this.used[back] === 1)) return false;
    this.used[there] = value;
    this.used[back] = value;
    return true;
  }

  private cell(rings: number, to: number, from: number): number {
    const ring = (rings + this.rings) % this.rings;
    return ring * this.turns + (this.minus[to * this.turns + from] as number);
  }
}
