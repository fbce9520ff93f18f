import type { MarkedProblemRule } from '../problem/rule';

/** What a rule on marked students asks of one group; numbers of marked students, 0 and up. */
export interface Counting {
  /** How far a group with so many is from keeping the rule: 0 where it keeps it. */
  readonly penalty: (count: number, marked: number) => number;
  /** How many more a group with so many needs at least. */
  readonly lack: (count: number, held: number) => number;
  /** How many more a group with so many, and with so many seats left, can take at most. */
  readonly room: (count: number, held: number, seats: number) => number;
  /** Whether somebody left over must sit down beside another. */
  readonly inCompany: boolean;
}

export const COUNTINGS: Readonly<Record<MarkedProblemRule['kind'], Counting>> = {
  atLeast: {
    penalty: (count, marked) => Math.max(0, count - marked),
    lack: (count, held) => Math.max(0, count - held),
    room: (_count, _held, seats) => seats,
    inCompany: false,
  },
  atMost: {
    penalty: (count, marked) => Math.max(0, marked - count),
    lack: () => 0,
    room: (count, held, seats) => Math.min(seats, count - held),
    inCompany: false,
  },
  notAlone: {
    penalty: (_count, marked) => (marked === 1 ? 1 : 0),
    lack: (_count, held) => (held === 1 ? 1 : 0),
    room: (_count, _held, seats) => seats,
    inCompany: true,
  },
};
