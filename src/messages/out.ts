import { outEn } from './en/stage';
import { part } from './speaking';

/** The words of the stage and of files that are saved. */
export const sayOut = part('out', process.env.WORDS_APART ? null : outEn);
