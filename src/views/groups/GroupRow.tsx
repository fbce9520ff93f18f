'use client';

import { useDroppable } from '@dnd-kit/core';
import CheckRounded from '@mui/icons-material/CheckRounded';
import ErrorOutlineRounded from '@mui/icons-material/ErrorOutlineRounded';
import { useId } from 'react';
import { say } from '@/messages';
import type { StudentId } from '@/schema/ids';
import type { NameOf } from '../frame/names';
import { Sign } from '../primitives/Sign';
import styles from './ScoreSheet.module.css';
import { groupTarget } from './SheetDnd';
import { Tile } from './Tile';
import type { SheetGroup } from './useSheet';

interface GroupRowProps {
  readonly group: SheetGroup;
  readonly selected: StudentId | null;
  readonly onToggle: (id: StudentId) => void;
  readonly nameOf: NameOf;
}

export function GroupRow({ group, selected, onToggle, nameOf }: GroupRowProps) {
  const { setNodeRef, isOver } = useDroppable({ id: groupTarget(group.index) });
  const nameId = useId();
  const troubled = new Set<string>(group.broken.flatMap(({ rule }) => rule.studentIds));
  return (
    <li
      ref={setNodeRef}
      className={styles.row}
      data-row={group.index}
      data-over={isOver}
      data-holds-selected={group.students.some(({ id }) => id === selected)}
      aria-labelledby={nameId}
    >
      <div className={styles.name}>
        <Sign index={group.sign} />
        <span id={nameId}>{group.name}</span>
        {group.index < 9 && <span className={styles.number}>{group.index + 1}</span>}
      </div>
      <ul className={styles.seats} aria-labelledby={nameId}>
        {group.students.map((student) => (
          <Tile
            key={student.id}
            id={student.id}
            name={nameOf(student.id)}
            fullName={student.name}
            away={student.left !== null ? say.groups.left : student.here ? '' : say.groups.away}
            troubled={troubled.has(student.id)}
            selected={student.id === selected}
            onToggle={onToggle}
          />
        ))}
        {group.students.length === 0 && <li className={styles.nobody}>{say.groups.nobody}</li>}
      </ul>
      <div className={styles.figure} aria-label={say.groups.sizeLabel(group.size)} role="img">
        {group.size}
      </div>
      <RuleState group={group} nameOf={nameOf} />
    </li>
  );
}

function RuleState({ group, nameOf }: { readonly group: SheetGroup; readonly nameOf: NameOf }) {
  if (group.broken.length > 0) {
    return (
      <ul className={styles.broken}>
        {group.broken.map(({ rule, studentIds }) => (
          <li key={rule.id}>
            <ErrorOutlineRounded fontSize="inherit" aria-hidden="true" />
            {say.rules.brokenHere(
              rule.kind,
              rule.kind === 'apart' ? studentIds.map(nameOf) : rule.studentIds.map(nameOf),
            )}
          </li>
        ))}
      </ul>
    );
  }
  return (
    <div className={styles.kept} data-none={group.rules.length === 0}>
      {group.rules.length > 0 && <CheckRounded fontSize="inherit" aria-hidden="true" />}
      {say.rules.keptHere(group.rules.length)}
    </div>
  );
}
