import { recipeEn } from './en/recipe';
import { part } from './speaking';

/** The words of the sentence that makes groups. */
export const sayRecipe = part('recipe', process.env.WORDS_APART ? null : recipeEn);
