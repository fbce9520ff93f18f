import type { GroupNaming } from '../schema/recipe';

/** What a name may be made of beside the pattern. */
export interface NamingWords {
  /** Words in the order in which groups take them; after the last they begin again with a figure. */
  readonly words: readonly string[];
  readonly courseCode: string;
  /** A short date, as it is to be read. */
  readonly date: string;
  readonly numbered: (number: number) => string;
}

/** The names of so many groups, all different as long as a list of the teacher's own has no doubles. */
export function groupNames(
  naming: GroupNaming,
  count: number,
  words: NamingWords,
): readonly string[] {
  const extras = [
    naming.withCode ? words.courseCode : '',
    naming.withDate ? words.date : '',
  ].filter((part) => part !== '');
  return Array.from({ length: count }, (_, index) =>
    [bareName(naming, index, words), ...extras].join(' · '),
  );
}

function bareName({ from, list }: GroupNaming, index: number, words: NamingWords): string {
  switch (from) {
    case 'words':
      return wordAt(words.words, index);
    case 'numbers':
      return words.numbered(index + 1);
    case 'letters':
      return letters(index);
    case 'list':
      return list[index] ?? words.numbered(index + 1);
    default:
      return from satisfies never;
  }
}

function wordAt(words: readonly string[], index: number): string {
  const turn = Math.floor(index / words.length) + 1;
  const word = words[index % words.length] ?? '';
  return turn === 1 ? word : `${word} ${turn}`;
}

/** A to Z, then AA, AB and so on: bijective base 26. */
function letters(index: number): string {
  const rest = Math.floor(index / 26);
  const last = String.fromCharCode(65 + (index % 26));
  return rest === 0 ? last : letters(rest - 1) + last;
}
