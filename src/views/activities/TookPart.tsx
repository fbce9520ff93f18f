'use client';

import { sayActivities } from '@/messages/activities';
import type { OwnMark } from '@/schema/activity';
import { Select } from '../primitives/Select';

interface TookPartProps {
  readonly name: string;
  readonly state: OwnMark['state'];
  readonly onChange: (state: OwnMark['state']) => void;
}

/** Whether somebody took part, was absent, or is excused. */
export function TookPart({ name, state, onChange }: TookPartProps) {
  const { cell, state: label, states } = sayActivities.grid;
  return (
    <Select
      quiet
      pale
      label={cell(name, label)}
      value={state}
      options={(['there', 'excused', 'absent'] as const).map((value) => ({
        ...{ value, label: states[value] },
      }))}
      onChange={onChange}
    />
  );
}
