'use client';

import { sayBench } from '@/messages/bench';
import { CheckList } from '../../primitives/CheckList';
import { Choice } from '../../primitives/Choice';
import { OpenPart } from '../../primitives/OpenPart';
import { columnName } from '../workbench/columnName';
import { isDetail } from '../workbench/useColumns';
import { useWorkbench } from '../workbench/Workbench';

const NAMES_ONLY = '';

/** Which measures stand beside the groups, and what tiles show beside the name. */
export function ColumnChooser() {
  const bench = useWorkbench('bench');
  const { all, shown, onTiles, choose, showOnTiles } = useWorkbench('columns');
  const nameOf = (key: string): string => columnName(bench.theClass, key);
  if (all.length === 0) return null;
  const details = all.filter(isDetail);
  return (
    <OpenPart label={sayBench.columns.open}>
      <CheckList
        legend={sayBench.columns.legend}
        options={all.map((value) => ({ value, label: nameOf(value) }))}
        chosen={shown}
        onChange={(next) => choose(all.filter((key) => next.includes(key)))}
      />
      <Choice
        legend={sayBench.columns.tiles}
        value={onTiles ?? NAMES_ONLY}
        options={[
          { value: NAMES_ONLY, label: sayBench.columns.noneOnTiles },
          ...details.map((value) => ({ value, label: nameOf(value) })),
        ]}
        onChange={(next) => showOnTiles(next === NAMES_ONLY ? null : next)}
      />
    </OpenPart>
  );
}
