'use client';

import { useId, useState, type KeyboardEvent } from 'react';
import { readFigure } from '@/encode/marking';
import { sayActivities } from '@/messages/activities';
import styles from './Activities.module.css';

interface CellProps {
  readonly label: string;
  /** The column, by which the keyboard goes up and down. */
  readonly column: string;
  readonly text: string;
  /** Takes what was typed; why it could not be taken, or null. */
  readonly take: (typed: string) => string | null;
  readonly wide?: boolean;
  /** What stands there while it is empty. */
  readonly hint?: string | undefined;
  /** Whether a minus is to be typed. */
  readonly signed?: boolean;
  /** What is to be said of what stands there already; '' for nothing. */
  readonly stands?: string;
}

/** A cell of the grid that is typed into: what cannot be taken stays typed, is told at once, and keeps what was there. */
function Cell(props: CellProps) {
  const { label, column, text, take, wide = false, hint, signed = false, stands = '' } = props;
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setTrouble] = useState('');
  const trouble = wrong === '' && typed === null ? stands : wrong;
  const id = useId();
  const settle = (): boolean => {
    if (typed === null) return true;
    const why = typed.trim() === text ? null : take(typed);
    setTrouble(why ?? '');
    if (why === null) setTyped(null);
    return why === null;
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    if (event.key === 'Escape' && typed !== null) {
      event.stopPropagation();
      setTyped(null);
      setTrouble('');
    }
    const leaves = event.key === 'Enter' || event.key === 'ArrowDown' || event.key === 'ArrowUp';
    // Who typed what cannot be taken stays to put it right.
    if (leaves && !settle()) {
      event.preventDefault();
      event.stopPropagation();
    }
  };
  return (
    <span className={styles.cell}>
      <input
        data-cell={column}
        data-wide={wide || undefined}
        inputMode={wide || signed ? 'text' : 'decimal'}
        aria-label={label}
        aria-invalid={trouble !== '' || undefined}
        aria-describedby={trouble === '' ? undefined : id}
        autoComplete="off"
        placeholder={hint}
        value={typed ?? text}
        onChange={({ target }) => {
          setTyped(target.value);
          setTrouble('');
        }}
        onFocus={({ target }) => target.select()}
        onBlur={settle}
        onKeyDown={onKeyDown}
      />
      {trouble !== '' && (
        <small id={id} role="alert" className={styles.issue}>
          {trouble}
        </small>
      )}
    </span>
  );
}

interface FigureCellProps {
  readonly label: string;
  readonly column: string;
  readonly value: number | null;
  readonly least?: number;
  readonly most: number;
  readonly hint?: string;
  readonly onChange: (value: number | null) => void;
}

/** A cell with a figure between two, or nothing. */
export function FigureCell(props: FigureCellProps) {
  const { label, column, value, least = 0, most, hint, onChange } = props;
  const { bad, figure } = sayActivities;
  return (
    <Cell
      label={label}
      column={column}
      hint={hint}
      signed={least < 0}
      stands={value !== null && value > most ? bad.overNow(value, most) : ''}
      text={value === null ? '' : figure(value)}
      take={(typed) => {
        const read = readFigure(typed, least, most);
        if (read.ok) {
          if (read.value !== value) onChange(read.value);
          return null;
        }
        if (read.code === 'noFigure') return bad.noFigure(typed.trim());
        return read.code === 'below'
          ? bad.below(typed.trim(), least)
          : bad.over(typed.trim(), most);
      }}
    />
  );
}

interface TextCellProps {
  readonly label: string;
  readonly column: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
}

/** A cell with words. */
export function TextCell({ label, column, value, onChange }: TextCellProps) {
  return (
    <Cell
      wide
      label={label}
      column={column}
      text={value}
      take={(typed) => {
        onChange(typed.trim());
        return null;
      }}
    />
  );
}
