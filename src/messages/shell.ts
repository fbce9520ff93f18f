import { shellEn } from './en/shell';
import { part } from './speaking';

/** The words of the command line. */
export const sayShell = part('shell', process.env.WORDS_APART ? null : shellEn);
