import { rosterEn } from './en/files';
import { part } from './speaking';

/** The words of the roster, files and the command line. */
export const sayRoster = part('roster', process.env.WORDS_APART ? null : rosterEn);
