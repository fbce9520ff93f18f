import { picturesEn } from './en/pictures';
import { part } from './speaking';

/** The words around a picture of one's own. */
export const sayPictures = part('pictures', process.env.WORDS_APART ? null : picturesEn);
