import type { CSSProperties } from 'react';
import type { Insight } from '@/encode/insight';
import type { Target } from '@/encode/insightTypes';
import type { ClassRecord } from '@/schema/classRecord';
import type { StudentId } from '@/schema/ids';
import type { NameOf } from '../../frame/names';
import type { ColumnKey } from '../workbench/useColumns';
import type { SheetGroup } from '../workbench/useSheet';
import type { TileFactsOf } from './useTileFacts';

/** Where a row stands in a list of which only some rows are drawn. */
export interface RowPlace {
  readonly index: number;
  readonly style: CSSProperties;
  readonly measure: (element: HTMLElement | null) => void;
}

export interface GroupRowProps {
  readonly place: RowPlace | undefined;
  readonly group: SheetGroup;
  readonly theClass: ClassRecord;
  readonly selected: readonly StudentId[];
  /** Whether the group itself is selected. */
  readonly chosen: boolean;
  readonly onToggle: (id: StudentId, more: boolean) => void;
  readonly onChoose: (row: number, more: boolean) => void;
  readonly nameOf: NameOf;
  readonly factsOf: TileFactsOf;
  readonly shown: readonly ColumnKey[];
  readonly insight: Insight | null;
  /** What moving the selected or dragged student here would do. */
  readonly target: Target | undefined;
  readonly dragged: StudentId | null;
  readonly over: boolean;
}
