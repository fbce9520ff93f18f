import type { Sizing } from '../core/format';
import { layOut, sizesFor } from '../core/problem/layout';
import { groupSizes, type Sizes, type SizingIssue } from '../core/problem/sizes';
import type { SizingChoice } from '../schema/recipe';
import { whoIsDealt, type Bench } from './bench';
import { openPart, WHOLE } from './openPart';

/** Equal sizes counted together, the larger first: 4 groups of 4, then 3 of 3. */
export interface SizeCount {
  readonly groups: number;
  readonly size: number;
}

export type SizesPreview =
  | { readonly ok: true; readonly counts: readonly SizeCount[]; readonly groupCount: number }
  | { readonly ok: false; readonly issue: SizingIssue };

/** What sizes a sizing gives for so many students, before anything is dealt. */
export function previewSizes(studentCount: number, sizing: SizingChoice): SizesPreview {
  const sizes = groupSizes(studentCount, sizing);
  return sizes.ok ? { ok: true, ...counted([...sizes.sizes]) } : sizes;
}

/** The sizes that the next press gives: in a shuffle with sections kept apart, locked rows and all. */
export function previewOf(bench: Bench): SizesPreview {
  const { dealing, sizing: asked } = bench.lineup.recipe;
  if (dealing.by !== 'shuffle') return previewSizes(whoIsDealt(bench).length, asked);
  const { keptRows, inIt, sizing } = openPart(bench, WHOLE);
  const here = new Set(bench.students.flatMap(({ id, here }) => (here ? [id] : [])));
  const kept = keptRows.map(
    (row) => bench.take?.groups[row]?.studentIds.filter((id) => here.has(id)).length ?? 0,
  );
  // Where everybody sits in a locked row nothing is left to be dealt.
  if (inIt.size === 0 && kept.length > 0) return { ok: true, ...counted(kept) };
  const sizes = sizesOfOpen(bench, inIt, sizing);
  return sizes.ok ? { ok: true, ...counted([...sizes.sizes, ...kept]) } : sizes;
}

/** Whether one student alone would be a group, beside larger ones. */
export function leavesOneAlone(counts: readonly SizeCount[]): boolean {
  return counts.length > 1 && counts.some(({ groups, size }) => size === 1 && groups === 1);
}

/** Sizings as near to the one asked for as can be that leave nobody alone; none where it leaves nobody alone itself. */
export function sizingsWithoutLone(bench: Bench): readonly SizingChoice[] {
  const { lineup } = bench;
  const givenBy = (sizing: SizingChoice): SizesPreview =>
    previewOf({ ...bench, lineup: { ...lineup, recipe: { ...lineup.recipe, sizing } } });
  const now = previewOf(bench);
  if (!now.ok || !leavesOneAlone(now.counts)) return [];
  return nearTo(lineup.recipe.sizing).filter((sizing) => {
    const given = givenBy(sizing);
    return given.ok && !leavesOneAlone(given.counts);
  });
}

/** Sizings that a teacher may mean as well. */
function nearTo(sizing: SizingChoice): readonly SizingChoice[] {
  switch (sizing.by) {
    case 'size':
      return (['spread', 'larger', 'smaller'] as const)
        .filter((leftover) => leftover !== sizing.leftover)
        .map((leftover) => ({ ...sizing, leftover }));
    case 'count':
      return [{ by: 'count', count: sizing.count - 1 }];
    case 'atMost':
      return [{ by: 'range', least: 2, most: sizing.size + 1 }];
    case 'range':
      return [{ ...sizing, least: 2, most: Math.max(3, sizing.most) }];
    case 'sizes':
      return [];
    default:
      return sizing satisfies never;
  }
}

/** The sizes of what is dealt; sections kept apart share the groups, and each has sizes of its own. */
function sizesOfOpen(bench: Bench, inIt: ReadonlySet<string>, sizing: Sizing): Sizes {
  const sections = bench.students.flatMap(({ id, sectionId }) =>
    inIt.has(id) ? [sectionId ?? ''] : [],
  );
  const names = [...new Set(sections)];
  const base = {
    studentCount: sections.length,
    sizing,
    rules:
      bench.lineup.recipe.sections === 'kept'
        ? [{ kind: 'sameSection', requestIndex: 0 } as const]
        : [],
    sectionOfStudent: Int32Array.from(sections, (name) => names.indexOf(name)),
    sectionCount: names.length,
  };
  const sizes = sizesFor(base);
  if (!sizes.ok) return sizes;
  const { sizeOfGroup } = layOut({ ...base, groupCount: sizes.sizes.length }, sizes.sizes);
  return { ok: true, sizes: sizeOfGroup };
}

function counted(sizes: readonly number[]) {
  const groupsOfSize = new Map<number, number>();
  for (const size of [...sizes].sort((a, b) => b - a)) {
    groupsOfSize.set(size, (groupsOfSize.get(size) ?? 0) + 1);
  }
  const counts = [...groupsOfSize].map(([size, groups]) => ({ groups, size }));
  return { counts, groupCount: sizes.length };
}
