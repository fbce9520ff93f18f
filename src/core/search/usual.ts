/** Changes looked at to learn what usual ones are. */
const SAMPLE = 200;
const EPSILON = 1e-12;

/** Mean size of the changes of the cost that `change` draws, those of nothing left out; 0 where there are no others. */
export function usualSize(change: () => number): number {
  let [sum, count] = [0, 0];
  for (let i = 0; i < SAMPLE; i++) {
    const size = Math.abs(change());
    if (size < EPSILON) continue;
    sum += size;
    count++;
  }
  return count === 0 ? 0 : sum / count;
}
