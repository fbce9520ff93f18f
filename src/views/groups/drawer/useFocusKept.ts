'use client';

import { useCallback, useEffect, useRef, type RefObject } from 'react';
import type { Selected } from '../workbench/useSelection';
import { useWorkbench } from '../workbench/Workbench';

/** What of the drawer had the focus last, and what was selected then. */
interface Held {
  readonly element: Element;
  readonly selected: Selected;
}

/**
 * Keeps the focus where the next key has a meaning: where what it was on in the drawer is gone, or can be pressed no
 * more, it goes to the tile or the row that the drawer was about, else to the drawer. Returns how it gets there.
 */
export function useFocusKept(drawer: RefObject<HTMLElement | null>): () => void {
  const selection = useWorkbench('selection');
  const selected = useRef<Selected>(selection);
  const held = useRef<Held | null>(null);
  useEffect(() => {
    selected.current = selection;
  }, [selection]);
  const leave = useCallback((): void => {
    const about = placeOf(selected.current) ?? (held.current && placeOf(held.current.selected));
    (about ?? drawer.current)?.focus();
  }, [drawer]);
  useEffect(() => {
    const element = drawer.current;
    if (!element) return undefined;
    const hold = ({ target }: FocusEvent): void => {
      if (target instanceof Element) held.current = { element: target, selected: selected.current };
    };
    let frame = 0;
    const check = (): void => {
      const last = held.current?.element;
      const { activeElement } = document;
      if (activeElement !== document.body && activeElement !== last) return;
      if (!last || (last.isConnected && !last.matches(':disabled'))) return;
      leave();
      held.current = null;
    };
    // A frame later: what has a place of its own for the focus goes first, and the key that was pressed presses nothing else.
    const change = new MutationObserver(() => {
      cancelAnimationFrame(frame);
      frame = requestAnimationFrame(check);
    });
    element.addEventListener('focusin', hold);
    change.observe(element, { childList: true, subtree: true, attributeFilter: ['disabled'] });
    return () => {
      element.removeEventListener('focusin', hold);
      change.disconnect();
      cancelAnimationFrame(frame);
    };
  }, [drawer, leave]);
  return leave;
}

/** Where what is selected stands on the sheet: the tile of a student, the head of a row. */
function placeOf({ students, groups }: Selected): HTMLElement | null {
  const [student] = students;
  const [row] = groups;
  if (student !== undefined) return found(`[data-student="${CSS.escape(student)}"]`);
  if (row === undefined) return null;
  // A row that was taken away has left its place to the next, or was the last.
  return found(`[data-row="${String(row)}"] button`) ?? found('[data-row="0"] button');
}

function found(selector: string): HTMLElement | null {
  return document.querySelector<HTMLElement>(selector);
}
