import { keyMap } from './en/frame';

/** The words of the map of keys; loaded when it is first opened. */
export type KeysCatalogue = typeof keyMap;

export const sayKeys: KeysCatalogue = keyMap;
