import { hasContent } from '../delimited';
import { allGiven } from '../givenNames';
import { isOfOthers, isSurelyHeading, roleOfColumn } from '../headings';
import {
  isDayWord,
  isGroupWord,
  isLeaderWord,
  isPlace,
  isRule,
  isTotal,
  kindOfLine,
  sectionHeading,
} from '../lineKinds';
import { looksLikeName, looksLikeWholeName } from '../names';
import { cleanText, isMissingName, plainWords } from '../text';
import type { ColumnRole, RosterWarning, Row, Skipped, SkipReason, Table } from '../types';
import { nameAndAddress, splitOutside } from './entries';

const HEADINGS = ['Name', 'E-mail', 'Student ID', 'Section'];

/** What turns a table asks for much before it does, and is believed. */
const MUCH = 0.5;
/** What only usual given names speak for: more than for a table of columns, less than for a list of several on a line. */
const SOME = 0.1;

export interface Cell {
  readonly line: number;
  readonly column: number;
  readonly text: string;
}

/** Everybody of a table on a row of their own, with what was not taken; believed much. */
export function tableOf(
  table: Table,
  people: readonly (Cell & { readonly section: string })[],
  skipped: readonly Skipped[],
): Table {
  const rows = people.map(({ line, text, section }): Row => {
    const [name = '', address = ''] = nameAndAddress(text);
    return { line, cells: [name, address, '', section] };
  });
  return {
    ...table,
    belief: MUCH,
    rows: [{ line: 0, cells: HEADINGS }, ...rows],
    skipped: [...(table.skipped ?? []), ...skipped],
  };
}

/** The filled cells of a row. */
export const cellsOf = ({ line, cells }: Row): readonly Cell[] =>
  cells.flatMap((cell, column) => {
    const text = cleanText(cell);
    return text === '' ? [] : [{ line, column, text }];
  });

/** A cell that holds nobody, named as left out. */
export const aside = ({ line, text }: Cell, reason: SkipReason): Skipped => ({
  row: line,
  name: text,
  reason,
});

/** Whole names beside the word for them, and what is known of them in rows below; null for another table. */
export function turnedTable(table: Table): Table | null {
  const filled = table.rows.filter(hasContent);
  const [head, ...below] = filled;
  const [word = '', ...names] = (head?.cells ?? []).map(cleanText);
  const fits =
    names.length > 1 &&
    below.length > 0 &&
    NAME_ROLES.has(roleOfColumn(word)) &&
    names.every((name) => looksLikeWholeName(name) && roleOfColumn(name) === null) &&
    below.every(({ cells: [first = ''] }) => first.trim() !== '' && !looksLikeWholeName(first));
  if (!fits || !head) return null;
  const rows = head.cells.map((_, column): Row => ({
    line: head.line,
    cells: filled.map(({ cells }) => cells[column] ?? ''),
  }));
  return { ...table, belief: MUCH, rows };
}

