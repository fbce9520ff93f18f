import { rulesEn } from './en/ruleTools';
import { part } from './speaking';

/** The words of what only the page of quiet rules says; loaded with it. */
export const sayRules = part('rules', process.env.WORDS_APART ? null : rulesEn);
