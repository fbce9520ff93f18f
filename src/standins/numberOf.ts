/** A number from 0 to 2^32 - 1 for a text, the same on every machine (FNV-1a, 32 bits). */
export function numberOf(text: string): number {
  let hash = 0x811c9dc5;
  for (const byte of new TextEncoder().encode(text)) hash = Math.imul(hash ^ byte, 0x01000193);
  return hash >>> 0;
}
