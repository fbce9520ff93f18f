import { lineups } from './en/lineups';
import { part } from './speaking';

/** The words of lineups: how they are called, used and put away. */
export const sayLineups = part('lineups', process.env.WORDS_APART ? null : lineups);
