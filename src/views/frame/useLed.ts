'use client';

import { useMemo } from 'react';
import type { Led } from '@/encode/publicLineup';
import type { ClassId } from '@/schema/ids';
import { adultsOf, classById } from '@/store/queries';
import { useQuery } from '@/store/react';

/** Who may lead the groups of a class, and when they may meet. */
export function useLed(classId: ClassId): Led {
  const adults = useQuery(adultsOf, classId);
  const periods = useQuery(classById, classId)?.periods;
  return useMemo(() => ({ adults, periods: periods ?? [] }), [adults, periods]);
}
