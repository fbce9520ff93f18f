import type { RequestGoal } from '../format';

/** One goal of each kind, on a number and on a category where it has one, for tests. */
export const EVERY_GOAL: readonly RequestGoal[] = [
  { kind: 'spread', attribute: 'score', weight: 1 },
  { kind: 'spread', attribute: 'level', weight: 1 },
  { kind: 'alike', attribute: 'score', weight: 1 },
  { kind: 'alike', attribute: 'level', weight: 1 },
  { kind: 'freshPartners', weight: 1 },
  { kind: 'wishes', weight: 1 },
  { kind: 'steady', weight: 1 },
  { kind: 'avoid', weight: 1 },
  { kind: 'topics', weight: 1 },
  { kind: 'needs', ladder: ['read', 'gauge', 'plot', 'tell'], focus: 1, weight: 1 },
  { kind: 'needs', ladder: ['read', 'gauge', 'plot', 'tell'], focus: 2, weight: 1 },
];
