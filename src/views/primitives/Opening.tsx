'use client';

import { lazily } from './lazily';
import { useId, useRef, useState, type ReactNode, type RefObject } from 'react';

/** Loaded with the first thing that is opened. */
const Popover = lazily(() => import('./Popover').then((module) => module.Popover));

/** What the button of an opening is to have. */
export interface OpeningButton {
  readonly ref: RefObject<HTMLButtonElement | null>;
  readonly 'aria-expanded': boolean;
  readonly 'aria-controls': string;
  readonly onClick: () => void;
}

interface OpeningProps {
  readonly label: string;
  readonly button: (props: OpeningButton) => ReactNode;
  /** Whether it is open, where another has to know; else it keeps that itself. */
  readonly open?: boolean;
  readonly onOpen?: (open: boolean) => void;
  /** On a narrow screen what is opened stands in the text. */
  readonly flows?: boolean;
  readonly children: ReactNode;
}

/** A button and the small thing that it opens beside itself: Escape, or a press elsewhere, closes it. */
export function Opening(props: OpeningProps) {
  const { label, button, open: told, onOpen, flows = false, children } = props;
  const [own, setOwn] = useState(false);
  const open = told ?? own;
  const setOpen = onOpen ?? setOwn;
  const anchor = useRef<HTMLButtonElement>(null);
  const id = useId();
  return (
    <span
      onKeyDown={(event) => {
        if (event.key !== 'Escape' || !open) return;
        event.stopPropagation();
        setOpen(false);
        anchor.current?.focus();
      }}
    >
      {button({
        ref: anchor,
        'aria-expanded': open,
        'aria-controls': id,
        onClick: () => setOpen(!open),
      })}
      {open && (
        <Popover {...{ anchor, id, label, flows }} onAway={() => setOpen(false)}>
          {children}
        </Popover>
      )}
    </span>
  );
}
