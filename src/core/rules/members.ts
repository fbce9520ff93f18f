import type { MembersProblemRule } from '../problem/rule';
import type { Present } from './kind';

/** A rule about named students: those of them who are present, each once; null where fewer than two are left. */
export function readMembers<K extends MembersProblemRule['kind']>(
  kind: K,
  ids: readonly string[],
  requestIndex: number,
  { indexOfId }: Present,
): (MembersProblemRule & { readonly kind: K }) | null {
  const members = new Set(ids.flatMap((id) => indexOfId.get(id) ?? []));
  return members.size < 2 ? null : { kind, requestIndex, members: Int32Array.from(members) };
}
