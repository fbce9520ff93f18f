import { isAddress } from './address';

/** Addresses must agree on a domain this much before another one is thought a slip. */
const USUAL_DOMAIN_SHARE = 0.5;

/** The domain, in lower case, of most of some addresses; '' where none has that many. What is no address does not count. */
export function usualDomain(emails: readonly string[]): string {
  const counts = new Map<string, number>();
  const valid = emails.filter(isAddress);
  valid.forEach((email) => {
    const domain = domainOf(email);
    counts.set(domain, (counts.get(domain) ?? 0) + 1);
  });
  const [first] = [...counts].sort((a, b) => b[1] - a[1]);
  return first && first[1] > 1 && first[1] >= valid.length * USUAL_DOMAIN_SHARE ? first[0] : '';
}

/** What an address was probably meant to be, where its domain is the usual one but for a slip; '' where it is not. */
export function withoutSlip(email: string, usual: string): string {
  if (usual === '' || !isAddress(email) || !isSlip(domainOf(email), usual)) return '';
  return `${email.split('@')[0] ?? ''}@${usual}`;
}

function domainOf(email: string): string {
  return email.split('@')[1]?.toLowerCase() ?? '';
}

/** Whether one domain is the other with a letter or two dropped, added, changed or swapped. */
export function isSlip(domain: string, usual: string): boolean {
  return domain !== usual && editDistance(domain, usual) <= 2;
}

/** Whether two words differ in so many letters at most, dropped, added, changed or swapped. */
export function isNear(one: string, two: string, most: number): boolean {
  return Math.abs(one.length - two.length) <= most && editDistance(one, two) <= most;
}

/** Letters to drop, add, change or swap with their neighbour (optimal string alignment, Damerau 1964). */
function editDistance(one: string, two: string): number {
  let [older, old] = [[] as number[], Array.from({ length: two.length + 1 }, (_, j) => j)];
  for (let i = 1; i <= one.length; i++) {
    const row = [i];
    for (let j = 1; j <= two.length; j++) {
      const change = one[i - 1] === two[j - 1] ? 0 : 1;
      let best = Math.min((old[j] ?? 0) + 1, (row[j - 1] ?? 0) + 1, (old[j - 1] ?? 0) + change);
      if (one[i - 1] === two[j - 2] && one[i - 2] === two[j - 1]) {
        best = Math.min(best, (older[j - 2] ?? Infinity) + 1);
      }
      row.push(best);
    }
    [older, old] = [old, row];
  }
  return old[two.length] ?? 0;
}
