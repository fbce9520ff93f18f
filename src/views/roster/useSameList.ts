import { useMemo } from 'react';

/** The same list as before while it holds the same lines, so that what is memoised by it stays. */
export function useSameList(lines: readonly string[]): readonly string[] {
  const text = lines.join('\n');
  return useMemo(() => text.split('\n'), [text]);
}
