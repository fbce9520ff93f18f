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
