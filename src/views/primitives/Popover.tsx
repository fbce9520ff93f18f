'use client';

import ClickAwayListener from '@mui/material/ClickAwayListener';
import { autoUpdate, computePosition, flip, offset, shift, size } from '@floating-ui/dom';
import { useLayoutEffect, useRef, useState, type ReactNode, type RefObject } from 'react';
import { focusFirst } from './focusFirst';
import styles from './Popover.module.css';

export interface PopoverProps {
  /** What it belongs to; it stands below, or above where there is more room. */
  readonly anchor: RefObject<HTMLElement | null>;
  readonly id: string;
  readonly label: string;
  /** On a narrow screen it stands in the text, so that it covers nothing of what it is about. */
  readonly flows: boolean;
  /** A press on neither it nor its anchor. */
  readonly onAway: () => void;
  readonly children: ReactNode;
}

const GAP_PX = 6;
/** What stays free at the edges of the page. */
const MARGIN_PX = 8;
const NARROW = '(max-width: 700px)';

/** Something small beside its anchor, over everything else and always inside the page; it scrolls where it is too tall. */
export function Popover({ anchor, id, label, flows, onAway, children }: PopoverProps) {
  const box = useRef<HTMLDivElement>(null);
  const [floats] = useState(() => !(flows && matchMedia(NARROW).matches));
  useLayoutEffect(() => {
    if (!floats) focusFirst(box.current);
  }, [floats]);
  // In the top layer nothing covers or cuts it; a browser takes out of it what is moved to another place of the page.
  useLayoutEffect(() => {
    if (!floats || box.current?.matches(':popover-open') !== false) return;
    box.current.showPopover();
    focusFirst(box.current);
  });
  useLayoutEffect(() => {
    const [button, floating] = [anchor.current, box.current];
    if (!floats || !button || !floating) return undefined;
    return autoUpdate(button, floating, () => void place(button, floating));
  }, [anchor, floats]);
  const isAnchor = ({ target }: Event): boolean =>
    target instanceof Node && anchor.current?.contains(target) === true;
  // Not at the end of a touch: what is below would close up before the press, under the finger, and the press miss.
  return (
    <ClickAwayListener touchEvent={false} onClickAway={(event) => !isAnchor(event) && onAway()}>
      <div
        ref={box}
        popover={floats ? 'manual' : undefined}
        id={id}
        className={styles.popover}
        data-floats={floats}
        role="group"
        aria-label={label}
      >
        {children}
      </div>
    </ClickAwayListener>
  );
}

async function place(button: HTMLElement, floating: HTMLElement): Promise<void> {
  const { x, y } = await computePosition(button, floating, {
    strategy: 'fixed',
    placement: 'bottom-start',
    middleware: [
      offset(GAP_PX),
      flip({ padding: MARGIN_PX }),
      shift({ padding: MARGIN_PX }),
      size({
        padding: MARGIN_PX,
        apply: ({ availableHeight }) => {
          floating.style.maxHeight = `${availableHeight}px`;
        },
      }),
    ],
  });
  floating.style.left = `${x}px`;
  floating.style.top = `${y}px`;
}
