'use client';

import { startTransition, useState } from 'react';
import { Button } from '../primitives/Button';
import { LinkButton } from '../primitives/LinkButton';
import { sayRoster } from '@/messages/roster';
import type { ClassRecord } from '@/schema/classRecord';
import { addStudent, setTakesPart } from '@/store/actions/students';
import { useStore } from '@/store/react';
import { KeyOf } from '../frame/KeyOf';
import { AddNamed } from '../primitives/AddNamed';
import { OpenPart } from '../primitives/OpenPart';
import { columnTitle } from './columnTitle';
import styles from './RosterBar.module.css';
import type { RosterTable } from './useRosterTable';
import { today } from '../frame/today';

interface RosterBarProps {
  readonly theClass: ClassRecord;
  readonly table: RosterTable;
  readonly studentCount: number;
  readonly hereCount: number;
  readonly adding: boolean;
  readonly calling: boolean;
  readonly onAdd: () => void;
  readonly onCall: () => void;
}

/** How many there are, and what can be done with the list as a whole. */
export function RosterBar(props: RosterBarProps) {
  const { theClass, table, studentCount, hereCount, adding, calling, onAdd, onCall } = props;
  const store = useStore();
  const filters = table.getState().columnFilters;
  // Those left out by a filter stay left out: they are here, and were not to be dealt.
  const away = table
    .getCoreRowModel()
    .rows.map((row) => row.original)
    .filter(({ presence }) => presence === 'away');
  return (
    <div className={styles.top}>
      <h2 className={styles.count}>
        <span role="status">{sayRoster.roster.count(studentCount, hereCount)}</span>
      </h2>
      {away.length > 0 && (
        <Button
          size="small"
          variant="paper"
          onClick={() =>
            setTakesPart(
              store,
              away.map(({ student }) => student.id),
              true,
              today(),
            )
          }
        >
          {sayRoster.roster.allHere}
        </Button>
      )}
      <Button size="small" variant="paper" aria-pressed={calling} onClick={onCall}>
        {sayRoster.roster.rollCall}
        <KeyOf name="roll" />
      </Button>
      <span className={styles.space} />
      <AddNamed
        action={sayRoster.roster.addOne}
        label={sayRoster.roster.newcomerName}
        className={styles.newcomer}
        onAdd={(name) => addStudent(store, theClass.id, { name, email: '' })}
      />
      <Button size="small" variant="paper" aria-expanded={adding} onClick={onAdd}>
        {sayRoster.roster.pasteMore}
      </Button>
      <OpenPart label={sayRoster.roster.columnsShown}>
        <ul className={styles.columns}>
          {table.getAllLeafColumns().map((column) =>
            column.getCanHide() ? (
              <li key={column.id}>
                <label className={styles.check}>
                  <input
                    type="checkbox"
                    checked={column.getIsVisible()}
                    onChange={column.getToggleVisibilityHandler()}
                  />
                  {columnTitle(column.id, theClass)}
                </label>
              </li>
            ) : null,
          )}
        </ul>
      </OpenPart>
      <Search table={table} />
      <LinkButton size="small" variant="contained" href={`/c/${theClass.id}/groups`}>
        {sayRoster.roster.toGroups}
        <KeyOf name="groups" />
      </LinkButton>
      {filters.length > 0 && (
        <p className={styles.filters}>
          {filters.map(({ id, value }) => (
            <button
              key={id}
              type="button"
              className={styles.filter}
              onClick={() => table.getColumn(id)?.setFilterValue(undefined)}
            >
              {sayRoster.roster.onlyThese(
                columnTitle(id, theClass),
                (value as string[]).map((one) =>
                  id === 'here'
                    ? sayRoster.roster.presence(one)
                    : one || sayRoster.roster.missingValue,
                ),
              )}
              <span aria-hidden="true">{' ✕'}</span>
            </button>
          ))}
          <span>{sayRoster.roster.shownOf(table.getRowModel().rows.length)}</span>
        </p>
      )}
    </div>
  );
}

/** Letters stand at once; the table follows when it can, so that thousands of students do not hold the typing up. */
function Search({ table }: { readonly table: RosterTable }) {
  const [typed, setTyped] = useState('');
  return (
    <input
      type="search"
      className={styles.search}
      aria-label={sayRoster.roster.find}
      placeholder={sayRoster.roster.find}
      value={typed}
      onChange={({ target }) => {
        setTyped(target.value);
        startTransition(() => table.setGlobalFilter(target.value));
      }}
    />
  );
}
