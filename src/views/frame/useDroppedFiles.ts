'use client';

import { useEffect, useState } from 'react';
import { useStable } from './useStable';

/**
 * Takes files that are dropped anywhere on the page, which would else be opened in its place; says whether some are over
 * it. Where a part of the page takes files and the page around it too (`asked` says which this is), the part has them.
 */
export function useDroppedFiles(
  onFiles: (files: readonly File[]) => void,
  asked: 'part' | 'page' = 'part',
): boolean {
  const [over, setOver] = useState(false);
  const take = useStable(onFiles);
  useEffect(() => {
    const stop = new AbortController();
    const { signal } = stop;
    const holdsFiles = ({ dataTransfer }: DragEvent): boolean =>
      dataTransfer?.types.includes('Files') ?? false;
    window.addEventListener(
      'dragover',
      (event) => {
        if (!holdsFiles(event)) return;
        event.preventDefault();
        setOver(true);
      },
      { signal },
    );
    window.addEventListener(
      'dragleave',
      (event) => {
        // Leaving the window itself, not one part of the page for another.
        if (event.relatedTarget === null) setOver(false);
      },
      { signal },
    );
    window.addEventListener(
      'drop',
      (event) => {
        setOver(false);
        if (!holdsFiles(event) || event.defaultPrevented) return;
        event.preventDefault();
        const files = [...(event.dataTransfer?.files ?? [])];
        if (files.length > 0) take(files);
      },
      // The way down to what they fell on comes before the way up again.
      { signal, capture: asked === 'part' },
    );
    return () => stop.abort();
  }, [take, asked]);
  return over;
}
