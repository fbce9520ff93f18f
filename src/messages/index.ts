import { en } from './en';

/** The words of the language in use; a second language is one more catalogue of the same type. */
export type Catalogue = typeof en;

export const say: Catalogue = en;
