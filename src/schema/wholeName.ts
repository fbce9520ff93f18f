import type { NameOrder } from './classRecord';

export interface NameParts {
  readonly givenName: string;
  readonly familyName: string;
  readonly preferredName: string;
}

/** The whole name from its parts, the preferred name in place of the given one; '' where no part is known. */
export function wholeName(parts: NameParts, order: NameOrder): string {
  const called = parts.preferredName || parts.givenName;
  const { familyName } = parts;
  if (called === '' || familyName === '') return called || familyName;
  switch (order) {
    case 'givenFirst':
      return `${called} ${familyName}`;
    case 'familyFirst':
      return `${familyName} ${called}`;
    case 'familyComma':
      return `${familyName}, ${called}`;
    default:
      return order satisfies never;
  }
}
