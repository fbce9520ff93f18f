import * as z from 'zod/mini';
import { restored } from './harmless';
import { csvFile } from './out/csv';
import { textFile, type Written } from './out/wayOut';
import { parseDelimited, type Delimiter } from './roster/delimited';
import { cleanText } from './roster/text';

/** More skills than any ladder has rungs, and the most letters of a name and of a text. */
export const MOST_SKILLS = 200;
const MOST_NAME = 120;
const MOST_TEXT = 2_000;

export interface LadderSkillRead {
  readonly name: string;
  readonly text: string;
}

/** What a ladder's file has that was not taken as it stood; lines count from 1. */
export type LadderIssue =
  | { readonly code: 'twice'; readonly name: string; readonly line: number }
  | { readonly code: 'shortened'; readonly name: string; readonly line: number }
  | { readonly code: 'tooMany'; readonly given: number; readonly most: number };

export type LadderRead =
  | {
      readonly ok: true;
      readonly skills: readonly LadderSkillRead[];
      readonly issues: readonly LadderIssue[];
    }
  | { readonly ok: false; readonly code: 'empty' | 'notLadder' | 'newer' };

/** A ladder as a file for machines: `gruppetto.ladder` of version 1. */
const LadderFile = z.object({
  format: z.literal('gruppetto.ladder'),
  version: z.number(),
  name: z.optional(z.string()),
  skills: z.array(z.object({ name: z.string(), text: z.optional(z.string()) })),
});

/** Reads a ladder from its JSON file, from CSV (name and text, with a heading or without), or from a skill a line. */
export function readLadder(given: string): LadderRead {
  const text = given.replace(/^\ufeff/, '').trim();
  if (text === '') return { ok: false, code: 'empty' };
  if (/^[[{]/.test(text)) return fromJson(text);
  const delimiter = ([';', '\t', ','] as const).find((one) => isTable(text, one));
  const rows = parseDelimited(text, delimiter ?? '\t', 10 * MOST_SKILLS);
  const [heading] = rows;
  const headed = /^(skills?|names?)$/i.test(heading?.cells[0]?.trim() ?? '');
  return taken(
    rows.slice(headed ? 1 : 0).map(({ line, cells: [name = '', ...rest] }) => ({
      // "1. " and "- " before the skills of a plain list are no part of them.
      name: delimiter ? restored(name) : name.replace(/^\s*(?:\d{1,3}[.)]|[-*•–])\s+/, ''),
      text: rest
        .map(restored)
        .filter((cell) => cell.trim() !== '')
        .join(delimiter === ',' ? ', ' : ' '),
      line,
    })),
  );
}

/** A comma within a skill's name makes no table of a plain list: its lines have the same number of cells. */
function isTable(text: string, delimiter: Delimiter): boolean {
  const counts = parseDelimited(text, delimiter, MOST_SKILLS)
    .filter(({ cells }) => cells.some((cell) => cell.trim() !== ''))
    .map(({ cells }) => cells.length);
  return (counts[0] ?? 0) > 1 && counts.every((count) => count === counts[0]);
}

function fromJson(text: string): LadderRead {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return { ok: false, code: 'notLadder' };
  }
  const read = LadderFile.safeParse(data);
  if (!read.success) return { ok: false, code: 'notLadder' };
  if (read.data.version > 1) return { ok: false, code: 'newer' };
  return taken(
    read.data.skills.map((one, at) => ({ name: one.name, text: one.text ?? '', line: at + 1 })),
  );
}

function taken(rows: readonly (LadderSkillRead & { readonly line: number })[]): LadderRead {
  const issues: LadderIssue[] = [];
  const known = new Set<string>();
  const skills = rows.flatMap((row): LadderSkillRead[] => {
    const whole = cleanText(row.name);
    if (whole === '') return [];
    const skill = whole.slice(0, MOST_NAME);
    const about = cleanText(row.text);
    if (skill !== whole || about.length > MOST_TEXT) {
      issues.push({ code: 'shortened', name: skill, line: row.line });
    }
    if (known.has(skill.toLowerCase())) {
      issues.push({ code: 'twice', name: skill, line: row.line });
      return [];
    }
    known.add(skill.toLowerCase());
    return [{ name: skill, text: about.slice(0, MOST_TEXT) }];
  });
  if (skills.length === 0) return { ok: false, code: 'empty' };
  if (skills.length > MOST_SKILLS) {
    issues.push({ code: 'tooMany', given: skills.length, most: MOST_SKILLS });
  }
  return { ok: true, skills: skills.slice(0, MOST_SKILLS), issues };
}

/** A ladder as a file that `readLadder` gives back. */
export async function ladderFile(
  kind: 'json' | 'csv',
  name: string,
  skills: readonly LadderSkillRead[],
): Promise<Written> {
  if (kind === 'csv') {
    return csvFile([['skill', 'text'], ...skills.map((one) => [one.name, one.text])], {
      for: 'spreadsheet',
    });
  }
  const file = { format: 'gruppetto.ladder', version: 1, name, skills };
  return textFile('json', 'application/json', `${JSON.stringify(file, null, 2)}\n`);
}
