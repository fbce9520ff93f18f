import { hasContent } from './delimited';
import { givenAmong, givenColumn } from './givenNames';
import { isCounting, isOfOthers, isSurelyHeading, roleOfColumn, settleRoles } from './headings';
import {
  isDayWord,
  isPageNumber,
  isPointsLabel,
  isTotal,
  kindOfLine,
  sectionHeading,
} from './lineKinds';
import { areParticles, isSchoolRole, looksLikeWholeName, PARTICLE, tellSchoolRoles } from './names';
import { cleanText, isMissing, plainWords } from './text';
import type { ColumnReading, ColumnRole, Reading, Row, Table } from './types';
import { guessKind, isOddWord } from './values';

/** A heading is sought in this many rows from the top. */
const HEADING_ROWS = 25;
/** The number alone, where nobody says how columns are called. */
const COLUMN_NAME = '{}';
/** Rows of content looked at to tell what a column without a heading holds. */
const SAMPLE_ROWS = 200;

/**
 * How a table is best understood: its heading by its words (or the row that is said to be it, -1 for none),
 * columns without one by what is in them. A column without a name of its own is called `columnName`, with its number in
 * place of {}: the reader's language says how.
 */
export function proposeReading(
  table: Table,
  heading?: number,
  columnName: string = COLUMN_NAME,
): Reading {
  const width = table.rows.reduce((most, { cells }) => Math.max(most, cells.length), 0);
  const headingRow = heading ?? findHeading(table.rows, width);
  const words = headingRow < 0 ? [] : (table.rows[headingRow]?.cells ?? []);
  const below = table.rows
    .slice(headingRow + 1)
    .filter((row) => hasContent(row) && !row.around && !isSummary(row) && !isAgain(row, words));
  const cellsOf = (column: number): readonly string[] =>
    below.map(({ cells }) => cells[column] ?? '');
  const known = Array.from({ length: width }, (_, column) => {
    const role = roleOfColumn(words[column] ?? '');
    // "Student" over figures heads their numbers.
    const numbers =
      role === 'fullName' && share(cellsOf(column).filter(isFilled), isNumberLike) === 1;
    return numbers ? 'externalId' : role;
  });
  const byWords = settleRoles(words, twoNames(words, known, cellsOf));
  const roles =
    headingRow < 0
      ? rolesByContent(width, below)
      : withoutEmpty(completeRoles(byWords, words, cellsOf), words, below);
  return {
    headingRow,
    columns: nameDetails(
      roles,
      namesOver(table.rows, headingRow),
      cellsOf,
      table.commaIsDecimal,
      columnName,
    ),
  };
}

const holdsWord = (cell: string, word: string): boolean =>
  plainWords(cell).split(' ').includes(plainWords(word));

/**
 * Two columns both headed "Name" hold the two parts of it, where the first holds one word each; so do "Name" and what
 * somebody is called, where "Name" does.
 */
