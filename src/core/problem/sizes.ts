import type { Leftover, Sizing } from '../format';

/** Why a sizing cannot be had for a number of students. */
export type SizingIssue =
  | { readonly code: 'noStudents' }
  | { readonly code: 'notWhole'; readonly given: number }
  | { readonly code: 'tooLarge'; readonly given: number; readonly most: number }
  | { readonly code: 'countTooSmall'; readonly given: number }
  | { readonly code: 'countTooLarge'; readonly given: number; readonly most: number }
  | { readonly code: 'sizeTooSmall'; readonly given: number }
  | { readonly code: 'sizesDoNotAddUp'; readonly given: number; readonly students: number }
  | { readonly code: 'sizesWithSections' }
  | { readonly code: 'sectionsNeedGroups'; readonly given: number; readonly needed: number }
  | { readonly code: 'rangeTurned'; readonly least: number; readonly most: number }
  | {
      readonly code: 'rangeCannotHold';
      readonly least: number;
      readonly most: number;
      readonly students: number;
    };

export type Sizes =
  | { readonly ok: true; readonly sizes: Int32Array }
  | { readonly ok: false; readonly issue: SizingIssue };

type SizingOf<B extends Sizing['by']> = Extract<Sizing, { readonly by: B }>;

/** What is asked of one way of saying sizes; a new one is a line of `SIZINGS`. */
interface SizingKind<B extends Sizing['by']> {
  /** The figures in it, each to be a whole number. */
  readonly figures: (sizing: SizingOf<B>) => readonly number[];
  readonly issue: (students: number, sizing: SizingOf<B>) => SizingIssue | null;
  /** The sizes, or the most usual of several; asked only where there is no issue. */
  readonly sizes: (students: number, sizing: SizingOf<B>) => Int32Array;
}

/** Figures above this are a slip: no request has so many students. */
const LARGEST_FIGURE = 1_000_000;

const SIZINGS: { readonly [B in Sizing['by']]: SizingKind<B> } = {
  count: {
    figures: ({ count }) => [count],
    issue: (most, { count: given }) =>
      given < 1
        ? { code: 'countTooSmall', given }
        : given > most
          ? { code: 'countTooLarge', given, most }
          : null,
    sizes: (students, { count }) => evenSizes(students, count),
  },
  size: {
    figures: ({ size }) => [size],
    issue: (_, { size }) => tooSmall(size),
    sizes: (students, { size, leftover }) => WITH_LEFTOVERS[leftover](students, size),
  },
  sizes: {
    figures: ({ sizes }) => sizes,
    issue: (students, { sizes }) => {
      const given = sizes.reduce((sum, size) => sum + size, 0);
      const small = sizes.find((size) => size < 1);
      if (small !== undefined) return tooSmall(small);
      return given === students ? null : { code: 'sizesDoNotAddUp', given, students };
    },
    sizes: (_, { sizes }) => Int32Array.from(sizes),
  },
  atMost: {
    figures: ({ size }) => [size],
    issue: (_, { size }) => tooSmall(size),
    sizes: (students, { size }) => evenSizes(students, Math.ceil(students / size)),
  },
  range: {
    figures: ({ least, most, groups }) => [least, most, ...(groups === undefined ? [] : [groups])],
    issue: (students, sizing) => {
      const { least, most } = sizing;
      if (least < 1) return tooSmall(least);
      if (least > most) return { code: 'rangeTurned', least, most };
      return groupCountsIn(students, sizing).length > 0
        ? null
        : { code: 'rangeCannotHold', least, most, students };
    },
    sizes: (students, sizing) => evenSizes(students, groupCountsIn(students, sizing)[0] ?? 1),
  },
};

const WITH_LEFTOVERS: Readonly<Record<Leftover, (students: number, size: number) => Int32Array>> = {
  // Halves round up, as Math.round does for positive numbers.
  spread: (students, size) => evenSizes(students, Math.max(1, Math.round(students / size))),
  larger: (students, size) => evenSizes(students, Math.max(1, Math.floor(students / size))),
  smaller: (students, size) => {
    const groups = Math.ceil(students / size);
    const sizes = new Int32Array(groups).fill(size);
    // With fewer students than `size` this is the only group.
    sizes[groups - 1] = students - size * (groups - 1);
    return sizes;
  },
};

/**
 * The size of every group, largest first unless said otherwise, for `studentCount` present students; or why there is
 * none. The sizes add up to `studentCount` and none is 0; a size above `studentCount` gives one group of all.
 */
