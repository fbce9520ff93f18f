import { undoing } from './en/undoing';
import { part } from './speaking';

/** The words of undo and redo, and of each action. */
export const sayUndoing = part('undoing', process.env.WORDS_APART ? null : undoing);