/** Names in a grid as they sit in a room; null where a table does not look like one. */
export function seatsTable(table: Table): Table | null {
  const filled = table.rows.filter(hasContent);
  const width = Math.max(0, ...filled.map(({ cells }) => cells.length));
  if (filled.length < 2 || width < 2 || filled.length > 60) return null;
  const top = filled.findIndex(
    (row) => cellsOf(row).length > 1 || cellsOf(row).some(({ text }) => isPlace(text)),
  );
  const cells = withoutSeatNumbers(filled.slice(Math.max(0, top)).flatMap(cellsOf));
  const places = cells.filter(({ text }) => isPlace(text));
  const seats = cells.filter(({ text }) => !isPlace(text) && !isMissingName(text) && !isRule(text));
  const names = seats.filter(
    ({ text }) => looksLikeName(text) && roleOfColumn(text) === null && !isDayWord(text),
  );
  // "A) Amira, Bram" is a group with its letter.
  const labelled = filled.filter(({ cells: [first = ''] }) =>
    /^\s*\(?\p{Lu}\)\s+\S|^\s*[^:]{1,30}:\s+\S/u.test(first),
  );
  if (labelled.length > 1) return null;
  // "Group 1" over a line of names, and "Group 2" over another.
  const heads = filled.map(cellsOf).filter(([one, ...more]) => {
    return one && more.length === 0 && sectionHeading(one.text) !== null;
  });
  if (heads.length > 1) return null;
  // A word for names heads a table, and nobody sits on it.
  if (seats.some(({ text }) => NAME_ROLES.has(roleOfColumn(text)))) return null;
  if (names.length < 4 || names.length < seats.length * 0.85) return null;
  if (new Set(seats.map(({ text }) => plainWords(text))).size < seats.length * 0.95) return null;
  const whole = names.filter(({ text }) => text.includes(' ')).length > names.length * 0.7;
  const inColumns = Array.from({ length: width }, (_, column) =>
    names.filter((one) => one.column === column).map(({ text }) => text),
  ).filter(({ length }) => length >= 2);
  const wide = inColumns.length;
  // Between two names a comma stands for many things, and is asked about as a list.
  const parted = (table.belief ?? 0) > 0;
  const inPairs = parted && wide === 2 && areNamesTwice(filled.slice(Math.max(0, top)), names);
  const byNames = allGiven(inColumns) && !names.some(({ text }) => text.includes(' '));
  const fits = places.length > 0 || (whole && wide >= 3) || wide >= 4 || inPairs;
  if (!fits && !byNames) return null;
  const seated = tableOf(
    table,
    seats.map((one) => ({ ...one, section: '' })),
    [
      ...filled
        .slice(0, Math.max(0, top))
        .flatMap(cellsOf)
        .map((one) => aside(one, 'title')),
      ...cells.filter((one) => !seats.includes(one)).map((one) => aside(one, 'place')),
    ],
  );
  return fits ? seated : { ...seated, belief: SOME };
}

/**
 * Halves of a table side by side, to save paper: the same headings again, or a name of a section over each half; null
 * where a table does not look like that. A row of it becomes a row for each half.
 */
export function halvesTable(table: Table): Table | null {
  const at = table.rows.findIndex((row) => cellsOf(row).length > 1);
  const head = table.rows[at];
  if (!head) return null;
  const width = Math.max(...table.rows.slice(at).map(({ cells }) => cells.length));
  const isEmpty = (column: number): boolean =>
    table.rows.slice(at).every(({ cells }) => cleanText(cells[column] ?? '') === '');
  const columns = Array.from({ length: width }, (_, column) => column).filter(
    (column) => !isEmpty(column),
  );
  const heads = columns.map((column) => cleanText(head.cells[column] ?? ''));
  const headed = heads.filter((text) => sectionHeading(text) !== null).length > 1;
  const size = halfWidth(heads, headed);
  if (size === null) return null;
  const halves = Array.from({ length: heads.length / size }, (_, half) =>
    columns.slice(half * size, (half + 1) * size),
  );
  // Below the names of sections the headings of each half may stand again.
  const next = columns.map((column) => cleanText(table.rows[at + 1]?.cells[column] ?? ''));
  const again = headed && halfWidth(next, false) === size;
  const below = table.rows.slice(at + (again ? 2 : 1)).flatMap((row): Row[] => {
    // A line over all of it, such as a total, stays one row.
    if (cellsOf(row).length === 1 && cleanText(row.cells[columns[0] ?? 0] ?? '') !== '')
      return [row];
    return halves.flatMap((half, i): Row[] => {
      const cells = half.map((column) => row.cells[column] ?? '');
      if (cells.every((cell) => cleanText(cell) === '')) return [];
      return [{ ...row, cells: headed ? [...cells, heads[i * size] ?? ''] : cells }];
    });
  });
  const words = again ? next.slice(0, size) : heads.slice(0, size);
  const named = again ? words.findIndex((word) => NAME_ROLES.has(roleOfColumn(word))) : 0;
  const names = headed ? below.filter(({ cells }) => looksLikeName(cells[named] ?? '')) : below;
  if (below.length < 3 || names.length < below.length * 0.8) return null;
  const [first = ''] = words;
  const cells = headed ? [again ? first : 'Name', ...words.slice(1), 'Section'] : words;
  return {
    ...table,
    belief: MUCH,
    rows: [...table.rows.slice(0, at), { ...head, cells }, ...below],
  };
}

/**
 * "1 | Amira Haddad | 3 | Dov Ash", "1. Amira Haddad | 3. Dov Ash": numbered names printed side by side, without headings;
 * null for another table.
 */
