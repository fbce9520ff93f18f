import { layOut } from '../core/problem/layout';
import { groupSizes, type SizingIssue } from '../core/problem/sizes';
import type { SizingChoice } from '../schema/recipe';
import type { Bench } from './bench';
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

/** The sizes that the next shuffle of a lineup gives, sections kept apart, locked rows and all. */
export function previewOf(bench: Bench): SizesPreview {
  const { keptRows, inIt, sizing } = openPart(bench, WHOLE);
  const here = new Set(bench.students.flatMap(({ id, here }) => (here ? [id] : [])));
  const kept = keptRows.map(
    (row) => bench.take?.groups[row]?.studentIds.filter((id) => here.has(id)).length ?? 0,
  );
  // Where everybody sits in a locked row nothing is left to be dealt.
  if (inIt.size === 0 && kept.length > 0) return { ok: true, ...counted(kept) };
  const sizes = groupSizes(inIt.size, sizing);
  if (!sizes.ok) return sizes;
  const dealt =
    bench.lineup.recipe.sections === 'kept' ? bySection(bench, inIt, sizes.sizes) : sizes.sizes;
  return { ok: true, ...counted([...dealt, ...kept]) };
}

/** Sections kept apart share the groups, and each has sizes of its own. */
function bySection(bench: Bench, inIt: ReadonlySet<string>, sizes: Int32Array): Int32Array {
  const sections = bench.students.flatMap(({ id, sectionId }) =>
    inIt.has(id) ? [sectionId ?? ''] : [],
  );
  const names = [...new Set(sections)];
  const { sizeOfGroup } = layOut(
    {
      studentCount: sections.length,
      groupCount: sizes.length,
      sizing: bench.lineup.recipe.sizing,
      rules: [{ kind: 'sameSection', requestIndex: 0 }],
      sectionOfStudent: Int32Array.from(sections, (name) => names.indexOf(name)),
      sectionCount: names.length,
    },
    sizes,
  );
  return sizeOfGroup;
}

function counted(sizes: readonly number[]) {
  const groupsOfSize = new Map<number, number>();
  for (const size of [...sizes].sort((a, b) => b - a)) {
    groupsOfSize.set(size, (groupsOfSize.get(size) ?? 0) + 1);
  }
  const counts = [...groupsOfSize].map(([size, groups]) => ({ groups, size }));
  return { counts, groupCount: sizes.length };
}
