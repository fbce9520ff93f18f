import { liveEn } from './en/live';
import { part } from './speaking';

/** The words of the live board and of the spaces. */
export const sayLive = part('live', process.env.WORDS_APART ? null : liveEn);
