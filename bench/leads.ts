import { performance } from 'node:perf_hooks';
import { rngFromSeed } from '@/core/random/rng';
import { uniformInt } from '@/core/random/uniform';
import { giveLeads, wayOutOf, type Leading } from '@/encode/leads';
import { newAdult } from '@/schema/adult';
import { AdultId, ClassId, PeriodId, StudentId } from '@/schema/ids';
import { printTable } from './table';

/** groups / adults / times. */
const CASES: readonly (readonly [number, number, number])[] = [
  [7, 4, 3],
  [15, 6, 3],
  [60, 20, 10],
  [300, 60, 20],
  [300, 20, 12],
];
const SKILLS = Array.from({ length: 12 }, (_, at) => `skill ${at}`);

/** Groups of five that work on two skills; adults who can at half of the times and teach half of the skills. */
function leadingOf(groups: number, adults: number, times: number, seed: number): Leading {
  const rng = rngFromSeed(seed);
  const half = <T>(of: readonly T[]): T[] => of.filter(() => uniformInt(rng, 2) === 0);
  const periods = Array.from({ length: times }, (_, at) => PeriodId.parse(`p${at}`));
  const people = Array.from({ length: adults }, (_, at) => ({
    ...newAdult(AdultId.parse(`a${at}`), ClassId.parse('c'), at, { name: `a${at}`, email: '' }),
    times: half(periods),
    skills: half(SKILLS),
  }));
  return {
    periods,
    adults: people,
    groups: Array.from({ length: groups }, (_, at) => ({
      key: String(at),
      studentIds: Array.from({ length: 5 }, (_, one) => StudentId.parse(`s${5 * at + one}`)),
      focus: [0, 1].map(() => SKILLS[uniformInt(rng, SKILLS.length)] ?? ''),
    })),
    last: new Map(),
  };
}

/** How long adults take to be given out, and the way out to be found where they are too few. */
export function benchLeads(): void {
  printTable('Adults for groups', [
    ['groups', 'adults', 'times', 'without', 'ms', 'way out', 'with it, ms'],
    ...CASES.map(([groups, adults, times]) => {
      const of = leadingOf(groups, adults, times, 17);
      const began = performance.now();
      const { without } = giveLeads(of, {});
      const gave = performance.now() - began;
      const wayOut = wayOutOf(of, {});
      const took = performance.now() - began;
      const steps = wayOut === null ? '–' : String(wayOut.length);
      return [groups, adults, times, without.length, gave.toFixed(0), steps, took.toFixed(0)];
    }),
  ]);
}