export function numberedHalvesTable(table: Table): Table | null {
  const filled = table.rows.filter(hasContent);
  const cells = filled.flatMap(cellsOf);
  const columns = [...new Set(cells.map(({ column }) => column))].sort((a, b) => a - b);
  const inColumn = (column: number): readonly Cell[] =>
    cells.filter((one) => one.column === column);
  const numbered = cells.map((cell) => ({ cell, match: ID_AND_NAME.exec(cell.text) }));
  const ids = new Set(numbered.map(({ match }) => match?.[1]));
  // "55121 Amira Haddad | 55122 Bram Visser": each with a number of their own.
  if (
    columns.length > 1 &&
    ids.size === cells.length &&
    numbered.every(({ match }) => match !== null && looksLikeName(match[2] ?? ''))
  )
    return {
      ...table,
      belief: MUCH,
      rows: [
        { line: 0, cells: HEADINGS },
        ...numbered.map(({ cell: { line }, match }): Row => ({
          line,
          cells: [match?.[2] ?? '', '', match?.[1] ?? '', ''],
        })),
      ],
    };
  const together = filled.length > 1 && columns.length > 1 ? inTheirOrder(cells) : null;
  if (together) {
    return tableOf(
      table,
      together.map((one) => ({ ...one, section: '' })),
      [],
    );
  }
  const halves = columns.flatMap((column, at) => {
    const names = columns[at + 1];
    return at % 2 === 0 && names !== undefined
      ? [{ numbers: inColumn(column), names: inColumn(names) }]
      : [];
  });
  const counted = halves.map(({ numbers }) =>
    numbers.map(({ text }) => Number(text.replace(/[.)]$/, ''))),
  );
  const fits =
    halves.length > 1 &&
    columns.length === halves.length * 2 &&
    filled.length > 1 &&
    new Set(counted.flat()).size === counted.flat().length &&
    counted.every((some) => some.every((one, at) => one === (some[0] ?? 0) + at)) &&
    halves.every(
      ({ numbers, names }) =>
        names.length > 1 &&
        names.length <= numbers.length &&
        names.every(({ text }) => looksLikeName(text)),
    );
  if (!fits) return null;
  return tableOf(
    table,
    halves.flatMap(({ names }) => names.map((one) => ({ ...one, section: '' }))),
    [],
  );
}

/** "55121 Amira Haddad": a student number and a name in one cell. */
const ID_AND_NAME = /^((?=\S*\d{3})[\p{L}\d-]{3,12})\s+(\p{L}.*)$/u;

/** "3. Chipo Dube": a number and a name in one cell. */
const NUMBER_AND_NAME = /^(\d{1,3})[.)]\s*(?=\p{L})(.*)$/u;

/**
 * The names of cells that are numbered from 1 on, whichever way they run, in the order of their numbers; those of the first
 * column may have lost theirs as signs of a list. Null for other cells.
 */
function inTheirOrder(cells: readonly Cell[]): readonly Cell[] | null {
  const first = Math.min(...cells.map(({ column }) => column));
  const read = cells.map((cell) => ({ cell, match: NUMBER_AND_NAME.exec(cell.text) }));
  if (read.some(({ cell, match }) => !match && cell.column !== first)) return null;
  const numbers = read.flatMap(({ match }) => (match ? [Number(match[1])] : []));
  const given = new Set(numbers);
  if (given.size < numbers.length || numbers.some((one) => one < 1 || one > cells.length))
    return null;
  const free = cells.map((_, at) => at + 1).filter((one) => !given.has(one));
  const inOrder = read
    .map(({ cell, match }) => ({
      number: match ? Number(match[1]) : (free.shift() ?? 0),
      cell: match ? { ...cell, text: match[2] ?? '' } : cell,
    }))
    .sort((a, b) => a.number - b.number);
  return inOrder.every(({ cell }) => looksLikeName(cell.text))
    ? inOrder.map(({ cell }) => cell)
    : null;
}

