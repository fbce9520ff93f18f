import type { ProblemRule } from './rule';
import type { Sizing } from '../format';
import { groupSizes, type Sizes } from './sizes';

/**
 * How seats are dealt to groups. Groups of one class have equal sizes but for some that are larger by one; any of
 * the class may be one of those, so which are is left to the search.
 */
export interface Layout {
  /** group → seats; one way of many, largest first within a class. */
  readonly sizeOfGroup: Int32Array;
  /** group → class of groups with interchangeable sizes. */
  readonly classOfGroup: Int32Array;
  /** class → seats of its smaller groups. */
  readonly baseOfClass: Int32Array;
  /** class → how many of its groups have one seat more. */
  readonly extrasOfClass: Int32Array;
  /** group → the one section whose students it takes; -1 for any. */
  readonly sectionOfGroup: Int32Array;
}

interface Base {
  readonly studentCount: number;
  readonly groupCount: number;
  readonly sizing: Sizing;
  readonly rules: readonly ProblemRule[];
  readonly sectionOfStudent: Int32Array;
  readonly sectionCount: number;
  /** student → group they are in now; null where that is of no account. */
  readonly currentOfStudent?: Int32Array | null;
}

/**
 * The sizes of the groups, or why there are none. Where sections stay apart, what is asked of every group is asked of
 * each section's own; sizes given one by one would have to say whose they are.
 */
export function sizesFor(base: Omit<Base, 'groupCount'>): Sizes {
  const { sizing, studentCount } = base;
  if (!isParted(base)) return groupSizes(studentCount, sizing);
  if (sizing.by === 'sizes') return { ok: false, issue: { code: 'sizesWithSections' } };
  if (!isOfEachGroup(sizing)) return groupSizes(studentCount, sizing);
  const sizes: number[] = [];
  for (const count of studentsOfSections(base)) {
    const own = ownSizes(count, sizing);
    if (!own.ok) return own;
    sizes.push(...own.sizes);
  }
  const { groups = sizes.length } = sizing.by === 'range' ? sizing : {};
  return groups === sizes.length
    ? { ok: true, sizes: Int32Array.from(sizes) }
    : { ok: false, issue: { code: 'sectionsNeedGroups', given: groups, needed: sizes.length } };
}

/** Whether each section has groups of its own. */
export function isParted({ rules, sectionCount }: Pick<Base, 'rules' | 'sectionCount'>): boolean {
  return sectionCount > 1 && rules.some(({ kind }) => kind === 'sameSection');
}

type OfEachGroup = Extract<Sizing, { readonly by: 'atMost' | 'range' }>;

function isOfEachGroup(sizing: Sizing): sizing is OfEachGroup {
  return sizing.by === 'atMost' || sizing.by === 'range';
}

/** The sizes of one section's groups; how many there are is asked of all sections together. */
function ownSizes(count: number, sizing: OfEachGroup): Sizes {
  return groupSizes(count, sizing.by === 'range' ? { ...sizing, groups: undefined } : sizing);
}

function studentsOfSections({
  sectionCount,
  sectionOfStudent,
}: Pick<Base, 'sectionCount' | 'sectionOfStudent'>): Int32Array {
  const students = new Int32Array(sectionCount);
  sectionOfStudent.forEach((section) => (students[section] = (students[section] as number) + 1));
  return students;
}

/** Lays out groups of the given sizes; where sections stay apart, each has its own share of the groups. */
export function layOut(base: Base, sizes: Int32Array): Layout {
  return isParted(base) ? bySection(base) : plain(base, sizes);
}

function plain({ sizing }: Base, sizes: Int32Array): Layout {
  const groupCount = sizes.length;
  const sectionOfGroup = new Int32Array(groupCount).fill(-1);
  const [first = 0, last = 0] = [sizes[0], sizes[groupCount - 1]];
  // Each has its own: with `smaller` the last group alone holds the remainder, and no other may be the small one.
  const fixed =
    sizing.by === 'sizes' ||
    (sizing.by === 'size' && sizing.leftover === 'smaller') ||
    Math.abs(first - last) > 1;
  if (fixed) {
    const distinct = [...new Set(sizes)];
    return {
      sizeOfGroup: sizes,
      classOfGroup: sizes.map((size) => distinct.indexOf(size)),
      baseOfClass: Int32Array.from(distinct),
      extrasOfClass: new Int32Array(distinct.length),
      sectionOfGroup,
    };
  }
  const classOfGroup = new Int32Array(groupCount);
  const extras = sizes.filter((size) => size > last).length;
  return {
    sizeOfGroup: sizes,
    classOfGroup,
    baseOfClass: Int32Array.of(last),
    extrasOfClass: Int32Array.of(extras),
    sectionOfGroup,
  };
}

/** Groups shared among the sections, by what is asked of each or by the largest remainder; sizes as even as can be. */
function bySection(base: Base): Layout {
  const students = studentsOfSections(base);
  const share = shareOfSections(base, students);
  const sectionOfGroup = dealSections(base, share);
  const baseOfClass = students.map((count, section) =>
    Math.floor(count / Math.max(1, share[section] as number)),
  );
  const extrasOfClass = students.map(
    (count, section) => count % Math.max(1, share[section] as number),
  );
  const left = extrasOfClass.slice();
  const sizeOfGroup = sectionOfGroup.map((section) => {
    const larger = (left[section] as number) > 0 ? 1 : 0;
    left[section] = (left[section] as number) - larger;
    return (baseOfClass[section] as number) + larger;
  });
  const layout = {
    classOfGroup: sectionOfGroup.slice(),
    baseOfClass,
    extrasOfClass,
    sectionOfGroup,
  };
  const seats = sizeOfGroup.reduce((total, size) => total + size, 0);
  // Fewer groups than sections: the rule cannot hold, and everybody is placed in even sizes all the same.
  if (seats !== base.studentCount) return { ...evenLayout(base), sectionOfGroup };
  return { sizeOfGroup, ...layout };
}

