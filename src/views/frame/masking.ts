'use client';

import * as z from 'zod/mini';
import { say } from '@/messages';
import type { Setting } from '@/schema/setting';
import type { StudentRecord } from '@/schema/student';
import { useSetting } from './useDraft';

/** What stands in place of names while the screen is recorded or shared. */
export type NameMask = 'names' | 'initials' | 'aliases';

export const NAMES: Setting<NameMask> = {
  name: 'names',
  shape: z.enum(['names', 'initials', 'aliases']),
  usual: 'names',
};

/** How names are shown in every view, and the way to change it; it stays until it is changed back. */
export function useNameMask(): readonly [NameMask, (mask: NameMask) => void] {
  return useSetting(NAMES, null);
}

/**
 * The students under other names, each their own, and without what else would tell who they are: addresses,
 * numbers and notes. The same student has the same alias for as long as the class list keeps its order.
 */
export function maskStudents<S extends StudentRecord>(
  students: readonly S[],
  mask: NameMask,
): readonly S[] {
  if (mask === 'names') return students;
  const times = new Map<string, number>();
  return students.map((student, place) => {
    const base = mask === 'aliases' ? say.privacy.alias(place) : initialsOf(student);
    const time = (times.get(base) ?? 0) + 1;
    times.set(base, time);
    return {
      ...student,
      name: time === 1 ? base : `${base} ${time}`,
      givenName: '',
      familyName: '',
      preferredName: '',
      email: student.email === '' ? '' : say.privacy.hidden,
      externalId: student.externalId === '' ? '' : say.privacy.hidden,
      note: '',
    };
  });
}

/** "A.H.": the first letter of each word of the name, without a space that short forms would part at. */
function initialsOf({ name }: StudentRecord): string {
  const segmenter = new Intl.Segmenter(undefined, { granularity: 'grapheme' });
  const words = name.split(/[\s,]+/).filter((word) => word !== '');
  return words.map((word) => `${[...segmenter.segment(word)][0]?.segment ?? ''}.`).join('');
}
