'use client';

import { readNumber } from '@/formats/roster/readValue';
import { sayRoster } from '@/messages/roster';
import type { ClassRecord, Detail } from '@/schema/classRecord';
import { valueKey } from '@/schema/presence';
import type { StudentRecord } from '@/schema/student';
import { setDetail } from '@/store/actions/students';
import { useStore } from '@/store/react';
import { InPlaceChoice } from '../primitives/InPlaceChoice';
import { InPlaceText } from '../primitives/InPlaceText';
import { useNotices } from '../primitives/notices';
import { detailColumn } from './columns';
import styles from './DetailCell.module.css';

interface DetailCellProps {
  readonly column: string;
  readonly student: StudentRecord;
  readonly theClass: ClassRecord;
  readonly tabIndex?: number | undefined;
}

/** One fact about a student, written or chosen where it stands, as its kind asks. */
export function DetailCell({ column, student, theClass, tabIndex }: DetailCellProps) {
  const store = useStore();
  const { notify } = useNotices();
  const detail = theClass.details.find(({ id }) => detailColumn(id) === column);
  if (!detail) return null;
  const held = student.details[detail.id];
  const value = held === undefined ? '' : valueKey(held);
  const label = sayRoster.roster.detailOf(detail.name, student.name);
  const set = (next: string): void => {
    const read = readInput(detail, next);
    if (read === undefined) notify({ text: sayRoster.roster.notANumber(next, detail.name) });
    else setDetail(store, [student.id], detail.id, read);
  };
  if (detail.kind === 'level' || detail.kind === 'yesNo') {
    const choices = detail.kind === 'level' ? detail.levels : [YES, NO];
    return (
      <InPlaceChoice
        value={value}
        label={label}
        tabIndex={tabIndex}
        shown={<Shown detail={detail} value={value} />}
        options={[
          ...choices.map((one) => ({
            value: one,
            label: detail.kind === 'yesNo' ? sayRoster.roster.value(one === YES) : one,
          })),
          { value: '', label: sayRoster.roster.nothing },
        ]}
        onChange={set}
      />
    );
  }
  const isNumber = detail.kind !== 'category';
  return (
    <span className={isNumber ? styles.number : undefined}>
      {isNumber && <Bar detail={detail} value={held} />}
      <InPlaceText
        value={value}
        label={label}
        placeholder={sayRoster.roster.nothing}
        mayBeEmpty
        tabIndex={tabIndex}
        inputMode={isNumber ? 'decimal' : 'text'}
        onChange={set}
      />
    </span>
  );
}

const YES = 'yes';
const NO = 'no';

/** What was written, as the detail keeps it; null for nothing, undefined for what is no number. */
function readInput(detail: Detail, text: string): string | number | null | undefined {
  if (text === '') return null;
  if (detail.kind !== 'number' && detail.kind !== 'skill') return text;
  return readNumber(text, text.includes('.') ? '.' : ',') ?? undefined;
}

function Shown({ detail, value }: { readonly detail: Detail; readonly value: string }) {
  if (value === '') return <span className={styles.dim}>{sayRoster.roster.nothing}</span>;
  if (detail.kind === 'yesNo') return sayRoster.roster.value(value === YES);
  const place = detail.levels.indexOf(value);
  return (
    <span className={styles.level}>
      {place >= 0 && (
        <span className={styles.steps} aria-hidden="true">
          {detail.levels.map((level, step) => (
            <span key={level} data-reached={step <= place} />
          ))}
        </span>
      )}
      {value}
    </span>
  );
}

/** How far a number from 0 to 100 reaches; nothing for others, which have no known end. */
function Bar({ value }: { readonly detail: Detail; readonly value: unknown }) {
  if (typeof value !== 'number' || value < 0 || value > 100) return null;
  return (
    <span className={styles.bar} aria-hidden="true">
      <span style={{ width: `${value}%` }} />
    </span>
  );
}
