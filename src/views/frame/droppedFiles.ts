/** Files that were dropped on a page, on their way to the part of it, or the page, that reads them. */
let waiting: readonly File[] = [];
const listeners = new Set<() => void>();

export function keepDropped(files: readonly File[]): void {
  waiting = files;
  listeners.forEach((listener) => listener());
}

/** The files that wait, or those of a kind, once: they are taken with the asking. */
export function takeDropped(isAsked: (file: File) => boolean = () => true): readonly File[] {
  const files = waiting.filter(isAsked);
  waiting = waiting.filter((file) => !isAsked(file));
  return files;
}

/** Whether a file is, by its name, one that holds whole classes. */
export function isClassFile({ name }: File): boolean {
  return /\.json$/i.test(name);
}

export function hasDropped(): boolean {
  return waiting.length > 0;
}

export function listenDropped(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}
