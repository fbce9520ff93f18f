'use client';

import { ClassId } from '@/schema/ids';
import { useRoute } from '../primitives/route';

/** The class that the address names. */
export function useClassId(): ClassId {
  const { classId = '' } = useRoute().params;
  return ClassId.parse(decodeURIComponent(classId));
}
