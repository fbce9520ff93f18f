import { memo } from 'react';
import type { StudentRecord } from '@/schema/student';
import type { TakeRecord } from '@/schema/take';
import { SIGN_COUNT } from '../../primitives/Sign';
import styles from './TakePicture.module.css';

interface TakePictureProps {
  readonly take: TakeRecord;
  readonly students: readonly StudentRecord[];
}

const ROWS = 6;
/** Larger classes show only their first students: the picture tells takes apart, no more. */
const MOST_DOTS = 48;
const STEP_PX = 8;

/** The class in the order of its list, a dot each in its group's colour: two takes that differ look different. */
export const TakePicture = memo(function TakePicture({ take, students }: TakePictureProps) {
  const signOf = new Map(
    take.groups.flatMap(({ sign, studentIds }) => studentIds.map((id) => [id, sign] as const)),
  );
  const shown = students.slice(0, MOST_DOTS);
  const columns = Math.ceil(shown.length / ROWS);
  return (
    <svg
      className={styles.picture}
      width={columns * STEP_PX}
      height={ROWS * STEP_PX}
      aria-hidden="true"
    >
      {shown.map(({ id }, i) => {
        const sign = signOf.get(id);
        return (
          <circle
            key={id}
            cx={Math.floor(i / ROWS) * STEP_PX + STEP_PX / 2}
            cy={(i % ROWS) * STEP_PX + STEP_PX / 2}
            r={2.6}
            data-shape={sign === undefined ? 'none' : sign % SIGN_COUNT}
          />
        );
      })}
    </svg>
  );
});
