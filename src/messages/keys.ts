import { keyMap } from './en/keys';
import { part } from './speaking';

/** The words of the map of keys; loaded when it is first opened. */
export const sayKeys = part('keys', process.env.WORDS_APART ? null : keyMap);
