'use client';

import { sayBench } from '@/messages/bench';
import type { Importance } from '@/schema/recipe';
import { Choice } from '../../primitives/Choice';
import { IMPORTANCES } from './editor';
import styles from './RecipeEditor.module.css';

const OFF = 'off';

interface ImportanceChoiceProps {
  readonly legend: string;
  readonly hint: string;
  readonly value: Importance | null;
  readonly onChange: (value: Importance | null) => void;
}

/** Whether something is looked after, and how much it weighs. */
export function ImportanceChoice({ legend, hint, value, onChange }: ImportanceChoiceProps) {
  return (
    <>
      <Choice<Importance | typeof OFF>
        legend={legend}
        value={value ?? OFF}
        options={[
          { value: OFF, label: sayBench.editors.off },
          ...IMPORTANCES.map((one) => ({ value: one, label: sayBench.editors.importance[one] })),
        ]}
        onChange={(next) => onChange(next === OFF ? null : next)}
      />
      <p className={styles.hint}>{hint}</p>
    </>
  );
}
