'use client';

import type { ReactNode } from 'react';
import { Opening, type TakesBack } from '../../primitives/Opening';
import styles from './RecipeSentence.module.css';

interface RecipePartProps {
  readonly text: string;
  readonly label: string;
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly takesBack: TakesBack;
  /** A part that is only an offer, not yet part of the recipe. */
  readonly pale?: boolean;
  readonly children: ReactNode;
}

/** An underlined part of the sentence; pressing it opens its editor beside it. */
export function RecipePart(props: RecipePartProps) {
  const { text, label, open, onOpen, takesBack, pale = false, children } = props;
  return (
    <Opening
      flows
      label={label}
      open={open}
      onOpen={onOpen}
      takesBack={takesBack}
      button={(props) => (
        <button
          type="button"
          className={styles.part}
          data-pale={pale}
          aria-label={`${label}: ${text}`}
          {...props}
        >
          {text}
        </button>
      )}
    >
      {children}
    </Opening>
  );
}
