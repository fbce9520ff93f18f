'use client';

import { Button } from '../primitives/Button';
import CloseRounded from '@mui/icons-material/CloseRounded';
import Switch from '@mui/material/Switch';
import { useId, useState, type ReactNode } from 'react';
import { say } from '@/messages';
import { sayShelf } from '@/messages/shelf';
import { sayRoster } from '@/messages/roster';
import type { ClassRecord } from '@/schema/classRecord';
import { filtersOn, valueKey } from '@/schema/presence';
import { BY_SECTION } from '@/schema/recipe';
import type { StudentRecord } from '@/schema/student';
import {
  addLeaveOut,
  addSection,
  removeLeaveOut,
  removeSection,
  renameSection,
  setNameOrder,
  setStaff,
  switchLeaveOut,
} from '@/store/actions/classParts';
import { useStore } from '@/store/react';
import { CheckList } from '../primitives/CheckList';
import { Choice } from '../primitives/Choice';
import { Flag } from '../primitives/Flag';
import { IconPress } from '../primitives/IconPress';
import { InPlaceText } from '../primitives/InPlaceText';
import { AddNamed } from '../primitives/AddNamed';
import { Details } from './Details';
import { RosterFiles } from './RosterFiles';
import styles from './RosterPanel.module.css';
import type { RosterTable } from './useRosterTable';

interface RosterPanelProps {
  readonly theClass: ClassRecord;
  /** Students in the class, under the names shown. */
  readonly students: readonly StudentRecord[];
  /** Everybody, under their real names: what files hold. */
  readonly real: readonly StudentRecord[];
  readonly table: RosterTable;
}

/** What concerns the class as a whole: who is left out, details at a glance, sections, staff, files. */
export function RosterPanel({ theClass, students, real, table }: RosterPanelProps) {
  const store = useStore();
  return (
    <>
      <Details theClass={theClass} students={students} table={table} />
      <Block title={sayRoster.roster.leftOutTitle} open={theClass.leaveOuts.length > 0}>
        <LeaveOuts theClass={theClass} students={students} />
      </Block>
      <Block title={sayRoster.roster.sectionsTitle(theClass.sections.length)}>
        <Sections theClass={theClass} students={students} />
      </Block>
      <Block title={sayRoster.roster.staffTitle(theClass.staff.length)}>
        <Staff theClass={theClass} />
      </Block>
      <Block title={sayRoster.roster.filesTitle}>
        <RosterFiles theClass={theClass} students={real} />
        <Choice
          legend={sayRoster.roster.nameOrderLegend}
          value={theClass.nameOrder}
          options={(['givenFirst', 'familyFirst', 'familyComma'] as const).map((value) => ({
            value,
            label: sayRoster.roster.nameOrder[value],
          }))}
          onChange={(order) => setNameOrder(store, theClass.id, order)}
        />
      </Block>
    </>
  );
}

interface BlockProps {
  readonly title: string;
  readonly open?: boolean;
  readonly children: ReactNode;
}

function Block({ title, open = false, children }: BlockProps) {
  return (
    <details className={styles.fold} open={open}>
      <summary className={styles.title}>{title}</summary>
      <div className={styles.inside}>{children}</div>
    </details>
  );
}

interface PartProps {
  readonly theClass: ClassRecord;
  readonly students: readonly StudentRecord[];
}

function LeaveOuts({ theClass, students }: PartProps) {
  const store = useStore();
  const [by, setBy] = useState('');
  const [values, setValues] = useState<readonly string[]>([]);
  const selectId = useId();
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
                size="small"
                checked={filter.on}
                slotProps={{ input: { 'aria-label': sentence(filter), role: 'switch' } }}
                onChange={(event) =>
                  switchLeaveOut(store, theClass.id, filter.id, event.target.checked)
                }
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
      <label htmlFor={selectId} className={styles.dim}>
        {sayRoster.roster.leaveOutBy}
      </label>
      <select
        id={selectId}
        className={styles.select}
        value={by}
        onChange={(event) => {
          setBy(event.target.value);
          setValues([]);
        }}
      >
        <option value="">{sayRoster.roster.chooseDetail}</option>
        {theClass.sections.length > 0 && (
          <option value={BY_SECTION}>{sayRoster.roster.column.section}</option>
        )}
        {theClass.details.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
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

function Sections({ theClass, students }: PartProps) {
  const store = useStore();
  return (
    <>
      <ul className={styles.lines}>
        {theClass.sections.map(({ id, name, sign }) => (
          <li key={id} className={styles.line}>
            <Flag index={sign} />
            <span className={styles.grow}>
              <InPlaceText
                value={name}
                label={sayRoster.roster.sectionName}
                onChange={(next) => renameSection(store, theClass.id, id, next)}
              />
            </span>
            <span className={styles.dim}>
              {sayShelf.students(students.filter(({ sectionId }) => sectionId === id).length)}
            </span>
            <IconPress
              label={sayRoster.roster.removeSection(name)}
              onPress={() => removeSection(store, theClass.id, id)}
            >
              <CloseRounded fontSize="small" />
            </IconPress>
          </li>
        ))}
      </ul>
      <AddNamed
        action={sayRoster.roster.addSection}
        label={sayRoster.roster.sectionName}
        className={styles.select}
        onAdd={(name) => addSection(store, theClass.id, name)}
      />
    </>
  );
}

function Staff({ theClass }: { readonly theClass: ClassRecord }) {
  const store = useStore();
  const { staff } = theClass;
  const change = (place: number, next: Partial<(typeof staff)[number]>): void =>
    setStaff(
      store,
      theClass.id,
      staff.map((one, i) => (i === place ? { ...one, ...next } : one)),
    );
  return (
    <>
      <p className={styles.hint}>{sayRoster.roster.staffHint}</p>
      <ul className={styles.lines}>
        {staff.map(({ name, email, role }, place) => (
          <li key={place} className={styles.line}>
            <span className={styles.grow}>
              <InPlaceText
                value={name}
                label={sayRoster.roster.nameOf}
                onChange={(next) => change(place, { name: next })}
              />
              <span className={styles.small}>
                <InPlaceText
                  value={role}
                  label={sayRoster.roster.staffRole(name)}
                  placeholder={sayRoster.roster.noRole}
                  mayBeEmpty
                  onChange={(next) => change(place, { role: next })}
                />
                <InPlaceText
                  value={email ?? ''}
                  label={sayRoster.roster.emailOf(name)}
                  placeholder={sayRoster.roster.noAddress}
                  mayBeEmpty
                  inputMode="email"
                  onChange={(next) => change(place, { email: next === '' ? null : next })}
                />
              </span>
            </span>
            <IconPress
              label={sayRoster.roster.removeStaff(name)}
              onPress={() =>
                setStaff(
                  store,
                  theClass.id,
                  staff.filter((_, i) => i !== place),
                )
              }
            >
              <CloseRounded fontSize="small" />
            </IconPress>
          </li>
        ))}
      </ul>
      <AddNamed
        action={sayRoster.roster.addStaff}
        label={sayRoster.roster.nameOf}
        className={styles.select}
        onAdd={(name) => setStaff(store, theClass.id, [...staff, { name, email: null, role: '' }])}
      />
    </>
  );
}
