import type { RosterCase } from './types';

/** Bytes of an encoding, 1 a letter, from pairs of letter and byte beyond ASCII. */
export function encoded(
  text: string,
  table: Readonly<Record<string, number | readonly number[]>>,
): Uint8Array {
  return Uint8Array.from(
    Array.from(text).flatMap((letter) => {
      const code = letter.codePointAt(0) ?? 0;
      if (code < 128) return [code];
      const byte = table[letter];
      if (byte === undefined) throw new Error(letter);
      return byte;
    }),
  );
}

const WEST = { ë: 0xeb, Å: 0xc5, é: 0xe9, ñ: 0xf1, ü: 0xfc, ß: 0xdf, ö: 0xf6 };
const CENTRAL_1250 = { Ł: 0xa3, ś: 0x9c, ą: 0xb9, ó: 0xf3, ć: 0xe6, ż: 0xbf, Ś: 0x8c, ł: 0xb3 };
const CENTRAL_ISO = { Ł: 0xa3, ś: 0xb6, ą: 0xb1, ó: 0xf3, ć: 0xe6, ż: 0xbf, Ś: 0xa6, ł: 0xb3 };
const CZECH = { Ř: 0xd8, ř: 0xf8, ě: 0xec, á: 0xe1, č: 0xe8, í: 0xed, ý: 0xfd };
const MAC = { ë: 0x91, Å: 0x81, é: 0x8e, ñ: 0x96, ü: 0x9f, ß: 0xa7, ö: 0x9a };
const CYRILLIC = Object.fromEntries(
  Array.from('АБВГДЕЖЗИЙКЛМНОПРСТУФХЦЧШЩЪЫЬЭЮЯабвгдежзийклмнопрстуфхцчшщъыьэюя').map(
    (letter, i) => [letter, 0xc0 + i],
  ),
);
const NINE = { š: 0xa8, ž: 0xb8, é: 0xe9, œ: 0xbd, Š: 0xa6 };
/** Shift JIS of a few letters (JIS X 0208). */
const JAPANESE = {
  田: [0x93, 0x63],
  中: [0x92, 0x86],
  太: [0x91, 0xbe],
  郎: [0x98, 0x59],
  鈴: [0x97, 0xe9],
  木: [0x96, 0xd8],
  花: [0x89, 0xd4],
  子: [0x8e, 0x71],
  名: [0x96, 0xbc],
  前: [0x91, 0x4f],
};

const WEST_TEXT = 'Name,Score\nZoë Ås,3\nJosé Muñoz,4\nJürgen Groß,5\nBo Lööf,6\n'.replace(
  'Ås',
  'Åse',
);

export const files: readonly RosterCase[] = [
  {
    name: 'UTF-8 with a stray byte',
    given: strayed('Name,Score\nZoë Åse,3\nJosé Muñoz,4\nJürgen Gro~,5\n', 0xdf),
    students: ['Zoë Åse', 'José Muñoz', 'Jürgen Groß'],
  },
  {
    name: 'Windows-1252',
    given: encoded(WEST_TEXT, WEST),
    students: ['Zoë Åse', 'José Muñoz', 'Jürgen Groß', 'Bo Lööf'],
  },
  {
    name: 'Mac Roman',
    given: encoded(WEST_TEXT, MAC),
    students: ['Zoë Åse', 'José Muñoz', 'Jürgen Groß', 'Bo Lööf'],
  },
  {
    name: 'Mac Roman with its line ends',
    given: encoded(WEST_TEXT.replaceAll('\n', '\r'), MAC),
    students: ['Zoë Åse', 'José Muñoz', 'Jürgen Groß', 'Bo Lööf'],
  },
  {
    name: 'Windows-1250, Polish',
    given: encoded(
      'Imię,Wynik\n'.replace('ę', 'e') +
        'Łukasz Wiśniewski,3\nStanisław Dąbrowski,4\nŚciborz Żak,5\n'.replace('Ż', 'ż'),
      CENTRAL_1250,
    ),
    students: ['Łukasz Wiśniewski', 'Stanisław Dąbrowski', 'Ściborz żak'],
  },
  {
    name: 'ISO 8859-2, Polish',
    given: encoded('Name,Wynik\nŁukasz Wiśniewski,3\nStanisław Dąbrowski,4\n', CENTRAL_ISO),
    students: ['Łukasz Wiśniewski', 'Stanisław Dąbrowski'],
  },
  {
    name: 'Windows-1250, Czech',
    given: encoded(
      'Name,Skore\nŘehoř Dvořák,3\nVěra Nečasová,4\nJiří Černý,5\n'
        .replace('Č', 'č')
        .replace('ová', 'ova'),
      CZECH,
    ),
    students: ['Řehoř Dvořák', 'Věra Nečasova', 'Jiří černý'],
  },
  {
    name: 'Windows-1251',
    given: encoded('Name,Score\nАнна Иванова,3\nБорис Петров,4\n', CYRILLIC),
    students: ['Анна Иванова', 'Борис Петров'],
  },
  {
    name: 'ISO 8859-15',
    given: encoded(
      'Name,Score\nŠime Maršal,3\nRenée Lacœur,4\nŽeljka Božić,5\n'
        .replace('Ž', 'Z')
        .replace('ć', 'c'),
      NINE,
    ),
    students: ['Šime Maršal', 'Renée Lacœur', 'Zeljka Božic'],
  },
  {
    name: 'Shift JIS',
    given: encoded('名前,Score\n田中太郎,3\n鈴木花子,4\n', JAPANESE),
    students: ['田中太郎', '鈴木花子'],
  },
  {
    name: 'UTF-16 with a byte missing at its end',
    given: utf16('Name\tScore\nZoë Åse\t3\nJosé Muñoz\t44\n').subarray(0, -1),
    students: ['Zoë Åse', 'José Muñoz'],
  },
  {
    name: 'UTF-16 without its mark',
    given: utf16('Name\tScore\nZoë Åse\t3\nJosé Muñoz\t4\n').subarray(2),
    students: ['Zoë Åse', 'José Muñoz'],
  },
];

function strayed(text: string, byte: number): Uint8Array {
  const bytes = new TextEncoder().encode(text);
  return bytes.map((one) => (one === 0x7e ? byte : one));
}

function utf16(text: string): Uint8Array {
  return Uint8Array.from([
    0xff,
    0xfe,
    ...Array.from(text).flatMap((letter) => [
      letter.charCodeAt(0) & 255,
      letter.charCodeAt(0) >> 8,
    ]),
  ]);
}
