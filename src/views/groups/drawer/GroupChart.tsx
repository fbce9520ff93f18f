'use client';

import { Bar } from 'react-chartjs-2';
import type { Insight } from '@/encode/insight';
import type { DetailColumn } from '@/encode/insightTypes';
import { sayBench } from '@/messages/bench';
import { barOptions } from '../../theme/barChart';
import { useChartTones } from '../../theme/useChartTones';
import { columnName } from '../workbench/columnName';
import { valueName } from '../../frame/detailWords';
import styles from './Drawer.module.css';
import type { SheetGroup } from '../workbench/useSheet';
import { useWorkbench } from '../workbench/Workbench';

interface GroupChartProps {
  readonly insight: Insight;
  readonly group: SheetGroup;
}

/** The values of the first mixed or matched detail: how many the group has, beside an even share of the class. */
export function GroupChart({ insight, group }: GroupChartProps) {
  const bench = useWorkbench('bench');
  const look = useChartTones();
  const { tones } = look;
  const column = bench.lineup.recipe.balance
    .map(({ detail }) => insight.column(detail))
    .find((one): one is DetailColumn & { kind: 'category' } => one?.kind === 'category');
  if (!column) return null;
  const own = column.groups[group.index] ?? [];
  const total = (counts: readonly number[]): number => counts.reduce((sum, one) => sum + one, 0);
  const everybody = column.values.map((_, place) =>
    total(column.groups.map((one) => one[place] ?? 0)),
  );
  const share = total(own) / Math.max(1, total(everybody));
  const name = columnName(bench.theClass, column.detail);
  const labels = column.values.map((value) => valueName(bench.theClass, column.detail, value));
  return (
    <figure className={styles.chart}>
      <figcaption className={styles.caption}>
        {sayBench.drawer.chart(name)}
        <span className={styles.key} data-key="group">
          {sayBench.drawer.chartGroup}
        </span>
        <span className={styles.key} data-key="class">
          {sayBench.drawer.chartClass}
        </span>
      </figcaption>
      <div className={styles.canvas}>
        <Bar
          aria-label={sayBench.drawer.chart(name)}
          data={{
            labels,
            datasets: [
              { data: [...own], backgroundColor: tones.plum, borderRadius: 3 },
              {
                data: everybody.map((count) => count * share),
                backgroundColor: tones.apricot,
                borderRadius: 3,
              },
            ],
          }}
          options={barOptions(look)}
        />
      </div>
    </figure>
  );
}
