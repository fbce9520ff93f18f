/** Encodings that can be chosen by hand, the likely ones first; names as in the WHATWG Encoding Standard, or of IANA for two it lacks. */
export const ENCODINGS = [
  'utf-8',
  'windows-1252',
  'windows-1250',
  'windows-1251',
  'iso-8859-2',
  'iso-8859-15',
  'macintosh',
  'shift_jis',
  'windows-1253',
  'windows-1254',
  'windows-1255',
  'windows-1256',
  'windows-1257',
  'koi8-r',
  'iso-8859-5',
  'ibm850',
  'ibm852',
  'ibm866',
  'euc-jp',
  'iso-2022-jp',
  'euc-kr',
  'gb18030',
  'big5',
  'utf-16le',
  'utf-16be',
] as const;

export type Encoding = (typeof ENCODINGS)[number];

export interface Decoded {
  readonly text: string;
  readonly encoding: Encoding;
  /** Whether some letters look wrong, so that another encoding may have been meant. */
  readonly doubtful: boolean;
}

/** Bytes looked at to tell UTF-16 without a byte order mark, and to weigh encodings. */
const SAMPLE_BYTES = 4_000;
const WEIGHED_BYTES = 60_000;

/**
 * The text of a file: by its byte order mark, else UTF-16 by its zero bytes, else UTF-8 where the bytes are valid
 * but for a few astray, else the encoding whose letters look most like those of names (WHATWG Encoding). A given
 * encoding is taken at its word.
 */
export function decode(bytes: Uint8Array, given?: Encoding): Decoded {
  const encoding = given ?? detect(bytes);
  const text = encoding === 'utf-8' ? utf8(bytes) : textIn(encoding, wholeUnits(bytes, encoding));
  const plain = given ? text.replace(/^\uFEFF/, '') : unmixed(text.replace(/^\uFEFF/, ''));
  return { text: plain, encoding, doubtful: looksWrong(plain) };
}

/** Letters of Windows-1252 from 0x80 to 0x9f; where it has none, the control characters themselves. */
const LETTERS_1252 = '€\x81‚ƒ„…†‡ˆ‰Š‹Œ\x8dŽ\x8f\x90‘’“”•–—˜™š›œ\x9džŸ';

/** Letters of the code pages 850 and 852 from 0x80 on, in which old programs still write; no decoder has them. */
const CODE_PAGES: Partial<Record<Encoding, string>> = {
  ibm850:
    'ÇüéâäàåçêëèïîìÄÅÉæÆôöòûùÿÖÜø£Ø×ƒáíóúñÑªº¿®¬½¼¡«»░▒▓│┤ÁÂÀ©╣║╗╝¢¥┐└┴┬├─┼ãÃ╚╔╩╦╠═╬¤ðÐÊËÈıÍÎÏ┘┌█▄¦Ì▀ÓßÔÒõÕµþÞÚÛÙýÝ¯´\xad±‗¾¶§÷¸°¨·¹³²■\xa0',
  ibm852:
    'ÇüéâäůćçłëŐőîŹÄĆÉĹĺôöĽľŚśÖÜŤťŁ×čáíóúĄąŽžĘę¬źČş«»░▒▓│┤ÁÂĚŞ╣║╗╝Żż┐└┴┬├─┼Ăă╚╔╩╦╠═╬¤đĐĎËďŇÍÎě┘┌█▄ŢŮ▀ÓßÔŃńňŠšŔÚŕŰýÝţ´\xad˝˛ˇ˘§÷¸°¨˙űŘř■\xa0',
};

/** Bytes as text. Some versions of Node read Windows-1252 as ISO 8859-1, which has control characters in place of 27 letters. */
function textIn(encoding: Encoding, bytes: Uint8Array): string {
  const page = CODE_PAGES[encoding];
  if (page !== undefined)
    return Array.from(bytes, (byte) =>
      byte < 0x80 ? String.fromCharCode(byte) : (page[byte - 0x80] ?? ''),
    ).join('');
  const text = new TextDecoder(encoding).decode(bytes);
  if (encoding !== 'windows-1252') return text;
  return text.replace(/[\x80-\x9f]/g, (sign) => LETTERS_1252[sign.charCodeAt(0) - 0x80] ?? sign);
}

