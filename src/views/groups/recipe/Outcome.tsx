'use client';

import { valueCount } from '@/encode/dealing';
import type { SizeCount } from '@/encode/sizing';
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
  const { dealing, sizing } = bench.lineup.recipe;
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
  const caution = sizing.by === 'size' ? cautionAbout(preview.counts, sizing) : null;
  return (
    <>
      <span className={styles.outcome}>{sayRecipe.gives(preview.counts)}</span>
      {caution && (
        <span className={styles.caution}>
          {caution}{' '}
          <Button
            variant="line"
            onClick={() => {
              if (sizing.by !== 'size') return;
              changeRecipe(store, bench.lineup.id, { sizing: { ...sizing, leftover: 'spread' } });
            }}
          >
            {sayRecipe.spreadInstead}
          </Button>
        </span>
      )}
    </>
  );
}

/** What a teacher would not expect of leftovers: somebody alone, or a group far larger than was asked. */
function cautionAbout(
  counts: readonly SizeCount[],
  sizing: SizingChoice & { by: 'size' },
): string | null {
  if (sizing.leftover === 'spread') return null;
  const sizes = counts.map(({ size }) => size);
  if (sizes.length > 1 && Math.min(...sizes) === 1) return sayRecipe.oneAlone;
  const largest = Math.max(...sizes);
  return largest > sizing.size + 1 ? sayRecipe.farLarger(largest, sizing.size) : null;
}
