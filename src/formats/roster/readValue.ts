import { cleanText, plainWords } from './text';
import { words } from './words';

const YES = new Set(
  words(`
  yes|y|true|si|s|oui|o|vrai|ja|j|wahr|verdadero|sim|vero|verdadeiro|waar|x|✓|✔|☑|☒|✅|[✓]|done`),
);
const NO = new Set(
  words(`
  no|n|false|non|faux|nein|falsch|falso|nao|nee|onwaar|✗|✘|☐|❌|[ ]|[]`),
);

/** A figure with what it counts: "152 cm", "15.2 s", "€ 12.50"; a letter alone needs a blank before it, for "5 m" is no class. */
const MEASURED =
  /^([€$£¥]?)\s*([+-]?[\d.,]*\d)\s*((?:cm|mm|km|kg|mg|min|mins|sec|secs|ms|hrs?|pts?|points?|punkte|puntos|yrs?|years?|jahre|ans|años|ml|kcal|[€$£¥]|°c)|(?<=\s)[mgshl])?\.?$/iu;

const QUARTERS = '¼½¾';

/** What the figure of a cell counts, as it is written there; '' where it says nothing. */
export function unitOf(cell: string): string {
  const [, before = '', , after = ''] = MEASURED.exec(cleanText(cell)) ?? [];
  return (before || after).toLowerCase();
}

/** The number that a cell writes, or null; percent signs, units and separators of thousands are understood. */
export function readNumber(cell: string, decimal: '.' | ','): number | null {
  const [, , figure = ''] = unitOf(cell) === '' ? [] : (MEASURED.exec(cleanText(cell)) ?? []);
  const text = (figure || cleanText(cell))
    .replace(/\s|(?<=\d)['’](?=\d{3}(?!\d))/g, '')
    .replace(/[%°]$/, '')
    .replace(/^\u2212/, '-');
  const thousands = decimal === ',' ? '.' : ',';
  const grouped = new RegExp(`^[+-]?\\d{1,3}(\\${thousands}\\d{3})+(\\${decimal}\\d+)?$`);
  const outOf = /^(\d+(?:[.,]\d+)?)\/(\d{1,3})$/.exec(text);
  // 17/20 is a mark of twenty, 7/10 one of ten; 4/3 is a day of March as well.
  const points = outOf && (Number(outOf[2]) > 12 || (outOf[2] === '10' && Number(outOf[1]) <= 10));
  if (points) return readNumber(outOf[1] ?? '', decimal);
  const halves = /^((?:[+-]?\d+)?)([¼½¾])$/.exec(text);
  if (halves) {
    const part = (QUARTERS.indexOf(halves[2] ?? '') + 1) / 4;
    return Number(halves[1]) + (text.startsWith('-') ? -part : part);
  }
  const bare = grouped.test(text) ? text.replaceAll(thousands, '') : text;
  const written = decimal === ',' ? bare.replace(',', '.') : bare;
  // A column with decimal commas may still hold "3.5" where no thousand can be meant.
  return /^[+-]?(\d+\.?\d*|\.\d+)$/.test(written) ? Number(written) : null;
}

/** 'yes', 'no' or null. */
export function readYesNo(cell: string): 'yes' | 'no' | null {
  const word = yesNoWord(cell);
  return YES.has(word) ? 'yes' : NO.has(word) ? 'no' : null;
}

/** What a cell says as yes and no are compared by: its words, or the one sign it holds. */
export function yesNoWord(cell: string): string {
  return plainWords(cell) || cleanText(cell);
}
