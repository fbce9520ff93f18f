'use client';

import {
  DndContext,
  DragOverlay,
  MouseSensor,
  TouchSensor,
  useDraggable,
  useSensor,
  useSensors,
  type Announcements,
} from '@dnd-kit/core';
import { useEffect, useLayoutEffect, useRef, useState, type RefObject } from 'react';
import { StudentId } from '@/schema/ids';
import { sayGroups } from '@/messages/groups';
import { useNotices } from '../../primitives/notices';
import styles from './Tile.module.css';
import { useWorkbench } from '../workbench/Workbench';
import { useStable } from '../../frame/useStable';

/** A press becomes a drag after this many pixels, so that a click still selects. */
const DRAG_AFTER_PX = 6;
/** On a touch screen a drag begins after holding still, so that a swipe still scrolls. */
const TOUCH_HOLD_MS = 180;
const TOUCH_TOLERANCE_PX = 8;

export const ASIDE_TARGET = 'aside';

interface DragLayerProps {
  /** Where tiles (`data-student`) and rows (`data-row`) stand. */
  readonly area: RefObject<HTMLElement | null>;
  /** A press from before this layer was there, which it takes up. */
  readonly early: RefObject<Event | null>;
  readonly onDrag: (ids: readonly StudentId[]) => void;
  readonly onOver: (row: string | null) => void;
}

/**
 * Dragging tiles to other rows or aside, over a sheet that knows nothing of it: tiles and rows are found by their
 * attributes once they are pressed, so that a large sheet costs nothing. The keyboard has its own way (useSheetKeys).
 */
export function DragLayer({ area, early, onDrag, onOver }: DragLayerProps) {
  const selection = useWorkbench('selection');
  const nameOf = useWorkbench('nameOf');
  const sheet = useWorkbench('sheet');
  const insight = useWorkbench('insight');
  const targets = useWorkbench('targets');
  const { announce } = useNotices();
  const [pressed, setPressed] = useState<Pressed | null>(null);
  const [lifted, setLifted] = useState<readonly StudentId[]>([]);
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: DRAG_AFTER_PX } }),
    useSensor(TouchSensor, {
      activationConstraint: { delay: TOUCH_HOLD_MS, tolerance: TOUCH_TOLERANCE_PX },
    }),
  );
  useLayoutEffect(() => {
    const element = area.current;
    if (!element) return undefined;
    element.toggleAttribute('data-drags', true);
    const press = (event: Event): void => {
      const tile =
        event.target instanceof Element
          ? event.target.closest<HTMLElement>('[data-student]')
          : null;
      if (tile) setPressed({ id: StudentId.parse(tile.dataset.student), tile, event });
    };
    if (early.current) press(early.current);
    element.addEventListener('mousedown', press);
    element.addEventListener('touchstart', press, { passive: true });
    return () => {
      element.removeAttribute('data-drags');
      element.removeEventListener('mousedown', press);
      element.removeEventListener('touchstart', press);
    };
  }, [area, early]);
  /** Says what lies under the hand, and what dropping there would do where that is known. */
  const tell = (over: Target | null): void => {
    const [one] = lifted;
    if (!over || !one) return;
    const names = lifted.map((id) => nameOf(id));
    const row = over.row === ASIDE_TARGET ? null : Number(over.row);
    const other = swapWith(over);
    const effect = other
      ? (insight?.swapEffect(one, other) ?? null)
      : row !== null
        ? (targets.get(row)?.effect ?? null)
        : null;
    const word = effect && sayGroups.effect[effect];
    const group = row === null ? sayGroups.aside : (sheet.groups[row]?.name ?? '');
    announce(
      other
        ? sayGroups.drag.overStudent(nameOf(one), nameOf(other), word)
        : sayGroups.drag.overGroup(names, group, word),
    );
  };
  /** Who would change places with the one that is lifted, if anybody. */
  const swapWith = ({ row, student }: Target): StudentId | null => {
    const [one] = lifted;
    if (lifted.length !== 1 || !one || row === ASIDE_TARGET) return null;
    const home = selection.groupOf(one);
    return home !== null && home !== Number(row) ? student : null;
  };
  // Rows are found under the pointer, so that it does not matter how many there are or whether they have just come
  // into sight.
  const target = useRef<Target | null>(null);
  const follow = useStable((event: PointerEvent | TouchEvent): void => {
    if (lifted.length === 0) return;
    const point = 'touches' in event ? event.touches[0] : event;
    if (!point) return;
    const last = target.current;
    target.current = under(point.clientX, point.clientY);
    onOver(target.current?.row ?? null);
    if (!sameTarget(last, target.current)) tell(target.current);
  });
  useEffect(() => {
    window.addEventListener('pointermove', follow);
    window.addEventListener('touchmove', follow, { passive: true });
    return () => {
      window.removeEventListener('pointermove', follow);
      window.removeEventListener('touchmove', follow);
    };
  }, [follow]);
  const end = (): void => {
    target.current = null;
    setLifted([]);
    onDrag([]);
    onOver(null);
  };
  /** On a person of another group one student changes places with them; anywhere else in a row all go there. */
  const drop = (): void => {
    const to = target.current;
    end();
    if (!to) {
      announce(sayGroups.drag.nowhere);
      return;
    }
    const [one] = lifted;
    const other = swapWith(to);
    if (one && other) selection.swap(one, other);
    else selection.move(lifted, to.row === ASIDE_TARGET ? null : Number(to.row));
  };
  return (
    <DndContext
      id="sheet"
      sensors={sensors}
      accessibility={{
        screenReaderInstructions: { draggable: sayGroups.tileHelp },
        announcements: SILENT,
      }}
      onDragStart={({ active }) => {
        const id = StudentId.parse(active.id);
        // A tile that is selected with others takes them along.
        const along = selection.students.includes(id) ? selection.students : [id];
        setLifted(along);
        onDrag(along);
        announce(sayGroups.drag.lifted(along.map((each) => nameOf(each))));
      }}
      onDragCancel={() => {
        end();
        announce(sayGroups.drag.nowhere);
      }}
      onDragEnd={drop}
    >
      {pressed && <Dragged key={pressed.id} pressed={pressed} />}
      <DragOverlay dropAnimation={null}>
        {lifted.length > 0 && (
          <div className={styles.lifted}>{lifted.map((id) => nameOf(id)).join(', ')}</div>
        )}
      </DragOverlay>
    </DndContext>
  );
}

