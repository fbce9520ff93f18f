import { performance } from 'node:perf_hooks';

/** Median of the milliseconds that so many runs took. */
export function medianMs(runs: number, work: (run: number) => unknown): number {
  const times = Array.from({ length: runs }, (_, run) => {
    const begin = performance.now();
    work(run);
    return performance.now() - begin;
  });
  return median(times);
}

/** Prints rows in aligned columns under a title. */
export function printTable(title: string, rows: readonly (readonly (string | number)[])[]): void {
  const cells = rows.map((row) =>
    row.map((cell) => (typeof cell === 'number' ? String(Math.round(cell * 1000) / 1000) : cell)),
  );
  const widths = (cells[0] ?? []).map((_, column) =>
    Math.max(...cells.map((row) => row[column]?.length ?? 0)),
  );
  console.log(`\n${title}`);
  cells.forEach((row) =>
    console.log(row.map((cell, column) => cell.padEnd(widths[column] ?? 0)).join('  ')),
  );
}

/** The middle one; of an even number the upper of the two. */
export function median(values: readonly number[]): number {
  return [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;
}
