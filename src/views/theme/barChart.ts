'use client';

import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  LinearScale,
  type ChartOptions,
} from 'chart.js';
import type { ChartTones } from './useChartTones';

Chart.register(BarController, BarElement, CategoryScale, LinearScale);

/** Bars as this application draws them: no frame, soft labels, whole numbers from 0. */
export function barOptions({ tones, font, still }: ChartTones): ChartOptions<'bar'> {
  return {
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
  };
}
