import { markedKind } from './marked';

/** At least so many students with the value in every group. */
export const atLeast = markedKind('atLeast', (figures) =>
  figures.have < figures.needed ? { code: 'tooFewWithValue', ...figures } : null,
);
