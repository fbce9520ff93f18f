'use client';

import { contradictionsIn, type Mastery } from '@/encode/mastery';
import { sayLadder } from '@/messages/ladder';
import type { StudentRecord } from '@/schema/student';
import type { NameOf } from '../frame/names';
import page from '../frame/SidePage.module.css';
import styles from './Ladder.module.css';

interface ContradictionsProps {
  readonly mastery: Mastery;
  readonly students: readonly StudentRecord[];
  readonly nameOf: NameOf;
}

/** Who masters a later skill and not an earlier one; nothing of it is smoothed. */
export function Contradictions({ mastery, students, nameOf }: ContradictionsProps) {
  const { ladder } = mastery;
  const found = students.flatMap((student) =>
    contradictionsIn(mastery.of(student)).map(({ gap, beyond }) => ({
      key: `${student.id} ${gap}`,
      said: sayLadder.contradiction(
        nameOf(student.id),
        ladder[beyond]?.name ?? '',
        ladder[gap]?.name ?? '',
      ),
    })),
  );
  if (found.length === 0) return null;
  return (
    <details className={styles.fold}>
      <summary className={page.subtitle}>
        {sayLadder.contradictions} ({found.length})
      </summary>
      <p className={page.hint}>{sayLadder.contradictionsHint}</p>
      <ul className={styles.list}>
        {found.map(({ key, said }) => (
          <li key={key}>{said}</li>
        ))}
      </ul>
    </details>
  );
}
