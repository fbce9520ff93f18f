'use client';

import { useRef, useState } from 'react';
import { lateBy } from '@/encode/marking';
import { sayActivities } from '@/messages/activities';
import { CAME, ClockMoment, type ActivityRecord, type Work } from '@/schema/activity';
import { clockMoment } from '../frame/clockMoment';
import { Spoken } from '../primitives/Spoken';
import styles from './Activities.module.css';

interface CameProps {
  readonly who: string;
  readonly activity: Pick<ActivityRecord, 'due' | 'last'>;
  readonly came: Work['came'];
  readonly onChange: (came: Work['came']) => void;
}

const NO = 'no';

/** Whether work has come in, when, and how late that is. */
export function Came({ who, activity, came, onChange }: CameProps) {
  const words = sayActivities.grid;
  const [setting, setSetting] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  const late = lateBy(activity, came?.at ?? null);
  const after = activity.last !== null && came?.at !== null && (came?.at ?? '') > activity.last;
  return (
    <span className={styles.came}>
      <label>
        <Spoken>{words.cell(who, words.came)}</Spoken>
        <select
          data-cell="came"
          data-state={came?.state ?? NO}
          value={came?.state ?? NO}
          onChange={({ target }) => {
            const state = CAME.find((one) => one === target.value);
            onChange(state ? { state, at: came ? came.at : clockMoment() } : null);
          }}
        >
          {([NO, ...CAME] as const).map((value) => (
            <option key={value} value={value}>
              {words.cameState[value]}
            </option>
          ))}
        </select>
      </label>
      {came && !setting && (
        <button
          ref={button}
          type="button"
          className={styles.when}
          aria-label={`${words.cameAt(who)}: ${words.cameWhen(came.at)}`}
          onClick={() => setSetting(true)}
        >
          {words.cameWhen(came.at)}
        </button>
      )}
      {came && setting && (
        <input
          type="datetime-local"
          autoFocus
          aria-label={words.cameAt(who)}
          defaultValue={came.at ?? ''}
          onBlur={({ target }) => {
            const read = ClockMoment.safeParse(target.value.slice(0, 16));
            if (read.success && read.data !== came.at) onChange({ ...came, at: read.data });
            setSetting(false);
          }}
          onKeyDown={(event) => {
            event.stopPropagation();
            if (event.key === 'Enter') event.currentTarget.blur();
            if (event.key === 'Escape') {
              setSetting(false);
              requestAnimationFrame(() => button.current?.focus());
            }
          }}
        />
      )}
      {late > 0 && (
        <small className={styles.late}>{after ? words.tooLate(late) : words.late(late)}</small>
      )}
    </span>
  );
}