/** Cells under letters or beside numbers that only name the columns and rows of a sheet; null for another table. */
export function letteredTable(table: Table): Table | null {
  const filled = table.rows.filter(hasContent);
  const [head, ...below] = filled;
  const [corner = '', ...letters] = (head?.cells ?? []).map(cleanText);
  if (!head || below.length < 2) return null;
  const counted = (rows: readonly Row[]): boolean =>
    rows.every(({ cells: [first = ''] }, at) => Number(first) === Number(rows[0]?.cells[0]) + at);
  // "1 | Name | Class" over "2 | Amira Haddad | 7B": the headings are counted as well.
  const headed = corner === '1' && letters.some(isSurelyHeading) && counted(filled);
  const lettered =
    corner === '' &&
    letters.length > 0 &&
    letters.every((letter, at) => letter === String.fromCharCode('A'.charCodeAt(0) + at)) &&
    counted(below) &&
    !areSeats(below, letters.length);
  if (!headed && !lettered) return null;
  const heads = aside({ line: head.line, column: 0, text: letters.join(' ') }, 'heading');
  return {
    ...table,
    belief: MUCH,
    rows: (headed ? filled : below).map((row) => ({ ...row, cells: row.cells.slice(1) })),
    skipped: [...(table.skipped ?? []), ...(headed ? [] : [heads])],
  };
}

