'use client';

import AddRounded from '@mui/icons-material/AddRounded';
import RemoveRounded from '@mui/icons-material/RemoveRounded';
import { useId, useState, type KeyboardEvent } from 'react';
import { IconPress } from './IconPress';
import styles from './NumberStepper.module.css';

interface NumberStepperProps {
  readonly label: string;
  readonly lessLabel: string;
  readonly moreLabel: string;
  readonly value: number;
  /** The label stands beside the figure, where there is more than one. */
  readonly labelled?: boolean;
  /** Why a number cannot be had, or null when it can. */
  readonly refusal: (value: number) => string | null;
  readonly onChange: (value: number) => void;
}

/** A whole number with a button on either side; a number that cannot be had is not taken, and it says why. */
export function NumberStepper(props: NumberStepperProps) {
  const { label, lessLabel, moreLabel, value, refusal, onChange, labelled = false } = props;
  const [typed, setTyped] = useState<string | null>(null);
  const [why, setWhy] = useState<string | null>(null);
  const whyId = useId();

  const offer = (next: number): void => {
    const reason = refusal(next);
    setWhy(reason);
    if (reason === null && next !== value) onChange(next);
  };
  const step = (by: number): void => {
    setTyped(null);
    offer(value + by);
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const by = { ArrowUp: 1, ArrowDown: -1, PageUp: 5, PageDown: -5 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    step(by);
  };

  return (
    <div>
      <div className={styles.row}>
        {labelled && (
          <span className={styles.label} aria-hidden="true">
            {label}
          </span>
        )}
        <IconPress label={lessLabel} onPress={() => step(-1)}>
          <RemoveRounded />
        </IconPress>
        <input
          className={styles.field}
          role="spinbutton"
          aria-label={label}
          aria-valuenow={value}
          aria-invalid={why !== null}
          aria-describedby={whyId}
          inputMode="numeric"
          value={typed ?? String(value)}
          onFocus={(event) => event.target.select()}
          onChange={(event) => {
            setTyped(event.target.value);
            if (event.target.value.trim() !== '') offer(Number(event.target.value));
          }}
          onBlur={() => {
            setTyped(null);
            setWhy(null);
          }}
          onKeyDown={onKeyDown}
        />
        <IconPress label={moreLabel} onPress={() => step(1)}>
          <AddRounded />
        </IconPress>
      </div>
      <p id={whyId} role="alert" className={styles.why}>
        {why}
      </p>
    </div>
  );
}
