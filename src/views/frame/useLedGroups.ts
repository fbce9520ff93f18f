'use client';

import { useEffect, useMemo, useState } from 'react';
import type { Bench } from '@/encode/bench';
import { groupKeys } from '@/schema/takeGroup';
import type { StudentId } from '@/schema/ids';

/** A group of the shown take, with the names of the skills that it works on. */
export interface FocusedGroup {
  /** By which its adult is kept. */
  readonly key: string;
  readonly name: string;
  readonly sign: number;
  readonly studentIds: readonly StudentId[];
  readonly focus: readonly string[];
}

/**
 * The groups of a lineup's shown take, with what each works on where its recipe matches needs; that is empty while it is
 * being worked out. What reads a take comes with the first that is to be read.
 */
export function useLedGroups(bench: Bench): readonly FocusedGroup[] {
  const [read, setRead] = useState<readonly (readonly string[])[]>([]);
  const { take, lineup } = bench;
  const wanted = take !== undefined && lineup.recipe.needs !== null;
  useEffect(() => {
    if (!wanted) return undefined;
    const stop = new AbortController();
    void import('@/encode/insight').then(({ Insight }) => {
      if (stop.signal.aborted) return;
      const needs = Insight.of(bench, take, [])?.needs();
      setRead(
        take.groups.map((_, row) =>
          (needs?.groups[row]?.focus ?? []).filter((skill) => skill !== ''),
        ),
      );
    });
    return () => stop.abort();
  }, [bench, take, wanted]);
  return useMemo(() => {
    const groups = take?.groups ?? [];
    const keys = groupKeys(groups);
    return groups.map(({ name, sign, studentIds }, row) => ({
      ...{ key: keys[row] ?? '', name, sign, studentIds },
      focus: wanted ? (read[row] ?? NONE) : NONE,
    }));
  }, [take, wanted, read]);
}

const NONE: readonly string[] = [];
