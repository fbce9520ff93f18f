import { benchEn } from './en/bench';
import { part } from './speaking';

/** The words of what opens on the bench; loaded with it. */
export const sayBench = part('bench', process.env.WORDS_APART ? null : benchEn);
