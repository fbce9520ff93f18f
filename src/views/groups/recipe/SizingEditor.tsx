'use client';

import { useState } from 'react';
import { previewSizes } from '@/encode/sizing';
import { sayRecipe } from '@/messages/recipe';
import type { SizingChoice } from '@/schema/recipe';
import { Choice } from '../../primitives/Choice';
import { InPlaceText } from '../../primitives/InPlaceText';
import { NumberStepper } from '../../primitives/NumberStepper';
import editor from './RecipeEditor.module.css';
import styles from './RecipeSentence.module.css';

interface SizingEditorProps {
  readonly sizing: SizingChoice;
  readonly hereCount: number;
  readonly onChange: (sizing: SizingChoice) => void;
}

type ChoiceOf<B extends SizingChoice['by']> = Extract<SizingChoice, { readonly by: B }>;

/** The ways to say sizes, in the order in which they are offered. */
const WAYS: readonly SizingChoice['by'][] = ['size', 'count', 'atMost', 'range', 'sizes'];

/** So many groups, so many students in each, or otherwise; a number that cannot be had is not taken. */
export function SizingEditor({ sizing, hereCount, onChange }: SizingEditorProps) {
  const refusal = (next: SizingChoice): string | null => {
    const preview = previewSizes(hereCount, next);
    if (!preview.ok) return sayRecipe.sizingIssueSentence(preview.issue);
    return next.by === 'size' && next.size > hereCount
      ? sayRecipe.sizeTooLarge(next.size, hereCount)
      : null;
  };
  const part = { hereCount, refusal, onChange };
  return (
    <div className={styles.sizing}>
      <Choice
        legend={sayRecipe.sizingLabel}
        value={sizing.by}
        options={WAYS.map((value) => ({ value, label: sayRecipe.sizingBy[value] }))}
        onChange={(by) => onChange(startOf(by, sizing, hereCount))}
      />
      {sizing.by === 'count' && (
        <NumberStepper
          key="count"
          label={sayRecipe.countLabel}
          lessLabel={sayRecipe.fewerGroups}
          moreLabel={sayRecipe.moreGroups}
          value={sizing.count}
          refusal={(count) => refusal({ by: 'count', count })}
          onChange={(count) => onChange({ by: 'count', count })}
        />
      )}
      {(sizing.by === 'size' || sizing.by === 'atMost') && (
        <NumberStepper
          key={sizing.by}
          label={sayRecipe.sizeLabel}
          lessLabel={sayRecipe.smallerGroups}
          moreLabel={sayRecipe.largerGroups}
          value={sizing.size}
          refusal={(size) => refusal({ ...sizing, size })}
          onChange={(size) => onChange({ ...sizing, size })}
        />
      )}
      {sizing.by === 'range' && <Range sizing={sizing} {...part} />}
      {sizing.by === 'sizes' && <Sizes sizing={sizing} {...part} />}
    </div>
  );
}

interface PartProps<B extends SizingChoice['by']> extends Omit<SizingEditorProps, 'sizing'> {
  readonly sizing: ChoiceOf<B>;
  readonly refusal: (next: SizingChoice) => string | null;
}

function Range({ sizing, refusal, onChange }: PartProps<'range'>) {
  return (
    <>
      <NumberStepper
        labelled
        label={sayRecipe.leastLabel}
        lessLabel={sayRecipe.smallerLeast}
        moreLabel={sayRecipe.largerLeast}
        value={sizing.least}
        refusal={(least) => refusal({ ...sizing, least })}
        onChange={(least) => onChange({ ...sizing, least })}
      />
      <NumberStepper
        labelled
        label={sayRecipe.mostLabel}
        lessLabel={sayRecipe.smallerMost}
        moreLabel={sayRecipe.largerMost}
        value={sizing.most}
        refusal={(most) => refusal({ ...sizing, most })}
        onChange={(most) => onChange({ ...sizing, most })}
      />
      <p className={editor.hint}>{sayRecipe.rangeHint}</p>
    </>
  );
}

function Sizes({ sizing, refusal, onChange }: PartProps<'sizes'>) {
  const [trouble, setTrouble] = useState<string | null>(null);
  const write = (text: string): void => {
    const figures = text.split(/[\s,;+]+/).filter((figure) => figure !== '');
    const sizes = figures.map(Number);
    const read = sizes.length > 0 && sizes.every((size) => Number.isInteger(size) && size > 0);
    const next = { by: 'sizes' as const, sizes };
    setTrouble(read ? refusal(next) : sayRecipe.sizesUnread);
    // Sizes that do not add up yet are kept: the sentence says by how much, and somebody may still come.
    if (read) onChange(next);
  };
  return (
    <>
      <InPlaceText value={sizing.sizes.join(', ')} label={sayRecipe.sizesLabel} onChange={write} />
      <p className={editor.hint} role={trouble === null ? undefined : 'alert'}>
        {trouble ?? sayRecipe.sizesHint}
      </p>
    </>
  );
}

/** Another way to say about the sizes there are now. */
function startOf(by: SizingChoice['by'], now: SizingChoice, hereCount: number): SizingChoice {
  const preview = previewSizes(hereCount, now);
  const sizes = preview.ok
    ? preview.counts.flatMap(({ groups, size }) => Array.from({ length: groups }, () => size))
    : [Math.max(1, hereCount)];
  const [largest, least] = [Math.max(...sizes), Math.min(...sizes)];
  const usual = Math.max(1, Math.round(hereCount / sizes.length));
  switch (by) {
    case 'count':
      return { by, count: sizes.length };
    case 'size':
      return { by, size: usual, leftover: 'spread' };
    case 'atMost':
      return { by, size: largest };
    case 'range':
      return { by, least: Math.max(1, least === largest ? least - 1 : least), most: largest };
    case 'sizes':
      return { by, sizes };
    default:
      return by satisfies never;
  }
}
