'use client';

import { lazily } from './lazily';
import { useId, useRef, useState, type KeyboardEvent, type ReactNode, type RefObject } from 'react';

/** Loaded with the first thing that is opened. */
const Popover = lazily(() => import('./Popover').then((module) => module.Popover));

/** What the button of an opening is to have. */
export interface OpeningButton {
  readonly ref: RefObject<HTMLButtonElement | null>;
  readonly 'aria-expanded': boolean;
  readonly 'aria-controls': string;
  readonly onClick: () => void;
}

/** What is told of an opening whose changes Escape takes back. */
export interface TakesBack {
  readonly opened: () => void;
  readonly escaped: () => void;
}

interface OpeningProps {
  readonly label: string;
  readonly button: (props: OpeningButton) => ReactNode;
  /** Whether it is open, where another has to know; else it keeps that itself. */
  readonly open?: boolean;
  readonly onOpen?: (open: boolean) => void;
  /** Where what is changed in it is done at once: has Escape take it back. */
  readonly takesBack?: TakesBack;
  /** On a narrow screen what is opened stands in the text. */
  readonly flows?: boolean;
  readonly children: ReactNode;
}

/** A button and the small thing that it opens beside itself: Escape, or a press elsewhere, closes it; Enter too, in it. */
export function Opening(props: OpeningProps) {
  const { label, button, open: told, onOpen, takesBack, flows = false, children } = props;
  const [own, setOwn] = useState(false);
  const open = told ?? own;
  const setOpen = onOpen ?? setOwn;
  const anchor = useRef<HTMLButtonElement>(null);
  const id = useId();
  return (
    <span
      onKeyDown={(event) => {
        if (!open || !(event.key === 'Escape' || isDone(event))) return;
        event.stopPropagation();
        // Enter would press the button as well, which has the focus by then.
        event.preventDefault();
        if (event.key === 'Escape') takesBack?.escaped();
        setOpen(false);
        anchor.current?.focus();
      }}
    >
      {button({
        ref: anchor,
        'aria-expanded': open,
        'aria-controls': id,
        onClick: () => {
          if (!open) takesBack?.opened();
          setOpen(!open);
        },
      })}
      {open && (
        <Popover {...{ anchor, id, label, flows }} onAway={() => setOpen(false)}>
          {children}
        </Popover>
      )}
    </span>
  );
}

/** Enter in a field that has no other use for it says that what it holds is right. */
function isDone(event: KeyboardEvent): boolean {
  return (
    event.key === 'Enter' && event.target instanceof HTMLInputElement && !event.isDefaultPrevented()
  );
}
