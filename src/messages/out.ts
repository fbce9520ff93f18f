import { outEn } from './en/stage';
import { part } from './speaking';

/** The words of what leaves the bench: the stage and the hand-off. */
export const sayOut = part('out', outEn);
