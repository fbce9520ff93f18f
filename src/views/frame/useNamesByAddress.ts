'use client';

import { useMemo } from 'react';
import type { ClassId, StudentId } from '@/schema/ids';
import type { LineupRecord } from '@/schema/lineup';
import { useNameMask } from './masking';
import { useTileNames } from './names';
import { useRealRoll, useRoll } from './students';

interface Named {
  readonly name?: string | undefined;
  readonly email: string;
}

/** Names as the screen may show them, and who of the class somebody of a service is, by address. */
export function useNamesByAddress(classId: ClassId, lineup: LineupRecord) {
  const [mask] = useNameMask();
  const real = useRealRoll(classId, lineup);
  const students = useRoll(classId, lineup);
  const shortOf = useTileNames(students);
  return useMemo(() => {
    const idOf = new Map<string, StudentId>();
    const shownOf = new Map<string, string>();
    const shownByName = new Map<string, string>();
    real.forEach(({ id, email, name }) => {
      const shown = shortOf(id);
      shownByName.set(name, shown);
      const address = email.trim().toLowerCase();
      if (address === '' || idOf.has(address)) return;
      idOf.set(address, id);
      shownOf.set(address, shown);
    });
    const unknown = (name: string): string => (mask === 'names' ? name : '…');
    return {
      idOf: (email: string): StudentId | undefined => idOf.get(email.toLowerCase()),
      nameOf: ({ email, name = email }: Named): string =>
        shownOf.get(email.toLowerCase()) ?? unknown(name),
      /** Of whom a service tells the name alone. */
      from: (name: string): string => shownByName.get(name) ?? unknown(name),
    };
  }, [real, shortOf, mask]);
}

export type NamesByAddress = ReturnType<typeof useNamesByAddress>;
