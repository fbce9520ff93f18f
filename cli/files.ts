import { readFileSync, writeFileSync } from 'node:fs';
import { sayRoster } from '@/messages/roster';

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
    return { ok: false, sentence: sayRoster.commandLine.cannotRead(path) };
  }
  try {
    return { ok: true, value: JSON.parse(text.replace(/^\uFEFF/, '')) };
  } catch {
    return { ok: false, sentence: sayRoster.commandLine.notJson(path) };
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

/**
 * Arguments in which a value that begins with a hyphen stands behind its option ("--lineup", "-x" as "--lineup=-x"), as
 * Node's reading of arguments asks for; the names are those of options that take a value.
 */
export function withValues(args: readonly string[], names: readonly string[]): string[] {
  const joined: string[] = [];
  for (let i = 0; i < args.length; i++) {
    const word = args[i] ?? '';
    const next = args[i + 1];
    const takes = word.startsWith('--') && names.includes(word.slice(2));
    if (takes && next !== undefined && /^-(?!-)/.test(next)) {
      joined.push(`${word}=${next}`);
      i++;
    } else joined.push(word);
  }
  return joined;
}

/** Names of the options that take a value. */
export function valueOptions(
  options: Readonly<Record<string, { readonly type: string }>>,
): readonly string[] {
  return Object.keys(options).filter((name) => options[name]?.type === 'string');
}
