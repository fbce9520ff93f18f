'use client';

import { useDeferredValue, useMemo, useState } from 'react';
import { previewOf } from '@/encode/sizing';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentId } from '@/schema/ids';
import type { LineupRecord } from '@/schema/lineup';
import type { RollStudent } from '@/schema/student';
import { useTileNames } from '../../frame/names';
import { useBench } from '../../frame/useBench';
import { useShuffle } from '../../frame/useShuffle';
import { useColumns } from './useColumns';
import { useGuard } from './useGuard';
import { useInsight } from './useInsight';
import { useSelection } from './useSelection';
import { useSheet } from './useSheet';
import { useTargets } from './useTargets';
import type { Workbench } from './Workbench';

/** The workbench of a lineup, and what tells it of dragging. */
export interface OpenWorkbench {
  readonly workbench: Workbench;
  /** Those under the hand, nobody while nothing is dragged. */
  readonly setDragged: (ids: readonly StudentId[]) => void;
  readonly setOver: (row: string | null) => void;
}

const NOBODY: readonly StudentId[] = [];

/** Puts together what the parts of the page share; each part stays the same object until it has changed. */
export function useWorkbenchOf(
  lineup: LineupRecord,
  theClass: ClassRecord,
  students: readonly RollStudent[],
): OpenWorkbench {
  const bench = useBench(lineup, theClass, students);
  const nameOf = useTileNames(students);
  const columns = useColumns(bench);
  const sheet = useSheet(bench);
  const preview = useMemo(() => previewOf(bench), [bench]);
  // Groups are painted first; what they are like may follow a moment later.
  const read = useInsight(useDeferredValue(bench), columns.details);
  const guard = useGuard(lineup, bench.take);
  const shuffle = useShuffle(bench, (groups, keep) =>
    guard.ask(
      groups.map(({ studentIds }) => studentIds),
      keep,
    ),
  );
  const { bests } = shuffle;
  const insight = useMemo(() => (read && bests ? read.beside(bests) : read), [read, bests]);
  const selection = useSelection({ bench, sheet, nameOf, guard });
  const [dragged, setDragged] = useState<readonly StudentId[]>(NOBODY);
  const [over, setOver] = useState<string | null>(null);
  const targets = useTargets(insight, dragged.length > 0 ? dragged : selection.students);
  const [one = null] = dragged.length === 1 ? dragged : NOBODY;
  const dragging = useMemo(() => ({ student: one, over }), [one, over]);
  return {
    workbench: {
      bench,
      nameOf,
      sheet,
      preview,
      columns,
      insight,
      targets,
      selection,
      guard,
      shuffle,
      dragging,
    },
    setDragged,
    setOver,
  };
}
