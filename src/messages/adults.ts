import { adults } from './en/adults';
import { part } from './speaking';

/** The words of adults, times and timetables. */
export const sayAdults = part('adults', process.env.WORDS_APART ? null : adults);
