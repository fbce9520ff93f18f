import type { TurnTable } from './types';

/** What a table holds, counted in the obvious way. */
export function countTable(
  table: TurnTable['table'],
): Omit<TurnTable, 'table' | 'bestPossible'> & { readonly meetingsAgain: number } {
  const groups = table[0]?.length ?? 0;
  const together = new Map<string, number>();
  const breaks = Array.from({ length: groups }, () => 0);
  let visitsTwice = 0;
  for (let a = 0; a < groups; a++) {
    const visited = table.flatMap((row) => row[a] ?? []);
    breaks[a] = table.length - visited.length;
    visitsTwice += visited.length - new Set(visited).size;
    for (let b = a + 1; b < groups; b++) {
      const times = table.filter((row) => row[a] !== null && row[a] === row[b]).length;
      if (times > 1) together.set(`${a} ${b}`, times);
    }
  }
  const meetingsAgain = [...together.values()].reduce((sum, times) => sum + times - 1, 0);
  return { pairsTwice: together.size, visitsTwice, breaks, meetingsAgain };
}
