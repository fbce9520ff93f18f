import type { Row, Table } from './types';

const BULLET =
  /^\s*(?:\d{1,4}\s*[.):\-–]\s*|[-–—•*·‣◦▪●○■□☐☑✓►>]\s+|\[[ xX]?\]\s*|\(?\d{1,4}\)\s*)/;
const HEADINGS = ['Name', 'E-mail'];

/** Whether text is a list of `Name <address>` entries rather than rows of cells. */
export function isAddressList(text: string): boolean {
  const angled = text.match(/<[^<>\s]+@[^<>\s]+>/g)?.length ?? 0;
  const lines = text.split(/\r\n|\r|\n/).filter((line) => line.trim() !== '');
  return angled > 0 && angled >= lines.length / 2;
}

/** Whether most lines begin with a number and a stop, or with a bullet. */
export function isBulleted(text: string): boolean {
  const lines = text.split(/\r\n|\r|\n/).filter((line) => line.trim() !== '');
  return lines.filter((line) => BULLET.test(line)).length > lines.length / 2;
}

/** A list of people as a table of names and addresses: one a line, bulleted, numbered, or parted by signs. */
export function listTable(text: string): Table {
  const lines = text.split(/\r\n|\r|\n/);
  const rows: Row[] = [{ line: 0, cells: HEADINGS }];
  const filled = lines.filter((line) => line.trim() !== '');
  lines.forEach((raw, index) => {
    for (const entry of entriesOf(raw, filled.length === 1)) {
      rows.push({ line: index + 1, cells: nameAndAddress(entry) });
    }
  });
  return { name: '', rows, commaIsDecimal: false };
}

function entriesOf(raw: string, alone: boolean): readonly string[] {
  const line = raw
    .replace(BULLET, '')
    .trim()
    .replace(/[,;]\s*$/, '');
  if (line === '') return [];
  return splitOutside(line, ';').flatMap((part) => commaEntries(part, alone));
}

/** A comma parts people where each has an address, or where a single line holds several; else it parts a name. */
function commaEntries(part: string, alone: boolean): readonly string[] {
  const entries = splitOutside(part, ',');
  const addresses = entries.filter((entry) => entry.includes('@')).length;
  if (addresses > 1) return joinNames(entries);
  return alone && addresses === 0 && entries.length > 2 ? entries : [part];
}

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
function splitOutside(line: string, sign: string): readonly string[] {
  const parts: string[] = [];
  let part = '';
  let quoted = false;
  let angled = false;
  for (const letter of line) {
    if (letter === '"' && line.indexOf('"') !== line.lastIndexOf('"')) quoted = !quoted;
    if (letter === '<') angled = true;
    if (letter === '>') angled = false;
    if (letter === sign && !quoted && !angled) {
      parts.push(part);
      part = '';
    } else part += letter;
  }
  return [...parts, part].map((one) => one.trim()).filter((one) => one !== '');
}

function nameAndAddress(entry: string): readonly string[] {
  const angled = /^([^<>]*)<([^<>]*)>\s*([^<>]*)$/.exec(entry);
  const [, before = '', address = '', after = ''] = angled ?? [];
  // Angle brackets without an address sign hold one only at the end of a name, where a slip is to be seen.
  if (address.includes('@') || (before.trim() !== '' && address !== '' && after === '')) {
    return [unquote(`${before} ${after}`), address.trim()];
  }
  const bare = /(?:^|[\s(])([^\s()<>,;]+@[^\s()<>,;]+)\)?/.exec(entry);
  if (!bare) return [unquote(entry), ''];
  return [
    unquote(
      entry
        .replace(bare[0], ' ')
        .replace(/\(\s*\)?/g, ' ')
        .replace(/[\s,:–-]+$/, ''),
    ),
    bare[1] ?? '',
  ];
}

function unquote(name: string): string {
  return name
    .trim()
    .replace(/^"(.*)"$/, '$1')
    .replace(/^'(.*)'$/, '$1')
    .trim();
}
