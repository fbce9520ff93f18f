/** A list in pages of so many. */
export function inPages<T>(list: readonly T[], perPage: number): readonly (readonly T[])[] {
  const pages: T[][] = [];
  for (let at = 0; at < list.length; at += perPage) pages.push(list.slice(at, at + perPage));
  return pages;
}

/**
 * Blocks of so many lines each in columns of pages, in their order; a block taller than a column stands alone in one.
 * Returns page → column → blocks.
 */
export function inColumns<T>(
  blocks: readonly T[],
  linesOf: (block: T) => number,
  linesPerColumn: number,
  columns: number,
): readonly (readonly (readonly T[])[])[] {
  const filled: T[][] = [];
  let left = 0;
  for (const block of blocks) {
    const lines = linesOf(block);
    if (filled.length === 0 || lines > left) {
      filled.push([]);
      left = linesPerColumn;
    }
    filled.at(-1)?.push(block);
    left -= lines;
  }
  return inPages(filled, columns);
}

/** How small a text must be set so that it fits one line of a place that holds so many letters of usual type. */
export function fitting(text: string, letters: number): 'usual' | 'small' | 'tiny' {
  const { length } = text;
  if (length <= letters) return 'usual';
  return length <= letters * 1.5 ? 'small' : 'tiny';
}
