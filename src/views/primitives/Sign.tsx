import type { ReactNode } from 'react';
import styles from './Sign.module.css';

/** How many shapes there are before they come again in another tint, with a number. */
export const SIGN_COUNT = 8;

/** A ground with its own mark on it, each told apart by outline alone, also in black and white. */
const SHAPES: readonly { readonly ground: string; readonly mark: ReactNode }[] = [
  {
    ground: 'M3 25C2 11 12 3 26 4 28 18 19 28 3 25Z',
    mark: <path d="M7 22 20 10M12 17l1-6M16 14l6 0" />,
  },
  {
    ground: 'M8 3h13a5 5 0 0 1 5 5v13a5 5 0 0 1-5 5H8a5 5 0 0 1-5-5V8a5 5 0 0 1 5-5Z',
    mark: <path d="M6 12c3-4 5-4 8.5 0s6 4 8.5 0M6 19c3-4 5-4 8.5 0s6 4 8.5 0" />,
  },
  {
    ground: 'M14.5 2c7 4 9 9 9 13.5S19 27 14.5 27 5.5 20 5.5 15.5 7.5 6 14.5 2Z',
    mark: <path d="M14.5 8v2M14.5 14v2M14.5 20v2" />,
  },
  {
    ground: 'M14.5 2.5a12 12 0 1 1 0 24 12 12 0 0 1 0-24Z',
    mark: <circle cx="14.5" cy="14.5" r="5" />,
  },
  {
    ground: 'M14.5 1.5C20 9 24 13 24 18a9.5 9.5 0 0 1-19 0C5 13 9 9 14.5 1.5Z',
    mark: <path d="M9.5 18a5 5 0 0 0 5 5" />,
  },
  {
    ground: 'M4 10a3 3 0 0 1 6 0V5a3.5 3.5 0 0 1 7 0v6a3 3 0 0 1 6 0v16H4Z',
    mark: <path d="M10 13v10M17 13v10" />,
  },
  {
    ground: 'M13 2 25 8 27 19 17 27 5 24 2 12Z',
    mark: <path d="M13 2v12l12-6M13 14l4 13M13 14 2 12" />,
  },
  {
    ground: 'M2 15C8 5 17 4 22 11l5-4v15l-5-4C17 25 8 24 2 15Z',
    mark: <path d="M8 14.5v.1M16 9c2 3 2 8 0 11" />,
  },
];

interface SignProps {
  /** Counted from 0; from 8 on the shapes come again. */
  readonly index: number;
  readonly size?: number | string;
}

/** A simple shape with a mark and a colour, beside a name that says the same: decoration to a screen reader. */
export function Sign({ index, size = 28 }: SignProps) {
  const shape = SHAPES[index % SIGN_COUNT];
  const turn = Math.floor(index / SIGN_COUNT);
  return (
    <span
      className={styles.sign}
      data-shape={index % SIGN_COUNT}
      data-turn={turn % 2}
      aria-hidden="true"
    >
      <svg width={size} height={size} viewBox="0 0 29 29">
        <path className={styles.ground} d={shape?.ground} />
        <g className={styles.mark}>{shape?.mark}</g>
      </svg>
      {turn > 0 && <span className={styles.turn}>{turn + 1}</span>}
    </span>
  );
}
