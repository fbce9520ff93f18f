'use client';

import type { Insight } from '@/encode/insight';
import type { DetailColumn, Met } from '@/encode/insightTypes';
import { sayGroups } from '@/messages/groups';
import type { ClassRecord } from '@/schema/classRecord';
import { valueName } from '../../frame/detailWords';
import { columnName } from '../workbench/columnName';
import styles from './Measure.module.css';
import { NEEDS, PARTNERS, TOPICS, WISHES, type ColumnKey } from '../workbench/useColumns';
import { shortValues } from './shortValues';

interface MeasureProps {
  readonly column: ColumnKey;
  readonly row: number;
  readonly theClass: ClassRecord;
  readonly insight: Insight | null;
}

/** One measure of one group: a small plot against the class, or a count in words. */
export function Measure({ column: key, row, theClass, insight }: MeasureProps) {
  if (!insight) return <div className={styles.measure} />;
  if (key === PARTNERS) {
    const { groups, figure } = insight.partners();
    // Bold where fewer are not ruled out; never red, for what may be nobody's to avoid is no trouble.
    return <Partners met={groups[row]} avoidable={figure.cost > figure.bestPossible} />;
  }
  if (key === WISHES) {
    const wishes = insight.wishes().groups[row];
    return (
      <div className={styles.measure} data-quiet={wishes?.of === 0}>
        {wishes && sayGroups.measures.met(wishes.met, wishes.of)}
      </div>
    );
  }
  if (key === TOPICS) {
    const ranked = insight.topics().groups[row];
    return (
      <div className={styles.measure} data-quiet={ranked?.of === 0}>
        {ranked && ranked.of > 0 && sayGroups.measures.firstRank(ranked.met, ranked.of)}
      </div>
    );
  }
  if (key === NEEDS) {
    const needs = insight.needs()?.groups[row];
    if (!needs || needs.of === 0) return <div className={styles.measure} />;
    const { focus, met, of } = needs;
    return (
      <div className={styles.needs} title={sayGroups.measures.focusSpoken(focus, met, of)}>
        <span className={styles.focus}>
          {focus.map((skill) => (skill === '' ? sayGroups.measures.noResults : skill)).join(' · ')}
        </span>
        {met < of && (
          <span className={styles.unserved}>{sayGroups.measures.unserved(of - met)}</span>
        )}
      </div>
    );
  }
  const column = insight.column(key);
  if (!column) return <div className={styles.measure} />;
  const name = columnName(theClass, key);
  // As the measures have it, which may be read a moment after the groups are drawn.
  const size = insight.sizeOf(row);
  return column.kind === 'number' ? (
    <NumberPlot column={column} row={row} size={size} name={name} />
  ) : (
    <ValueMarks column={column} row={row} size={size} name={name} theClass={theClass} />
  );
}

interface PartnersProps {
  readonly met: Met | undefined;
  /** Whether the class as a whole could do with fewer. */
  readonly avoidable: boolean;
}

function Partners({ met, avoidable }: PartnersProps) {
  if (!met || met.of === 0) return <div className={styles.measure} />;
  return (
    <div className={styles.measure} data-again={avoidable && met.met > 0}>
      {sayGroups.measures.again(met.met)}
    </div>
  );
}

const WIDTH = 100;
const HEIGHT = 26;
/** Room for half a dot at either end. */
const MARGIN = 5;

interface NumberPlotProps {
  readonly column: DetailColumn & { kind: 'number' };
  readonly row: number;
  readonly size: number;
  readonly name: string;
}

/** A dot for each member on the scale of the class, the group's mean as a bar beside the class's dotted line. */
function NumberPlot({ column, row, size, name }: NumberPlotProps) {
  const { least, most, mean } = column;
  const values = column.groups[row] ?? [];
  const at = (value: number): number =>
    MARGIN + ((WIDTH - 2 * MARGIN) * (value - least)) / Math.max(1e-9, most - least);
  const own = values.reduce((sum, one) => sum + one, 0) / Math.max(1, values.length);
  const unknown = size - values.length;
  const label = withUnknown(
    sayGroups.measures.number(
      name,
      sayGroups.measures.figure(own),
      values.map(sayGroups.measures.figure).join(', '),
    ),
    unknown,
  );
  return (
    <div className={styles.measure} data-unknown={unknown > 0 || undefined}>
      <svg className={styles.plot} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={label}>
        <title>{label}</title>
        <path className={styles.axis} d={`M0 ${HEIGHT / 2}H${WIDTH}`} />
        <path className={styles.class} d={`M${at(mean)} 1V${HEIGHT - 1}`} />
        {values.length > 0 && (
          <path className={styles.own} d={`M${at(own)} ${HEIGHT / 2 - 8}v16`} />
        )}
        {values.map((value, i) => (
          <circle key={i} className={styles.dot} cx={at(value)} cy={HEIGHT / 2} r={3.4} />
        ))}
      </svg>
      <Unknown count={unknown} />
    </div>
  );
}

/** Those of a group of whom nothing is known: they weigh nothing, and are seen all the same. */
function Unknown({ count }: { readonly count: number }) {
  if (count <= 0) return null;
  return (
    <span className={styles.unknown} aria-hidden="true" title={sayGroups.measures.unknown(count)}>
      {count === 1 ? '?' : `${count}?`}
    </span>
  );
}

function withUnknown(label: string, count: number): string {
  return count > 0 ? `${label}; ${sayGroups.measures.unknown(count)}` : label;
}

/** More marks than this are told as counts. */
const MOST_MARKS = 8;

interface ValueMarksProps {
  readonly column: DetailColumn & { kind: 'category' };
  readonly row: number;
  readonly size: number;
  readonly name: string;
  readonly theClass: ClassRecord;
}

/** A stone for each member with the first letters of its value, in the order of the values. */
function ValueMarks({ column, row, size, name, theClass }: ValueMarksProps) {
  const counts = column.groups[row] ?? [];
  const names = column.values.map((value) => valueName(theClass, column.detail, value));
  const short = shortValues(names);
  const total = counts.reduce((sum, have) => sum + have, 0);
  const label = withUnknown(
    sayGroups.measures.shares(
      name,
      counts.flatMap((have, place) => (have > 0 ? [`${have} ${names[place]}`] : [])),
    ),
    size - total,
  );
  return (
    <div className={styles.marks} role="img" aria-label={label} title={label}>
      {counts.flatMap((have, place) => {
        if (have === 0) return [];
        const many = total > MOST_MARKS;
        return Array.from({ length: many ? 1 : have }, (_, turn) => (
          <span key={`${place} ${turn}`} className={styles.mark} data-value={place % 6}>
            {many && have > 1 ? `${have}${short[place]}` : short[place]}
          </span>
        ));
      })}
      <Unknown count={size - total} />
    </div>
  );
}
