'use client';

import { Fragment } from 'react';
import type { Bench } from '@/encode/bench';
import { valueCount } from '@/encode/dealing';
import { leavesOneAlone, sizingsWithoutLone, type SizeCount } from '@/encode/sizing';
import { sayRecipe } from '@/messages/recipe';
import type { SizingChoice } from '@/schema/recipe';
import { changeRecipe } from '@/store/actions/lineups';
import { useStore } from '@/store/react';
import { Button } from '../../primitives/Button';
import { useWorkbench } from '../workbench/Workbench';
import styles from './RecipeSentence.module.css';

/** What the recipe gives, in numbers, before anything is dealt; with a word where a group would be much unlike the rest. */
export function Outcome() {
  const store = useStore();
  const bench = useWorkbench('bench');
  const { dealing } = bench.lineup.recipe;
  const preview = useWorkbench('preview');
  if (dealing.by === 'value') {
    return (
      <span className={styles.outcome}>{sayRecipe.givesValues(valueCount(bench, dealing.of))}</span>
    );
  }
  if (!preview.ok) {
    return (
      <span className={styles.impossible}>{sayRecipe.sizingIssueSentence(preview.issue)}</span>
    );
  }
  const caution = cautionAbout(bench, preview.counts);
  return (
    <>
      <span className={styles.outcome}>{sayRecipe.gives(preview.counts)}</span>
      {caution && (
        <span className={styles.caution}>
          {caution.text}
          {caution.instead.map((next) => (
            <Fragment key={JSON.stringify(next)}>
              {' '}
              <Button
                variant="line"
                onClick={() => changeRecipe(store, bench.lineup.id, { sizing: next })}
              >
                {next.by === 'size'
                  ? sayRecipe.leftoverInstead[next.leftover]
                  : sayRecipe.sizing(next)}
              </Button>
            </Fragment>
          ))}
        </span>
      )}
    </>
  );
}

/** What a teacher would not expect of the sizes, and the sizings that avoid it. */
interface Caution {
  readonly text: string;
  readonly instead: readonly SizingChoice[];
}

/** Somebody alone, or a group far larger than was asked. */
function cautionAbout(bench: Bench, counts: readonly SizeCount[]): Caution | null {
  const { sizing } = bench.lineup.recipe;
  // Sizes that were written down one by one are meant.
  if (sizing.by !== 'sizes' && leavesOneAlone(counts)) {
    return { text: sayRecipe.oneAlone, instead: sizingsWithoutLone(bench) };
  }
  // Spread out, they are as near to the size as they can be.
  if (sizing.by !== 'size' || sizing.leftover === 'spread') return null;
  const largest = Math.max(...counts.map(({ size }) => size));
  return largest > sizing.size + 1
    ? {
        text: sayRecipe.farLarger(largest, sizing.size),
        instead: [{ ...sizing, leftover: 'spread' }],
      }
    : null;
}
