'use client';

import { useTold } from '../frame/useTold';
import { Button } from '../primitives/Button';
import dynamic from 'next/dynamic';
import { useId, useState } from 'react';
import { readNumber, readYesNo } from '@/formats/roster/values';
import { sayRoster } from '@/messages/roster';
import type { ClassRecord, Detail } from '@/schema/classRecord';
import type { DetailValue, StudentRecord } from '@/schema/student';
import { addDetail, editDetail, removeDetail } from '@/store/actions/classParts';
import { useStore } from '@/store/react';
import { InPlaceText } from '../primitives/InPlaceText';
import { AddNamed } from '../primitives/AddNamed';
import { detailColumn } from './columns';
import styles from './RosterPanel.module.css';
import { spreadOf, type Spread } from './spread';
import type { RosterTable } from './useRosterTable';

/** Loaded with the first chart. */
const SpreadChart = dynamic(() => import('./SpreadChart').then((module) => module.SpreadChart), {
  ssr: false,
});

interface DetailsProps {
  readonly theClass: ClassRecord;
  readonly students: readonly StudentRecord[];
  readonly table: RosterTable;
}

/** Each detail with how the class is spread over it; a press on a bar shows only those students. */
export function Details({ theClass, students, table }: DetailsProps) {
  const store = useStore();
  return (
    <section className={styles.block} aria-labelledby="details">
      <h3 id="details" className={styles.title}>
        {sayRoster.roster.detailsTitle}
      </h3>
      <div className={styles.shows}>
        <ShowColumn
          column="here"
          label={sayRoster.roster.column.here}
          table={table}
          nameOf={sayRoster.roster.presence}
        />
        {theClass.sections.length > 0 && (
          <ShowColumn column="section" label={sayRoster.roster.column.section} table={table} />
        )}
      </div>
      {theClass.details.length === 0 && <p className={styles.hint}>{sayRoster.roster.noDetails}</p>}
      {theClass.details.map((detail) => (
        <DetailBlock
          key={detail.id}
          theClass={theClass}
          detail={detail}
          students={students}
          table={table}
        />
      ))}
      <AddNamed
        action={sayRoster.roster.addDetail}
        label={sayRoster.roster.detailName}
        className={styles.select}
        onAdd={(name) => addDetail(store, theClass.id, { name, kind: 'category', levels: [] })}
      />
    </section>
  );
}

interface ShowColumnProps {
  readonly column: string;
  readonly label: string;
  readonly table: RosterTable;
  readonly nameOf?: (value: string) => string;
}

/** Shows only the students who have one value of a plain column. */
function ShowColumn({ column: id, label, table, nameOf = (value) => value }: ShowColumnProps) {
  const column = table.getColumn(id);
  const [chosen] = (column?.getFilterValue() as readonly string[] | undefined) ?? [];
  const counts = new Map<string, number>();
  table.getCoreRowModel().rows.forEach((row) => {
    const value = String(row.getValue(id));
    counts.set(value, (counts.get(value) ?? 0) + 1);
  });
  if (counts.size < 2) return null;
  return (
    <select
      className={styles.only}
      aria-label={sayRoster.roster.showOnly(label)}
      value={chosen ?? ALL}
      onChange={(event) => {
        const { value } = event.target;
        column?.setFilterValue(value === ALL ? undefined : [value]);
      }}
    >
      <option value={ALL}>{`${label}: ${sayRoster.roster.showEverybody}`}</option>
      {[...counts].map(([value, count]) => (
        <option key={value} value={value}>
          {sayRoster.roster.barLabel(
            value === '' ? sayRoster.roster.noSection : nameOf(value),
            count,
          )}
        </option>
      ))}
    </select>
  );
}

interface DetailBlockProps extends DetailsProps {
  readonly detail: Detail;
}

function DetailBlock({ theClass, detail, students, table }: DetailBlockProps) {
  const [editing, setEditing] = useState(false);
  const spread = spreadOf(detail, students);
  const column = table.getColumn(detailColumn(detail.id));
  const chosen = (column?.getFilterValue() as readonly string[] | undefined) ?? [];
  const choose = (values: readonly string[]): void => {
    const same = values.join('\n') === chosen.join('\n');
    column?.setFilterValue(same ? undefined : values);
  };
  return (
    <div className={styles.detail}>
      <div className={styles.detailHead}>
        <h4 className={styles.detailName}>{detail.name}</h4>
        <span className={styles.dim}>
          {sayRoster.roster.spreadFacts(spread.mean, spread.missing)}
        </span>
        <button
          type="button"
          className={styles.edit}
          aria-expanded={editing}
          aria-label={sayRoster.roster.editDetail(detail.name)}
          onClick={() => setEditing(!editing)}
        >
          {editing ? sayRoster.roster.done : sayRoster.roster.change}
        </button>
      </div>
      {editing ? (
        <DetailEditor theClass={theClass} detail={detail} />
      ) : (
        <>
          {spread.bars.length > 0 && (
            <SpreadChart
              spread={spread}
              label={sayRoster.roster.chartLabel(detail.name, spread.bars)}
              chosen={chosen}
              onChoose={choose}
            />
          )}
          <ShowOnly spread={spread} detail={detail} chosen={chosen} onChoose={choose} />
        </>
      )}
    </div>
  );
}

