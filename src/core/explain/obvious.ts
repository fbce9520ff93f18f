import type { Problem } from '../problem/problem';
import type { Units } from '../problem/units';
import { largestClique } from './clique';
import type { ClashReason } from '../format';

/** A reason that needs no search, over dense student indexes. */
export type ObviousReason = Dense<ClashReason>;

/** Each kind of reason by itself, so that its figures stay with its code. */
type Dense<Reason> = Reason extends ClashReason
  ? Omit<Reason, 'students'> & { readonly students: readonly number[] }
  : never;

/** A plain reason why the rules cannot hold, or null where only a search can tell. */
export function obviousReason(problem: Problem, units: Units): ObviousReason | null {
  return (
    blockReason(problem, units) ??
    sectionReason(problem) ??
    pinReason(problem) ??
    countReason(problem) ??
    placeReason(problem, units) ??
    cliqueReason(problem, units)
  );
}

function blockReason(problem: Problem, units: Units): ObviousReason | null {
  if (units.contradiction) return { code: 'togetherYetApart', students: units.contradiction };
  const largestGroup = problem.sizeOfGroup.reduce((most, size) => Math.max(most, size), 0);
  const tooLarge = units.sizeOfUnit.findIndex((size) => size > largestGroup);
  if (tooLarge < 0) return null;
  const students = studentsOfUnit(units, tooLarge);
  return { code: 'blockTooLarge', students, blockSize: students.length, largestGroup };
}

function sectionReason({ rules, sectionCount, groupCount }: Problem): ObviousReason | null {
  const parted = rules.some(({ kind }) => kind === 'sameSection');
  if (!parted || sectionCount <= groupCount) return null;
  return {
    code: 'tooFewSections',
    students: [],
    sections: sectionCount,
    groups: groupCount,
  };
}

function pinReason({
  rules,
  groupCount,
  sizeOfGroup,
  classOfGroup,
  baseOfClass,
  extrasOfClass,
}: Problem): ObviousReason | null {
  const pinned = Array.from({ length: groupCount }, () => new Set<number>());
  for (const rule of rules) if (rule.kind === 'pin') pinned[rule.group]?.add(rule.student);
  for (let group = 0; group < groupCount; group++) {
    const of = classOfGroup[group] as number;
    const seats = (baseOfClass[of] as number) + ((extrasOfClass[of] as number) > 0 ? 1 : 0);
    const students = [...(pinned[group] ?? [])];
    if (students.length > Math.max(seats, sizeOfGroup[group] as number)) {
      return { code: 'pinnedTooMany', students, group, seats };
    }
  }
  return null;
}

function countReason({ rules, groupCount }: Problem): ObviousReason | null {
  for (const rule of rules) {
    if (!('marked' in rule)) continue;
    const have = rule.marked.reduce((sum, mark) => sum + mark, 0);
    const needed = rule.count * groupCount;
    const { attribute, value } = rule;
    const about = { students: marked(rule.marked), attribute, value };
    const figures = { ...about, have, needed };
    if (rule.kind === 'atLeast' && have < needed) return { code: 'tooFewWithValue', ...figures };
    if (rule.kind === 'atMost' && have > needed) return { code: 'tooManyWithValue', ...figures };
    if (rule.kind === 'notAlone' && have === 1) {
      return { code: 'aloneWithValue', ...about };
    }
  }
  return null;
}

/** A block whom pins and sections leave no group. */
function placeReason(problem: Problem, units: Units): ObviousReason | null {
  const { sectionOfGroup, sectionOfStudent, groupCount } = problem;
  for (let unit = 0; unit < units.unitCount; unit++) {
    const students = studentsOfUnit(units, unit);
    const spoken = students.length > 1 || units.pinsOfStudent.has(students[0] as number);
    if (!spoken) continue;
    const fits = (group: number): boolean =>
      students.every((student) => {
        const section = sectionOfGroup[group] as number;
        const pins = units.pinsOfStudent.get(student) ?? [];
        return (
          (section === -1 || section === sectionOfStudent[student]) &&
          pins.every((pinned) => pinned === group)
        );
      });
    let free = false;
    for (let group = 0; group < groupCount && !free; group++) free = fits(group);
    if (!free) return { code: 'noGroupFits', students };
  }
  return null;
}

function cliqueReason(problem: Problem, units: Units): ObviousReason | null {
  const clique = largestClique(units, problem.groupCount + 1);
  if (clique.length <= problem.groupCount) return null;
  return {
    code: 'tooManyApart',
    students: clique.map(
      (unit) => units.studentsByUnit[units.startOfUnit[unit] as number] as number,
    ),
    needed: clique.length,
    groups: problem.groupCount,
  };
}

function marked(marks: Uint8Array): number[] {
  return [...marks.keys()].filter((student) => marks[student] === 1);
}

function studentsOfUnit(units: Units, unit: number): number[] {
  return [...units.studentsByUnit.subarray(units.startOfUnit[unit], units.startOfUnit[unit + 1])];
}
