'use client';

import { memo } from 'react';
import type { Unit } from '@/encode/activityUnits';
import { mostOf, type StudentMark } from '@/encode/marking';
import { sayActivities } from '@/messages/activities';
import { NO_WORK, type OwnMark, type Work } from '@/schema/activity';
import { sameData } from '@/schema/merging';
import { setOwn, setWork } from '@/store/actions/activities';
import { useStore } from '@/store/react';
import { Sign } from '../primitives/Sign';
import styles from './Activities.module.css';
import { Came } from './Came';
import { FigureCell, TextCell } from './Cell';
import type { RowSettings } from './rowSettings';
import { TookPart } from './TookPart';

interface UnitRowProps {
  readonly settings: RowSettings;
  readonly unit: Unit;
  readonly name: string;
  readonly lead: string | null;
  readonly work: Work | undefined;
  /** Of somebody alone. */
  readonly own: OwnMark | undefined;
  /** Of its members, in their order. */
  readonly marks: readonly StudentMark[];
  readonly isOpen: boolean;
  readonly onOpen: (key: string, open: boolean) => void;
}

/** One group, or somebody alone: what came in, criteria or one figure, and what comes of it. */
export const UnitRow = memo(function UnitRow(props: UnitRowProps) {
  const { settings, unit, name, lead, work = NO_WORK, own, marks, isOpen, onOpen } = props;
  const words = sayActivities.grid;
  const store = useStore();
  const { id, criteria } = settings;
  const { key, group } = unit;
  const [student] = unit.studentIds;
  const put = (change: (work: Work) => Partial<Work>): void =>
    setWork(store, id, [key], 'mark', change);
  const off = marks[0]?.parts.find((part) => part.key === key)?.off ?? 0;
  const total = group
    ? (marks.flatMap(({ parts }) => parts).find((part) => part.key === key)?.group ?? null)
    : (marks[0]?.parts[0]?.group ?? null);
  return (
    <tr data-unit={key}>
      <th scope="row" className={styles.who}>
        {group ? (
          <button
            type="button"
            className={styles.opener}
            aria-expanded={isOpen}
            aria-label={words.open(name)}
            onClick={() => onOpen(key, !isOpen)}
          >
            <Sign index={group.sign} size={24} />
            <span>
              {name}
              <small>
                {unit.studentIds.length}
                {lead === null ? '' : ` · ${words.lead(lead)}`}
              </small>
            </span>
          </button>
        ) : (
          <span className={styles.alone}>
            {name}
            {student && (
              <TookPart
                name={name}
                state={own?.state ?? 'there'}
                onChange={(state) => setOwn(store, id, student, { state })}
              />
            )}
          </span>
        )}
      </th>
      <td>
        <Came
          who={name}
          activity={settings}
          came={work.came}
          onChange={(came) => setWork(store, id, [key], 'cameIn', () => ({ came }))}
        />
      </td>
      {criteria.map((criterion) => (
        <td key={criterion.id} className={styles.points}>
          <FigureCell
            label={words.cell(name, criterion.name)}
            column={criterion.id}
            value={work.criteria[criterion.id] ?? null}
            most={criterion.most}
            onChange={(value) =>
              put(({ criteria: before }) => {
                const next = { ...before };
                if (value === null) Reflect.deleteProperty(next, criterion.id);
                else next[criterion.id] = value;
                return { criteria: next };
              })
            }
          />
        </td>
      ))}
      <td className={styles.points}>
        {criteria.length > 0 ? (
          <b>{total === null ? '' : sayActivities.figure(total)}</b>
        ) : (
          <FigureCell
            label={words.cell(name, words.mark)}
            column="mark"
            value={work.points}
            most={mostOf(settings)}
            onChange={(points) => put(() => ({ points }))}
          />
        )}
      </td>
      {settings.late && <td className={styles.points}>{off > 0 ? words.offOf(off) : ''}</td>}
      <td className={styles.points}>
        <b>{endOf(marks)}</b>
      </td>
      <td className={styles.wordsColumn}>
        <TextCell
          label={words.cell(name, words.comment)}
          column="comment"
          value={work.comment}
          onChange={(comment) => put(() => ({ comment }))}
        />
      </td>
    </tr>
  );
}, sameRow);

/** The marks of the members in the end: one figure, or from the lowest to the highest. */
function endOf(marks: readonly StudentMark[]): string {
  const points = marks.flatMap(({ state, points: end }) =>
    state === 'marked' && end !== null ? [end] : [],
  );
  if (points.length === 0) return marks.length === 1 ? stateOf(marks[0]) : '';
  const [low, high] = [Math.min(...points), Math.max(...points)];
  const { figure } = sayActivities;
  return low === high ? figure(low) : `${figure(low)}–${figure(high)}`;
}

function stateOf(mark: StudentMark | undefined): string {
  if (mark?.state === 'excused' || mark?.state === 'absent')
    return sayActivities.grid.markState[mark.state];
  return '';
}

/** Marks are worked out anew with every edit; a row is drawn anew only where they are others. */
function sameRow(before: UnitRowProps, after: UnitRowProps): boolean {
  const { marks, onOpen: _, ...rest } = before;
  return (
    Object.entries(rest).every(([prop, value]) => after[prop as keyof typeof rest] === value) &&
    sameData(marks, after.marks)
  );
}
