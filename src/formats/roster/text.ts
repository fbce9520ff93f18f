import { remembered } from './remembered';
import { words } from './words';

/** Characters that no reader sees: zero widths, directional marks, soft hyphens, byte order marks. */
const INVISIBLE = /[\u00ad\u180e\u200b-\u200f\u202a-\u202e\u2060-\u2064\u2066-\u2069\ufeff]/gu;

/** Letters in the width of Chinese ones, and two letters cast as one (Unicode, Halfwidth and Fullwidth Forms, Latin ligatures). */
const WIDE = /[\ufb00-\ufb06\uff01-\uff5e]+/gu;

/** Visible ASCII with single spaces between: most cells, and nothing to clean. */
const PLAIN = /^[!-~]+(?: [!-~]+)*$/;

/** The text in Unicode's composed form, without control and invisible characters, inner spaces folded. */
export function cleanText(text: string): string {
  return PLAIN.test(text) ? text : cleaned(text);
}

const cleaned = remembered((text) =>
  text
    .normalize('NFC')
    .replace(WIDE, (letters) => letters.normalize('NFKC'))
    .replace(INVISIBLE, '')
    .replace(/[\p{Cc}\s]+/gu, ' ')
    .trim(),
);

/** Whether cleaning takes away more than spaces at the ends and line breaks. */
export function holdsInvisible(text: string): boolean {
  INVISIBLE.lastIndex = 0;
  return INVISIBLE.test(text);
}

/** For comparing words: lower case, no accents, every run of other signs one space. */
export const plainWords = remembered((text) =>
  cleanText(text)
    .replace(/([\p{Ll}\d])(\p{Lu})/gu, '$1 $2')
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}#]+/gu, ' ')
    .trim(),
);

const MISSING = new Set([
  '',
  ...words(`
  -|--|–|—|.|?|n/a|na|n.a.|n.a|#n/a|null|nil|none|nan|k.a.|k. a.|keine angabe|s/d|n.d.|n/d|nd|
  sin dato|sin datos|non renseigné|missing|unknown`),
]);

/** Whether a cell says that nothing is known. */
export function isMissing(cell: string): boolean {
  return MISSING.has(cleanText(cell).toLowerCase());
}

const STROKES = new Set(words('|-|--|–|—|.|?|??|???|…|...|n/a|n.a.|#n/a|k.a.|s/d'));
/** "(free)", "[vacant]": a seat or a slot that nobody has. */
const FREE =
  /^[([<](?:free|empty|vacant|open|available|none|nobody|libre|vacante?|vacío|nadie|frei|leer|niemand|vide|personne|libero|vuoto|nessuno|livre|vazio|ninguém|vrij|leeg)[)\]>]$/;

/** Whether a cell of a name says that nothing is known, or that nobody is there: "Na", "Null" and "Nil" are people. */
export function isMissingName(cell: string): boolean {
  const text = cleanText(cell).toLowerCase();
  return STROKES.has(text) || FREE.test(text);
}