function twoNames(
  words: readonly string[],
  roles: readonly (ColumnRole | null)[],
  cellsOf: (column: number) => readonly string[],
): readonly (ColumnRole | null)[] {
  const [first = -1, second = -1, ...more] = roles.flatMap((role, column) =>
    role === 'fullName' ? [column] : [],
  );
  const called = roles.indexOf('preferredName');
  const isSingle = (cell: string): boolean => /^\p{L}[\p{L}'’-]*$/u.test(cell.trim());
  // "Rufname" beside "Name" of one word each.
  const beside =
    called >= 0 &&
    second < 0 &&
    !roles.includes('givenName') &&
    !roles.includes('familyName') &&
    givenAmong(cellsOf(called)) > givenAmong(cellsOf(first)) &&
    !cellsOf(first).some((cell, row) => holdsWord(cell, cellsOf(called)[row] ?? '')) &&
    share(cellsOf(first).filter(isFilled), isSingle) > FEWEST_SINGLE;
  if (beside)
    return roles.map((role, column) =>
      column === first ? 'familyName' : column === called ? 'givenName' : role,
    );
  const alike = plainWords(words[first] ?? '') === plainWords(words[second] ?? '');
  const filled = cellsOf(first).filter(isFilled);
  if (second < 0 || more.length > 0 || !alike || roles.includes('familyName')) return roles;
  if (filled.length === 0 || !filled.every(isSingle)) return roles;
  return roles.map((role, column) =>
    column === first ? 'givenName' : column === second ? 'familyName' : role,
  );
}

/**
 * The words of a heading. A bare figure (how many points there are) and a word that comes again take the word above; where
 * that stands over several columns, both: "Quiz 1", "Term 2 Maths".
 */
function namesOver(rows: readonly Row[], headingRow: number): readonly string[] {
  const words = headingRow < 0 ? [] : (rows[headingRow]?.cells ?? []).map((word) => word.trim());
  const above = words.map((_, column) => rows[headingRow - 1]?.cells[column]?.trim() ?? '');
  const isFigure = (word = ''): boolean => /^[\d.,]+$/.test(word);
  const isTold = (word: string): boolean =>
    isFigure(word) || words.indexOf(word) !== words.lastIndexOf(word);
  // The column over which a word begins that reaches as far as this one.
  const begins = words.map((word, column) => {
    let from = column;
    while (from > 0 && above[from] === '' && isTold(words[from] ?? '')) from--;
    return isTold(word) && isTold(words[from] ?? '') ? from : column;
  });
  return words.map((word, column) => {
    const from = begins[column] ?? column;
    const over = above[from] ?? '';
    if (word === '' || !isTold(word) || !/\p{L}/u.test(over)) return word;
    const shared = begins.filter((one) => one === from).length > 1;
    if (shared) return `${over} ${word}`;
    return isFigure(word) ? over : word;
  });
}

/** The heading once more. */
function isAgain({ cells }: Row, heading: readonly string[]): boolean {
  return (
    heading.length > 1 &&
    cells.every((cell, column) => plainWords(cell) === plainWords(heading[column] ?? ''))
  );
}

/** Possible points and totals say nothing of what kind a column is. */
function isSummary({ cells }: Row): boolean {
  const label = cells.find(isFilled) ?? '';
  return isPointsLabel(label) || isTotal(label);
}

/** The first row near the top that reads as headings: two known words, or one where the rest fits. */
function findHeading(rows: readonly Row[], width: number): number {
  const top = rows
    .slice(0, HEADING_ROWS)
    .map((row): Row => (row.around ? { line: row.line, cells: [] } : row));
  const knownIn = ({ cells }: Row): number => cells.filter((cell) => isHeadingWord(cell)).length;
  // A list's own heading is on no line of the text.
  if (rows[0]?.line === 0) return 0;
  const surely = ({ cells }: Row): boolean => cells.some(isSurelyHeading);
  const beside = (index: number): readonly Row[] => rows.filter((_, at) => at !== index);
  const named = top.findIndex((row) => countFilled(row) > 1 && row.cells.some(isNameHeading));
  const two = top.findIndex(
    (row, index) =>
      knownIn(row) >= 2 &&
      surely(row) &&
      row.cells.filter(isFilled).length > 1 &&
      !isData(row, beside(index)),
  );
  if (two >= 0) return belowWord(rows, two);
  const one = top.findIndex((row, index) => {
    const filled = row.cells.filter(isFilled);
    const rest = rows.slice(index + 1).filter((one) => hasContent(one) && !isRule(one));
    const column = row.cells.findIndex(isFilled);
    const under = rest.filter(({ cells }) => isFilled(cells[column] ?? ''));
    const alone =
      filled.length === 1 &&
      under.length * 2 >= rest.length &&
      share(under, (one) => countFilled(one) === 1) > 0.6;
    const below = rows[index + 1];
    if (below && surely(below) && headsPoints(below, row)) return false;
    if (!surely(row) || (filled.length < Math.min(width, 2) && !alone && !headsNames(row, rest)))
      return false;
    // A title over the headings, though it is a word for those below.
    if (index < named && (filled.length === 1 || isPreface(row))) return false;
    if (rest.length === 0 || isData(row, beside(index)) || isPlaced(row)) return false;
    if (headsPoints(row, rows[index - 1])) return true;
    return (
      isUnlikeData(row) ||
      countsOn(row) ||
      headsMarks(row, rest) ||
      (holdsNoFigures(row) && restHasFigures(row, rest))
    );
  });
  if (one >= 0) return one;
  const wide = share(top.filter(hasContent).map(countFilled), (count) => count > 1) > 0.5;
  // Above rows of several cells one of a single cell is a title.
  const first = top.find((row) => hasContent(row) && (row.cells.length > 1 || !wide));
  if (!first || width < 2) return -1;
  const rest = top.slice(top.indexOf(first) + 1).filter((row) => hasContent(row) && !isRule(row));
  if (rest.length === 0) return -1;
  const [corner = '', ...others] = first.cells;
  const dates = others.filter(isFilled);
  const dated = !isFilled(corner) && dates.length > 0 && dates.every(isDate);
  const worded =
    isUnlikeData(first) &&
    first.cells.every((cell) => !isMissing(cell) && !isOddWord(cleanText(cell))) &&
    (restHasFigures(first, rest) || restAloneHasDigits(first, rest));
  return dated || worded ? rows.indexOf(first) : -1;
}

/**
 * The row of headings: the one found, or the one below it where words over several columns come again in it ("Student",
 * "Student") and those below are known and differ.
 */
function belowWord(rows: readonly Row[], found: number): number {
  const [above = [], below = []] = [found, found + 1].map((at) =>
    (rows[at]?.cells ?? []).filter(isFilled).map(plainWords),
  );
  const comesAgain = above.length > 1 && new Set(above).size <= above.length / 2;
  const differ = new Set(below).size === below.length && below.length >= above.length;
  const known = (rows[found + 1]?.cells ?? []).some(isNameHeading);
  return comesAgain && differ && known ? found + 1 : found;
}

function isNameHeading(cell: string): boolean {
  const role = roleOfColumn(cell);
  return role !== null && NAME_ROLES.has(role);
}

/** "First" beside "Amira Haddad", as winners are told. */
function isPlaced({ cells }: Row): boolean {
  const isSomebody = (cell: string): boolean => looksLikeWholeName(cell) && givenAmong([cell]) > 0;
  return cells.some((cell) => plainWords(cell) === 'first') && cells.some(isSomebody);
}

/** "Class", "7B" over the headings: a word for something, and what it is. */
function isPreface({ cells }: Row): boolean {
  const [label = '', told = '', ...more] = cells.filter(isFilled);
  return more.length === 0 && told !== '' && isSurelyHeading(label) && !isHeadingWord(told);
}

/** Letters for the days of a week or more, in seven languages. */
const WEEKS =
  /^(?:MTW[TR]F(?:SS?)?|LMXJV(?:SD)?|LMMJV(?:SD)?|LMMGV(?:SD)?|MDMDF(?:SS)?|MDWDV(?:ZZ)?|STQQS(?:SD)?)+$/i;

const isDate = (cell: string): boolean =>
  /^\d{1,4}[-./]\d{1,2}([-./]\d{1,4})?\.?$/.test(cell.trim());

/** Words known of headings are answers where rows below have some of them, but not all, in the same columns. */
function isData({ cells }: Row, below: readonly Row[]): boolean {
  const known = cells.flatMap((cell, column) => (isHeadingWord(cell) ? [column] : []));
  const same = (row: Row, column: number): boolean =>
    plainWords(row.cells[column] ?? '') === plainWords(cells[column] ?? '');
  const again = (row: Row): boolean =>
    cells.every((cell, column) => !isFilled(cell) || same(row, column));
  return below
    .slice(0, SAMPLE_ROWS)
    .some((row) => known.some((column) => same(row, column)) && !again(row));
}

function isHeadingWord(cell: string): boolean {
  const role = roleOfColumn(cell);
  // "no" and "n" may be answers as well as headings.
  return role !== null && role !== 'leftOut';
}

const isFilled = (cell: string): boolean => cell.trim() !== '';

/** Headings are different words, but for days of several weeks; no address and no bare figure is one, but dates may be. */
function isUnlikeData(row: Row): boolean {
  const [, ...others] = row.cells.map((cell) => cell.trim()).filter((cell) => cell !== '');
  if (WEEKS.test(others.join('')) && others.every((cell) => cell.length === 1)) return true;
  const words = row.cells.filter((cell) => isFilled(cell) && !isDayWord(cell)).map(plainWords);
  return new Set(words).size === words.length && holdsNoFigures(row);
}

function holdsNoFigures({ cells }: Row): boolean {
  return !cells.some(
    (cell) =>
      cell.includes('@') || (/^[\d.,%+-]+$/.test(cell.trim()) && /\d/.test(cell) && !isDate(cell)),
  );
}

/** Some column holds figures or addresses in every row but the first. */
function restHasFigures(first: Row, rest: readonly Row[]): boolean {
  return first.cells.some((head, column) => {
    const cells = rest.map((row) => row.cells[column] ?? '').filter((cell) => !isMissing(cell));
    // A day over days is one of them.
    if (isDate(head) && cells.every(isDate)) return false;
    return cells.length > 0 && cells.every((cell) => /^[\d.,%+-]+$|@/.test(cell.trim()));
  });
}

/** "Name", 10, 20 below words over the figures: how many points there are, with what for on the line above. */
function headsPoints({ cells }: Row, above: Row | undefined): boolean {
  const isFigure = (cell: string): boolean => /^[\d.,]+$/.test(cell.trim());
  return (
    cells.some(isFigure) &&
    cells.every((cell, column) => {
      const over = above?.cells[column]?.trim() ?? '';
      return isFigure(cell) ? /\p{L}/u.test(over) : over === '';
    })
  );
}

/** The rule of a table that was drawn with signs. */
const isRule = ({ cells }: Row): boolean => cells.every((cell) => /^[\s:+=─━-]*$/u.test(cell));

/** A word for names alone among empty cells, over whole names: what stands beside those needs no word. */
function headsNames({ cells }: Row, rest: readonly Row[]): boolean {
  const column = cells.findIndex(isFilled);
  const below = rest.map((row) => (row.cells[column] ?? '').trim());
  return (
    cells.length > 1 &&
    isNameHeading(cells[column] ?? '') &&
    below.length > 1 &&
    share(below, (cell) => looksLikeWholeName(cell) || cell.includes(',')) > 0.8
  );
}

/** "Name", 1 over names and crosses: a figure that heads a column without any. */
function headsMarks({ cells }: Row, rest: readonly Row[]): boolean {
  const isFigure = (cell: string): boolean => /^\d{1,3}$/.test(cell.trim());
  return (
    cells.some(isNameHeading) &&
    cells.some(isFigure) &&
    cells.every((cell, column) => {
      if (!isFigure(cell)) return !/^[\d\s./-]+$|@/.test(cell);
      const below = rest.map((row) => row.cells[column] ?? '').filter(isFilled);
      return below.length > 0 && !below.some((one) => /\d/.test(one));
    })
  );
}

/** Figures that count on beside a word: "Name", 1, 2, 3 for the weeks. */
function countsOn({ cells }: Row): boolean {
  const figures = cells.filter((cell) => /^\d{1,3}$/.test(cell.trim())).map(Number);
  return (
    figures.length > 1 && figures.every((one, i) => i === 0 || one === (figures[i - 1] ?? 0) + 1)
  );
}

/** Some column holds a figure somewhere in every row, and of many, but the first ("7B" under a word for classes). */
function restAloneHasDigits(first: Row, rest: readonly Row[]): boolean {
  return (
    rest.length > 2 &&
    first.cells.some(
      (cell, column) =>
        !/\p{N}/u.test(cell) && rest.every((row) => /\p{N}/u.test(row.cells[column] ?? '')),
    )
  );
}

/** Columns whose heading says nothing known become details, or the name where there is none yet. */
function completeRoles(
  byWords: readonly (ColumnRole | null)[],
  heading: readonly string[],
  cellsOf: (column: number) => readonly string[],
): readonly ColumnRole[] {
  const completed = byWords.map((role, column): ColumnRole => {
    const cells = cellsOf(column);
    const isOfThem = !byWords.includes('role') && !BY_WHOM.test(heading[column] ?? '');
    if (role === 'leftOut' && isOfThem && tellSchoolRoles(cells)) return 'role';
    if (role === 'externalId' || role === 'leftOut') return numberRole(role, cells);
    // Parts that students have in a group are no roles of a school.
    if (role === 'role' && !cells.some(isSchoolRole)) return 'detail';
    // A lab may be a section, or a mark for one.
    const marks = cells
      .filter((cell) => !isMissing(cell))
      .every((cell) => /^[\d.,]+$/.test(cell.trim()));
    if (role === 'section' && marks && /\blab\b/i.test(heading[column] ?? '')) return 'detail';
    if (role !== null) return role;
    if (cells.every((cell) => !isFilled(cell))) return 'leftOut';
    const word = (heading[column] ?? '').trim();
    if ((word === '' || isCounting(word)) && isRunning(cells)) return 'leftOut';
    return isOfThem && tellSchoolRoles(cells) ? 'role' : 'detail';
  });
  const named = withName(withAddress(completed, heading, cellsOf), heading, cellsOf);
  return oneNumber(byWords, withWholeNames(named, cellsOf));
}

/** "Marked by": not what those in the list are themselves. */
const BY_WHOM = /\b(?:by|von|par|por|door)\b/i;

/** A column without a heading that nobody has anything in is none: page heads and remarks may reach into it. */
function withoutEmpty(
  roles: readonly ColumnRole[],
  heading: readonly string[],
  below: readonly Row[],
): readonly ColumnRole[] {
  const isNameless = (role: ColumnRole, column: number): boolean =>
    role === 'detail' && !isFilled(heading[column] ?? '');
  if (!roles.some(isNameless)) return roles;
  const names = roles.flatMap((role, column) => (NAME_ROLES.has(role) ? [column] : []));
  // "Page 2 of 2" beside the name of a school.
  const isPaged = (cell: string): boolean => /\p{L}/u.test(cell) && isPageNumber(cell);
  const people = below.filter(({ cells }) => {
    const [name = ''] = names.map((column) => cells[column] ?? '').filter(isFilled);
    return name !== '' && kindOfLine(name) === null && !cells.some(isPaged);
  });
  return roles.map((role, column) =>
    isNameless(role, column) && people.every(({ cells }) => !isFilled(cells[column] ?? ''))
      ? 'leftOut'
      : role,
  );
}

/** One column numbers the students: the one whose heading says so, else the first that could. */
function oneNumber(
  byWords: readonly (ColumnRole | null)[],
  roles: readonly ColumnRole[],
): readonly ColumnRole[] {
  const told = byWords.indexOf('externalId');
  const number = told >= 0 ? told : roles.indexOf('externalId');
  return roles.map((role, column) =>
    role === 'externalId' && column !== number ? 'leftOut' : role,
  );
}

/** Where no heading says address, the column that holds some is it (a login name, for instance). */
function withAddress(
  roles: readonly ColumnRole[],
  heading: readonly string[],
  cellsOf: (column: number) => readonly string[],
): readonly ColumnRole[] {
  if (roles.includes('email')) return roles;
  const holdsAddresses = (column: number): boolean =>
    share(cellsOf(column).filter(isFilled), (cell) => /\S@\S/.test(cell)) > 0.5;
  const address = roles.findIndex(
    (role, column) =>
      (role === 'detail' || role === 'leftOut') &&
      !isOfOthers(heading[column] ?? '') &&
      holdsAddresses(column),
  );
  return roles.map((role, column) => (column === address ? 'email' : role));
}

/** "First name" over whole names, and none over family names, heads whole names. */
function withWholeNames(
  roles: readonly ColumnRole[],
  cellsOf: (column: number) => readonly string[],
): readonly ColumnRole[] {
  const given = roles.indexOf('givenName');
  if (given < 0 || roles.includes('familyName') || roles.includes('fullName')) return roles;
  const filled = cellsOf(given).filter(isFilled);
  const whole = filled.length > 1 && share(filled, looksLikeWholeName) > MOSTLY_WHOLE;
  return whole ? roles.map((role, column) => (column === given ? 'fullName' : role)) : roles;
}

/** Two given names are never this usual. */
const MOSTLY_WHOLE = 0.8;

function withName(
  completed: readonly ColumnRole[],
  heading: readonly string[],
  cellsOf: (column: number) => readonly string[],
): readonly ColumnRole[] {
  if (completed.some((role) => NAME_ROLES.has(role))) return completed;
  const holdsNames = (column: number): boolean =>
    !isOfOthers(heading[column] ?? '') && looksLikeNames(cellsOf(column));
  const detail = completed.findIndex((role, column) => role === 'detail' && holdsNames(column));
  // "Team" over names, each another, is a heading for those in it.
  const section = completed.findIndex((role, column) => role === 'section' && holdsNames(column));
  const name = detail < 0 ? section : detail;
  return completed.map((role, column) => (column === name ? 'fullName' : role));
}

const NAME_ROLES: ReadonlySet<ColumnRole> = new Set(['givenName', 'familyName', 'fullName']);

/** "No." and "Number" count rows when they run 1, 2, 3; else they number students. */
function numberRole(role: 'externalId' | 'leftOut', cells: readonly string[]): ColumnRole {
  if (role === 'externalId') return role;
  const filled = cells.filter(isFilled);
  const figures = filled.every(
    (cell) => /\d/.test(cell) && /^[\p{L}\d./-]{3,}$/u.test(cell.trim()),
  );
  return filled.length > 0 && figures && !isRunning(cells) && new Set(filled).size === filled.length
    ? 'externalId'
    : 'leftOut';
}

function isRunning(cells: readonly string[]): boolean {
  const numbers = cells.filter(isFilled).map((cell) => Number(cell.replace(/[.)]$/, '')));
  const [first] = numbers;
  // Student numbers may run too, but they do not begin at one.
  if (first !== 0 && first !== 1) return false;
  return numbers.every((number, i) => number === first + i);
}

