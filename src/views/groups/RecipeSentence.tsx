'use client';

import Link from 'next/link';
import { previewSizes } from '@/encode/sizing';
import { say } from '@/messages';
import type { LineupRecord, SizingChoice } from '@/schema/lineup';
import { changeSizing } from '@/store/actions/lineups';
import { useStore } from '@/store/react';
import { Choice } from '../primitives/Choice';
import { RecipePart } from './RecipePart';
import styles from './RecipeSentence.module.css';
import { SizingEditor } from './SizingEditor';

interface RecipeSentenceProps {
  readonly lineup: LineupRecord;
  readonly hereCount: number;
  readonly ruleCount: number;
}

/** How the groups are made, as one sentence whose underlined parts are its controls. */
export function RecipeSentence({ lineup, hereCount, ruleCount }: RecipeSentenceProps) {
  const store = useStore();
  const { sizing } = lineup.recipe;
  const change = (next: SizingChoice): void => changeSizing(store, lineup.id, next);
  return (
    <div>
      <p className={styles.sentence}>
        {say.recipe.make}{' '}
        <RecipePart text={say.recipe.sizing(sizing)} label={say.recipe.sizingLabel}>
          <SizingEditor sizing={sizing} hereCount={hereCount} onChange={change} />
        </RecipePart>{' '}
        {say.recipe.from}{' '}
        <Link className={styles.part} href={`/c/${lineup.classId}/roster`}>
          {say.recipe.here(hereCount)}
        </Link>
        {sizing.by === 'size' && (
          <>
            {say.recipe.comma} {say.recipe.leftovers}{' '}
            <RecipePart
              text={say.recipe.leftover[sizing.leftover]}
              label={say.recipe.leftoverLabel}
            >
              <Choice
                legend={say.recipe.leftoverLabel}
                value={sizing.leftover}
                options={(['spread', 'larger', 'smaller'] as const).map((value) => ({
                  value,
                  label: say.recipe.leftover[value],
                }))}
                onChange={(leftover) => change({ ...sizing, leftover })}
              />
              <p className={styles.explain}>{say.recipe.leftoverExplained[sizing.leftover]}</p>
            </RecipePart>
          </>
        )}
        {say.recipe.comma} {say.recipe.keeping}{' '}
        <Link className={styles.part} href={`/c/${lineup.classId}/rules`}>
          {say.recipe.rules(ruleCount)}
        </Link>
        {say.recipe.stop}
      </p>
      <Outcome hereCount={hereCount} sizing={sizing} />
    </div>
  );
}

/** What the recipe gives, in numbers, before anything is dealt. */
function Outcome({
  hereCount,
  sizing,
}: {
  readonly hereCount: number;
  readonly sizing: SizingChoice;
}) {
  const preview = previewSizes(hereCount, sizing);
  return (
    <p className={preview.ok ? styles.outcome : styles.impossible} role="status">
      {preview.ok ? say.recipe.gives(preview.counts) : say.sizingIssueSentence(preview.issue)}
    </p>
  );
}
