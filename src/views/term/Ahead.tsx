'use client';

import { sayTerm } from '@/messages/term';
import type { InTerm } from '@/store/queries';
import type { NameOf } from '../frame/names';
import { Button } from '../primitives/Button';
import type { Replanning } from './usePlanner';
import styles from './Term.module.css';

interface AheadProps {
  readonly ahead: readonly InTerm[];
  /** Those who take part in what is planned. */
  readonly expected: readonly string[];
  readonly nameOf: NameOf;
  /** Who has other partners since these were made again; null where they were not. */
  readonly changed: readonly string[] | null;
  readonly onReplan: (how: Replanning) => void;
  readonly onDrop: () => void;
}

/** What is planned and not used yet, who is missing in it, and the ways to make it otherwise. */
export function Ahead({ ahead, expected, nameOf, changed, onReplan, onDrop }: AheadProps) {
  const words = sayTerm.ahead;
  const placed = new Set<string>(
    ahead.flatMap(({ groups }) => groups.flatMap(({ studentIds }) => studentIds)),
  );
  const known = new Set(expected);
  const missing = expected.filter((id) => !placed.has(id)).map(nameOf);
  const gone = [...placed].filter((id) => !known.has(id)).map(nameOf);
  return (
    <div className={styles.ahead} data-differs={missing.length + gone.length > 0 || undefined}>
      <p>
        {words.text(ahead.length)} {missing.length > 0 && words.missing(missing)}{' '}
        {gone.length > 0 && words.gone(gone)}
      </p>
      <Button size="small" variant="paper" onClick={() => onReplan('mend')}>
        {words.mend}
      </Button>
      <Button size="small" variant="paper" onClick={() => onReplan('anew')}>
        {words.replan}
      </Button>
      <Button size="small" variant="plain" onClick={onDrop}>
        {words.drop}
      </Button>
      {changed && <p className={styles.changed}>{words.changed(changed.map(nameOf))}</p>}
    </div>
  );
}
