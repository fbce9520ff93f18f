import { v5 } from 'uuid';

/** The space of names in which Gruppetto's ids are (RFC 9562, 5.5): a random one, the same for ever. */
const SPACE = '6e0d4a0c-1d0b-4c86-9a3e-3f5b0f6c2c11';

/** The same UUID for the same names, in every file and on every machine; nothing can be read out of it. */
export function uidOf(kind: 'person' | 'group' | 'event', ...names: readonly string[]): string {
  return v5(JSON.stringify([kind, ...names]), SPACE);
}
