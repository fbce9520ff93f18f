'use client';

import { useParams } from 'next/navigation';
import { ClassId } from '@/schema/ids';

/** The class that the address names. */
export function useClassId(): ClassId {
  const { classId } = useParams<{ classId: string }>();
  return ClassId.parse(decodeURIComponent(classId));
}
