import { handoffEn } from './en/handoff';
import { part } from './speaking';

/** The words of the ways out. */
export const sayHandoff = part('handoff', process.env.WORDS_APART ? null : handoffEn);
