import { zipSync } from 'fflate';

/** Zip entries tell a wall clock without a zone: this one is the same everywhere. */
const FIXED = new Date(1980, 0, 1);

export type FileIn = readonly [name: string, bytes: Uint8Array];

/** Files in a zip (names in UTF-8, flagged where they need it); the same bytes for the same files. */
export function archive(files: readonly FileIn[]): Uint8Array {
  return zipSync(Object.fromEntries(files), { mtime: FIXED, level: 6 });
}