/** Single names in three columns and more, all different: who sits where. */
export function areSeats(rows: readonly Row[], columns: number): boolean {
  const cells = rows.flatMap((row) => cellsOf(row).filter(({ column }) => column > 0));
  return (
    columns > 2 &&
    cells.length > rows.length * 2 &&
    cells.every(({ text }) => /^\p{Lu}[\p{Ll}\p{M}'’-]+$/u.test(text)) &&
    new Set(cells.map(({ text }) => plainWords(text))).size === cells.length
  );
}

/** How many columns a half has: up to the next heading where each heads a section, else up to the same heading again. */
function halfWidth(heads: readonly string[], headed: boolean): number | null {
  const named = heads.some((text) => NAME_ROLES.has(roleOfColumn(text)));
  for (let size = 2; size <= heads.length / 2; size++) {
    const again = heads.every((text, i) =>
      headed
        ? (sectionHeading(text) !== null) === (i % size === 0) && (i % size === 0 || text === '')
        : plainWords(text) === plainWords(heads[i % size] ?? ''),
    );
    if (heads.length % size === 0 && again && (headed || named)) return size;
  }
  return null;
}

const NAME_ROLES: ReadonlySet<ColumnRole | null> = new Set(['fullName', 'givenName', 'familyName']);

/** "3 Chipo" without the number of the seat, where every seat has one. */
function withoutSeatNumbers(cells: readonly Cell[]): readonly Cell[] {
  const NUMBER = /^\d{1,3}[.):]?\s+(?=\p{L})/u;
  const seats = cells.filter(({ text }) => !isPlace(text));
  if (!seats.every(({ text }) => NUMBER.test(text))) return cells;
  return cells.map((one) => ({ ...one, text: one.text.replace(NUMBER, '') }));
}

/** Whether two are of one family, as a child and a parent are. */
function areOfOneFamily([one, other]: readonly Cell[]): boolean {
  const family = (text = ''): string => plainWords(text.replace(/,.*/, '')).split(' ').at(-1) ?? '';
  return family(one?.text) === family(other?.text);
}

/** Whether most rows hold two of one family. */
function areFamilies(rows: readonly Row[], names: readonly Cell[]): boolean {
  const of = rows.map(({ line }) => names.filter((one) => one.line === line));
  return of.filter((some) => some.length === 2 && areOfOneFamily(some)).length > rows.length / 2;
}

/** Whole names printed in two columns, to save paper; those of one family side by side are a child and a parent. */
function areNamesTwice(rows: readonly Row[], names: readonly Cell[]): boolean {
  const pairs = rows.map(cellsOf).filter(({ length }) => length === 2);
  const family = pairs.filter(areOfOneFamily);
  return (
    names.length >= 5 &&
    names.every(({ text }) => /^\p{Lu}\S* (?:\S+ )*\p{Lu}\S*$/u.test(text)) &&
    pairs.length >= names.length / 3 &&
    family.length < pairs.length * 0.3
  );
}

/** All members of a group in one cell, each on a line of it: a row for each line, where several cells are so. */
function withOpenCells(table: Table): Table {
  const linesIn = (cell: string): readonly string[] =>
    cell.split(/[\r\n]+/).filter((one) => one.trim() !== '');
  const isOpen = ({ cells }: Row): boolean =>
    cells.filter((cell) => linesIn(cell).length > 1 && linesIn(cell).every(looksLikeName)).length >
    1;
  if (!table.rows.some(isOpen)) return table;
  const opened = (row: Row): readonly Row[] => {
    const parts = row.cells.map(linesIn);
    const most = Math.max(...parts.map(({ length }) => length));
    return Array.from({ length: most }, (_, at) => ({
      line: row.line,
      cells: parts.map((part) => part[at] ?? ''),
    }));
  };
  return { ...table, rows: table.rows.flatMap((row) => (isOpen(row) ? opened(row) : [row])) };
}

/** One column for each group, its name above; null where a table does not look like that. */
export function groupColumnsTable(given: Table): Table | null {
  const table = withOpenCells(given);
  const ruled = table.rows.filter(
    (row) => hasContent(row) && cellsOf(row).every(({ text }) => isRule(text)),
  );
  const filled = table.rows.filter((row) => hasContent(row) && !ruled.includes(row));
  const from = filled.findIndex((row) => cellsOf(row).length > 1);
  const head = filled[from];
  if (!head) return null;
  const below = filled.slice(from + 1);
  // Beside the groups their rows may be counted, or named by the parts that people have.
  const counts = countsRows(below.map(({ cells: [first = ''] }) => cleanText(first)));
  const isCounter = ({ column, text }: Cell): boolean =>
    counts && column === 0 && [null, 'leftOut'].includes(roleOfColumn(text));
  const headings = cellsOf(head)
    .filter((one) => !isCounter(one))
    // "Otters (6)" tells how many are below.
    .map((one) => ({ ...one, text: one.text.replace(/\s*\(\d{1,2}\)$/, '') || one.text }));
  if (headings.length < 2 || below.length < 1) return null;
  // "Bench" over numbers: its rows are the groups.
  if (counts && isGroupWord(cleanText(head.cells[0] ?? ''))) return null;
  const beside = counts && headings[0]?.column !== 0;
  const isBeside = ({ column }: Cell): boolean => beside && column === 0;
  const led = below
    .flatMap(cellsOf)
    .filter((one) => !isMissingName(one.text) && !isBeside(one))
    .map((one) => ({ one, ...ledName(one.text) }));
  const cells = led.map(({ one, name }) => ({ ...one, text: name }));
  const headed = new Set(headings.map(({ column }) => column));
  if (cells.some(({ column }) => !headed.has(column))) return null;
  const counted = cells.filter(({ text }) => isTotal(text) || /^\d+$/.test(text));
  const members = cells.filter((one) => !counted.includes(one));
  const names = members.filter(({ text }) => looksLikeName(text) && roleOfColumn(text) === null);
  if (names.length < 2 || names.length < members.length * 0.9) return null;
  if (new Set(members.map(({ text }) => plainWords(text))).size < members.length * 0.95)
    return null;
  // "Mon", "Tue" over those who come on each.
  const groupWords =
    headings.every(({ text }) => sectionHeading(text) !== null) ||
    headings.every(({ text }) => isDayWord(text));
  // A child and a parent, and no groups.
  if (!groupWords && areFamilies(below, names)) return null;
  // Words of one kind over names of another: "Otters", "Herons" over given and family names.
  const words = headings.every(
    ({ text }) => looksLikeName(text) && !text.includes(' ') && roleOfColumn(text) === null,
  );
  const whole = names.filter(({ text }) => text.includes(' ')).length > names.length * 0.7;
  const first = counted.length === 0 && areFirstNames(headings, names);
  // "Washing up", "Fire" over whole names beside the weeks: who has which part.
  const parts =
    counts &&
    (names.every(({ text }) => looksLikeWholeName(text)) ||
      (headings.length > 2 && [...headings, ...names].every(({ text }) => IS_WORD.test(text)))) &&
    headings.every(({ text }) => roleOfColumn(text) === null && !isOfOthers(text));
  const known = groupWords || (words && (whole || first));
  if (!known && !parts) return null;
  const people = headings.flatMap(({ column, text: section }) =>
    members
      .filter((one) => one.column === column)
      .map((one) => ({ ...one, section: section.replace(/:$/, '') })),
  );
  const asked = people.map(({ line: row, text: name }): RosterWarning => ({
    kind: 'doubtfulName',
    row,
    name,
    given: '',
    likely: '',
  }));
  const told = known ? table : { ...table, warnings: [...(table.warnings ?? []), ...asked] };
  return tableOf(told, people, [
    ...filled
      .slice(0, from)
      .flatMap(cellsOf)
      .map((one) => aside(one, 'title')),
    ...headings.map((one) => aside(one, 'section')),
    ...led
      .filter(({ part }) => part !== '')
      .map(({ one, part }) => aside({ ...one, text: part }, 'heading')),
    ...filled
      .slice(from)
      .flatMap(cellsOf)
      .filter((one) => isBeside(one) && !/^\d+[.)]?$/.test(one.text))
      .map((one) => aside(one, 'heading')),
    ...counted.map((one) => aside(one, 'total')),
    ...ruled.flatMap(cellsOf).map((one) => aside(one, 'rule')),
  ]);
}

