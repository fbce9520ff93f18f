import { plainWords } from './text';
import { readNumber, readYesNo } from './readValue';

/** Words for what is mastered and what is not yet, beside yes and no in every way the reader knows. */
const MASTERED = new Set(['mastered', 'secure', 'met', 'passed', 'pass', 'achieved', 'can do']);
const NOT_YET = new Set([
  ...['not mastered', 'not yet', 'notyet', 'emerging', 'not met', 'not secure', 'failed', 'fail'],
  ...['working towards', 'developing', 'not achieved', 'cannot do'],
]);
/** Points of a maximum: 7/10, 3 of 4. */
const OUT_OF = /^\s*(\d+(?:[.,]\d+)?)\s*(?:\/|of|out of)\s*(\d{1,4})\s*$/i;
/** What tests usually count up to, where neither heading nor cells say it. */
const USUAL = [1, 2, 3, 4, 5, 10, 20, 25, 50, 100];

/**
 * What a column of a skill counts up to: a number at the end of its heading ("flow gauging (12)", "/12", "of 12"), 100
 * where cells have a percent sign, what cells themselves say (7/10), else the first usual maximum that no cell is above.
 */
export function wholeOf(heading: string, cells: readonly string[], decimal: '.' | ','): number {
  const told = /(?:\(|\/|\bof\b)\s*(\d{1,4})\s*\)?\s*$/i.exec(heading.trim());
  if (told && Number(told[1]) > 0) return Number(told[1]);
  if (cells.some((cell) => cell.includes('%'))) return 100;
  const own = cells.map((cell) => Number(OUT_OF.exec(cell)?.[2] ?? 0));
  if (own.some((whole) => whole > 0)) return Math.max(...own);
  const most = Math.max(0, ...cells.map((cell) => readNumber(cell, decimal) ?? 0));
  return USUAL.find((whole) => most <= whole) ?? 100;
}

/** The mastery of a skill from 0 to 100 that a cell writes, as `readPoints` reads it. */
export function readMastery(cell: string, whole: number, decimal: '.' | ','): number | null {
  const points = readPoints(cell, whole, decimal);
  return points === null ? null : Math.round((1000 * points) / whole) / 10;
}

/**
 * The points of a whole that a cell writes: a tick or a word, points, points of a maximum of its own (7/10) or a
 * percentage; null for what is none, and for what is above the whole or below nothing.
 */
export function readPoints(cell: string, whole: number, decimal: '.' | ','): number | null {
  const word = plainWords(cell);
  if (MASTERED.has(word)) return whole;
  if (NOT_YET.has(word)) return 0;
  const outOf = OUT_OF.exec(cell);
  const points = readNumber(outOf?.[1] ?? cell, decimal);
  if (points === null) {
    const answer = readYesNo(cell);
    return answer === null ? null : answer === 'yes' ? whole : 0;
  }
  const most = outOf ? Number(outOf[2]) : cell.includes('%') ? 100 : whole;
  if (most === whole) return points >= 0 && points <= whole ? points : null;
  const share = most === 0 ? NaN : points / most;
  // A share of another maximum is no whole number of points; as much of it is kept as anybody can tell apart.
  return share >= 0 && share <= 1 ? Math.round(1000 * share * whole) / 1000 : null;
}
