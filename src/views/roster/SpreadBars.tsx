'use client';

import { sayRoster } from '@/messages/roster';
import type { Spread } from './spread';
import styles from './SpreadBars.module.css';

interface SpreadBarsProps {
  readonly spread: Spread;
  readonly label: string;
  /** Values the table is filtered by; empty for all. */
  readonly chosen: readonly string[];
  readonly onChoose: (values: readonly string[]) => void;
}

/** Bars of how many students have each value; pressing one shows only those. */
export function SpreadBars({ spread, label, chosen, onChoose }: SpreadBarsProps) {
  const most = Math.max(...spread.bars.map(({ count }) => count));
  const isChosen = (values: readonly string[]): boolean =>
    values.some((value) => chosen.includes(value));
  return (
    <ul className={styles.bars} aria-label={label} data-chosen={chosen.length > 0}>
      {spread.bars.map((bar) => (
        <li key={bar.label}>
          <button
            type="button"
            // The choice below does the same for the keyboard in one stop.
            tabIndex={-1}
            aria-pressed={isChosen(bar.values)}
            aria-label={sayRoster.roster.barLabel(bar.label, bar.count)}
            onClick={() => onChoose(bar.values)}
          >
            <span className={styles.place}>
              <span className={styles.count}>{bar.count}</span>
              <span className={styles.bar} style={{ height: `${(bar.count / most) * 100}%` }} />
            </span>
            <span className={styles.label}>{bar.label}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}
