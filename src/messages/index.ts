import { en } from './en';
import { part } from './speaking';

/** The words that nearly every view needs. */
export const say = part('main', en);
