'use client';

import { Bar } from 'react-chartjs-2';
import type { Term } from '@/encode/term';
import { sayTerm } from '@/messages/term';
import { barOptions } from '../theme/barChart';
import { useChartTones } from '../theme/useChartTones';
import styles from './Term.module.css';

/** How the number of partners met grows over the lineups, beside the most that their sizes allow. */
export function MetChart({ term }: { readonly term: Term }) {
  const look = useChartTones();
  const { tones } = look;
  return (
    <figure className={styles.chart}>
      <figcaption>
        {sayTerm.chart}: <span data-key="made">{sayTerm.chartMade}</span>,{' '}
        <span data-key="best">{sayTerm.chartBest}</span>
      </figcaption>
      <div className={styles.canvas}>
        <Bar
          aria-label={sayTerm.chart}
          data={{
            labels: term.lineups.map(({ on }) => (on === null ? '' : sayTerm.day(on))),
            datasets: [
              { data: [...term.meanMet], backgroundColor: tones.plum, borderRadius: 3 },
              { data: [...term.mostMet], backgroundColor: tones.apricot, borderRadius: 3 },
            ],
          }}
          options={barOptions(look)}
        />
      </div>
    </figure>
  );
}
