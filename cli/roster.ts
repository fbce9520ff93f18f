import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { mergeRosters } from '@/formats/roster/merge';
import { readRosterFile, type ReadOptions, type ReadRoster } from '@/formats/roster/readRoster';
import type { RosterStudent } from '@/formats/roster/types';
import { sayRoster } from '@/messages/roster';
import { sayShell } from '@/messages/shell';
import { BAD_INPUT, DONE, writeJson, type Complain } from './files';

/** `gruppetto roster`: reads any class list, writes what was understood, returns the exit code. */
export async function rosterCommand(args: readonly string[], complain: Complain): Promise<number> {
  const parsed = rosterArguments(args);
  if (!parsed) {
    complain(sayShell.commandLine.usage);
    return BAD_INPUT;
  }
  const { file, out, into, sheet, classes } = parsed;
  const read = await readFile(file, { ...(sheet === null ? {} : { sheet }), classes });
  const earlier = into === null ? null : await readFile(into, {});
  const failed = [read, earlier].find((one) => typeof one === 'string');
  const output =
    typeof failed === 'string' || typeof read === 'string'
      ? unread(String(failed))
      : whole(read, earlier);
  if (output.error !== null) complain(output.error);
  if (!writeJson(out, output)) {
    complain(sayShell.commandLine.cannotWrite(out));
    return BAD_INPUT;
  }
  return output.error === null ? DONE : BAD_INPUT;
}

type Read = Extract<ReadRoster, { ok: true }>;

/** What a file holds, or the sentence that says why it cannot be read. */
async function readFile(path: string, options: ReadOptions): Promise<Read | string> {
  let bytes: Uint8Array;
  try {
    bytes = readFileSync(path);
  } catch {
    return sayShell.commandLine.cannotRead(path);
  }
  const read = await readRosterFile(new Uint8Array(bytes), {
    ...options,
    columnName: sayRoster.roster.unnamedColumn,
  });
  return read.ok ? read : sayRoster.rosterErrorSentence(read.error);
}

function unread(error: string) {
  return { students: [], attributes: [], skipped: [], warnings: [], error };
}

function whole({ roster }: Read, earlier: Read | string | null) {
  const known = earlier === null || typeof earlier === 'string' ? null : earlier.roster.students;
  return {
    students: roster.students.map(withoutRow),
    attributes: roster.attributes.map(({ name, kind, levels }) =>
      levels.length > 0 ? { name, kind, levels } : { name, kind },
    ),
    skipped: roster.skipped.map(({ row, name, reason }) => ({
      row,
      name,
      reason: sayRoster.skipReasons[reason],
      code: reason,
    })),
    warnings: roster.warnings.map((warning) => ({
      kind: warning.kind,
      row: warning.row,
      name: warning.name,
      message: sayRoster.rosterWarningSentence(warning),
    })),
    ...(known ? { merge: mergeRosters(known, roster.students) } : {}),
    error: null,
  };
}

/** The open format gives a student as they are shown; the row stands beside the doubts. */
function withoutRow({ row: _row, preferredName: _preferred, ...student }: RosterStudent) {
  return student;
}

interface RosterArguments {
  readonly file: string;
  readonly out: string;
  readonly into: string | null;
  readonly sheet: string | null;
  readonly classes: readonly string[];
}

function rosterArguments(args: readonly string[]): RosterArguments | null {
  try {
    const { values, positionals } = parseArgs({
      args: [...args],
      allowPositionals: true,
      options: {
        into: { type: 'string' },
        sheet: { type: 'string' },
        class: { type: 'string', multiple: true },
      },
    });
    const [file, out, ...others] = positionals;
    if (file === undefined || out === undefined || others.length > 0) return null;
    const { into = null, sheet = null, class: classes = [] } = values;
    return { file, out, into, sheet, classes };
  } catch {
    return null;
  }
}
