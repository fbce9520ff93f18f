import { unzipSync } from 'fflate';
import type { RosterError } from './roster/types';

/** All parts of an archive together may unpack to this many bytes: far above any class list, far below harm. */
const MOST_UNPACKED_BYTES = 150 * 1024 * 1024;
const MOST_PARTS = 2_000;

export type Archive =
  | { readonly ok: true; readonly parts: Readonly<Record<string, Uint8Array>> }
  | { readonly ok: false; readonly error: RosterError };

/**
 * Unpacks the wanted parts of a zip (PKWARE APPNOTE). The sizes the archive declares are added up before any part
 * is unpacked, and no part may grow past its declared size, so that a bomb does no harm.
 */
export function unpack(bytes: Uint8Array, wanted: (name: string) => boolean): Archive {
  const weight = { total: 0, count: 0, tooLarge: false };
  try {
    const parts = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        weight.total += originalSize;
        weight.count++;
        weight.tooLarge ||= weight.total > MOST_UNPACKED_BYTES || weight.count > MOST_PARTS;
        return !weight.tooLarge && wanted(name);
      },
    });
    if (weight.tooLarge) return { ok: false, error: { code: 'unpacksTooLarge' } };
    return { ok: true, parts };
  } catch {
    return {
      ok: false,
      error: weight.tooLarge ? { code: 'unpacksTooLarge' } : { code: 'damaged', what: 'zip' },
    };
  }
}

/** Names of all parts, nothing unpacked. */
export function partNames(bytes: Uint8Array): readonly string[] | null {
  const names: string[] = [];
  try {
    unzipSync(bytes, {
      filter: ({ name }) => {
        names.push(name);
        return false;
      },
    });
    return names;
  } catch {
    return null;
  }
}
