'use client';

import CloseRounded from '@mui/icons-material/CloseRounded';
import { useState } from 'react';
import { say } from '@/messages';
import { sayRoster } from '@/messages/roster';
import { sayShelf } from '@/messages/shelf';
import type { ClassRecord } from '@/schema/classRecord';
import { filtersOn, valueKey } from '@/schema/presence';
import { BY_SECTION } from '@/schema/recipe';
import type { StudentRecord } from '@/schema/student';
import { addLeaveOut, removeLeaveOut, switchLeaveOut } from '@/store/actions/classParts';
import { useStore } from '@/store/react';
import { Button } from '../primitives/Button';
import { CheckList } from '../primitives/CheckList';
import { IconPress } from '../primitives/IconPress';
import { Switch } from '../primitives/Switch';
import { Select } from '../primitives/Select';
import styles from './RosterPanel.module.css';

interface LeaveOutsProps {
  readonly theClass: ClassRecord;
  readonly students: readonly StudentRecord[];
}

/** Filters that leave out all who have some value, while they are on, and another one. */
export function LeaveOuts({ theClass, students }: LeaveOutsProps) {
  const store = useStore();
  const [by, setBy] = useState('');
  const [values, setValues] = useState<readonly string[]>([]);
  const choices = by === '' ? [] : valuesOf(by, theClass, students);
  const sentence = (filter: ClassRecord['leaveOuts'][number]): string =>
    sayRoster.roster.leaveOutSentence(
      titleOf(filter.by, theClass),
      filter.values.map((value) => labelOf(filter.by, value, theClass)),
    );
  return (
    <>
      <p className={styles.hint}>{sayRoster.roster.leaveOutHint}</p>
      <ul className={styles.lines}>
        {theClass.leaveOuts.map((filter) => {
          const only = { ...theClass, leaveOuts: [{ ...filter, on: true }] };
          const count = students.filter((one) => filtersOn(one, only).length > 0).length;
          return (
            <li key={filter.id} className={styles.line}>
              <Switch
                checked={filter.on}
                label={sentence(filter)}
                onChange={(on) => switchLeaveOut(store, theClass.id, filter.id, on)}
              />
              <span className={styles.grow}>
                {sentence(filter)} <span className={styles.dim}>{sayShelf.students(count)}</span>
              </span>
              <IconPress
                label={sayRoster.roster.forgetFilter(sentence(filter))}
                onPress={() => removeLeaveOut(store, theClass.id, filter.id)}
              >
                <CloseRounded fontSize="small" />
              </IconPress>
            </li>
          );
        })}
      </ul>
      <Select
        label={sayRoster.roster.leaveOutBy}
        value={by}
        options={[
          { value: '', label: sayRoster.roster.chooseDetail },
          ...(theClass.sections.length > 0
            ? [{ value: BY_SECTION, label: sayRoster.roster.column.section }]
            : []),
          ...theClass.details.map(({ id, name }) => ({ value: id, label: name })),
        ]}
        onChange={(next) => {
          setBy(next);
          setValues([]);
        }}
      />
      {choices.length > 0 && (
        <CheckList
          legend={sayRoster.roster.leaveOutValues}
          options={choices.map((value) => ({ value, label: labelOf(by, value, theClass) }))}
          chosen={values}
          onChange={setValues}
        />
      )}
      {values.length > 0 && (
        <Button
          size="small"
          variant="contained"
          onClick={() => {
            addLeaveOut(store, theClass.id, { by, values: [...values] });
            setBy('');
            setValues([]);
          }}
        >
          {sayRoster.roster.leaveThemOut}
        </Button>
      )}
    </>
  );
}

/** Values that students have, in their order; long columns of numbers are no choice to make. */
function valuesOf(
  by: string,
  theClass: ClassRecord,
  students: readonly StudentRecord[],
): readonly string[] {
  const MOST_VALUES = 40;
  if (by === BY_SECTION) return theClass.sections.map(({ id }) => id);
  const detail = theClass.details.find(({ id }) => id === by);
  const given = new Set(
    students.flatMap(({ details }) => {
      const value = details[by];
      return value === undefined ? [] : [valueKey(value)];
    }),
  );
  const levels = detail?.levels.filter((level) => given.has(level)) ?? [];
  const others = [...given].filter((value) => !levels.includes(value));
  return [...levels, ...others.sort(say.compare)].slice(0, MOST_VALUES);
}

function titleOf(by: string, theClass: ClassRecord): string {
  if (by === BY_SECTION) return sayRoster.roster.column.section;
  return theClass.details.find(({ id }) => id === by)?.name ?? '';
}

function labelOf(by: string, value: string, theClass: ClassRecord): string {
  if (by !== BY_SECTION) return value;
  return theClass.sections.find(({ id }) => id === value)?.name ?? value;
}
