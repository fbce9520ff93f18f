'use client';

import { useMemo } from 'react';
import * as z from 'zod/mini';
import type { Bench } from '@/encode/bench';
import { BY_SECTION } from '@/schema/recipe';
import type { Setting } from '@/schema/setting';
import { choose } from '@/store/actions/drafts';
import { useStore } from '@/store/react';
import { useSetting } from '../../frame/useDraft';

/** A measure beside the groups: `partners`, `wishes`, `topics`, `needs`, the section, or a detail's id. */
export type ColumnKey = string;
export const PARTNERS = 'partners';
export const WISHES = 'wishes';
export const TOPICS = 'topics';
export const NEEDS = 'needs';

/** Whether a measure is a detail, or the section, and not one of those that are counted otherwise. */
export function isDetail(key: ColumnKey): boolean {
  return ![PARTNERS, WISHES, TOPICS, NEEDS].includes(key);
}

const Chosen = z.object({
  /** Null while the recipe's own measures are shown. */
  shown: z.nullable(z.array(z.string())),
  /** What tiles show beside the name, or null. */
  onTiles: z.nullable(z.string()),
});
type Chosen = z.infer<typeof Chosen>;

const COLUMNS: Setting<Chosen> = {
  name: 'columns',
  shape: Chosen,
  usual: { shown: null, onTiles: null },
};

export interface Columns {
  readonly shown: readonly ColumnKey[];
  /** The details among those shown, for the reading of the take. */
  readonly details: readonly string[];
  readonly onTiles: string | null;
  readonly all: readonly ColumnKey[];
  readonly choose: (shown: readonly ColumnKey[]) => void;
  readonly showOnTiles: (detail: string | null) => void;
}

/** Which measures stand beside the groups of a class, and what tiles show; remembered for the class. */
export function useColumns(bench: Bench): Columns {
  const store = useStore();
  const classId = bench.theClass.id;
  const [chosen] = useSetting(COLUMNS, classId);
  return useMemo(() => {
    const all = allColumns(bench);
    const shown = chosen.shown?.filter((key) => all.includes(key)) ?? usualColumns(bench);
    const keep = (next: Chosen): void => choose(store, COLUMNS, classId, next);
    return {
      shown,
      details: shown.filter(isDetail),
      onTiles: chosen.onTiles !== null && all.includes(chosen.onTiles) ? chosen.onTiles : null,
      all,
      choose: (next) => keep({ ...chosen, shown: [...next] }),
      showOnTiles: (onTiles) => keep({ ...chosen, onTiles }),
    };
  }, [bench, chosen, store, classId]);
}

function allColumns({ theClass, students, history, lineup }: Bench): readonly ColumnKey[] {
  return [
    ...theClass.details.map(({ id }) => id),
    ...(theClass.sections.length > 1 ? [BY_SECTION] : []),
    ...(history.length > 0 ? [PARTNERS] : []),
    ...(students.some(({ wishes }) => wishes.length > 0) ? [WISHES] : []),
    ...(lineup.recipe.topics ? [TOPICS] : []),
    ...(lineup.recipe.needs ? [NEEDS] : []),
  ];
}

/** What the recipe looks after, and how fresh the partners are wherever there were earlier lineups. */
function usualColumns(bench: Bench): readonly ColumnKey[] {
  const { balance, sections, wishes, topics, needs } = bench.lineup.recipe;
  const wanted = [
    ...balance.map(({ detail }) => detail),
    ...(sections === 'mixed' ? [BY_SECTION] : []),
    ...(bench.lineup.recipe.freshPartners || bench.history.length > 0 ? [PARTNERS] : []),
    ...(wishes ? [WISHES] : []),
    ...(topics ? [TOPICS] : []),
    ...(needs ? [NEEDS] : []),
  ];
  const all = allColumns(bench);
  return [...new Set(wanted)].filter((key) => all.includes(key));
}
