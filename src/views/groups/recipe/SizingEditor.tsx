'use client';

import { previewSizes } from '@/encode/sizing';
import { say } from '@/messages';
import type { SizingChoice } from '@/schema/recipe';
import { Choice } from '../../primitives/Choice';
import { NumberStepper } from '../../primitives/NumberStepper';
import styles from './RecipeSentence.module.css';

interface SizingEditorProps {
  readonly sizing: SizingChoice;
  readonly hereCount: number;
  readonly onChange: (sizing: SizingChoice) => void;
}

/** So many groups, or so many students in each; a number that cannot be had is not taken. */
export function SizingEditor({ sizing, hereCount, onChange }: SizingEditorProps) {
  const count = sizing.by === 'count' ? sizing.count : groupsNow(sizing, hereCount);
  const size =
    sizing.by === 'size' ? sizing.size : Math.max(1, Math.round(hereCount / sizing.count));
  const bySize = (next: number): SizingChoice => ({
    by: 'size',
    size: next,
    leftover: sizing.by === 'size' ? sizing.leftover : 'spread',
  });
  const refusal = (next: SizingChoice): string | null => {
    const preview = previewSizes(hereCount, next);
    if (!preview.ok) return say.sizingIssueSentence(preview.issue);
    return next.by === 'size' && next.size > hereCount
      ? say.recipe.sizeTooLarge(next.size, hereCount)
      : null;
  };
  return (
    <div className={styles.sizing}>
      <Choice
        legend={say.recipe.sizingLabel}
        value={sizing.by}
        options={[
          { value: 'count', label: say.recipe.byCount },
          { value: 'size', label: say.recipe.bySize },
        ]}
        onChange={(by) => onChange(by === 'count' ? { by, count } : bySize(size))}
      />
      {sizing.by === 'count' ? (
        <NumberStepper
          key="count"
          label={say.recipe.countLabel}
          lessLabel={say.recipe.fewerGroups}
          moreLabel={say.recipe.moreGroups}
          value={count}
          refusal={(next) => refusal({ by: 'count', count: next })}
          onChange={(next) => onChange({ by: 'count', count: next })}
        />
      ) : (
        <NumberStepper
          key="size"
          label={say.recipe.sizeLabel}
          lessLabel={say.recipe.smallerGroups}
          moreLabel={say.recipe.largerGroups}
          value={size}
          refusal={(next) => refusal(bySize(next))}
          onChange={(next) => onChange(bySize(next))}
        />
      )}
    </div>
  );
}

function groupsNow(sizing: SizingChoice, hereCount: number): number {
  const preview = previewSizes(hereCount, sizing);
  return preview.ok ? preview.groupCount : 1;
}
