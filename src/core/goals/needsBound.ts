import type { GoalOf } from './kind';

/** Work that a bound is worth; beyond it a weaker one is given. */
const MOST_STEPS = 3e7;

/**
 * No division into groups of these sizes leaves fewer of those with a need unserved, whatever the rules. Serving is a
 * packing of students into groups that take students of at most `focus` skills. Three bounds, each of which is often
 * reached; the tightest counts:
 *
 * - Each place for a skill in a group serves at most as many as the group has seats, and there are groups x focus places.
 * - With one skill a group, the groups of each size are shared out among the skills: exact, by a table over both sizes.
 * - With more, groups and skills that are worked on in them can be made a forest by passing students around its circles
 *   (as in class-constrained packing; Shachnai and Tamir 2001): a tree of k skills has at least (k - 1) / (focus - 1)
 *   groups, and serves no more than it has seats. The best forest is found over all sets of skills, where there are few.
 */
export function leastUnserved(
  { needOfStudent, ladder, focus }: GoalOf<'needs'>,
  sizeOfGroup: Int32Array,
): number {
  const all = new Int32Array(ladder.length);
  needOfStudent.forEach((need) => {
    if (need >= 0) all[need] = (all[need] as number) + 1;
  });
  const counts = [...all].filter((count) => count > 0);
  const needers = counts.reduce((sum, count) => sum + count, 0);
  const sizes = sizesIn(sizeOfGroup);
  const bounds = [needers, byPlaces(counts, sizes, focus)];
  if (focus === 1) bounds.push(oneSkillEach(counts, sizes));
  else if (counts.length > (focus - 1) * sizeOfGroup.length + 1) {
    bounds.push(byForest(counts, sizes, focus));
  }
  return needers - Math.min(...bounds);
}

/** The groups by size: so many of one, and so many of another that is smaller (none where all are equal). */
interface Sizes {
  readonly large: number;
  readonly largeCount: number;
  readonly small: number;
  readonly smallCount: number;
}

/** Groups of more than two sizes are counted as if all but the largest had the second largest. */
function sizesIn(sizeOfGroup: Int32Array): Sizes {
  const large = sizeOfGroup.reduce((most, size) => Math.max(most, size), 0);
  const others = sizeOfGroup.filter((size) => size < large);
  const small = others.reduce((most, size) => Math.max(most, size), 0);
  const smallCount = others.length;
  return { large, largeCount: sizeOfGroup.length - smallCount, small, smallCount };
}

function byPlaces(
  counts: readonly number[],
  { large, largeCount, smallCount }: Sizes,
  focus: number,
): number {
  const gains = counts
    .flatMap((count) => [
      ...new Array<number>(large === 0 ? 0 : Math.floor(count / large)).fill(large),
      large === 0 ? 0 : count % large,
    ])
    .sort((a, b) => b - a);
  return gains.slice(0, (largeCount + smallCount) * focus).reduce((sum, served) => sum + served, 0);
}

function oneSkillEach(counts: readonly number[], sizes: Sizes): number {
  const { large, largeCount, small, smallCount } = sizes;
  const width = smallCount + 1;
  const cells = (largeCount + 1) * width;
  if (counts.length * cells * cells > MOST_STEPS) return Infinity;
  // served[i * width + j]: the most that i large and j small groups serve with the skills so far.
  let served = new Float64Array(cells);
  for (const count of counts) {
    const next = served.slice();
    for (let i = 0; i <= largeCount; i++) {
      for (let j = 0; j <= smallCount; j++) {
        const cell = i * width + j;
        for (let a = 0; a <= i; a++) {
          for (let b = 0; b <= j; b++) {
            const more = Math.min(count, a * large + b * small);
            const total = (served[cell - a * width - b] as number) + more;
            if (total > (next[cell] as number)) next[cell] = total;
          }
        }
      }
    }
    served = next;
  }
  return served[cells - 1] as number;
}

function byForest(counts: readonly number[], given: Sizes, focus: number): number {
  const skills = counts.length;
  if (skills > 20) return Infinity;
  let sizes = given;
  let cells = (sizes.largeCount + 1) * (sizes.smallCount + 1);
  if (3 ** skills * cells ** 2 > MOST_STEPS) {
    // As if all groups were large: weaker, and quicker.
    const { large, largeCount, smallCount } = given;
    sizes = { large, largeCount: largeCount + smallCount, small: 0, smallCount: 0 };
    cells = sizes.largeCount + 1;
    if (3 ** skills * cells ** 2 > MOST_STEPS) return Infinity;
  }
  const { large, small, smallCount } = sizes;
  const width = smallCount + 1;
  const sets = 2 ** skills;
  const students = new Int32Array(sets);
  const size = new Int32Array(sets);
  for (let set = 1; set < sets; set++) {
    const last = 31 - Math.clz32(set & -set);
    students[set] = (students[set & (set - 1)] as number) + (counts[last] as number);
    size[set] = (size[set & (set - 1)] as number) + 1;
  }
  // served[set * cells + i * width + j]: the most that forests of these skills serve in i large and j small groups.
  const served = new Int32Array(sets * cells);
  /** Fills the cells of a set with the best that a tree of some of its skills and a forest of the rest serve. */
  const withTree = (set: number, tree: number): void => {
    const [own, rest] = [set * cells, (set ^ tree) * cells];
    const fewest = Math.max(1, Math.ceil(((size[tree] as number) - 1) / (focus - 1)));
    for (let cell = 0; cell < cells; cell++) {
      const [i, j] = [Math.floor(cell / width), cell % width];
      for (let a = 0; a <= i; a++) {
        for (let b = Math.max(0, fewest - a); b <= j; b++) {
          const more = Math.min(students[tree] as number, a * large + b * small);
          const total = (served[rest + cell - a * width - b] as number) + more;
          if (total > (served[own + cell] as number)) served[own + cell] = total;
        }
      }
    }
  };
  for (let set = 1; set < sets; set++) {
    const lowest = set & -set;
    const others = set ^ lowest;
    // The lowest skill is worked on nowhere, or in a tree with some of the others.
    served.copyWithin(set * cells, others * cells, (others + 1) * cells);
    for (let more = others; ; more = (more - 1) & others) {
      withTree(set, more | lowest);
      if (more === 0) break;
    }
  }
  return served[sets * cells - 1] as number;
}
