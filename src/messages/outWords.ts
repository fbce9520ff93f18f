import { outWords } from './en/waysOut';
import { part } from './speaking';

/** The words in files and letters that leave, in the language of the class where it has one. */
export const sayOutWords = part('outWords', process.env.WORDS_APART ? null : outWords);
