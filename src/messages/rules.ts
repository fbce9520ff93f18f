import { rulesEn } from './en/ruleTools';

/** The words of what only the page of quiet rules says; loaded with it. */
export type RulesCatalogue = typeof rulesEn;

export const sayRules: RulesCatalogue = rulesEn;