/** A byte missing at the end of UTF-16 is no letter. */
function wholeUnits(bytes: Uint8Array, encoding: Encoding): Uint8Array {
  return encoding.startsWith('utf-16') && bytes.length % 2 === 1 ? bytes.subarray(0, -1) : bytes;
}

function detect(bytes: Uint8Array): Encoding {
  const [a, b, c] = bytes;
  if (a === 0xef && b === 0xbb && c === 0xbf) return 'utf-8';
  if (a === 0xff && b === 0xfe) return 'utf-16le';
  if (a === 0xfe && b === 0xff) return 'utf-16be';
  const zeros = [0, 0];
  const sample = bytes.subarray(0, SAMPLE_BYTES);
  sample.forEach((byte, i) => {
    if (byte === 0) zeros[i % 2] = (zeros[i % 2] ?? 0) + 1;
  });
  const [even = 0, odd = 0] = zeros;
  // Most text of European languages has a zero in every other byte of UTF-16, and none in any other encoding.
  if (odd > sample.length / 6 && even < odd / 8) return 'utf-16le';
  if (even > sample.length / 6 && odd < even / 8) return 'utf-16be';
  // Escapes into its sets of letters are in no other text (RFC 1468).
  if (ESCAPED.test(String.fromCharCode(...sample))) return 'iso-2022-jp';
  const { good, astray } = utf8Runs(bytes);
  if (astray === 0 || good > astray * 2) return 'utf-8';
  return likeliest(bytes.subarray(0, WEIGHED_BYTES));
}

// eslint-disable-next-line no-control-regex -- it begins with the control character
const ESCAPED = /\x1b\$[@B]/;

/** Bytes of a UTF-8 letter beyond ASCII that begins at a place; 0 where none does (RFC 3629). */
function letterLength(bytes: Uint8Array, at: number): number {
  const first = bytes[at] ?? 0;
  const length = first >= 0xf0 && first < 0xf5 ? 4 : first >= 0xe0 ? 3 : first >= 0xc2 ? 2 : 0;
  if (length === 0 || first >= 0xf5) return 0;
  for (let i = 1; i < length; i++) {
    if (((bytes[at + i] ?? 0) & 0xc0) !== 0x80) return 0;
  }
  return length;
}

/** Letters beyond ASCII that are valid UTF-8, and bytes that are not. */
function utf8Runs(bytes: Uint8Array): { readonly good: number; readonly astray: number } {
  let [good, astray] = [0, 0];
  for (let at = 0; at < bytes.length;) {
    if ((bytes[at] ?? 0) < 0x80) at++;
    else {
      const length = letterLength(bytes, at);
      if (length > 0) good++;
      else astray++;
      at += Math.max(1, length);
    }
  }
  return { good, astray };
}

/** UTF-8, bytes astray in it read as Windows-1252, as they are when two files were put together. */
function utf8(bytes: Uint8Array): string {
  if (utf8Runs(bytes).astray === 0) return new TextDecoder().decode(bytes);
  const parts: string[] = [];
  const whole = new TextDecoder('utf-8');
  let from = 0;
  for (let at = 0; at < bytes.length;) {
    const length = (bytes[at] ?? 0) < 0x80 ? 1 : letterLength(bytes, at);
    if (length === 0) {
      const astray = textIn('windows-1252', bytes.subarray(at, at + 1));
      parts.push(whole.decode(bytes.subarray(from, at)), astray);
      from = at + 1;
    }
    at += Math.max(1, length);
  }
  return [...parts, whole.decode(bytes.subarray(from))].join('');
}

/** Letters of Windows-1252 beyond ASCII → their bytes (WHATWG Encoding). */
function bytes1252(): ReadonlyMap<string, number> {
  return new Map(
    Array.from({ length: 128 }, (_, at) => at + 128).map((byte) => [
      textIn('windows-1252', Uint8Array.of(byte)),
      byte,
    ]),
  );
}

