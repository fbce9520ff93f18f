/** Marks that the names of letters in HTML end in, and what they put on a letter (HTML Living Standard, 13.5). */
const MARKS: Readonly<Record<string, string>> = {
  acute: '\u0301',
  grave: '\u0300',
  circ: '\u0302',
  uml: '\u0308',
  tilde: '\u0303',
  cedil: '\u0327',
  ring: '\u030a',
  caron: '\u030c',
  ogon: '\u0328',
  breve: '\u0306',
  dot: '\u0307',
  macr: '\u0304',
};
const SIGNS: Readonly<Record<string, string>> = {
  amp: '&',
  lt: '<',
  gt: '>',
  quot: '"',
  apos: "'",
  nbsp: ' ',
  szlig: 'ß',
  aelig: 'æ',
  AElig: 'Æ',
  oelig: 'œ',
  OElig: 'Œ',
  oslash: 'ø',
  Oslash: 'Ø',
  lstrok: 'ł',
  Lstrok: 'Ł',
  eth: 'ð',
  thorn: 'þ',
  rsquo: '’',
  lsquo: '‘',
  ndash: '–',
  mdash: '—',
};

/** The text with letters that were written out ("&eacute;", "&#233;", "\u00e9") as letters; others stay as they are. */
export function withLetters(text: string): string {
  return text
    .replace(/&#(?:x([\da-f]{2,5})|(\d{2,6}));/gi, (whole, hex?: string, decimal?: string) =>
      letterAt(hex === undefined ? Number(decimal) : parseInt(hex, 16), whole),
    )
    .replace(/&([a-z]{2,8});/gi, (whole, name: string) => {
      const mark = MARKS[name.slice(1)];
      return (
        SIGNS[name] ?? (mark === undefined ? whole : `${name[0] ?? ''}${mark}`.normalize('NFC'))
      );
    })
    .replace(/\\u([\da-f]{4})/gi, (whole, hex: string) => letterAt(parseInt(hex, 16), whole));
}

function letterAt(point: number, otherwise: string): string {
  const letter = point > 0 && point <= 0x10ffff ? String.fromCodePoint(point) : '';
  return /[\p{L}\p{M}\p{P}\p{Zs}]/u.test(letter) ? letter : otherwise;
}
