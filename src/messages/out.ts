import { handoff, stage } from './en/stage';

/** The words of what leaves the bench: the stage and the hand-off. */
const outEn = { handoff, stage };
export type OutCatalogue = typeof outEn;

export const sayOut: OutCatalogue = outEn;
