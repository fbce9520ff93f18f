import { rosterEn } from './en/files';

/** The words of the roster, files and the command line; a second language is one more catalogue of the same type. */
export type RosterCatalogue = typeof rosterEn;

export const sayRoster: RosterCatalogue = rosterEn;
