import { groupSizes, type SizingIssue } from '../core/problem/sizes';
import type { SizingChoice } from '../schema/recipe';

/** Equal sizes counted together, the larger first: 4 groups of 4, then 3 of 3. */
export interface SizeCount {
  readonly groups: number;
  readonly size: number;
}

export type SizesPreview =
  | { readonly ok: true; readonly counts: readonly SizeCount[]; readonly groupCount: number }
  | { readonly ok: false; readonly issue: SizingIssue };

/** What sizes a recipe gives for so many students, before anything is dealt. */
export function previewSizes(studentCount: number, sizing: SizingChoice): SizesPreview {
  const sizes = groupSizes(studentCount, sizing);
  if (!sizes.ok) return sizes;
  const groupsOfSize = new Map<number, number>();
  sizes.sizes.forEach((size) => groupsOfSize.set(size, (groupsOfSize.get(size) ?? 0) + 1));
  const counts = [...groupsOfSize].map(([size, groups]) => ({ groups, size }));
  return { ok: true, counts, groupCount: sizes.sizes.length };
}
