'use client';

import { useTheme } from '@mui/material/styles';
import useMediaQuery from '@mui/material/useMediaQuery';
import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  LinearScale,
  type ChartOptions,
} from 'chart.js';
import { Bar } from 'react-chartjs-2';
import styles from './RosterPanel.module.css';
import type { Spread } from './spread';

Chart.register(BarController, BarElement, CategoryScale, LinearScale);

interface SpreadChartProps {
  readonly spread: Spread;
  readonly label: string;
  /** Values the table is filtered by; empty for all. */
  readonly chosen: readonly string[];
  readonly onChoose: (values: readonly string[]) => void;
}

/** Bars of how many students have each value; pressing one shows only those. */
export function SpreadChart({ spread, label, chosen, onChoose }: SpreadChartProps) {
  const theme = useTheme();
  const dark = useMediaQuery('(prefers-color-scheme: dark)');
  const still = useMediaQuery('(prefers-reduced-motion: reduce)');
  const tones = (theme.colorSchemes[dark ? 'dark' : 'light']?.palette ?? theme.palette).tones;
  const isChosen = (values: readonly string[]): boolean =>
    chosen.length === 0 || values.some((value) => chosen.includes(value));
  const font = { family: String(theme.typography.fontFamily), size: 13 };
  const options: ChartOptions<'bar'> = {
    maintainAspectRatio: false,
    animation: still ? false : { duration: 150 },
    scales: {
      x: {
        grid: { display: false },
        border: { color: tones.edge },
        ticks: { color: tones.softInk, font, maxRotation: 50, autoSkip: true },
      },
      y: {
        beginAtZero: true,
        grid: { color: tones.line },
        border: { display: false },
        ticks: { color: tones.softInk, font, precision: 0, maxTicksLimit: 4 },
      },
    },
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