/** UTF-8 that was read as Windows-1252 and written so, as "ZoÃ«", undone where all of the text can be; else as it is. */
export function unmixed(text: string): string {
  if (!/[ÃÂÅÄ][\u0080-\u00bf\u0152-\u2122]/.test(text)) return text;
  const known = bytes1252();
  const bytes = Array.from(text, (letter) =>
    letter <= '\u007f' ? letter.charCodeAt(0) : known.get(letter),
  );
  if (bytes.includes(undefined)) return text;
  try {
    const whole = Uint8Array.from(bytes.map((byte) => byte ?? 0));
    return new TextDecoder('utf-8', { fatal: true }).decode(whole);
  } catch {
    return text;
  }
}

const CYRILLIC = 'абвгдежзийклмнопрстуфхцчшщъыьэюяёіїєґўђјљњћџѓќѕ';

/** Letters beyond ASCII of the languages that each encoding is used for. */
const ALPHABETS: readonly (readonly [encoding: Encoding, alphabets: readonly string[]])[] = [
  [
    'windows-1252',
    [
      'äöüß',
      'àâçéèêëîïôùûüÿœæ',
      'áéíñóúüºª',
      'áâãàçéêíóôõúü',
      'àèéìòù',
      'åäöéü',
      'åæøé',
      'áéíóúýþæöð',
      'éëïöüáóè',
    ],
  ],
  [
    'windows-1250',
    ['ąćęłńóśźż', 'áčďéěíňóřšťúůýž', 'áäčďéíĺľňóôŕšťúýž', 'áéíóöőúüű', 'čćđšž', 'ăâîșțşţ'],
  ],
  ['windows-1251', [CYRILLIC]],
  ['windows-1255', ['אבגדהוזחטיךכלםמןנסעףפץצקרשת']],
  ['koi8-r', [CYRILLIC]],
  ['iso-8859-2', ['ąćęłńóśźż', 'áčďéěíňóřšťúůýž', 'áäčďéíĺľňóôŕšťúýž', 'áéíóöőúüű', 'čćđšž']],
  ['iso-8859-15', ['àâçéèêëîïôùûüÿœæšž', 'äöüßéšžõ']],
  [
    'macintosh',
    [
      'äöüß',
      'àâçéèêëîïôùûüÿœæ',
      'áéíñóúüºª',
      'áâãàçéêíóôõúü',
      'àèéìòù',
      'åäöéü',
      'åæøé',
      'éëïöüáóè',
    ],
  ],
  ['windows-1254', ['çğıİöşüâîû']],
  ['windows-1257', ['ąčęėįšųūž', 'āčēģīķļņšūž', 'äöõüšž']],
  ['windows-1253', ['αβγδεζηθικλμνξοπρσςτυφχψωάέήίόύώϊϋΐΰ']],
  ['iso-8859-5', [CYRILLIC]],
  ['ibm866', [CYRILLIC]],
  ['ibm850', ['äöüß', 'àâçéèêëîïôùûüÿæ', 'áéíñóúüºª', 'áâãàçéêíóôõúü', 'àèéìòù', 'åäöéü', 'åæøé']],
  ['ibm852', ['ąćęłńóśźż', 'áčďéěíňóřšťúůýž', 'áäčďéíĺľňóôŕšťúýž', 'áéíóöőúüű', 'čćđšž']],
  ['windows-1256', ['ابتثجحخدذرزسشصضطظعغفقكلمنهويىةءآأؤإئپچژگ']],
];

const OF_JAPAN = /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}ー々]/u;
const WORDS_OF_JAPAN =
  /[\p{Script=Hiragana}\p{Script=Katakana}氏名組番佐藤鈴木高橋田中伊渡山本村小林加吉井野原岡辺谷斎松島清水石川前森池阿部長後近福西三浦]/gu;

/**
 * Encodings of two bytes a letter: the script of their letters, and words that lists in them hold, for the same bytes may be
 * letters of several.
 */
