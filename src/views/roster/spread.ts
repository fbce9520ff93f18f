import { sayRoster } from '@/messages/roster';
import type { Detail } from '@/schema/classRecord';
import { valueKey } from '@/schema/presence';
import type { StudentRecord } from '@/schema/student';

/** Students who share a value, or numbers within a range. */
export interface SpreadBar {
  readonly label: string;
  /** The values, as the table's filter knows them. */
  readonly values: readonly string[];
  readonly count: number;
}

/** How a class is spread over a detail. */
export interface Spread {
  readonly bars: readonly SpreadBar[];
  readonly missing: number;
  /** Of the numbers; null for other kinds. */
  readonly mean: number | null;
}

const MOST_BARS = 8;

export function spreadOf(detail: Detail, students: readonly StudentRecord[]): Spread {
  const values = students.flatMap(({ details }) => details[detail.id] ?? []);
  const missing = students.length - values.length;
  const numbers = values.filter((value) => typeof value === 'number');
  const isNumber = detail.kind === 'number' || detail.kind === 'skill';
  if (isNumber && numbers.length === values.length && numbers.length > 0) {
    const mean = numbers.reduce((total, value) => total + value, 0) / numbers.length;
    return { bars: ranges(numbers), missing, mean };
  }
  const counts = new Map<string, number>();
  values.map(valueKey).forEach((value) => counts.set(value, (counts.get(value) ?? 0) + 1));
  const bars = [...counts].map(([label, count]) => ({ label, values: [label], count }));
  return { bars: fewBars(inOrder(bars, detail)), missing, mean: null };
}

/** Levels in their order, yes before no, categories by how many there are. */
function inOrder(bars: SpreadBar[], { kind, levels }: Detail): SpreadBar[] {
  if (kind === 'category') return bars.sort((a, b) => b.count - a.count);
  const order = kind === 'level' ? levels : ['yes', 'no'];
  const place = ({ label }: SpreadBar): number => order.indexOf(label) + 1 || order.length + 1;
  return bars.sort((a, b) => place(a) - place(b));
}

function fewBars(bars: readonly SpreadBar[]): readonly SpreadBar[] {
  if (bars.length <= MOST_BARS) return bars;
  const rest = bars.slice(MOST_BARS - 1);
  return [
    ...bars.slice(0, MOST_BARS - 1),
    {
      label: sayRoster.roster.otherValues(rest.length),
      values: rest.flatMap(({ values }) => values),
      count: rest.reduce((total, { count }) => total + count, 0),
    },
  ];
}

/** Numbers in ranges whose ends are round: 40 to 49, 50 to 59. */
function ranges(numbers: readonly number[]): readonly SpreadBar[] {
  const low = numbers.reduce((a, b) => Math.min(a, b));
  const high = numbers.reduce((a, b) => Math.max(a, b));
  const step = roundStep((high - low) / MOST_BARS);
  const start = Math.floor(low / step) * step;
  const count = Math.floor((high - start) / step) + 1;
  const whole = numbers.every(Number.isInteger) && step >= 1;
  return Array.from({ length: count }, (_, bar): SpreadBar => {
    const from = start + bar * step;
    const within = numbers.filter((value) => value >= from && value < from + step);
    const last = whole ? from + step - 1 : from + step;
    return {
      label: whole && step === 1 ? trim(from) : sayRoster.roster.range(trim(from), trim(last)),
      values: [...new Set(within.map(String))],
      count: within.length,
    };
  });
}

/** The next of 1, 2, 5, 10, 20, 50 and so on, up or down the powers of ten. */
function roundStep(least: number): number {
  if (least <= 0) return 1;
  const power = 10 ** Math.floor(Math.log10(least));
  const times = [1, 2, 5, 10].find((one) => one * power >= least) ?? 10;
  return times * power;
}

function trim(value: number): string {
  return String(Number(value.toFixed(6)));
}