/** Where something would be dropped. */
interface Target {
  readonly row: string;
  readonly student: StudentId | null;
}

function sameTarget(one: Target | null, two: Target | null): boolean {
  return one?.row === two?.row && one?.student === two?.student;
}

/** Its own words are of ids, and in English alone; what is to be said is said here. */
const SILENT: Announcements = {
  onDragStart: () => undefined,
  onDragOver: () => undefined,
  onDragEnd: () => undefined,
  onDragCancel: () => undefined,
};

interface Pressed {
  readonly id: StudentId;
  readonly tile: HTMLElement;
  readonly event: Event;
}

/** Makes the pressed tile known, and hands it the press that came before it was. */
function Dragged({ pressed }: { readonly pressed: Pressed }) {
  const { setNodeRef, listeners } = useDraggable({ id: pressed.id });
  const handed = useRef<Event | null>(null);
  useEffect(() => {
    setNodeRef(pressed.tile);
    if (handed.current === pressed.event || !listeners) return;
    handed.current = pressed.event;
    const { event } = pressed;
    const handler = listeners[event.type === 'mousedown' ? 'onMouseDown' : 'onTouchStart'];
    // The sensors ask for React's event and read the native one inside it.
    handler?.({ nativeEvent: event, target: event.target, currentTarget: pressed.tile });
  }, [pressed, listeners, setNodeRef]);
  return null;
}

/** What lies under a point of the page: the row (or the aside), and the student, if any. */
function under(x: number, y: number): Target | null {
  for (const element of document.elementsFromPoint(x, y)) {
    const row = element.closest<HTMLElement>('[data-row]')?.dataset.row;
    if (row === undefined) continue;
    const student = element.closest<HTMLElement>('[data-student]')?.dataset.student;
    return { row, student: student === undefined ? null : StudentId.parse(student) };
  }
  return null;
}
