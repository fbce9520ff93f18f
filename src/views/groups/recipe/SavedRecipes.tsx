'use client';

import CloseRounded from '@mui/icons-material/CloseRounded';
import { Button } from '../../primitives/Button';
import { savedRecipe, usableRecipe } from '@/encode/savedRecipe';
import { sayBench } from '@/messages/bench';
import type { SavedRecipe } from '@/schema/classRecord';
import { removeSavedRecipe, saveRecipe, setUsualRecipe } from '@/store/actions/lineups';
import { allClasses } from '@/store/queries';
import { useQuery, useStore } from '@/store/react';
import { AddNamed } from '../../primitives/AddNamed';
import { IconPress } from '../../primitives/IconPress';
import { useNotices } from '../../primitives/notices';
import type { EditorProps } from './editor';
import styles from './RecipeEditor.module.css';
import { useWorkbench } from '../workbench/Workbench';

/** Keeps the recipe under a name, and uses one that was kept in this or another class. */
export function SavedRecipes({ change }: EditorProps) {
  const bench = useWorkbench('bench');
  const store = useStore();
  const { notify } = useNotices();
  const { editors } = sayBench;
  const { theClass, lineup } = bench;
  const classes = useQuery(allClasses);
  const all = classes.flatMap((one) => one.savedRecipes.map((saved) => ({ saved, from: one })));
  const use = (saved: SavedRecipe): void => {
    const { recipe, lost } = usableRecipe(saved, theClass);
    change(recipe);
    notify({ text: editors.applied(saved.name, lost) });
  };
  const keep = (name: string): void => {
    saveRecipe(store, theClass.id, savedRecipe(name, lineup.recipe, theClass));
    notify({ text: editors.savedAs(name) });
  };
  return (
    <>
      <p className={styles.hint}>{all.length === 0 ? editors.noSaved : editors.saved}</p>
      <ul className={styles.list}>
        {all.map(({ saved, from }) => (
          <li key={`${from.id} ${saved.name}`}>
            <Button
              size="small"
              variant="paper"
              aria-label={editors.use(saved.name)}
              onClick={() => use(saved)}
            >
              {saved.name}
            </Button>
            {from.id !== theClass.id && (
              <span className={styles.hint}>{editors.fromClass(from.name)}</span>
            )}
            <IconPress
              label={editors.removeSaved(saved.name)}
              onPress={() => removeSavedRecipe(store, from.id, saved.name)}
            >
              <CloseRounded fontSize="small" />
            </IconPress>
          </li>
        ))}
      </ul>
      <AddNamed
        action={editors.saveAs}
        label={editors.recipeName}
        className={styles.name}
        onAdd={keep}
      />
      <p className={styles.hint}>{theClass.usualRecipe ? editors.usualSet : editors.usualUnset}</p>
      <div className={styles.usual}>
        <Button
          size="small"
          variant="paper"
          onClick={() => {
            setUsualRecipe(store, theClass.id, lineup.recipe);
            notify({ text: editors.usualDone });
          }}
        >
          {editors.usual}
        </Button>
        {theClass.usualRecipe && (
          <Button
            size="small"
            variant="plain"
            onClick={() => setUsualRecipe(store, theClass.id, null)}
          >
            {editors.usualDrop}
          </Button>
        )}
      </div>
    </>
  );
}
