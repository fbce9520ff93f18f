import { allGiven, givenAmong, givenColumn } from '../givenNames';
import { isDayWord } from '../lineKinds';
import { looksLikeName, looksLikeWholeName } from '../names';
import type { Row, Table } from '../types';
import { tellsOf } from './groups';
import { ARROW } from './lines';
import { withoutBullet } from './strip';

/** So many of the lines must have the sign. */
const MOST = 0.6;
const EVEN = 0.05;
const DASH = /\s+[-–—]\s+/u;
const TILDE = /\s*~\s*/u;
/** Between two people as well: only three columns and more, not all of names, are parted by it. */
const STROKE = /\s+\/\s+/u;
/** Between the parts of a name as well: only where what is behind comes again is it no part. */
const COMMA = /\s*,\s+/u;
/** "Amira Haddad ..... new": dots up to the next column. */
const DOTS = /\s*(?:[._…·]\s?){3,}\s*/u;
/** "88/100". */
const POINTS_OF = /\d+\s*\/\s*\d+/g;
const COLON = /\s*:\s+/u;
const SIGNS = [DASH, COMMA, STROKE, DOTS, ARROW, COLON, /\s*=\s*/u, TILDE] as const;

/**
 * "Amira Haddad — new" on every line: two columns with a dash, an arrow, a colon or an equals sign between, or as many more
 * with dashes or tildes; null for other text.
 */
export function dashesTable(text: string): Table | null {
  const lines = text.split(/\r\n|\r|\n/);
  const filled = lines.filter((line) => line.trim() !== '');
  if (filled.length < 2) return null;
  const widthOf = (one: RegExp): number => {
    const [first, ...others] = filled.map((line) => line.split(one).length);
    return (one === DASH || one === TILDE || one === STROKE) &&
      first !== undefined &&
      others.every((width) => width === first)
      ? Math.max(2, first)
      : 2;
  };
  const sign = SIGNS.find((one) => {
    const width = widthOf(one);
    if (one === STROKE && (width < 3 || !filled.every((line) => /\d[^/]*$/.test(line))))
      return false;
    // A single word behind dots is told of a name on the same line.
    if (one === DOTS && filled.filter(saysMore).length < filled.length * MOST) return false;
    if (one === COMMA && !isTold(filled.map((line) => line.split(one)))) return false;
    const parted = filled.map((line) => line.split(one)).filter(({ length }) => length === width);
    // Several names behind one are a group with its members, and several words behind people are told of them.
    const told = tellsOf(
      parted.map(([label = '', members = '']) => ({ label: withoutBullet(label), members })),
    );
    const several = (told === 'labels' ? [] : parted).filter(
      ([before = '', behind = '']) =>
        /[,;&/]|@\S+\s+@/.test(behind.replace(POINTS_OF, '')) &&
        !((one === DASH || one === COLON) && isCalled(before) && isRemark(behind)),
    );
    const named = parted.filter(
      ([before = '']) =>
        looksLikeName(before) && !isDayWord(before) && !/[([][^)\]]*$/.test(before),
    );
    return (
      parted.length >= filled.length * MOST &&
      several.length === 0 &&
      named.length >= parted.length * MOST
    );
  });
  if (!sign) return null;
  const width = widthOf(sign);
  // "Leader: Amira Haddad" has the name behind, and so has "Net handler: Bram Visser".
  const parts = filled.map((line) => line.split(sign));
  const [before, behind] = [0, 1].map((side) => parts.map((part) => (part[side] ?? '').trim()));
  const turned =
    (behind ?? []).every(looksLikeWholeName) &&
    ((before ?? []).every((one) => !/\s/.test(one)) ||
      givenColumn(before ?? [], behind ?? []) === 'second');
  if (sign === DASH && allGiven([0, 1].map((side) => parts.map((part) => part[side] ?? ''))))
    return null;
  const rows = lines.map((line, index): Row => {
    const cells = line.split(sign).map((cell) => cell.trim());
    return {
      line: index + 1,
      cells: cells.length > width ? [line.trim()] : turned ? cells.reverse() : cells,
    };
  });
  return { name: '', rows, commaIsDecimal: false, belief: EVEN };
}

/** Whether more than one word stands behind dots. */
const saysMore = (line: string): boolean => /\p{L}\S*\s\S/u.test(line.split(DOTS)[1] ?? '');

/** Whether one of several words behind a name is small: no name of somebody who is with them. */
const isRemark = (behind: string): boolean =>
  behind.split(/[,;&/]/).some((part) => /^\s*\p{Ll}/u.test(part));

/** A whole name, or a usual given one. */
const isCalled = (before: string): boolean =>
  looksLikeWholeName(before) || givenAmong([before]) > 0;

const FEWEST_SURE = 8;

/** Whether all rows are of a whole name and something that comes again: a house, a club. */
function isTold(rows: readonly (readonly string[])[]): boolean {
  const behind = new Set(rows.map(([, told = '']) => told.trim().toLowerCase()));
  // What comes again and again is no part of a name.
  const surely = rows.length >= FEWEST_SURE && behind.size <= rows.length / 2.5;
  const isName = surely ? looksLikeName : looksLikeWholeName;
  return (
    rows.length > 2 &&
    behind.size < rows.length * 0.7 &&
    rows.every(([name = '', ...told]) => told.length === 1 && isName(name))
  );
}
