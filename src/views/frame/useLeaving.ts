'use client';

import { say } from '@/messages';
import type { StudentId } from '@/schema/ids';
import { useStore } from '@/store/react';
import { useAsk } from '../primitives/asking';
import { companyOf } from './harm';
import { useStudents } from './students';
import { useClassId } from './useClassId';
import { useStable } from './useStable';

/** Takes students out of the class at once, but asks first where some work in groups that are in use. */
export function useLeaving(): (studentIds: readonly StudentId[], run: () => void) => void {
  const { records } = useStore();
  // Hidden names stay hidden in a question too.
  const students = useStudents(useClassId());
  const ask = useAsk();
  return useStable((studentIds: readonly StudentId[], run: () => void): void => {
    const company = companyOf(records, studentIds);
    if (company.length === 0) {
      run();
      return;
    }
    const names = new Map(students.map(({ id, name }) => [id, name]));
    const nameOf = (id: StudentId): string => names.get(id) ?? '';
    ask({
      title: say.frame.leavingTitle,
      text: company
        .map(({ studentId, lineup, group, others }) =>
          say.frame.leavingFrom(nameOf(studentId), group, lineup.name, others.map(nameOf)),
        )
        .join(' '),
      go: say.frame.leavingGo,
      leave: say.frame.partsLeave,
      run,
    });
  });
}
