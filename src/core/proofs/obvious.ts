import type { Problem } from '../problem/problem';
import { studentsOfUnit, type Units } from '../problem/units';
import type { ObviousReason } from '../rules/kind';
import { reasonOfOneKind } from '../rules/list';
import { largestClique } from './clique';
import { sharesReason } from './shares';

/** A plain reason why the rules cannot hold, or null where only a search can tell. */
export function obviousReason(problem: Problem, units: Units): ObviousReason | null {
  return (
    reasonOfOneKind(problem, units) ??
    sharesReason(problem) ??
    placeReason(problem, units) ??
    cliqueReason(problem, units)
  );
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
