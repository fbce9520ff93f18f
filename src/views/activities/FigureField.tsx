'use client';

import { useId, useState } from 'react';
import { readFigure } from '@/encode/marking';
import { sayActivities } from '@/messages/activities';
import styles from './Activities.module.css';

interface FigureFieldProps {
  readonly label: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  /** The least is not enough. */
  readonly above?: boolean;
  readonly quiet?: boolean;
  readonly onChange: (value: number) => void;
}

/** A figure of a setting, with decimals; one that cannot be had is not taken, and it says why. */
export function FigureField(props: FigureFieldProps) {
  const { label, value, least, most, above = false, quiet = false, onChange } = props;
  const [typed, setTyped] = useState<string | null>(null);
  const [trouble, setTrouble] = useState('');
  const id = useId();
  const offer = (given: string): void => {
    setTyped(given);
    const figure = readFigure(given, least, most);
    const { bad } = sayActivities;
    if (!figure.ok) {
      setTrouble(
        figure.code === 'noFigure'
          ? bad.noFigure(given)
          : figure.code === 'below'
            ? bad.below(given, least)
            : bad.over(given, most),
      );
    } else if (figure.value === null || (above && figure.value <= least)) {
      setTrouble(bad.noPoints(given));
    } else {
      setTrouble('');
      if (figure.value !== value) onChange(figure.value);
    }
  };
  return (
    <label className={styles.setting}>
      {!quiet && <span>{label}</span>}
      <input
        inputMode="decimal"
        aria-label={label}
        aria-invalid={trouble !== '' || undefined}
        aria-describedby={trouble === '' ? undefined : id}
        value={typed ?? sayActivities.figure(value)}
        onChange={({ target }) => offer(target.value)}
        onBlur={() => {
          if (trouble === '') setTyped(null);
        }}
      />
      {trouble !== '' && (
        <small id={id} role="alert" className={styles.issue}>
          {trouble}
        </small>
      )}
    </label>
  );
}
