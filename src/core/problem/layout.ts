import type { ProblemRule } from './rule';
import type { Sizing } from '../format';

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
}

/** Lays out groups of the given sizes; where sections stay apart, each has its own share of the groups. */
export function layOut(base: Base, sizes: Int32Array): Layout {
  const parted = base.rules.some(({ kind }) => kind === 'sameSection');
  return parted && base.sectionCount > 1 ? bySection(base) : plain(base, sizes);
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

/** Groups shared among the sections by the largest remainder, each section's sizes as even as can be. */
function bySection(base: Base): Layout {
  const { groupCount, sectionCount, sectionOfStudent } = base;
  const students = new Int32Array(sectionCount);
  sectionOfStudent.forEach((section) => (students[section] = (students[section] as number) + 1));
  const share = shareGroups(students, groupCount);
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

/** Which groups each section has: those to which its students are pinned first, then the others in order. */
function dealSections(
  { groupCount, rules, sectionOfStudent }: Base,
  share: Int32Array,
): Int32Array {
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
  sectionOfGroup.forEach((section, group) => {
    if (section !== -1) return;
    const next = left.findIndex((count) => count > 0);
    if (next >= 0) give(group, next);
    else sectionOfGroup[group] = 0;
  });
  return sectionOfGroup;
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
