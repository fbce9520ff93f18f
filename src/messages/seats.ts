import { seats } from './en/seats';
import { part } from './speaking';

/** The words of the teacher's side of open seats. */
export const saySeats = part('seats', process.env.WORDS_APART ? null : seats);
