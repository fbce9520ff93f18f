/** Each text with what a question about it answers, so that a failure names the texts; for tests. */
export const saidOf = <T>(asked: (text: string) => T, all: readonly string[]): Record<string, T> =>
  Object.fromEntries(all.map((text) => [text, asked(text)]));

/** The same where every answer is one. */
export const everyOne = <T>(all: readonly string[], answer: T): Record<string, T> =>
  saidOf(() => answer, all);
