import { markedKind } from './marked';

/** Students with the value in a group are none, or two and more. */
export const notAlone = markedKind('notAlone', ({ students, attribute, value, have }) =>
  have === 1 ? { code: 'aloneWithValue', students, attribute, value } : null,
);
