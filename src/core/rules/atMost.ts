import { markedKind } from './marked';

/** At most so many students with the value in any group. */
export const atMost = markedKind('atMost', (figures) =>
  figures.have > figures.needed ? { code: 'tooManyWithValue', ...figures } : null,
);
