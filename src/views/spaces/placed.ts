import type { SpaceBrief } from '@/services/channels/spacesContract';

/** A space of a group that is there, with its sign and name. */
export interface PlacedSpace {
  readonly brief: SpaceBrief;
  /** Of the group, in the order of the lineup. */
  readonly row: number;
  readonly sign: number;
  readonly name: string;
}

/** Spaces in the order of their groups; those of groups that are no more are left out. */
export function inOrder(
  spaces: readonly SpaceBrief[],
  groups: readonly { readonly key: string; readonly name: string; readonly sign: number }[],
): readonly PlacedSpace[] {
  return groups.flatMap(({ key, name, sign }, row) => {
    const brief = spaces.find(({ externalId }) => externalId?.split(':').at(-1) === key);
    return brief ? [{ brief, row, sign, name }] : [];
  });
}

export function isQuiet({ posts, files }: SpaceBrief): boolean {
  return posts + files === 0;
}
