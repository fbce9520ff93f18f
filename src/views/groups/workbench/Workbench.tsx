'use client';

import { createContext, use, type Context, type ReactNode } from 'react';
import type { Bench } from '@/encode/bench';
import type { SizesPreview } from '@/encode/sizing';
import type { Insight } from '@/encode/insight';
import type { StudentId } from '@/schema/ids';
import type { TakeRecord } from '@/schema/take';
import type { NameOf } from '../../frame/names';
import type { Shuffle } from '../../frame/useShuffle';
import type { Columns } from './useColumns';
import type { Guard } from './useGuard';
import type { Selection } from './useSelection';
import type { Sheet } from './useSheet';
import type { Targets } from './useTargets';

/** What is under the hand: the student dragged alone, and the row over which something is dragged. */
export interface Dragging {
  readonly student: StudentId | null;
  readonly over: string | null;
}

/** All that the parts of the page of groups share. */
export interface Workbench {
  readonly bench: Bench;
  readonly nameOf: NameOf;
  readonly sheet: Sheet;
  /** The sizes that the next press gives, or why there are none. */
  readonly preview: SizesPreview;
  readonly columns: Columns;
  /** What the shown take is like; null until the reading has been loaded. */
  readonly insight: Insight | null;
  readonly targets: Targets;
  readonly selection: Selection;
  readonly guard: Guard;
  readonly shuffle: Shuffle;
  readonly dragging: Dragging;
}

type Part = keyof Workbench;

/** A context for each part, so that a component is drawn anew only when a part it asks for has changed. */
const CONTEXTS: { readonly [P in Part]: Context<Workbench[P] | undefined> } = {
  bench: createContext<Bench | undefined>(undefined),
  nameOf: createContext<NameOf | undefined>(undefined),
  sheet: createContext<Sheet | undefined>(undefined),
  preview: createContext<SizesPreview | undefined>(undefined),
  columns: createContext<Columns | undefined>(undefined),
  insight: createContext<Insight | null | undefined>(undefined),
  targets: createContext<Targets | undefined>(undefined),
  selection: createContext<Selection | undefined>(undefined),
  guard: createContext<Guard | undefined>(undefined),
  shuffle: createContext<Shuffle | undefined>(undefined),
  dragging: createContext<Dragging | undefined>(undefined),
};

interface WorkbenchProviderProps {
  readonly workbench: Workbench;
  readonly children: ReactNode;
}

export function WorkbenchProvider({ workbench, children }: WorkbenchProviderProps) {
  return (Object.keys(CONTEXTS) as Part[]).reduce((inner, part) => {
    // That each context belongs to the part of its name is what the type of CONTEXTS says.
    const Provider = CONTEXTS[part] as Context<unknown>;
    return <Provider value={workbench[part]}>{inner}</Provider>;
  }, children);
}

/** One part of the workbench around this component; throws outside of it. */
export function useWorkbench<P extends Part>(part: P): Workbench[P] {
  const value = use<Workbench[P] | undefined>(CONTEXTS[part]);
  if (value === undefined) throw new Error(`no workbench around: ${part}`);
  return value;
}

/** The take on the sheet; throws where none is shown. */
export function useShownTake(): TakeRecord {
  const { take } = useWorkbench('bench');
  if (!take) throw new Error('no take is shown');
  return take;
}
