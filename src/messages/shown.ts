import { shown } from './en/shown';
import { part } from './speaking';

/** The words that the class reads, in its own language where it has one. */
export const sayShown = part('shown', process.env.WORDS_APART ? null : shown);
