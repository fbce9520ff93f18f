import { classFilesEn } from './en/classFiles';
import { part } from './speaking';

/** The words about files of classes. */
export const sayClassFiles = part('classFiles', process.env.WORDS_APART ? null : classFilesEn);
