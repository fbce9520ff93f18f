'use client';

import { useCallback, useMemo } from 'react';
import { factOf, type Bench } from '@/encode/bench';
import { sayGroups } from '@/messages/groups';
import type { ClassRecord } from '@/schema/classRecord';
import { valueKey } from '@/schema/presence';
import { BY_SECTION } from '@/schema/recipe';
import type { StudentRecord } from '@/schema/student';
import { LEAD, type TakeGroup } from '@/schema/take';
import { valueName } from '../../frame/detailWords';
import type { TileFacts } from './Tile';
import type { Sheet } from '../workbench/useSheet';

const NOTHING = { fact: '', mark: null } as const;

/** A level by its rank, a section by its pennant. */
function markOf(theClass: ClassRecord, detail: string, key: string): TileFacts['mark'] {
  if (detail === BY_SECTION) {
    const sign = theClass.sections.find(({ id }) => id === key)?.sign;
    return sign === undefined ? null : { kind: 'section', sign };
  }
  const levels = theClass.details.find(({ id }) => id === detail)?.levels ?? [];
  const rank = levels.indexOf(key);
  return rank < 0 ? null : { kind: 'level', rank, of: levels.length };
}

export type TileFactsOf = (student: StudentRecord, roles?: TakeGroup['roles']) => TileFacts;

/** What a tile says beside the name: the chosen detail, the student's role in the group, and whether they are pinned. */
export function useTileFacts(bench: Bench, sheet: Sheet, onTiles: string | null): TileFactsOf {
  const { theClass } = bench;
  // The same object for the same value, so that a memoised tile holds.
  const markOfKey = useMemo(() => {
    const known = new Map<string, TileFacts['mark']>();
    return (detail: string, key: string): TileFacts['mark'] => {
      const mark = known.get(`${detail} ${key}`) ?? markOf(theClass, detail, key);
      known.set(`${detail} ${key}`, mark);
      return mark;
    };
  }, [theClass]);
  // Who is pinned changes seldom; the set is made anew with every sheet.
  const pinnedIds = [...sheet.pinned].join(' ');
  const pinned = useMemo(() => new Set<string>(pinnedIds.split(' ')), [pinnedIds]);
  const fact = useCallback(
    (student: StudentRecord): Pick<TileFacts, 'fact' | 'mark'> => {
      const value = onTiles === null ? undefined : factOf(student, onTiles);
      if (onTiles === null || value === undefined) return NOTHING;
      if (typeof value === 'number') return { ...NOTHING, fact: sayGroups.measures.figure(value) };
      const key = valueKey(value);
      return { fact: valueName(theClass, onTiles, key), mark: markOfKey(onTiles, key) };
    },
    [theClass, onTiles, markOfKey],
  );
  return useMemo(
    () =>
      (student, roles = {}) => ({
        ...fact(student),
        pinned: pinned.has(student.id),
        role: Object.entries(roles)
          .filter(([, holder]) => holder === student.id)
          .map(([role]) => (role === LEAD ? sayGroups.lead : role))
          .join(', '),
      }),
    [fact, pinned],
  );
}
