import type { LineupRecord } from '@/schema/lineup';
import type { SizingChoice } from '@/schema/recipe';

/** Groups of that size, leftovers as the recipe has them. */
export function sizingWithSize({ recipe }: LineupRecord, size: number): SizingChoice {
  const { sizing } = recipe;
  return { by: 'size', size, leftover: sizing.by === 'size' ? sizing.leftover : 'spread' };
}