const OF_TWO_BYTES: readonly (readonly [encoding: Encoding, script: RegExp, words: RegExp])[] = [
  ['shift_jis', OF_JAPAN, WORDS_OF_JAPAN],
  [
    'euc-kr',
    /\p{Script=Hangul}/u,
    /[김이박최정강조윤장임한오서신권황안송류전홍민준연지현우하은영수진성재호경미아나혜희선주예원태승유건시도채름번반학년명]/gu,
  ],
  [
    'big5',
    /\p{Script=Han}/u,
    /[姓名班級學號性別陳林黃張李王吳劉蔡楊許鄭謝郭洪曾邱廖賴周徐蘇葉莊呂江何蕭羅高潘簡朱鍾彭游詹胡施沈余趙盧梁顏柯翁魏孫戴范方宋鄧杜傅侯曹薛丁卓馬董唐藍石蔣古紀姚連馮歐程湯康姜汪白田涂鄒巫尤]/gu,
  ],
  [
    'gb18030',
    /\p{Script=Han}/u,
    /[姓名班级学号性别王李张刘陈杨黄赵周吴徐孙马朱胡郭何林高罗郑梁谢宋唐许邓冯韩曹曾彭肖蔡潘田董袁于余叶蒋杜苏魏程吕丁沈任姚卢姜崔钟谭陆汪范金石廖贾夏韦傅方白邹孟熊秦邱江尹薛闫段雷侯龙史陶黎贺顾毛郝龚邵万钱严武戴莫孔汤欧阳]/gu,
  ],
  ['euc-jp', OF_JAPAN, WORDS_OF_JAPAN],
];

/** The encoding of two bytes a letter whose letters nearly all are of its script, the one with most known words among them. */
function ofTwoBytes(
  bytes: Uint8Array,
): { readonly encoding: Encoding; readonly known: number } | null {
  let best: Encoding | null = null;
  let most = -1;
  for (const [encoding, script, words] of OF_TWO_BYTES) {
    const text = textIn(encoding, bytes);
    const beyond = Array.from(text).filter((letter) => letter > '\u007f');
    // Half a kana each is what single bytes look like.
    const own = beyond.filter((letter) => script.test(letter) && !/[\uff61-\uff9f]/.test(letter));
    const signs = beyond.filter((letter) => /[、。，．・]/.test(letter)).length;
    // "Jo縊" is "João".
    const beside =
      text.match(/[A-Za-z](?=[\u2e80-\ufaff])|[\u2e80-\ufaff](?=[A-Za-z])/g)?.length ?? 0;
    const fits =
      beyond.length > 1 && own.length + signs > beyond.length * 0.95 && beside < beyond.length / 10;
    const known = (text.match(words) ?? []).length / beyond.length;
    if (fits && known > most) [best, most] = [encoding, known];
  }
  return best && { encoding: best, known: most };
}

/** Signs that names and tables hold in any language. */
const SIGNS = new Set('’‘“”–—…•·€°º'.split(''));

/** Whether all words with letters beyond ASCII are written as names are. */
function isOfNames(text: string): boolean {
  const words = text.split(/[\s,;|]+/).filter((word) => /[\u0080-\uffff]/.test(word));
  return words.length > 0 && words.every((word) => /^\p{Lu}\p{Ll}+$/u.test(word));
}

/** The single-byte encoding whose letters look most like those of names, or that of two bytes whose pairs are whole. */
function likeliest(bytes: Uint8Array): Encoding {
  const pairs = ofTwoBytes(bytes);
  if (pairs && pairs.known > 0) return pairs.encoding;
  let best: Encoding = 'windows-1252';
  let most = -Infinity;
  for (const [encoding, alphabets] of ALPHABETS) {
    const worth = worthOf(textIn(encoding, bytes), alphabets);
    if (worth > most + 1e-9) [best, most] = [encoding, worth];
  }
  // A few letters of one alphabet may be pairs of rare signs as well.
  return pairs && !isOfNames(textIn(best, bytes)) ? pairs.encoding : best;
}

