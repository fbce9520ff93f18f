/** Enough for every line and cell of a large list. */
const MOST_KNOWN = 30_000;

/**
 * The same lines and cells are asked about by every way of reading: a function of one text that keeps its answers, up to a
 * bound, after which it begins anew. Answers are shared, so they must not be changed.
 */
export function remembered<T>(work: (text: string) => T): (text: string) => T {
  const known = new Map<string, T>();
  return (text) => {
    const before = known.get(text);
    if (before !== undefined) return before;
    if (known.size > MOST_KNOWN) known.clear();
    const answer = work(text);
    known.set(text, answer);
    return answer;
  };
}
