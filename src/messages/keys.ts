import { keyMap } from './en/frame';
import { part } from './speaking';

/** The words of the map of keys; loaded when it is first opened. */
export const sayKeys = part('keys', keyMap);
