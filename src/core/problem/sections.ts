import type { Problem } from './problem';

/** Groups among which students may change places, in ascending order: those of each section, all where none stays apart. */
export function groupsBySection({ sectionOfGroup }: Pick<Problem, 'sectionOfGroup'>): Int32Array[] {
  const groups = new Map<number, number[]>();
  sectionOfGroup.forEach((section, group) => {
    const some = groups.get(section);
    if (some) some.push(group);
    else groups.set(section, [group]);
  });
  return [...groups.values()].map((some) => Int32Array.from(some));
}

/** Whether everybody sits in a group of their section, as in every valid arrangement. */
export function keepsSections(
  { sectionOfGroup, sectionOfStudent }: Pick<Problem, 'sectionOfGroup' | 'sectionOfStudent'>,
  groupOfStudent: Int32Array,
): boolean {
  return groupOfStudent.every((group, student) => {
    const section = sectionOfGroup[group] as number;
    return section === -1 || section === sectionOfStudent[student];
  });
}
