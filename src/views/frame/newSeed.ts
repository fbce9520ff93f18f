/** A seed for a draw that nobody could have known. */
export function newSeed(): number {
  return crypto.getRandomValues(new Uint32Array(1))[0] ?? 0;
}
