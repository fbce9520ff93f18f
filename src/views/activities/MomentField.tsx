'use client';

import { useId, useState } from 'react';
import { sayActivities } from '@/messages/activities';
import { ClockMoment } from '@/schema/activity';
import { Button } from '../primitives/Button';
import styles from './Activities.module.css';

interface MomentFieldProps {
  readonly label: string;
  readonly value: string | null;
  /** Why a moment cannot be had, or null when it can. */
  readonly refusal: (moment: string) => string | null;
  readonly onChange: (moment: string | null) => void;
  /** Only said, where what stands around says it already. */
  readonly quiet?: boolean;
}

/** A day and a time, or none; one that cannot be had is not taken, and it says why. */
export function MomentField({ label, value, refusal, onChange, quiet = false }: MomentFieldProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const [trouble, setTrouble] = useState('');
  const id = useId();
  const offer = (given: string): void => {
    setTyped(given);
    // A browser tells nothing of a moment that is half typed.
    if (given === '') return;
    const read = ClockMoment.safeParse(given.slice(0, 16));
    const why = read.success ? refusal(read.data) : sayActivities.bad.noMoment;
    setTrouble(why ?? '');
    if (why !== null || !read.success) return;
    setTyped(null);
    onChange(read.data);
  };
  return (
    <div className={styles.moment}>
      <label>
        {!quiet && <span>{label}</span>}
        <input
          type="datetime-local"
          aria-label={label}
          aria-invalid={trouble !== '' || undefined}
          aria-describedby={trouble === '' ? undefined : id}
          value={typed ?? value ?? ''}
          onChange={({ target }) => offer(target.value)}
          onBlur={() => {
            if (trouble === '') setTyped(null);
          }}
        />
      </label>
      {value !== null && (
        <Button
          size="small"
          variant="plain"
          onClick={() => {
            setTyped(null);
            setTrouble('');
            onChange(null);
          }}
        >
          {sayActivities.settings.none}
        </Button>
      )}
      {trouble !== '' && (
        <p id={id} role="alert" className={styles.issue}>
          {trouble}
        </p>
      )}
    </div>
  );
}
