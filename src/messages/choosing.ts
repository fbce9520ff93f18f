import { choosing } from './en/choosing';
import { part } from './speaking';

/** The words of the students' page. */
export const sayChoosing = part('choosing', process.env.WORDS_APART ? null : choosing);
