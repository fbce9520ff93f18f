'use client';

import { valueCount } from '@/encode/dealing';
import { previewSizes } from '@/encode/sizing';
import { say } from '@/messages';
import { useWorkbench } from '../workbench/Workbench';
import styles from './RecipeSentence.module.css';

/** What the recipe gives, in numbers, before anything is dealt. */
export function Outcome({ dealtCount }: { readonly dealtCount: number }) {
  const bench = useWorkbench('bench');
  const { dealing, sizing } = bench.lineup.recipe;
  if (dealing.by === 'value') {
    return (
      <span className={styles.outcome}>
        {say.recipe.givesValues(valueCount(bench, dealing.of))}
      </span>
    );
  }
  const preview = previewSizes(dealtCount, sizing);
  return (
    <span className={preview.ok ? styles.outcome : styles.impossible}>
      {preview.ok ? say.recipe.gives(preview.counts) : say.sizingIssueSentence(preview.issue)}
    </span>
  );
}
