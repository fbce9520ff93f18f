import { activities } from './en/activities';
import { part } from './speaking';

/** The words of activities and marks. */
export const sayActivities = part('activities', process.env.WORDS_APART ? null : activities);
