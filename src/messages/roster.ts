import { rosterEn } from './en/files';
import { part } from './speaking';

/** The words of the roster, and of lists that are read. */
export const sayRoster = part('roster', process.env.WORDS_APART ? null : rosterEn);
