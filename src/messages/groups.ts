import { groupsEn } from './en/groups';
import { part } from './speaking';

/** The words of groups, measures and takes. */
export const sayGroups = part('groups', process.env.WORDS_APART ? null : groupsEn);
