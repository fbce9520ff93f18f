import { shelf } from './en/shelf';
import { part } from './speaking';

/** The words of the shelf of classes; loaded with it. */
export const sayShelf = part('shelf', process.env.WORDS_APART ? null : shelf);