/** "Lead: Amira", "(Leader: Amira)" and "Amira (lead)" in their two parts; another text is a name without a part. */
function ledName(text: string): { readonly name: string; readonly part: string } {
  const found =
    /^\(?\s*(?<part>[^:()]{1,30}?)\s*:\s*(?<name>[^:()]+?)\s*\)?$/.exec(text) ??
    /^(?<name>[^()]+?)\s*\(\s*(?<part>[^()]{1,30}?)\s*\)$/.exec(text);
  const { name = '', part = '' } = found?.groups ?? {};
  return isLeaderWord(part) && looksLikeName(name) ? { name, part } : { name: text, part: '' };
}

/** Whether the first cells of rows count them, or say which part whoever is in them has: "Leader", "Member 2". */
function countsRows(cells: readonly string[]): boolean {
  const counted = cells.every((cell, at) => Number(cell.replace(/[.)]$/, '')) === at + 1);
  // "Leader" beside the first of them is enough.
  const said = cells.filter((cell) => cell !== '');
  const parts = said.every(
    (cell) => isLeaderWord(cell) || MEMBER.test(plainWords(cell)) || MEMBERS.test(plainWords(cell)),
  );
  return cells.length > 1 && (counted || (said.length > 0 && parts));
}

const IS_WORD = /^\p{Lu}[\p{L}\p{M}'’-]+$/u;

/** "Otters", "Herons" over single words that are no parts of a name: words of several over words of one. */
function areFirstNames(headings: readonly Cell[], names: readonly Cell[]): boolean {
  const isPlural = ({ text }: Cell): boolean => /\p{Ll}s$/u.test(text);
  return (
    names.every(({ text }) => IS_WORD.test(text)) &&
    headings.every(isPlural) &&
    names.filter(isPlural).length < names.length * 0.3
  );
}

const MEMBER =
  /^(?:member|student|pupil|name|seat|desk|chair|platz|asiento|posto|plaats|player|person|participant|mitglied|schuler|schulerin|miembro|integrante|alumno|membre|eleve|membro|aluno|alunno|lid|leerling)(?: (?:name|no|nr))? ?(?:\d+|[a-d])$/;
const MEMBERS =
  /^(?:(?:group |team |crew )?members?(?: names?)?|students?|names?|pupils?|who|people|crew|children|learners|participants|players|mitglieder|schuler|schulerinnen|miembros|integrantes|alumnos|membres|eleves|membri|componenti|membros|alunos|leden|leerlingen|mentees|tutees|voters|votes by|respondents|signed up|chosen by|votantes|votants|stimmen von)$/;

/** Words over what several have chosen, or are on. */
const CHOSEN =
  /^(?:options?|choices?|answers?|activity|topic|project|task|job|day|date|slot|time|theme|room|site|place|station|raum|ort|aula|salle|lieu|luogo|lugar|lokaal|auswahl|thema|projekt|opcion|tema|proyecto|choix|sujet|scelta|progetto|opcao|projeto|keuze|onderwerp)$/;

/**
 * "Left" and "Right" beside "Bench": columns of unknown words over whole names only, nobody in two of them; none where one has
 * others. "Leader" and "Recorder" beside an empty corner stand over any names.
 */
function placesOfPeople(headings: readonly Cell[], below: readonly Row[]): readonly Cell[] {
  const [first] = headings;
  if (!first) return [];
  const led = first.column > 0 && headings.some(({ text }) => isLeaderWord(text));
  const others = led ? headings : headings.slice(1);
  if ((!led && !isGroupWord(first.text)) || others.length < 2) return [];
  const label = led ? 0 : first.column;
  const people = below.flatMap(cellsOf).filter(({ column }) => column !== label);
  const isName = led ? looksLikeName : looksLikeWholeName;
  const fits =
    others.every(({ text }) => roleOfColumn(text) === null && !isOfOthers(text)) &&
    people.every(({ text }) => isMissingName(text) || isName(text)) &&
    new Set(people.map(({ text }) => plainWords(text))).size === people.length;
  return fits ? others : [];
}

/** A group in each row, its members in cells of their own or in one; null where a table does not look like that. */
export function groupRowsTable(table: Table): Table | null {
  const filled = table.rows.filter(hasContent).map((row): Row => ({
    ...row,
    // Members may stand below each other in a cell.
    cells: row.cells.map((cell) => cell.trim().replace(/\s*[\r\n]+\s*/g, '; ')),
  }));
  const at = filled.findIndex((row) => cellsOf(row).length > 1);
  const head = filled[at];
  if (!head) return null;
  const headings = cellsOf(head);
  const told = headings.filter(({ text }) => MEMBER.test(plainWords(text)));
  const numbered = told.length > 1 ? told : placesOfPeople(headings, filled.slice(at + 1));
  const single = headings.filter(({ text }) => MEMBERS.test(plainWords(text)));
  const columns = new Set((numbered.length > 1 ? numbered : single).map(({ column }) => column));
  const below = filled.slice(at + 1);
  const members = below.flatMap(cellsOf).filter(({ column }) => columns.has(column));
  // "Haddad, Amira" under "Name" is one.
  const ofOne = single.some(({ text }) => /^(?:name|student|pupil|who)$/.test(plainWords(text)));
  const isTurned = (text: string): boolean =>
    ofOne && /^[^,;/|]+,[^,;/|]+$/.test(text) && parted(text).some((part) => !part.includes(' '));
  // "Amira" over "Haddad" in a cell under "Name" is one as well.
  const raw = new Map(table.rows.map((row) => [row.line, row.cells]));
  const isBroken = ({ line, column }: Cell): boolean =>
    ofOne && /^\s*\S+\s*[\r\n]+\s*\S+\s*$/.test(raw.get(line)?.[column] ?? '');
  const several = members.filter(
    (one) => parted(one.text).length > 1 && !isTurned(one.text) && !isBroken(one),
  );
  if (
    numbered.length < 2 &&
    (single.length !== 1 || several.length === 0 || several.length < members.length / 2)
  )
    return null;
  const leaders = headings.filter(({ text }) => isLeaderWord(text));
  leaders.forEach(({ column }) => columns.add(column));
  const group = headings.find(
    ({ column, text }) =>
      !columns.has(column) &&
      (roleOfColumn(text) === 'section' ||
        isGroupWord(text) ||
        isOfOthers(text) ||
        CHOSEN.test(plainWords(text))),
  );
  const label = group ?? headings.find(({ column }) => !columns.has(column));
  if (numbered.length < 2 && !group) return null;
  // "Table 1" may stand below an empty corner.
  const beside = label?.column ?? (columns.has(0) ? -1 : 0);
  const people = below.flatMap((row) => {
    const section = cleanText(row.cells[beside] ?? '');
    return cellsOf(row)
      .filter(({ column, text }) => columns.has(column) && !isMissingName(text))
      .flatMap((one) =>
        (numbered.length > 1 ? [one.text] : parted(one.text)).map((text) => ({
          ...one,
          text,
          section,
        })),
      );
  });
  const lines = new Set(people.map(({ line }) => line));
  return tableOf(table, people, [
    ...filled
      .slice(0, at)
      .flatMap(cellsOf)
      .map((one) => aside(one, 'title')),
    aside(
      { line: head.line, column: 0, text: headings.map(({ text }) => text).join(', ') },
      'heading',
    ),
    ...below
      .filter(({ line }) => lines.has(line))
      .flatMap(cellsOf)
      .filter(({ column }) => !columns.has(column) && column !== beside)
      .map((one) => aside(one, 'footer')),
    ...below
      .filter(({ line }) => !lines.has(line))
      .flatMap(cellsOf)
      .map((one) => aside(one, kindOfLine(one.text)?.kind === 'total' ? 'total' : 'noName')),
  ]);
}

const PARTNER =
  /^(?:partner|buddy|pair|peer|partnerin|companero|companera|pareja|binome|compagno|compagna|parceiro|parceira|duo)(?: \d)?$/;

/** A pair in each row, under a word for names and one for partners who stand in no other row; null for another table. */
export function pairRowsTable(table: Table): Table | null {
  const filled = table.rows.filter(hasContent);
  const [head, ...below] = filled;
  if (!head) return null;
  const headings = cellsOf(head);
  const [name, ...more] = headings.filter(({ text }) => NAME_ROLES.has(roleOfColumn(text)));
  const partners = headings.filter(({ text }) => PARTNER.test(plainWords(text)));
  if (!name || more.length > 0 || partners.length === 0) return null;
  if (headings.length > 1 + partners.length) return null;
  const cells = below.flatMap(cellsOf).filter(({ text }) => !isMissingName(text));
  const distinct = new Set(cells.map(({ text }) => plainWords(text)));
  // Whoever stands in both columns is wished for, and is no second student.
  if (distinct.size < cells.length || !cells.every(({ text }) => looksLikeName(text))) return null;
  const sectionOf = new Map(below.map(({ line }, at) => [line, String(at + 1)]));
  return tableOf(
    table,
    cells.map((one) => ({ ...one, section: sectionOf.get(one.line) ?? '' })),
    headings.map((one) => aside(one, 'heading')),
  );
}

const ROW =
  /^\p{L}+ (?:row|table|bench|side)$|^(?:row|table|bench|reihe|fila|rang|rij|tisch|mesa|tavolo) \p{L}+$|^(?:vordere|mittlere|hintere) reihe$/u;

const COLOUR =
  /^(?:red|blue|green|yellow|orange|purple|pink|white|black|brown|grey|gold|silver|rot|blau|grun|gelb|lila|weiss|schwarz|rojo|azul|verde|amarillo|amarelo|naranja|morado|blanco|negro|rouge|bleu|vert|jaune|noir|rosso|blu|giallo|bianco|nero|vermelho|branco|preto|rood|blauw|groen|geel|paars|wit|zwart)$/;

/** Rows that begin with the name of a group, whole names after it, and no headings; null where a table is not like that. */
export function ledRowsTable(table: Table): Table | null {
  const filled = table.rows.filter(hasContent);
  const rows = filled.map(cellsOf);
  const leads = rows.flatMap(([first]) => first ?? []);
  const others = rows.flatMap(([, ...rest]) => rest);
  // "Front row" says what it is, over whatever people are called.
  const told = [
    ({ text }: Cell) => ROW.test(plainWords(text)),
    ({ text }: Cell) => COLOUR.test(plainWords(text)),
    ({ text }: Cell) => sectionHeading(text) !== null && !/\s[-–—]\s/.test(text),
  ].findIndex((isLead) => leads.every(isLead));
  // Two words beside "Bench 1" may be the two names of one.
  const several = told === 0 || (told > 0 && rows.every(({ length }) => length > 3));
  const isName = several ? looksLikeName : looksLikeWholeName;
  const fits =
    rows.length > 1 &&
    others.length >= rows.length * 2 &&
    leads.every(({ text, column }) => column === 0 && !looksLikeWholeName(text)) &&
    leads.every(
      ({ text }) =>
        roleOfColumn(text) === null &&
        /^[\p{L}\d][\p{L}\d '’-]*:?$/u.test(text) &&
        !/^\d{3,}$/.test(text),
    ) &&
    others.every(({ text }) => isName(text)) &&
    new Set([...leads, ...others].map(({ text }) => plainWords(text))).size ===
      leads.length + others.length;
  if (!fits) return null;
  const people = rows.flatMap(([lead, ...rest]) =>
    rest.map((one) => ({ ...one, section: lead?.text.replace(/:$/, '') ?? '' })),
  );
  return tableOf(
    table,
    people,
    leads.map((one) => aside(one, 'section')),
  );
}

/** The people named in one cell. */
function parted(cell: string): readonly string[] {
  // "Amira (she/her)" is one.
  const bare = cell.replace(/\([^()]*\)/g, '');
  const sign = [';', '/', '|', ',', '、'].find((one) => splitOutside(bare, one).length > 1);
  const parts = sign === undefined ? [cell] : splitOutside(cell, sign);
  return parts
    .flatMap((part) => part.split(/\s+(?:and|&|und|y|et)\s+/u))
    .map((part) => part.trim())
    .filter(Boolean);
}