interface ShowOnlyProps {
  readonly spread: Spread;
  readonly detail: Detail;
  readonly chosen: readonly string[];
  readonly onChoose: (values: readonly string[]) => void;
}

/** The same as a press on a bar, for the keyboard and for a screen reader; also for missing values. */
function ShowOnly({ spread, detail, chosen, onChoose }: ShowOnlyProps) {
  const bars = [...spread.bars, ...(spread.missing > 0 ? [MISSING_BAR(spread.missing)] : [])];
  return (
    <select
      className={styles.only}
      aria-label={sayRoster.roster.showOnly(detail.name)}
      value={chosen.length === 0 ? ALL : chosen.join('\n')}
      onChange={(event) =>
        onChoose(event.target.value === ALL ? [] : event.target.value.split('\n'))
      }
    >
      <option value={ALL}>{sayRoster.roster.showEverybody}</option>
      {bars.map(({ label, values, count }) => (
        <option key={label} value={values.join('\n')}>
          {sayRoster.roster.barLabel(label || sayRoster.roster.missingValue, count)}
        </option>
      ))}
    </select>
  );
}

const ALL = '\u0000';
const MISSING_BAR = (count: number) => ({ label: '', values: [''], count });

const KINDS: readonly Detail['kind'][] = ['number', 'level', 'category', 'yesNo', 'skill'];

function DetailEditor({
  theClass,
  detail,
}: {
  readonly theClass: ClassRecord;
  readonly detail: Detail;
}) {
  const store = useStore();
  const told = useTold();
  const kindId = useId();
  const students = store.records.all('student').filter(({ classId }) => classId === theClass.id);
  const setKind = (kind: Detail['kind']): void => {
    const levels = kind === 'level' ? spreadOf({ ...detail, kind: 'category' }, students).bars : [];
    editDetail(
      store,
      theClass.id,
      detail.id,
      { kind, levels: levels.map(({ label }) => label) },
      (value) => asKind(value, kind),
    );
  };
  const moveLevel = (place: number, step: -1 | 1): void => {
    const levels = [...detail.levels];
    const [level = ''] = levels.splice(place, 1);
    levels.splice(place + step, 0, level);
    editDetail(store, theClass.id, detail.id, { levels });
  };
  return (
    <div className={styles.editor}>
      <InPlaceText
        value={detail.name}
        label={sayRoster.roster.detailName}
        onChange={(name) => editDetail(store, theClass.id, detail.id, { name })}
      />
      <label htmlFor={kindId} className={styles.dim}>
        {sayRoster.roster.kindLabel}
      </label>
      <select
        id={kindId}
        className={styles.select}
        value={detail.kind}
        onChange={(event) => {
          const kind = KINDS.find((one) => one === event.target.value);
          if (kind) setKind(kind);
        }}
      >
        {KINDS.map((kind) => (
          <option key={kind} value={kind}>
            {sayRoster.roster.kind[kind]}
          </option>
        ))}
      </select>
      {detail.kind === 'level' && (
        <ol className={styles.levels} aria-label={sayRoster.roster.levelsLabel}>
          {detail.levels.map((level, place) => (
            <li key={level} className={styles.line}>
              <span className={styles.grow}>{level}</span>
              <Button
                size="small"
                disabled={place === 0}
                aria-label={sayRoster.roster.levelUp(level)}
                onClick={() => moveLevel(place, -1)}
              >
                {'↑'}
              </Button>
              <Button
                size="small"
                disabled={place === detail.levels.length - 1}
                aria-label={sayRoster.roster.levelDown(level)}
                onClick={() => moveLevel(place, 1)}
              >
                {'↓'}
              </Button>
            </li>
          ))}
        </ol>
      )}
      <Button
        size="small"
        variant="paper"
        onClick={() => {
          removeDetail(store, theClass.id, detail.id);
          told(sayRoster.roster.detailRemoved(detail.name));
        }}
      >
        {sayRoster.roster.removeDetail}
      </Button>
    </div>
  );
}

/** A value as another kind writes it; what cannot be read so stays as it is, and nothing is lost. */
function asKind(value: DetailValue, kind: Detail['kind']): DetailValue {
  if (kind === 'number' || kind === 'skill') {
    return typeof value === 'string' ? (readNumber(value, '.') ?? value) : value;
  }
  if (kind === 'yesNo') return typeof value === 'string' ? (readYesNo(value) ?? value) : value;
  return String(value);
}
