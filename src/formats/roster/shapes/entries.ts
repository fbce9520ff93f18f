import { looksLikeName, looksLikeWholeName } from '../names';
import { cleanText } from '../text';
import { LAST } from './lines';
import { cleanEnd } from './strip';

export const SUFFIX = /^(jr|sr|ii|iii|iv|phd|md)\b/i;

const PARTING = [
  ';',
  '、',
  '，',
  '،',
  '؛',
  ' / ',
  ' + ',
  ' × ',
  ' vs ',
  ' vs. ',
  ' → ',
  ' -> ',
  '|',
  '•',
  '·',
  ' * ',
] as const;

/** People on one line: parted by signs; `several` tells that a comma parts people, not a name. */
export function entriesOf(line: string, several: boolean, members: boolean): readonly string[] {
  const text = cleanEnd(line);
  if (text === '') return [];
  const struck = text.split('/');
  if (several && struck.length > 2 && struck.every((part) => looksLikeWholeName(part.trim())))
    return struck.map((part) => part.trim());
  const sign = several
    ? PARTING.find((one) => splitOutside(text, one).length > 1)
    : ([';', '、', '，', '،'] as const).find((one) => splitOutside(text, one).length > 1);
  const parts =
    sign === undefined
      ? [text]
      : splitOutside(text, sign).map((part, at) => (at > 0 ? withoutAnd(part) : part));
  // "Amira Haddad, Bram Visser, Chipo Dube; Dov Ash": who is parted by another sign may be by commas as well.
  const mixed = sign !== undefined && parts.some((part) => splitOutside(part, ',').length > 2);
  return parts.flatMap((part) =>
    commaEntries(
      part,
      mixed || (several && (sign === undefined || sign === ';')),
      members && sign === undefined,
    ),
  );
}

/** "2. Bram Visser" or "2 Bram Visser" among several of one line without its number; the first may have lost its own. */
export function withoutNumbers(entries: readonly string[]): readonly string[] {
  const NUMBER = /^\d{1,3}(?:[.)]\s*|\s+)(?=\p{L})/u;
  const numbered = entries.length > 1 && entries.slice(1).every((entry) => NUMBER.test(entry));
  return numbered ? entries.map((entry) => entry.replace(NUMBER, '')) : entries;
}

/** A comma parts people where each has an address, or where a line holds several; else it parts a name. */
function commaEntries(part: string, several: boolean, members: boolean): readonly string[] {
  const entries = splitOutside(part, ',');
  const addresses = entries.filter((entry) => /\S@\S/.test(entry)).length;
  if (addresses > 1) return joinNames(entries);
  const quoted =
    entries.length > 1 && addresses === 0 && entries.every((entry) => IN_QUOTES.test(entry));
  if (quoted) return entries;
  if (!several || addresses > 0) return [part];
  if (members)
    return entries
      .flatMap((entry) => entry.split(LAST))
      .map(withoutAnd)
      .filter(Boolean);
  const last = LAST.exec(entries.at(-1) ?? '');
  const split =
    last && (entries.length > 1 || part.split(LAST).every((one) => looksLikeName(one.trim())))
      ? [...entries.slice(0, -1), ...(entries.at(-1) ?? '').split(LAST)]
      : entries;
  const whole = split.map(withoutAnd).filter(Boolean);
  const two = whole.length === 2 && !last && !whole.every((entry) => entry.includes(' '));
  return whole.length > 1 && !two ? whole : [part];
}

const IN_QUOTES = /^(?:["“].*["”]|['‘].*['’])$/;

export const withoutAnd = (entry: string): string =>
  entry.replace(/^(?:and|und|et|y|e|en|&)\s+/u, '').trim();

/** "Haddad", "Amira <a@x>" were one entry with a comma in the name. */
function joinNames(entries: readonly string[]): readonly string[] {
  const joined: string[] = [];
  let before = '';
  for (const entry of entries) {
    const whole = before === '' ? entry : `${before}, ${entry}`;
    if (entry.includes('@')) {
      joined.push(whole);
      before = '';
    } else before = whole;
  }
  return before === '' ? joined : [...joined, before];
}

/** Parts at a sign, but not within quotes or angle brackets. */
export function splitOutside(line: string, sign: string): readonly string[] {
  const parts: string[] = [];
  let part = '';
  let quoted = false;
  let angled = false;
  for (let at = 0; at < line.length; at++) {
    const letter = line[at] ?? '';
    if (letter === '"' && line.indexOf('"') !== line.lastIndexOf('"')) quoted = !quoted;
    if (letter === '<') angled = true;
    if (letter === '>') angled = false;
    if (!quoted && !angled && line.startsWith(sign, at)) {
      parts.push(part);
      part = '';
      at += sign.length - 1;
    } else part += letter;
  }
  return [...parts, part].map((one) => one.trim()).filter((one) => one !== '');
}

/** The name and the address of an entry; '' where it has none. */
export function nameAndAddress(given: string): readonly string[] {
  const entry = given.replace(/^\s*mailto:\s*(?=\S+@)/i, '');
  const angled = /^([^<>]*)<([^<>]*)>\s*([^<>]*)$/.exec(entry);
  const [, before = '', address = '', after = ''] = angled ?? [];
  // Angle brackets without an address sign hold one only at the end of a name, where a slip is to be seen.
  if (address.includes('@') || (before.trim() !== '' && address !== '' && after === '')) {
    return [unquote(`${before} ${after}`), address.trim()];
  }
  const bare = /(?:^|[\s([:"])([^\s()[\]<>,;:"]+@[^\s()[\]<>,;"]+)[)\]"]?/.exec(entry);
  if (!bare) return [unquote(entry), ''];
  return [
    unquote(
      entry
        .replace(bare[0], ' ')
        .replace(/^\s*[([]([^()[\]]*)[)\]]\s*$/, '$1')
        .replace(/\(\s*\)?/g, ' ')
        .replace(/^[\s,:–—-]+|[\s,:–—-]+$/g, ''),
    ),
    bare[1] ?? '',
  ];
}

function unquote(name: string): string {
  return cleanText(name)
    .replace(/^["“](.*)["”]$/, '$1')
    .replace(/^'(.*)'$/, '$1')
    .trim();
}
