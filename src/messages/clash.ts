import { clashEn, type ClashNames } from './en/clash';
import { part } from './speaking';

export type { ClashNames };

/** The words of rules that cannot all hold; loaded with the first clash. */
export const sayClash = part('clash', process.env.WORDS_APART ? null : clashEn);
