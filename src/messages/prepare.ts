import { prepare } from './en/prepare';
import { part } from './speaking';

/** The words of what is prepared for stage and paper. */
export const sayPrepare = part('prepare', process.env.WORDS_APART ? null : prepare);
