import type { Assignment, Problem, ProblemRule } from '../problem/problem';
import { shareGroups } from '../problem/layout';
import { groupSizes } from '../problem/sizes';

/**
 * The obvious check of a whole assignment, sharing nothing with the search: everybody in a group, the sizes as
 * asked, and every rule looked at once more. Cost: the students, once and for each rule on groups, and the members of rules.
 */
export function keepsEverything(problem: Problem, groupOfStudent: Assignment): boolean {
  if (!fillsTheSizes(problem, groupOfStudent)) return false;
  const groups = groupsOf(problem, groupOfStudent);
  return problem.rules.every((rule) => keepsRule(problem, rule, groupOfStudent, groups));
}

/** Whether everybody has a group and the groups have just the sizes that were asked for. */
export function fillsTheSizes(problem: Problem, groupOfStudent: Assignment): boolean {
  const groups = groupsOf(problem, groupOfStudent);
  const placed = groups.reduce((sum, group) => sum + group.length, 0);
  if (placed !== problem.studentCount) return false;
  const parted = problem.rules.some(({ kind }) => kind === 'sameSection');
  if (parted && problem.sectionCount > 1) return sectionsAreEven(problem, groups);
  const { sizing } = problem;
  if (sizing.by === 'range') {
    const { least, most, groups: count = groups.length } = sizing;
    return (
      groups.length === count && groups.every(({ length }) => length >= least && length <= most)
    );
  }
  const asked = groupSizes(problem.studentCount, sizing);
  if (!asked.ok) return false;
  if (sizing.by === 'sizes' || (sizing.by === 'size' && sizing.leftover === 'smaller')) {
    return groups.every((group, index) => group.length === asked.sizes[index]);
  }
  const sorted = (sizes: readonly number[]): string => [...sizes].sort((a, b) => a - b).join();
  return sorted(groups.map((group) => group.length)) === sorted([...asked.sizes]);
}

/** Each section has its share of the groups, alone, and their sizes differ by at most one. */
function sectionsAreEven(problem: Problem, groups: readonly (readonly number[])[]): boolean {
  const sections = Array.from({ length: problem.sectionCount }, (_, section) => section);
  const students = sections.map(
    (section) => problem.sectionOfStudent.filter((one) => one === section).length,
  );
  const { sizing } = problem;
  const share = shareGroups(Int32Array.from(students), problem.groupCount);
  const [least, most] =
    sizing.by === 'range'
      ? [sizing.least, sizing.most]
      : [1, sizing.by === 'atMost' ? sizing.size : Infinity];
  return sections.every((section) => {
    const sizes = groups
      .filter((group) => group.some((one) => problem.sectionOfStudent[one] === section))
      .map((group) => group.length);
    // What is asked of every group says how many a section needs; otherwise it has its share.
    const asShared =
      sizing.by === 'atMost' || sizing.by === 'range' || sizes.length === share[section];
    const [smallest, largest] = [Math.min(...sizes), Math.max(...sizes)];
    return asShared && largest - smallest <= 1 && smallest >= least && largest <= most;
  });
}

function keepsRule(
  problem: Problem,
  rule: ProblemRule,
  groupOfStudent: Assignment,
  groups: readonly (readonly number[])[],
): boolean {
  const met = (members: Int32Array): number =>
    new Set(Array.from(members, (one) => groupOfStudent[one])).size;
  switch (rule.kind) {
    case 'apart':
      return met(rule.members) === new Set(rule.members).size;
    case 'together':
      return met(rule.members) <= 1;
    case 'sameSection':
      return groups.every(
        (group) => new Set(group.map((one) => problem.sectionOfStudent[one])).size < 2,
      );
    case 'pin':
      return groupOfStudent[rule.student] === rule.group;
    case 'atLeast':
      return groups.every((group) => countMarked(group, rule.marked) >= rule.count);
    case 'atMost':
      return groups.every((group) => countMarked(group, rule.marked) <= rule.count);
    case 'notAlone':
      return groups.every((group) => countMarked(group, rule.marked) !== 1);
    default:
      return rule satisfies never;
  }
}

function countMarked(group: readonly number[], marked: Uint8Array): number {
  return group.filter((student) => marked[student] === 1).length;
}

/** group → its students. */
export function groupsOf(problem: Problem, groupOfStudent: Assignment): number[][] {
  const groups = Array.from({ length: problem.groupCount }, (): number[] => []);
  groupOfStudent.forEach((group, student) => groups[group]?.push(student));
  return groups;
}
