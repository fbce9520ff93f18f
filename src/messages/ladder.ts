import { ladder } from './en/ladder';
import { part } from './speaking';

/** The words of the ladder and of results. */
export const sayLadder = part('ladder', process.env.WORDS_APART ? null : ladder);
