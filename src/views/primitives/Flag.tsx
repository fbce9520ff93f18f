import styles from './Flag.module.css';

/** Weaves of a small pennant: told apart by the run of the threads alone, also in black and white. */
const WEAVES: readonly string[] = [
  'M2 9H16',
  'M9 3V15',
  'M2 6.5H16M2 12H16',
  'M6 3V16M12 3V16',
  'M3 15 15 4',
  'M3 4 15 15',
  'M2 9H16M9 3V15',
  'M3 15 15 4M3 4 15 15',
];

interface FlagProps {
  /** Counted from 0; from 8 on the weaves come again with a number. */
  readonly index: number;
}

/** A pennant beside a name that says the same: decoration to a screen reader. */
export function Flag({ index }: FlagProps) {
  const turn = Math.floor(index / WEAVES.length);
  return (
    <span className={styles.flag} data-shape={(index * 3) % 8} aria-hidden="true">
      <svg width="15" height="18" viewBox="0 0 18 22">
        <path className={styles.cloth} d="M1 2H17V20L9 16 1 20Z" />
        <path className={styles.weave} d={WEAVES[index % WEAVES.length]} />
      </svg>
      {turn > 0 && <span className={styles.turn}>{turn + 1}</span>}
    </span>
  );
}
