'use client';

import type { ChartOptions } from 'chart.js';
import { Bar } from 'react-chartjs-2';
import { barOptions } from '../theme/barChart';
import { useChartTones } from '../theme/useChartTones';
import styles from './RosterPanel.module.css';
import type { Spread } from './spread';

interface SpreadChartProps {
  readonly spread: Spread;
  readonly label: string;
  /** Values the table is filtered by; empty for all. */
  readonly chosen: readonly string[];
  readonly onChoose: (values: readonly string[]) => void;
}

/** Bars of how many students have each value; pressing one shows only those. */
export function SpreadChart({ spread, label, chosen, onChoose }: SpreadChartProps) {
  const look = useChartTones();
  const { tones } = look;
  const isChosen = (values: readonly string[]): boolean =>
    chosen.length === 0 || values.some((value) => chosen.includes(value));
  const options: ChartOptions<'bar'> = {
    ...barOptions(look),
    onClick: (_event, elements) => {
      const bar = spread.bars[elements[0]?.index ?? -1];
      if (bar) onChoose(bar.values);
    },
  };
  return (
    <div className={styles.chart}>
      <Bar
        aria-label={label}
        data={{
          labels: spread.bars.map((bar) => bar.label),
          datasets: [
            {
              data: spread.bars.map(({ count }) => count),
              backgroundColor: spread.bars.map(({ values }) =>
                isChosen(values) ? tones.slate : tones.line,
              ),
              borderRadius: 3,
              maxBarThickness: 44,
            },
          ],
        }}
        options={options}
      />
    </div>
  );
}