/** What each column holds, when no heading says so. */
function rolesByContent(width: number, rows: readonly Row[]): readonly ColumnRole[] {
  const said = rows.slice(0, SAMPLE_ROWS).filter((row) => !isSaid(row));
  // Where most rows have several cells, one of a single cell tells nothing of its column.
  const wide = said.filter((row) => countFilled(row) > 1);
  const sample = wide.length * 2 > said.length ? wide : said;
  const columns = Array.from({ length: width }, (_, column) =>
    sample.map(({ cells }) => (cells[column] ?? '').replace(/^\s*'(?=\d)/, '')),
  );
  // "absent" beside "Amira Haddad" is no name.
  const capital = columns.some((cells) => looksLikeNames(cells) && cells.some(isCapital));
  const roles = columns.map((cells): ColumnRole => {
    const filled = cells.filter((cell) => !isMissing(cell)).map(cleanText);
    if (filled.length === 0 || isRunning(cells)) return 'leftOut';
    if (share(filled, (cell) => /\S@\S/.test(cell)) > 0.5) return 'email';
    if (filled.every(isSchoolRole)) return 'role';
    if (filled.every(areParticles)) return 'familyName';
    const differ = new Set(filled).size === filled.length;
    if (filled.length > 1 && filled.every((cell) => isPartOfClass(cell, differ))) return 'section';
    if (differ && filled.length > 1 && share(filled, isNumberLike) > 0.9) return 'externalId';
    return looksLikeNames(cells) && (!capital || filled.some(isCapital)) ? 'fullName' : 'detail';
  });
  return oneName(roles, columns);
}

/** "7B", "2º A", "Group 2"; one of its own for everybody, as "Bench 2", is a place. */
const isPartOfClass = (cell: string, differ: boolean): boolean =>
  /^\d{1,2}\s?\.?[ºª°]?\s?[A-Za-z]$/.test(cell) ||
  (!differ && /\p{L}{2}/u.test(cell) && sectionHeading(cell) !== null);

const isCapital = (cell: string): boolean => /^[^\p{L}]*[\p{Lu}\p{Lo}]/u.test(cell);

/** A row of one cell that is a remark, a title or a date by what it says. */
function isSaid(row: Row): boolean {
  const [sole = '', ...others] = row.cells.filter(isFilled);
  return others.length === 0 && row.cells.length > 0 && kindOfLine(sole) !== null;
}

/** What stands beside names in a list of them; other words may be anything, as a CSV has it. */
const TELLING: ReadonlySet<ColumnRole> = new Set(['section', 'email', 'externalId', 'leftOut']);

/** So many family names, or given ones, are of one word in any list. */
const FEWEST_SINGLE = 0.3;

/** Two name columns side by side are given and family name; a third is a detail. */
function oneName(
  roles: readonly ColumnRole[],
  columns: readonly (readonly string[])[],
): readonly ColumnRole[] {
  const names = roles.flatMap((role, column) => (role === 'fullName' ? [column] : []));
  const [first, second] = names;
  const singles = (column = -1): number =>
    share((columns[column] ?? []).filter(isFilled), (cell) => !/\s/.test(cell.trim()));
  // "Mary Anne" beside "Stone": of one of the two parts some may be of several words.
  const parted =
    second !== undefined &&
    Math.max(singles(first), singles(second)) > 0.6 &&
    Math.min(singles(first), singles(second)) > FEWEST_SINGLE;
  const capitals =
    parted && share((columns[first ?? 0] ?? []).filter(isFilled), isAllCapitals) > 0.8;
  // "Haddad, Amira, 7B": with a blank behind the comma the family name stands first, unless addresses tell otherwise.
  const written =
    parted &&
    roles.every((role, column) => column === first || column === second || TELLING.has(role)) &&
    (columns[second] ?? []).filter(isFilled).every((cell) => /^\s\S/.test(cell)) &&
    !addressesTurn(roles, columns, second, first ?? 0);
  const turned =
    parted &&
    !capitals &&
    (written ||
      addressesTurn(roles, columns, first ?? 0, second) ||
      particlesTurn(columns[first ?? 0] ?? [], columns[second] ?? []));
  const given = parted ? givenColumn(columns[first ?? 0] ?? [], columns[second] ?? []) : null;
  const familyFirst = given === null ? capitals || turned : given === 'second';
  // "Elm" beside "Amira Haddad" is where she belongs.
  const areWhole = (column: number): boolean =>
    share((columns[column] ?? []).filter(isFilled), looksLikeWholeName) > 0.6;
  const whole = singles(first) > 0.6 ? (names.find(areWhole) ?? first) : first;
  let emails = 0;
  let numbers = 0;
  let sections = 0;
  return roles.map((role, column) => {
    if (role === 'email') return emails++ === 0 ? role : 'detail';
    if (role === 'externalId') return numbers++ === 0 ? role : 'detail';
    if (role === 'section') return sections++ === 0 ? role : 'detail';
    if (role !== 'fullName') return role;
    if (!parted) return column === whole ? 'fullName' : 'detail';
    if (column === first) return familyFirst ? 'familyName' : 'givenName';
    return column === second ? (familyFirst ? 'givenName' : 'familyName') : 'detail';
  });
}

/** Whether addresses say that the second column holds given names: "amira@…" or "amira.haddad@…" beside Haddad, Amira. */
function addressesTurn(
  roles: readonly ColumnRole[],
  columns: readonly (readonly string[])[],
  first: number,
  second: number,
): boolean {
  const addresses = columns[roles.indexOf('email')] ?? [];
  const begins = (column: number): number =>
    addresses.filter((address, row) => {
      const word = plainWords(address).split(' ', 1).join('');
      return word !== '' && word === plainWords(columns[column]?.[row] ?? '');
    }).length;
  return begins(second) > addresses.length / 2 && begins(first) === 0;
}

const WITH_PARTICLE = new RegExp(`^${PARTICLE}\\s+\\S`, 'u');

/** Whether small words of family names, as in "de la Cruz", stand in the first of two columns of names alone. */
const particlesTurn = (first: readonly string[], second: readonly string[]): boolean =>
  [first, second].map((cells) => cells.some((cell) => WITH_PARTICLE.test(cell.trim()))).join() ===
  'true,false';

const isAllCapitals = (cell: string): boolean =>
  /\p{Lu}{2}/u.test(cell) && cell === cell.toUpperCase();

/** A student number: a few letters at most, then at least three figures. */
const isNumberLike = (cell: string): boolean =>
  /^[A-Za-z]{0,4}[-./]?\d{3,}[-./\dA-Za-z]*$/.test(cell);

/** Mostly letters, mostly different, and no known answer or level. */
function looksLikeNames(cells: readonly string[]): boolean {
  const filled = cells.filter((cell) => !isMissing(cell)).map(cleanText);
  if (filled.length === 0) return false;
  const lettered = share(
    filled,
    (cell) => /^[\p{L}\p{M}][\p{L}\p{M}\s.,'’\-()]*$/u.test(cell) && cell.length > 1,
  );
  const different = new Set(filled.map(plainWords)).size / filled.length;
  return lettered > 0.8 && different > 0.6 && guessKind('', filled, false).kind === 'category';
}

const countFilled = ({ cells }: Row): number => cells.filter(isFilled).length;

function share<T>(cells: readonly T[], holds: (cell: T) => boolean): number {
  return cells.length === 0 ? 0 : cells.filter(holds).length / cells.length;
}

/** Details get a name of their own, from the heading where there is one, and a guessed kind. */
function nameDetails(
  roles: readonly ColumnRole[],
  heading: readonly string[],
  cellsOf: (column: number) => readonly string[],
  commaIsDecimal: boolean,
  columnName: string,
): readonly ColumnReading[] {
  const taken = new Set<string>();
  return roles.map((role, column): ColumnReading => {
    if (role !== 'detail') return { role, name: '', kind: 'category', levels: [] };
    const base = cleanText(heading[column] ?? '') || columnName.replace('{}', String(column + 1));
    let name = base;
    for (let number = 2; taken.has(name); number++) name = `${base} (${number})`;
    taken.add(name);
    const cells = cellsOf(column).filter((cell) => !isMissing(cell));
    const { kind, levels } = guessKind(name, cells, commaIsDecimal);
    return { role, name, kind, levels };
  });
}
