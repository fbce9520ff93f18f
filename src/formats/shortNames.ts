/** A whole name, with its parts where they are known. */
export interface FullName {
  readonly name: string;
  readonly givenName: string;
  readonly familyName: string;
}

/**
 * A short form for each name, all different: the given name with as much of the family name as it takes.
 * `initial` says whether the family name's first letter always stands, or only where two would be alike.
 */
export function shortNames(
  names: readonly FullName[],
  initial: 'always' | 'whenNeeded',
): readonly string[] {
  const parts = names.map(partsOf);
  const shortest = initial === 'always' ? 1 : 0;
  const lengths = parts.map(({ family }) => Math.min(shortest, family.length));
  let shorts = parts.map((part, i) => write(part, lengths[i] ?? 0));
  let growing = clashes(shorts);
  while (growing.size > 0) {
    const longer = [...growing].filter((i) => (lengths[i] ?? 0) < (parts[i]?.family.length ?? 0));
    if (longer.length === 0) break;
    longer.forEach((i) => (lengths[i] = (lengths[i] ?? 0) + 1));
    shorts = parts.map((part, i) => write(part, lengths[i] ?? 0));
    growing = clashes(shorts);
  }
  return numberTwins(shorts);
}

interface Parts {
  readonly given: string;
  /** Letters of the family name, whole characters as a reader sees them. */
  readonly family: readonly string[];
}

function partsOf({ name, givenName, familyName }: FullName): Parts {
  if (givenName !== '') return { given: givenName, family: letters(familyName) };
  const space = name.lastIndexOf(' ');
  if (space < 0) return { given: name, family: [] };
  return { given: name.slice(0, space), family: letters(name.slice(space + 1)) };
}

function letters(text: string): readonly string[] {
  const segments = new Intl.Segmenter(undefined, { granularity: 'grapheme' }).segment(text);
  return [...segments].map(({ segment }) => segment);
}

function write({ given, family }: Parts, length: number): string {
  if (length === 0 || family.length === 0) return given;
  const whole = length >= family.length;
  return `${given} ${family.slice(0, length).join('')}${whole ? '' : '.'}`;
}

/** Indexes of the names that stand more than once; a full stop alone tells nobody apart. */
function clashes(shorts: readonly string[]): ReadonlySet<number> {
  const read = shorts.map((short) => short.replace(/\.$/, ''));
  const counts = new Map<string, number>();
  read.forEach((short) => counts.set(short, (counts.get(short) ?? 0) + 1));
  return new Set(read.flatMap((short, i) => ((counts.get(short) ?? 0) > 1 ? [i] : [])));
}

/** Two students of one name are told apart by a number, in the order of the list. */
function numberTwins(shorts: readonly string[]): readonly string[] {
  const clashing = clashes(shorts);
  const seen = new Map<string, number>();
  return shorts.map((short, i) => {
    if (!clashing.has(i)) return short;
    const number = (seen.get(short) ?? 0) + 1;
    seen.set(short, number);
    return `${short} (${number})`;
  });
}
