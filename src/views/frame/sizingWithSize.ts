import type { LineupRecord, SizingChoice } from '@/schema/lineup';

/** Groups of that size, leftovers as the recipe has them. */
export function sizingWithSize({ recipe }: LineupRecord, size: number): SizingChoice {
  const { sizing } = recipe;
  return { by: 'size', size, leftover: sizing.by === 'size' ? sizing.leftover : 'spread' };
}
