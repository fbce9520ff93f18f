import type { Sizing } from '../format';

/** Why a sizing cannot be had for a number of students. */
export type SizingIssue =
  | { readonly code: 'noStudents' }
  | { readonly code: 'notWhole'; readonly given: number }
  | { readonly code: 'countTooSmall'; readonly given: number }
  | { readonly code: 'countTooLarge'; readonly given: number; readonly most: number }
  | { readonly code: 'sizeTooSmall'; readonly given: number };

export type Sizes =
  | { readonly ok: true; readonly sizes: Int32Array }
  | { readonly ok: false; readonly issue: SizingIssue };

/**
 * The size of every group, largest first, for `studentCount` present students; or why there is none.
 * The sizes add up to `studentCount` and none is 0; a size above `studentCount` gives one group of all.
 */
export function groupSizes(studentCount: number, sizing: Sizing): Sizes {
  const issue = sizingIssue(studentCount, sizing);
  if (issue) return { ok: false, issue };
  if (sizing.by === 'count') return { ok: true, sizes: evenSizes(studentCount, sizing.count) };
  const { size, leftover } = sizing;
  switch (leftover) {
    case 'spread': {
      // Halves round up, as Math.round does for positive numbers.
      const groups = Math.max(1, Math.round(studentCount / size));
      return { ok: true, sizes: evenSizes(studentCount, groups) };
    }
    case 'larger': {
      const groups = Math.max(1, Math.floor(studentCount / size));
      return { ok: true, sizes: evenSizes(studentCount, groups) };
    }
    case 'smaller': {
      const groups = Math.ceil(studentCount / size);
      const sizes = new Int32Array(groups).fill(size);
      // With fewer students than `size` this is the only group.
      sizes[groups - 1] = studentCount - size * (groups - 1);
      return { ok: true, sizes };
    }
    default:
      return leftover satisfies never;
  }
}

function sizingIssue(studentCount: number, sizing: Sizing): SizingIssue | null {
  const given = sizing.by === 'count' ? sizing.count : sizing.size;
  if (studentCount < 1) return { code: 'noStudents' };
  if (!Number.isInteger(given)) return { code: 'notWhole', given };
  if (sizing.by === 'count') {
    if (given < 1) return { code: 'countTooSmall', given };
    if (given > studentCount) return { code: 'countTooLarge', given, most: studentCount };
    return null;
  }
  if (given < 1) return { code: 'sizeTooSmall', given };
  return null;
}

/** `total` shared over `groups` groups so that sizes differ by at most one, the larger ones first. */
function evenSizes(total: number, groups: number): Int32Array {
  const base = Math.floor(total / groups);
  const larger = total % groups;
  return Int32Array.from({ length: groups }, (_, group) => (group < larger ? base + 1 : base));
}
