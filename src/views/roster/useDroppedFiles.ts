'use client';

import { useEffect, useState } from 'react';
import { useStable } from '../frame/useStable';

/** Takes files that are dropped anywhere on the page, which would else be opened in its place; says whether some are over it. */
export function useDroppedFiles(onFiles: (files: readonly File[]) => void): boolean {
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
        if (!holdsFiles(event)) return;
        event.preventDefault();
        const files = [...(event.dataTransfer?.files ?? [])];
        if (files.length > 0) take(files);
      },
      { signal },
    );
    return () => stop.abort();
  }, [take]);
  return over;
}
