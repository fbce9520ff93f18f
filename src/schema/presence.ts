import type { ClassRecord, LeaveOut, LeaveOutPart } from './classRecord';
import { BY_SECTION } from './recipe';
import type { DetailValue, StudentRecord } from './student';

/** How a value of a detail is written in filters. */
export function valueKey(value: DetailValue): string {
  return typeof value === 'boolean' ? (value ? 'yes' : 'no') : String(value);
}

/** Whether a filter speaks of a student, on or off, overruled or not. */
export function leavesOut(
  { when, parts }: Pick<LeaveOut, 'when' | 'parts'>,
  student: StudentRecord,
): boolean {
  const applies = ({ by, values }: LeaveOutPart): boolean => {
    const value = by === BY_SECTION ? student.sectionId : student.details[by];
    return value !== undefined && value !== null && values.includes(valueKey(value));
  };
  if (parts.length === 0) return false;
  return when === 'all' ? parts.every(applies) : parts.some(applies) === (when === 'any');
}

/** The filters in force that leave the student out, whether overruled or not. */
export function filtersOn(student: StudentRecord, { leaveOuts }: ClassRecord): readonly LeaveOut[] {
  return leaveOuts.filter((filter) => filter.on && leavesOut(filter, student));
}

/** Whether the student is dealt into groups on a day: in the class, not away then, and not left out by a filter. */
export function takesPart(student: StudentRecord, theClass: ClassRecord, day: string): boolean {
  if (student.left !== null || student.awayOn === day) return false;
  return student.inAnyway || filtersOn(student, theClass).length === 0;
}
