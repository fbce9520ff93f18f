import { exactly, type ShownCatalogue } from '../speaking';
import { choosing } from './choosing';
import { shown } from './shown';
import { outWords } from './waysOut';

/** What a class reads in Spanish, for a teacher who reads something else. */
export const forClass: ShownCatalogue = exactly({ choosing, outWords, shown });
