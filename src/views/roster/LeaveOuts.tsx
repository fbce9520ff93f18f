'use client';

import CloseRounded from '@mui/icons-material/CloseRounded';
import { useState } from 'react';
import { spokenOrder } from '@/messages/speaking';
import { sayRoster } from '@/messages/roster';
import { sayShelf } from '@/messages/shelf';
import {
  LEAVE_OUT_WHEN,
  type ClassRecord,
  type LeaveOut,
  type LeaveOutPart,
  type LeaveOutWhen,
} from '@/schema/classRecord';
import { leavesOut, valueKey } from '@/schema/presence';
import { BY_SECTION } from '@/schema/recipe';
import type { StudentRecord } from '@/schema/student';
import { addLeaveOut, removeLeaveOut, switchLeaveOut } from '@/store/actions/classParts';
import { useStore } from '@/store/react';
import { Button } from '../primitives/Button';
import { CheckList } from '../primitives/CheckList';
import { Choice } from '../primitives/Choice';
import { IconPress } from '../primitives/IconPress';
import { Select } from '../primitives/Select';
import { Switch } from '../primitives/Switch';
import { labelOf, leaveOutSentence } from './leaveOutWords';
import styles from './RosterPanel.module.css';

interface LeaveOutsProps {
  readonly theClass: ClassRecord;
  readonly students: readonly StudentRecord[];
}

/** Filters that leave out all to whom something, or several things, apply, while they are on, and another one. */
export function LeaveOuts({ theClass, students }: LeaveOutsProps) {
  const store = useStore();
  const sentence = (filter: Pick<LeaveOut, 'when' | 'parts'>): string =>
    leaveOutSentence(filter, theClass);
  return (
    <>
      <p className={styles.hint}>{sayRoster.roster.leaveOutHint}</p>
      <ul className={styles.lines}>
        {theClass.leaveOuts.map((filter) => (
          <li key={filter.id} className={styles.line}>
            <Switch
              checked={filter.on}
              label={sentence(filter)}
              onChange={(on) => switchLeaveOut(store, theClass.id, filter.id, on)}
            />
            <span className={styles.grow}>
              {sentence(filter)}{' '}
              <span className={styles.dim}>{sayShelf.students(countOf(filter, students))}</span>
            </span>
            <IconPress
              label={sayRoster.roster.forgetFilter(sentence(filter))}
              onPress={() => removeLeaveOut(store, theClass.id, filter.id)}
            >
              <CloseRounded fontSize="small" />
            </IconPress>
          </li>
        ))}
      </ul>
      <NewFilter
        key={theClass.leaveOuts.length}
        theClass={theClass}
        students={students}
        sentence={sentence}
      />
    </>
  );
}

interface NewFilterProps extends LeaveOutsProps {
  readonly sentence: (filter: Pick<LeaveOut, 'when' | 'parts'>) => string;
}

/** A filter in the making: one detail after the other, then whether any, all or none of it leaves out. */
function NewFilter({ theClass, students, sentence }: NewFilterProps) {
  const store = useStore();
  const [done, setDone] = useState<readonly LeaveOutPart[]>([]);
  const [when, setWhen] = useState<LeaveOutWhen>('any');
  const [by, setBy] = useState('');
  const [values, setValues] = useState<readonly string[]>([]);
  const choices = by === '' ? [] : valuesOf(by, theClass, students);
  const parts = values.length > 0 ? [...done, { by, values: [...values] }] : [...done];
  const filter = { when, parts };
  const free = [
    ...(theClass.sections.length > 0
      ? [{ value: BY_SECTION, label: sayRoster.roster.column.section }]
      : []),
    ...theClass.details.map(({ id, name }) => ({ value: id, label: name })),
  ].filter(({ value }) => !done.some((part) => part.by === value));
  return (
    <>
      {free.length > 0 && (
        <Select
          label={done.length === 0 ? sayRoster.roster.leaveOutBy : sayRoster.roster.leaveOutAlsoBy}
          value={by}
          options={[{ value: '', label: sayRoster.roster.chooseDetail }, ...free]}
          onChange={(next) => {
            setBy(next);
            setValues([]);
          }}
        />
      )}
      {choices.length > 0 && (
        <CheckList
          legend={sayRoster.roster.leaveOutValues}
          options={choices.map((value) => ({ value, label: labelOf(by, value, theClass) }))}
          chosen={values}
          onChange={setValues}
        />
      )}
      {parts.length > 0 && (
        <>
          <Choice
            legend={sayRoster.roster.leaveOutWhen}
            value={when}
            options={LEAVE_OUT_WHEN.filter((one) => parts.length > 1 || one !== 'all').map(
              (value) => ({ value, label: sayRoster.roster.leaveOutWhenOf[value](parts.length) }),
            )}
            onChange={setWhen}
          />
          <p role="status">
            {sentence(filter)}{' '}
            <span className={styles.dim}>{sayShelf.students(countOf(filter, students))}</span>
          </p>
          <div className={styles.remedies}>
            <Button
              size="small"
              variant="contained"
              onClick={() => addLeaveOut(store, theClass.id, filter)}
            >
              {sayRoster.roster.leaveThemOut}
            </Button>
            {values.length > 0 && free.length > 1 && (
              <Button
                size="small"
                variant="paper"
                onClick={() => {
                  setDone(parts);
                  setBy('');
                  setValues([]);
                }}
              >
                {sayRoster.roster.leaveOutAnd}
              </Button>
            )}
          </div>
        </>
      )}
    </>
  );
}

/** How many of the students a filter leaves out while it is on, overruled or not. */
function countOf(
  filter: Pick<LeaveOut, 'when' | 'parts'>,
  students: readonly StudentRecord[],
): number {
  return students.filter((one) => leavesOut(filter, one)).length;
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
  return [...levels, ...others.sort(spokenOrder)].slice(0, MOST_VALUES);
}
