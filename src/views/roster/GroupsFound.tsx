'use client';

import { sayRoster } from '@/messages/roster';
import { Choice } from '../primitives/Choice';
import type { PastedListState } from './usePastedList';

const NONE = '';

/** A list that says who is with whom: its groups can be a lineup, and are then no sections or details. */
export function GroupsFound({ pasted }: { readonly pasted: PastedListState }) {
  const { groupsFound, groupsKey, setGroupsKey } = pasted;
  const words = sayRoster.roster;
  if (groupsFound.length === 0) return null;
  return (
    <Choice
      legend={words.groupsFound}
      value={groupsKey ?? NONE}
      options={[
        { value: NONE, label: words.groupsNone },
        ...groupsFound.map(({ key, heading, groups }) => ({
          value: key,
          label: words.groupsLineup(heading, groups.length),
        })),
      ]}
      onChange={(key) => setGroupsKey(key === NONE ? null : key)}
    />
  );
}
