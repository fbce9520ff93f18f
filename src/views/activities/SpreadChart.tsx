'use client';

import type { ChartOptions } from 'chart.js';
import { Bar } from 'react-chartjs-2';
import { marksOf, mostOf } from '@/encode/marking';
import { sayActivities } from '@/messages/activities';
import page from '../frame/SidePage.module.css';
import { Spoken } from '../primitives/Spoken';
import { barOptions } from '../theme/barChart';
import { useChartTones } from '../theme/useChartTones';
import styles from './Activities.module.css';
import type { BesideProps } from './besideProps';

/** Where all of a group have one mark the bar would be nothing: it is drawn at least so high, of the most points. */
const LEAST_BAR = 0.015;

/** For each group the marks of its members, from the lowest to the highest. */
export function SpreadChart({ activity, units }: BesideProps) {
  const words = sayActivities.chart;
  const look = useChartTones();
  const { figure } = sayActivities;
  const marks = marksOf(activity, units);
  const most = mostOf(activity);
  const bars = units.flatMap(({ group, studentIds }) => {
    const points = studentIds.flatMap((id) => {
      const mark = marks.get(id);
      return mark?.state === 'marked' && mark.points !== null ? [mark.points] : [];
    });
    if (!group || points.length === 0) return [];
    const mean = points.reduce((sum, one) => sum + one, 0) / points.length;
    return [{ name: group.name, low: Math.min(...points), high: Math.max(...points), mean }];
  });
  const usual = barOptions(look);
  const options: ChartOptions<'bar'> = {
    ...usual,
    scales: { ...usual.scales, y: { ...usual.scales?.y, min: 0, max: most } },
  };
  return (
    <figure className={styles.chart}>
      <figcaption className={page.hint}>{words.title}</figcaption>
      <div className={styles.canvas}>
        <Bar
          aria-label={words.title}
          data={{
            labels: bars.map(({ name }) => name),
            datasets: [
              {
                data: bars.map(({ low, high }): [number, number] => [
                  Math.max(0, low - LEAST_BAR * most),
                  Math.min(most, high + LEAST_BAR * most),
                ]),
                backgroundColor: look.tones.slate,
                borderRadius: 3,
                maxBarThickness: 34,
              },
            ],
          }}
          options={options}
        />
      </div>
      <Spoken>
        {bars
          .map(({ name, low, high, mean }) =>
            words.group(name, figure(low), figure(high), figure(mean)),
          )
          .join('. ')}
      </Spoken>
    </figure>
  );
}
