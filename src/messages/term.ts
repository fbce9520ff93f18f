import { term } from './en/term';
import { part } from './speaking';

/** The words of the term. */
export const sayTerm = part('term', process.env.WORDS_APART ? null : term);
