'use client';

import type { AnchorHTMLAttributes, MouseEvent } from 'react';
import { useRoute } from './route';

interface LinkProps extends AnchorHTMLAttributes<HTMLAnchorElement> {
  /** A path of this application. */
  readonly href: string;
}

/**
 * A way to another page of the application. A plain press goes there without loading the application anew; with a key
 * held, or another button, it is a link as any other.
 */
export function Link({ href, onClick, onPointerEnter, onFocus, ...rest }: LinkProps) {
  const { go, fetchAhead } = useRoute();
  const press = (event: MouseEvent<HTMLAnchorElement>): void => {
    onClick?.(event);
    const { button, metaKey, ctrlKey, shiftKey, altKey } = event;
    if (event.defaultPrevented || button !== 0 || metaKey || ctrlKey || shiftKey || altKey) return;
    event.preventDefault();
    go(href);
  };
  return (
    <a
      href={href}
      onClick={press}
      onPointerEnter={(event) => {
        onPointerEnter?.(event);
        fetchAhead?.(href);
      }}
      onFocus={(event) => {
        onFocus?.(event);
        fetchAhead?.(href);
      }}
      {...rest}
    />
  );
}
