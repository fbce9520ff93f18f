import { clashSentence, notFound, type ClashNames } from './en/clash';
import { clash } from './en/rules';

/** The words of rules that cannot all hold; loaded with the first clash. */
const clashEn = { ...clash, sentence: clashSentence, notFound };
export type { ClashNames };
export type ClashCatalogue = typeof clashEn;

export const sayClash: ClashCatalogue = clashEn;
