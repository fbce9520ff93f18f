'use client';

import {
  DndContext,
  DragOverlay,
  MouseSensor,
  pointerWithin,
  TouchSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { useState, type ReactNode } from 'react';
import { StudentId } from '@/schema/ids';
import { say } from '@/messages';
import type { NameOf } from '../frame/names';
import styles from './Tile.module.css';
import type { Selection } from './useSelection';
import type { Sheet } from './useSheet';

/** A press becomes a drag after this many pixels, so that a click still selects. */
const DRAG_AFTER_PX = 6;
/** On a touch screen a drag begins after holding still, so that a swipe still scrolls. */
const TOUCH_HOLD_MS = 180;
const TOUCH_TOLERANCE_PX = 8;

export const ASIDE_TARGET = 'aside';

export function groupTarget(index: number): string {
  return `group:${index}`;
}

interface SheetDndProps {
  readonly sheet: Sheet;
  readonly selection: Selection;
  readonly nameOf: NameOf;
  readonly children: ReactNode;
}

/** Dragging a tile to another row or aside; the keyboard has its own way (useSheetKeys). */
export function SheetDnd({ sheet, selection, nameOf, children }: SheetDndProps) {
  const [dragged, setDragged] = useState<string | null>(null);
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: DRAG_AFTER_PX } }),
    useSensor(TouchSensor, {
      activationConstraint: { delay: TOUCH_HOLD_MS, tolerance: TOUCH_TOLERANCE_PX },
    }),
  );
  const drop = ({ active, over }: DragEndEvent): void => {
    setDragged(null);
    if (!over) return;
    const id = StudentId.parse(active.id);
    const target = sheet.groups.find(({ index }) => groupTarget(index) === over.id);
    if (target) selection.move(id, target.index);
    else if (over.id === ASIDE_TARGET) selection.move(id, null);
  };
  return (
    <DndContext
      id="sheet"
      sensors={sensors}
      collisionDetection={pointerWithin}
      accessibility={{ screenReaderInstructions: { draggable: say.groups.tileHelp } }}
      onDragStart={({ active }) => setDragged(String(active.id))}
      onDragCancel={() => setDragged(null)}
      onDragEnd={drop}
    >
      {children}
      <DragOverlay dropAnimation={null}>
        {dragged !== null && <div className={styles.lifted}>{nameOf(dragged)}</div>}
      </DragOverlay>
    </DndContext>
  );
}