/** Letters and signs where no name of any language has them, so that they are others read wrongly. */
const ASTRAY = new RegExp(
  [
    // "JosŽ", "Mu–oz", "OÕBrien": a capital or a sign within a word, and a dash that became one.
    ...[String.raw`\p{Ll}\p{Lu}(?!\p{Lu})`, String.raw`(?<!\p{L})\p{Ll}\p{Lu}{2}`, '[а-яё][А-ЯЁ]'],
    ...[String.raw`\s[ÐĐŠĞ]\s`, String.raw`\p{Lu}[ÕŐ]\p{Lu}\p{Ll}`],
    String.raw`\p{L}[^\p{L}\p{M}\p{N}\s!-~’‘·–—]\p{Ll}`,
    // "HÇbert", "Gro·", "Zo‘ Ash".
    ...[String.raw`(?<!['’])\p{Lu}[À-ÖØ-Þ]\p{Ll}`, String.raw`\p{Ll}·(?!l)`],
    String.raw`\p{Ll}‘(?!\p{L})`,
    // "Yýldýz", "Kayhanþ", "Ðimkus", "Ğimkus", "Gyõzõ": letters that never end, begin or come again so in their languages.
    ...[String.raw`(?<=\p{L})þ(?!ó)`, 'Yý', String.raw`ý\p{L}*ý`, String.raw`(?<!\p{L})[ÐĞ]\p{Ll}`],
    String.raw`õ(?!\p{L})`,
    // "êlodie Garçon": a small letter begins a name beside one with a capital.
    String.raw`(?<![\p{L}'’])[à-öø-ÿ]\p{Ll}+[ ,;\t]\p{Lu}`,
  ].join('|'),
  'gu',
);

/** How much the letters beyond ASCII look like those of one language, capitals in their place; at most 1. */
function worthOf(text: string, alphabets: readonly string[]): number {
  const beyond = Array.from(text).filter((letter) => letter > '\u007f');
  if (beyond.length === 0) return 0;
  const known = alphabets.map((alphabet) => {
    const letters = new Set(Array.from(alphabet + alphabet.toUpperCase()));
    return beyond.filter((letter) => letters.has(letter) || SIGNS.has(letter)).length;
  });
  const union = new Set(Array.from(alphabets.join('') + alphabets.join('').toUpperCase()));
  const some = beyond.filter((letter) => union.has(letter) || SIGNS.has(letter)).length;
  const astray = text.match(ASTRAY)?.length ?? 0;
  const mixed = text.match(/[A-Za-z][\u0370-\u06ff]|[\u0370-\u06ff][A-Za-z]/g)?.length ?? 0;
  // Names begin with capitals where a script has them.
  const small =
    /[\u0370-\u052f]/.test(text) && !/\p{Lu}[\u0370-\u052f]/u.test(text) ? beyond.length / 2 : 0;
  const within = text.match(/\p{Ll}[–—‘“”•…]\p{Ll}/gu)?.length ?? 0;
  return (Math.max(...known) * 0.5 + some * 0.5 - astray - within - mixed - small) / beyond.length;
}

/** Whether letters were read wrongly: replaced ones, UTF-8 read as something else, signs within words. */
function looksWrong(text: string): boolean {
  const sample = text.slice(0, WEIGHED_BYTES);
  const wrong =
    sample.match(/\ufffd|Ã[\u0080-\u00bf]|Â[\u0080-\u00bf]|\p{Ll}[¡-¿×÷‡†ƒ„‰‹›€¢£¥§©®¶¬]\p{Ll}/gu)
      ?.length ?? 0;
  return wrong > 0;
}

/** Whether decoded text holds what no text file does: zero characters, or many control characters. */
export function looksBinary(text: string): boolean {
  const sample = text.slice(0, 20_000);
  if (sample.includes('\0')) return true;
  // eslint-disable-next-line no-control-regex -- control characters are just what is sought
  const controls = sample.match(/[\x01-\x08\x0e-\x1a\x1c-\x1f\x7f\x81\x8d\x8f\x90\x9d\ufffd]/g);
  return (controls?.length ?? 0) > Math.max(2, sample.length / 50);
}
