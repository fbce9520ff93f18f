import Papa from 'papaparse';
import { readRosterText } from '@/formats/roster/readRoster';
import { medianMs, printTable } from './table';

const RUNS = 9;
const SIZES = [30, 300, 1_200, 5_000, 10_000];
const HEADING = 'Last name,First name,E-mail,Student ID,Section,Score,Level,Status';

/** A whole export with its doubts, from text to issues and preview; beside it, a parser of cells alone. */
export function benchRoster(): void {
  const rows = SIZES.map((size) => {
    const text = exportOf(size);
    const read = medianMs(RUNS, () => readRosterText(text));
    const cells = medianMs(RUNS, () => Papa.parse(text));
    const result = readRosterText(text);
    const doubts = result.ok ? result.roster.warnings.length + result.roster.skipped.length : 0;
    return [size, text.length, read, cells, doubts];
  });
  printTable(`Reading a class list (CSV), median of ${RUNS} runs`, [
    ['rows', 'letters', 'read ms', 'cells alone ms', 'doubts'],
    ...rows,
  ]);
}

function exportOf(size: number): string {
  const lines = Array.from({ length: size }, (_, i) => {
    const domain = i % 97 === 0 ? 'exmaple.org' : 'example.org';
    const status = i % 53 === 0 ? 'withdrawn' : 'active';
    const level = ['low', 'middle', 'high'][i % 3] ?? '';
    return `Family${i % 900},Given${i},s${i}@${domain},${100_000 + i},Bank ${i % 12},${(i * 37) % 101}%,${level},${status}`;
  });
  return [HEADING, ...lines].join('\r\n');
}
