/** A file that is dropped on a page which takes none is not opened in its place, until told to stop. */
export function refuseFiles(): () => void {
  const stop = new AbortController();
  const refuse = (event: DragEvent): void => {
    if (event.dataTransfer?.types.includes('Files')) event.preventDefault();
  };
  for (const kind of ['dragover', 'drop'] as const) {
    window.addEventListener(kind, refuse, { signal: stop.signal });
  }
  return () => stop.abort();
}
