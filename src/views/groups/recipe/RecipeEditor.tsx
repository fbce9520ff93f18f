'use client';

import { useLayoutEffect, useRef } from 'react';
import { sayRecipe } from '@/messages/recipe';
import { sayBench } from '@/messages/bench';
import type { Recipe } from '@/schema/recipe';
import { changeRecipe } from '@/store/actions/lineups';
import { useStore } from '@/store/react';
import { Choice } from '../../primitives/Choice';
import { focusFirst } from '../../primitives/focusFirst';
import { BalanceEditor } from './BalanceEditor';
import { DealingEditor } from './DealingEditor';
import type { EditorProps } from './editor';
import { ImportanceChoice } from './ImportanceChoice';
import { LimitsEditor } from './LimitsEditor';
import { NeedsEditor } from './NeedsEditor';
import { NamingEditor } from './NamingEditor';
import styles from './RecipeEditor.module.css';
import { RolesEditor } from './RolesEditor';
import { SavedRecipes } from './SavedRecipes';
import { SizingEditor } from './SizingEditor';
import type { PartKey } from './parts';
import { WhoEditor } from './WhoEditor';
import { useWorkbench } from '../workbench/Workbench';

interface RecipeEditorProps {
  readonly part: PartKey;
  readonly dealtCount: number;
}

/** The editor of one part of the recipe; what it changes shows in the sentence at once, and nothing is dealt. */
export function RecipeEditor({ part, dealtCount }: RecipeEditorProps) {
  const bench = useWorkbench('bench');
  const store = useStore();
  const editor = useRef<HTMLDivElement>(null);
  // Where one part follows another in what is open already, or has been loaded only then.
  useLayoutEffect(() => focusFirst(editor.current), [part]);
  const change = (parts: Partial<Recipe>): void => changeRecipe(store, bench.lineup.id, parts);
  return (
    <div ref={editor} className={styles.editor}>
      <EditorOf part={part} dealtCount={dealtCount} change={change} />
    </div>
  );
}

function EditorOf({ part, ...props }: EditorProps & { readonly part: PartKey }) {
  const { dealtCount, change } = props;
  const bench = useWorkbench('bench');
  const { recipe } = bench.lineup;
  switch (part) {
    case 'sizing':
      return (
        <SizingEditor
          sizing={recipe.sizing}
          hereCount={dealtCount}
          onChange={(sizing) => change({ sizing })}
        />
      );
    case 'leftover':
      return <LeftoverEditor {...props} />;
    case 'who':
      return <WhoEditor {...props} />;
    case 'dealing':
      return <DealingEditor {...props} />;
    case 'balance':
      return <BalanceEditor {...props} />;
    case 'sections':
      return (
        <Choice
          legend={sayBench.editors.sections}
          value={recipe.sections}
          options={(['any', 'mixed', 'kept'] as const).map((value) => ({
            value,
            label: sayBench.editors.sectionOptions[value],
          }))}
          onChange={(sections) => change({ sections })}
        />
      );
    case 'freshPartners':
      return (
        <ImportanceChoice
          legend={sayBench.editors.partners}
          hint={sayBench.editors.partnersHint(bench.history.length)}
          value={recipe.freshPartners}
          onChange={(freshPartners) => change({ freshPartners })}
        />
      );
    case 'wishes':
      return (
        <ImportanceChoice
          legend={sayBench.editors.wishes}
          hint={sayBench.editors.wishesHint(
            bench.students.filter(({ here, wishes }) => here && wishes.length > 0).length,
          )}
          value={recipe.wishes}
          onChange={(wishes) => change({ wishes })}
        />
      );
    case 'topics':
      return (
        <ImportanceChoice
          legend={sayBench.editors.topics}
          hint={sayBench.editors.topicsHint(Object.keys(bench.lineup.ranks).length)}
          value={recipe.topics}
          onChange={(topics) => change({ topics })}
        />
      );
    case 'needs':
      return <NeedsEditor {...props} />;
    case 'limits':
      return <LimitsEditor {...props} />;
    case 'roles':
      return <RolesEditor />;
    case 'naming':
      return <NamingEditor />;
    case 'saved':
      return <SavedRecipes {...props} />;
    default:
      return part satisfies never;
  }
}

function LeftoverEditor({ change }: EditorProps) {
  const { sizing } = useWorkbench('bench').lineup.recipe;
  if (sizing.by !== 'size') return null;
  return (
    <>
      <Choice
        legend={sayRecipe.leftoverLabel}
        value={sizing.leftover}
        options={(['spread', 'larger', 'smaller'] as const).map((value) => ({
          value,
          label: sayRecipe.leftover[value],
        }))}
        onChange={(leftover) => change({ sizing: { ...sizing, leftover } })}
      />
      <p className={styles.hint}>{sayRecipe.leftoverExplained[sizing.leftover]}</p>
    </>
  );
}
