import { readPoints, wholeOf } from './mastery';
import { isMissing, plainWords } from './text';
import type { ColumnRole, Reading, Roster, Table } from './types';
import { guessKind } from './values';

/** One column of a list that may hold the answers to one question. */
export interface ResultColumn {
  /** Its place among the columns of the list. */
  readonly column: number;
  /** The heading, '' where there is none. */
  readonly heading: string;
  /** The most points that the question gives. */
  readonly whole: number;
  /** Place in the roster's students → points, null for no answer. */
  readonly points: readonly (number | null)[];
  /** Cells that are no answer that can be read, by place in the roster's students. */
  readonly unread: readonly { readonly student: number; readonly cell: string }[];
  /** Whether the column looks like answers, and not like another thing that is known of students. */
  readonly likely: boolean;
  /** Place on the ladder of the skill that the heading names, null for none. */
  readonly skill: number | null;
}

/** Columns that tell who somebody is are no questions. */
const WHO: ReadonlySet<ColumnRole> = new Set([
  ...(['givenName', 'familyName', 'fullName', 'preferredName', 'email', 'externalId'] as const),
  ...(['role', 'status', 'section'] as const),
]);
/** What stands over columns that sum up others: they are no question, though they read like one. */
const SUMMED =
  /^(total|sum|points|score|mark|grade|percent|per cent|average|mean|result)s?\b|%\s*$/i;
/** A column of which more than such a part cannot be read is something else, though less quickly where its heading names a skill. */
const MOST_UNREAD = 0.34;
const MOST_UNREAD_OF_SKILL = 0.7;

/**
 * The columns of a list that can be read as answers: points, points of a maximum, percentages, ticks or words. Headings
 * that hold the name of a skill, or begin like "3a" or "3.2" where all that are likely do, tell what is asked.
 */
export function resultColumnsIn(
  table: Table,
  { columns, headingRow }: Reading,
  roster: Roster,
  skills: readonly string[],
): readonly ResultColumn[] {
  const headings = headingRow < 0 ? [] : (table.rows[headingRow]?.cells ?? []);
  const rowOf = new Map(table.rows.map((row) => [row.line, row]));
  const found = columns.flatMap(({ role, kind, name }, at): ResultColumn[] => {
    if (WHO.has(role)) return [];
    const heading = headings[at]?.trim() ?? '';
    const cells = roster.students.map(({ row }) => rowOf.get(row)?.cells[at]?.trim() ?? '');
    const told = cells.filter((cell) => !isMissing(cell));
    const { decimal } = guessKind(name, told, table.commaIsDecimal);
    const whole = wholeOf(heading, told, decimal);
    const points = cells.map((cell) => (isMissing(cell) ? null : readPoints(cell, whole, decimal)));
    const unread = cells.flatMap((cell, student) =>
      !isMissing(cell) && points[student] === null ? [{ student, cell }] : [],
    );
    const skill = skillIn(heading, skills);
    const mayBeUnread = skill === null ? MOST_UNREAD : MOST_UNREAD_OF_SKILL;
    if (told.length === 0 || unread.length > mayBeUnread * told.length) return [];
    const likely =
      skill !== null ||
      kind === 'skill' ||
      ((kind === 'number' || kind === 'yesNo') && !SUMMED.test(heading));
    return [{ column: at, heading, whole, points, unread, likely, skill }];
  });
  return byNumber(found, skills.length);
}

/**
 * Whether columns beside names look like the answers of a test, and not like a few facts: several of them, all likely, that
 * ask for skills, or give a point or none.
 */
function looksLikeTest(columns: readonly ResultColumn[]): readonly ResultColumn[] {
  const answers = columns.filter(
    ({ likely, skill, points, whole }) =>
      likely &&
      (skill !== null || points.every((one) => one === null || one === 0 || one === whole)),
  );
  return answers.length >= FEWEST_QUESTIONS ? answers : [];
}

/** What of a list's details looks like the answers of a test; nothing, and no work, where there are too few of them. */
export function testIn(
  table: Table,
  reading: Reading,
  roster: Roster,
  skills: readonly string[],
): readonly ResultColumn[] {
  const isDetail = (column: number): boolean => reading.columns[column]?.role === 'detail';
  if ([...reading.columns.keys()].filter(isDetail).length < FEWEST_QUESTIONS) return [];
  const columns = resultColumnsIn(table, reading, roster, skills);
  return looksLikeTest(columns.filter(({ column }) => isDetail(column)));
}

/** One or two columns of yes and no are facts about students. */
const FEWEST_QUESTIONS = 4;

/** The skill whose name a heading holds, the longest of several. */
function skillIn(heading: string, skills: readonly string[]): number | null {
  const words = ` ${plainWords(heading)} `;
  let best: number | null = null;
  skills.forEach((skill, at) => {
    const name = plainWords(skill);
    if (name === '' || !words.includes(` ${name} `)) return;
    if (best === null || name.length > plainWords(skills[best] ?? '').length) best = at;
  });
  return best;
}

/** Where every likely heading without a skill begins with a skill's number and a part ("3a", "3.2"), that is the skill. */
function byNumber(columns: readonly ResultColumn[], count: number): readonly ResultColumn[] {
  const numberOf = ({ heading }: ResultColumn): number =>
    Number(/^\D{0,6}?(\d{1,2})(?:\s?[a-z]\b|\.\d)/i.exec(heading)?.[1] ?? 0);
  const open = columns.filter(({ likely, skill }) => likely && skill === null);
  const told = open.every((column) => {
    const number = numberOf(column);
    return number >= 1 && number <= count;
  });
  if (!told) return columns;
  return columns.map((column) =>
    open.includes(column) ? { ...column, skill: numberOf(column) - 1 } : column,
  );
}
