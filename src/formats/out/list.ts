import { groupsCsv } from './groupsCsv';
import { namesCsv } from './namesCsv';
import type { AddressedLineup, LineupOut, OutDoubt, Outlet, OutWords, Written } from './outlet';
import { roomsCsv } from './roomsCsv';
import { table } from './table';
import { text } from './text';

/** Every way out, in the order in which they are offered. */
const LIST = [roomsCsv, groupsCsv, namesCsv, text, table] as const;

export type OutletId = (typeof LIST)[number]['id'];
export const OUTLETS: readonly (Outlet & { readonly id: OutletId })[] = LIST;

/** What to see to before any of the ways out is taken; what there is nobody to name for is left out. */
export function doubtsOf(lineup: AddressedLineup): readonly OutDoubt[] {
  const doubts = new Map<OutDoubt['code'], OutDoubt>();
  for (const doubt of OUTLETS.flatMap(({ check }) => check(lineup))) {
    if (doubt.names.length > 0) doubts.set(doubt.code, doubt);
  }
  return [...doubts.values()];
}

/** Writes a way out; addresses are looked at only by one that asks for them. */
export function writeOutlet(outlet: Outlet, lineup: AddressedLineup, words: OutWords): Written {
  return outlet.needs === 'addresses'
    ? outlet.write(lineup, words)
    : outlet.write(withoutAddresses(lineup), words);
}

function withoutAddresses({ groups }: AddressedLineup): LineupOut {
  return {
    groups: groups.map(({ name, members }) => ({
      name,
      members: members.map((member) => ({ name: member.name })),
    })),
  };
}
