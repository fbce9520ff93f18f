import type { Importance, Recipe } from '@/schema/recipe';

/** What the editor of a part of the recipe is given. */
export interface EditorProps {
  readonly dealtCount: number;
  readonly change: (parts: Partial<Recipe>) => void;
}

export const IMPORTANCES: readonly Importance[] = ['little', 'plain', 'most'];