export function groupSizes(studentCount: number, sizing: Sizing): Sizes {
  const { figures, issue, sizes } = kindOf(sizing);
  if (studentCount < 1) return { ok: false, issue: { code: 'noStudents' } };
  const broken = figures(sizing).find((figure) => !Number.isInteger(figure));
  if (broken !== undefined) return { ok: false, issue: { code: 'notWhole', given: broken } };
  const found = issue(studentCount, sizing);
  if (found) return { ok: false, issue: found };
  const given = figures(sizing).find((figure) => figure > LARGEST_FIGURE);
  if (given !== undefined) {
    return { ok: false, issue: { code: 'tooLarge', given, most: LARGEST_FIGURE } };
  }
  return { ok: true, sizes: sizes(studentCount, sizing) };
}

function kindOf<B extends Sizing['by']>(sizing: SizingOf<B>): SizingKind<B> {
  return SIZINGS[sizing.by];
}

function tooSmall(given: number): SizingIssue | null {
  return given < 1 ? { code: 'sizeTooSmall', given } : null;
}

/** `total` shared over `groups` groups so that sizes differ by at most one, the larger ones first. */
function evenSizes(total: number, groups: number): Int32Array {
  const base = Math.floor(total / groups);
  const larger = total % groups;
  return Int32Array.from({ length: groups }, (_, group) => (group < larger ? base + 1 : base));
}

/** Numbers of groups in which a range can hold so many students, those with sizes in its middle first. */
function groupCountsIn(
  students: number,
  { least, most, groups }: SizingOf<'range'>,
): readonly number[] {
  const fewest = Math.ceil(students / most);
  const greatest = Math.floor(students / least);
  const counts = Array.from({ length: Math.max(0, greatest - fewest + 1) }, (_, i) => fewest + i);
  const middle = (least + most) / 2;
  const off = (count: number): number => Math.abs(students / count - middle);
  return counts
    .filter((count) => groups === undefined || count === groups)
    .sort((a, b) => off(a) - off(b) || a - b);
}

/** In more groups than this only even sizes are tried. */
const MOST_GROUPS_VARIED = 60;
/** Ways to size groups that are listed at the most. */
const MOST_WAYS = 60;

export interface SizeChoices {
  /** Sizes that a sizing allows, the most even of the most usual number of groups first. */
  readonly choices: readonly Int32Array[];
  /** Whether these are all there are. */
  readonly complete: boolean;
}

/** All the sizes that a range allows, as far as they can be listed; of any other sizing the only ones. */
export function sizeChoices(studentCount: number, sizing: Sizing): SizeChoices {
  const usual = groupSizes(studentCount, sizing);
  if (!usual.ok) return { choices: [], complete: true };
  if (sizing.by !== 'range') return { choices: [usual.sizes], complete: true };
  const lists = groupCountsIn(studentCount, sizing).map((count) =>
    partitions(studentCount, count, sizing.least, sizing.most),
  );
  const choices = lists.flatMap(({ found }) => found);
  // In turn over the numbers of groups: uneven sizes in the usual number come after even ones in another.
  const ranked = choices.map((sizes, order) => ({ sizes, order, uneven: unevenness(sizes) }));
  ranked.sort((a, b) => a.uneven - b.uneven || a.order - b.order);
  return {
    choices: ranked.slice(0, MOST_WAYS).map(({ sizes }) => sizes),
    complete: lists.every(({ complete }) => complete) && ranked.length <= MOST_WAYS,
  };
}

function unevenness(sizes: Int32Array): number {
  return (sizes[0] ?? 0) - (sizes.at(-1) ?? 0);
}

/** Ways to write `total` as so many sizes between two bounds, largest first; ended where there are very many. */
function partitions(total: number, count: number, least: number, most: number) {
  const found: Int32Array[] = [];
  const sizes = new Int32Array(count);
  let complete = true;
  if (count > MOST_GROUPS_VARIED) return { found: [evenSizes(total, count)], complete: false };
  const put = (at: number, left: number, largest: number): void => {
    if (found.length > 4 * MOST_WAYS) {
      complete = false;
      return;
    }
    const others = count - at - 1;
    if (others < 0) {
      found.push(sizes.slice());
      return;
    }
    // The rest must still fit between the bounds; the nearest to even is tried first.
    const low = Math.max(least, Math.ceil(left / (others + 1)));
    const high = Math.min(largest, left - others * least);
    for (let size = low; size <= high; size++) {
      sizes[at] = size;
      if (others > 0 || left === size) put(at + 1, left - size, size);
    }
  };
  put(0, total, most);
  return { found, complete };
}
