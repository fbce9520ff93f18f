import type { Problem } from '../problem/problem';
import { groupsBySection } from '../problem/sections';
import type { Units } from '../problem/units';
import { shuffle } from '../random/uniform';
import type { Rng } from '../random/rng';
import { Covering } from './covering';
import { Formable, MOST_UNITS, NO_COSTS, slotsFor, type Slot } from './formable';
import type { Search } from './work';

/** Any cost: none is asked about. */
const BELOW = 1;
const LOOKS_A_SLICE = 100_000;
/** Looks of covering, a tenth as long, for each that listing may take. */
const COVERED_PART = 20;

export type Divided =
  | { readonly outcome: 'valid'; readonly groupOfStudent: Int32Array }
  | { readonly outcome: 'impossible' };

/**
 * Looks for a valid arrangement among whole groups: where units are so large, or so much apart, that few groups can be
 * formed at all, these are listed, and an exact cover of the units by them is sought (Knuth 2000). It finds what a search
 * that seats one unit after the other hardly ever comes upon, and ends with a proof where there is none.
 */
export class WholeGroups {
  /** Looks of listing taken since the beginning of all, and covering in those. */
  looks = 0;
  private readonly formable: Formable;
  private readonly slots: readonly Slot[];
  /** slot → its groups. */
  private readonly groupsOfSlot: readonly (readonly number[])[];

  /** Whether each unit has a bit, is of one section and pinned to one group, and sizes follow from the units alone. */
  static suits(problem: Problem, units: Units): boolean {
    const { sectionOfGroup, sectionOfStudent } = problem;
    const parted = sectionOfGroup.some((section) => section !== -1);
    const pin = new Int32Array(units.unitCount).fill(-1);
    const section = new Int32Array(units.unitCount).fill(-1);
    const isOne = (of: Int32Array, unit: number, value: number): boolean => {
      const known = of[unit] as number;
      of[unit] = value;
      return known === -1 || known === value;
    };
    for (const [student, pins] of units.pinsOfStudent) {
      const unit = units.unitOfStudent[student] as number;
      if (!pins.every((group) => isOne(pin, unit, group))) return false;
    }
    return (
      units.unitCount <= MOST_UNITS &&
      problem.groupCount > 1 &&
      (!parted ||
        units.unitOfStudent.every((unit, student) =>
          isOne(section, unit, sectionOfStudent[student] as number),
        )) &&
      groupsBySection(problem).every((groups) => mixedClasses(problem, groups) <= 1)
    );
  }

  constructor(
    private readonly problem: Problem,
    private readonly units: Units,
    private readonly rng: Rng,
  ) {
    this.formable = new Formable(problem, units);
    const pinned = new Set([...units.pinsOfStudent.values()].flat());
    const { classOfGroup, baseOfClass, extrasOfClass, sectionOfGroup } = problem;
    const extrasLeft = extrasOfClass.slice();
    const { slots, groupsOfSlot } = slotsFor(classOfGroup.keys(), (group) => {
      const of = classOfGroup[group] as number;
      const base = baseOfClass[of] as number;
      // Which groups are the larger ones is open only where somebody is pinned to some of them.
      const open = classOfGroup.some((one, other) => one === of && pinned.has(other));
      const larger = (extrasLeft[of] as number) > 0 ? 1 : 0;
      extrasLeft[of] = (extrasLeft[of] as number) - larger;
      const mayBeLarger = (extrasOfClass[of] as number) > 0 ? 1 : 0;
      return {
        least: base + (open ? 0 : larger),
        most: base + (open ? mayBeLarger : larger),
        section: sectionOfGroup[group] as number,
        pinned: pinned.has(group) ? group : -1,
        told: -1,
      };
    });
    this.slots = slots;
    this.groupsOfSlot = groupsOfSlot;
  }

  /** With so many looks at the most for listing, and in proportion for covering; null where that settles nothing. */
  *run(mostLooks: number): Search<Divided | null> {
    const { formable, slots } = this;
    this.free();
    const before = formable.looks;
    const all = formable.list(slots, NO_COSTS, BELOW, mostLooks);
    this.looks += formable.looks - before;
    if (!all) return null;
    const covering = new Covering(formable);
    covering.begin(BELOW, 0);
    const most = COVERED_PART * mostLooks;
    let ended = false;
    while (!ended && covering.looks < most) {
      ended = covering.run(LOOKS_A_SLICE);
      yield { done: Math.min(1, covering.looks / most) };
    }
    this.looks += covering.looks / COVERED_PART;
    if (!ended) return null;
    return covering.bestCost === Infinity
      ? { outcome: 'impossible' }
      : { outcome: 'valid', groupOfStudent: this.seated(covering.best) };
  }

  private free(): void {
    const { formable, units, rng } = this;
    for (let unit = 0; unit < units.unitCount; unit++) formable.free[unit] = unit;
    formable.freeCount = units.unitCount;
    shuffle(rng, formable.free.subarray(0, units.unitCount));
  }

  private seated(chosen: Int32Array): Int32Array {
    const { formable, problem } = this;
    const groupOfStudent = new Int32Array(problem.studentCount);
    const left = this.groupsOfSlot.map((groups) => [...groups]);
    for (const number of chosen) {
      const group = left[formable.slotOf[number] as number]?.pop() ?? -1;
      formable.seat(number, group, groupOfStudent);
    }
    return groupOfStudent;
  }
}

/** Classes among the groups of which some are larger and some are not. */
function mixedClasses({ classOfGroup, extrasOfClass }: Problem, groups: Int32Array): number {
  const classes = new Set(groups.map((group) => classOfGroup[group] as number));
  return [...classes].filter((of) => {
    const extras = extrasOfClass[of] as number;
    return extras > 0 && extras < classOfGroup.filter((one) => one === of).length;
  }).length;
}
