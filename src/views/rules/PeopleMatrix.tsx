'use client';

import { useMemo, useState } from 'react';
import type { Bench } from '@/encode/bench';
import { sayRules } from '@/messages/rules';
import type { NameOf } from '../frame/names';
import { Choice } from '../primitives/Choice';
import { lazily } from '../primitives/lazily';
import { inMatrixOrder, type MatrixOrder } from './matrixOrder';
import styles from './PeopleMatrix.module.css';
import { WholeMatrix } from './WholeMatrix';

/** With more students only what is in sight is drawn, by what comes with the first such class. */
const WHOLE_STUDENTS = 48;
const WindowedMatrix = lazily(() =>
  import('./WindowedMatrix').then((module) => module.WindowedMatrix),
);

interface PeopleMatrixProps {
  readonly bench: Bench;
  readonly nameOf: NameOf;
}

/** Everybody beside everybody: one cell for a pair, with the quiet rule about it and how often the two have met. */
export function PeopleMatrix({ bench, nameOf }: PeopleMatrixProps) {
  const { theClass, take } = bench;
  const [order, setOrder] = useState<MatrixOrder>('list');
  const [overlay, setOverlay] = useState(false);
  const students = useMemo(
    () =>
      inMatrixOrder(
        bench.students.filter(({ left }) => left === null),
        order,
        theClass,
        take,
      ),
    [bench.students, order, theClass, take],
  );
  const Matrix = students.length > WHOLE_STUDENTS ? WindowedMatrix : WholeMatrix;
  return (
    <section className={styles.matrix} aria-labelledby="matrix-title">
      <h3 id="matrix-title" className={styles.title}>
        {sayRules.matrix.title}
      </h3>
      <p className={styles.hint}>{sayRules.matrix.hint}</p>
      <div className={styles.bar}>
        <Choice
          inline
          legend={sayRules.matrix.order}
          value={order}
          options={(['list', 'name', 'section', 'group'] as const)
            .filter((value) => value !== 'section' || theClass.sections.length > 1)
            .filter((value) => value !== 'group' || take)
            .map((value) => ({ value, label: sayRules.matrix.orders[value] }))}
          onChange={setOrder}
        />
        {take && (
          <label className={styles.overlay}>
            <input
              type="checkbox"
              checked={overlay}
              onChange={(event) => setOverlay(event.target.checked)}
            />
            {sayRules.matrix.overlay}
          </label>
        )}
      </div>
      <Matrix bench={bench} students={students} overlay={overlay} nameOf={nameOf} />
    </section>
  );
}