function shareOfSections({ sizing, groupCount }: Base, students: Int32Array): Int32Array {
  if (!isOfEachGroup(sizing)) return shareGroups(students, groupCount);
  return students.map((count) => {
    const own = ownSizes(count, sizing);
    return own.ok ? own.sizes.length : 1;
  });
}

/**
 * Groups for each section in proportion to its students, by the largest remainder (Hamilton's method); at least
 * one each while there are groups enough, and never more than students.
 */
export function shareGroups(students: Int32Array, groupCount: number): Int32Array {
  const total = students.reduce((sum, count) => sum + count, 0);
  const quota = Array.from(students, (count) => (count * groupCount) / Math.max(1, total));
  const enough = groupCount >= students.length;
  const share = Int32Array.from(quota, (value, section) =>
    Math.min(students[section] as number, Math.max(enough ? 1 : 0, Math.floor(value))),
  );
  const spare = (): number => groupCount - share.reduce((sum, count) => sum + count, 0);
  for (let left = spare(); left !== 0; left = spare()) {
    const step = left > 0 ? 1 : -1;
    let best = -1;
    quota.forEach((value, section) => {
      const next = (share[section] as number) + step;
      if (next < (enough ? 1 : 0) || next > (students[section] as number)) return;
      const want = step * (value - (share[section] as number));
      if (best < 0 || want > step * ((quota[best] as number) - (share[best] as number)))
        best = section;
    });
    if (best < 0) break;
    share[best] = (share[best] as number) + step;
  }
  return share;
}

/**
 * Which groups each section has: those to which its students are pinned first, then those in which most of its students
 * sit now, then the others in order.
 */
function dealSections(base: Base, share: Int32Array): Int32Array {
  const { groupCount, rules, sectionOfStudent } = base;
  const sectionOfGroup = new Int32Array(groupCount).fill(-1);
  const left = share.slice();
  const give = (group: number, section: number): void => {
    sectionOfGroup[group] = section;
    left[section] = (left[section] as number) - 1;
  };
  for (const rule of rules) {
    if (rule.kind !== 'pin' || sectionOfGroup[rule.group] !== -1) continue;
    const section = sectionOfStudent[rule.student] as number;
    if ((left[section] as number) > 0) give(rule.group, section);
  }
  const sits = sittingNow(base);
  const free = [...sectionOfGroup.keys()].filter((group) => sectionOfGroup[group] === -1);
  const wanted = free
    .flatMap((group) =>
      [...left.keys()].map((section) => ({ group, section, count: sits(group, section) })),
    )
    .filter(({ count }) => count > 0)
    .sort((a, b) => b.count - a.count);
  for (const { group, section } of wanted) {
    if (sectionOfGroup[group] === -1 && (left[section] as number) > 0) give(group, section);
  }
  for (const group of free) {
    if (sectionOfGroup[group] !== -1) continue;
    const next = left.findIndex((count) => count > 0);
    if (next >= 0) give(group, next);
    else sectionOfGroup[group] = 0;
  }
  exchangeSections(sectionOfGroup, free, sits);
  return sectionOfGroup;
}

/** Exchanges the sections of two groups as long as more students of each section sit in its groups for it. */
function exchangeSections(
  sectionOfGroup: Int32Array,
  free: readonly number[],
  sits: (group: number, section: number) => number,
): void {
  for (let better = true; better;) {
    better = false;
    for (const one of free) {
      for (const two of free) {
        const [a, b] = [sectionOfGroup[one] as number, sectionOfGroup[two] as number];
        if (a === b || sits(one, b) + sits(two, a) <= sits(one, a) + sits(two, b)) continue;
        [sectionOfGroup[one], sectionOfGroup[two]] = [b, a];
        better = true;
      }
    }
  }
}

/** How many students of a section sit in a group now. */
function sittingNow({
  currentOfStudent,
  sectionOfStudent,
  sectionCount,
  groupCount,
}: Base): (group: number, section: number) => number {
  if (!currentOfStudent) return () => 0;
  const counts = new Int32Array(groupCount * sectionCount);
  currentOfStudent.forEach((group, student) => {
    if (group < 0 || group >= groupCount) return;
    const at = group * sectionCount + (sectionOfStudent[student] as number);
    counts[at] = (counts[at] as number) + 1;
  });
  return (group, section) => counts[group * sectionCount + section] as number;
}

function evenLayout({ studentCount, groupCount }: Base): Omit<Layout, 'sectionOfGroup'> {
  const base = Math.floor(studentCount / groupCount);
  const extras = studentCount % groupCount;
  return {
    sizeOfGroup: Int32Array.from({ length: groupCount }, (_, g) => (g < extras ? base + 1 : base)),
    classOfGroup: new Int32Array(groupCount),
    baseOfClass: Int32Array.of(base),
    extrasOfClass: Int32Array.of(extras),
  };
}
