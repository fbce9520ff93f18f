'use client';

import { useLayoutEffect, type RefObject } from 'react';
import { LARGEST_PX, READABLE_PX } from './fitType';

/**
 * Sets the largest type with which what stands in a box does not scroll, from readable to as large as names get; what is
 * longer than that in readable type scrolls. Looked for by halving, a handful of layouts each time.
 */
export function useFill(
  box: RefObject<HTMLElement | null>,
  content: RefObject<HTMLElement | null>,
  of: unknown,
): void {
  useLayoutEffect(() => {
    const [outer, inner] = [box.current, content.current];
    if (!outer || !inner) return undefined;
    const scale = Number(getComputedStyle(outer).getPropertyValue('--scale')) || 1;
    const fit = (): void => {
      let [low, high] = [READABLE_PX, LARGEST_PX];
      while (low < high) {
        const size = Math.ceil((low + high) / 2);
        inner.style.fontSize = `${size}px`;
        const fits =
          outer.scrollHeight <= outer.clientHeight && outer.scrollWidth <= outer.clientWidth;
        if (fits) low = size;
        else high = size - 1;
      }
      inner.style.fontSize = `${low * scale}px`;
    };
    fit();
    const observer = new ResizeObserver(fit);
    observer.observe(outer);
    void document.fonts.ready.then(fit);
    return () => observer.disconnect();
  }, [box, content, of]);
}
