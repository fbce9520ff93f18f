import { en } from './en/main';
import { part } from './speaking';

/** The words that nearly every view needs. */
export const say = part('main', process.env.WORDS_APART ? null : en);
