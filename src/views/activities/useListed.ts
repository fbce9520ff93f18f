'use client';

import * as z from 'zod/mini';
import type { ClassId } from '@/schema/ids';
import type { Setting } from '@/schema/setting';
import { useSetting } from '../frame/useDraft';
import type { Standing } from './progress';

const SHOWN: Setting<Standing | 'all'> = {
  name: 'activityRows',
  shape: z.enum(['all', 'notYet', 'toMark', 'marked']),
  usual: 'all',
};

/** Which groups of an activity are listed, kept for the class. */
export function useListed(classId: ClassId) {
  return useSetting(SHOWN, classId);
}
