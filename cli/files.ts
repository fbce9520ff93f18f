import { existsSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { parseArgs, type ParseArgsConfig } from 'node:util';
import { sayShell } from '@/messages/shell';

/** Exit codes of the command line. */
export const DONE = 0;
export const BAD_INPUT = 2;
export const NOT_FEASIBLE = 3;

/** Where errors go, one sentence a line. */
export type Complain = (sentence: string) => void;

export type Json =
  | { readonly ok: true; readonly value: unknown }
  | { readonly ok: false; readonly sentence: string };

export function readJson(path: string): Json {
  let text: string;
  try {
    text = readFileSync(path, 'utf8');
  } catch {
    return { ok: false, sentence: sayShell.commandLine.cannotRead(path) };
  }
  try {
    return { ok: true, value: JSON.parse(text.replace(/^\uFEFF/, '')) };
  } catch {
    return { ok: false, sentence: sayShell.commandLine.notJson(path) };
  }
}

/** Whether the file could be written. */
export function writeJson(path: string, value: unknown): boolean {
  try {
    writeFileSync(path, `${JSON.stringify(value, null, 2)}\n`);
    return true;
  } catch {
    return false;
  }
}

/** Options of a command, as Node reads them. */
type Options = NonNullable<ParseArgsConfig['options']>;

/** Options and files that were given; the sentence that says what is wrong where they cannot be read. */
export function readArguments<O extends Options>(args: readonly string[], options: O) {
  try {
    return parseArgs({ args: withValues(args, options), allowPositionals: true, options });
  } catch (error) {
    return sayShell.commandLine.export.unknownOption(String(error).split('\n')[0] ?? '');
  }
}

/** A value that begins with a hyphen stands behind its option ("--lineup=-x"), as Node's reading of arguments asks for. */
function withValues(args: readonly string[], options: Options): string[] {
  const joined: string[] = [];
  for (let i = 0; i < args.length; i++) {
    const word = args[i] ?? '';
    const next = args[i + 1];
    const takes = word.startsWith('--') && options[word.slice(2)]?.type === 'string';
    if (takes && next !== undefined && /^-(?!-)/.test(next)) {
      joined.push(`${word}=${next}`);
      i++;
    } else joined.push(word);
  }
  return joined;
}

export function isFolder(path: string): boolean {
  return existsSync(path) && statSync(path).isDirectory();
}
