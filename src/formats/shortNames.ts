/** A whole name, with its parts where they are known. */
export interface FullName {
  readonly name: string;
  readonly givenName: string;
  readonly familyName: string;
}

/**
 * A short form for each name, all different: the given name with as much of the family name as it takes.
 * `initial` says whether the family name's first letter always stands, or only where two would be alike; `apart` what
 * tells namesakes apart, each student's section for instance, '' where there is none.
 */
export function shortNames(
  names: readonly FullName[],
  initial: 'always' | 'whenNeeded',
  apart: readonly string[] = [],
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
  return toldApart(shorts, apart);
}

interface Parts {
  readonly given: string;
  /** The family name from its first letter on, whole characters as a reader sees them; particles before it are one. */
  readonly family: readonly string[];
}

/** What stands before a family name and is no name by itself; said in full wherever any of the name is. */
const PARTICLES: ReadonlySet<string> = new Set(
  (
    'a af al am an at av bar bat ben bin bint da das de dei del della der des di do dos du e el ibn la las le les lo los ' +
    'mac mc nic ní ó o san santa st ten ter thi tho und van vande vanden vander ver von vom y zu zum zur'
  ).split(' '),
);

/** A family name in steps in which it may be cut: particles with the first letter, then letter by letter. */
function stepsOf(familyName: string): readonly string[] {
  const words = familyName.split(/(?<=\s)/);
  const first = words.findIndex((word) => !PARTICLES.has(word.trim().toLocaleLowerCase()));
  // A name of particles alone is a name.
  const particles = first <= 0 ? '' : words.slice(0, first).join('');
  const [initial = '', ...others] = letters(familyName.slice(particles.length));
  // A blank is no letter: "Ruiz S" follows "Ruiz", not "Ruiz ".
  return [particles + initial, ...others]
    .filter((step) => step !== '')
    .reduce<string[]>(
      (steps, step) =>
        steps.at(-1)?.endsWith(' ')
          ? [...steps.slice(0, -1), `${steps.at(-1) ?? ''}${step}`]
          : [...steps, step],
      [],
    );
}

function partsOf({ name, givenName, familyName }: FullName): Parts {
  if (givenName !== '') return { given: givenName, family: stepsOf(familyName) };
  const words = name.split(' ');
  if (words.length < 2) return { given: name, family: [] };
  // Particles before the last word are part of the family name.
  let start = words.length - 1;
  while (start > 1 && PARTICLES.has((words[start - 1] ?? '').toLocaleLowerCase())) start--;
  return { given: words.slice(0, start).join(' '), family: stepsOf(words.slice(start).join(' ')) };
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

/**
 * Names, those of namesakes with what tells them apart behind them; where that is the same or nothing, with a number in the
 * order of the list, which tells at least that they are two.
 */
export function toldApart(names: readonly string[], apart: readonly string[]): readonly string[] {
  const clashing = clashes(names);
  const placesOf = new Map<string, number[]>();
  names.forEach((name, i) => {
    if (clashing.has(i)) placesOf.set(name, [...(placesOf.get(name) ?? []), i]);
  });
  return names.map((name, i) => {
    const twins = placesOf.get(name) ?? [];
    if (twins.length < 2) return name;
    const own = apart[i] ?? '';
    const alone = own !== '' && twins.filter((twin) => (apart[twin] ?? '') === own).length === 1;
    return `${name} (${alone ? own : String(twins.indexOf(i) + 1)})`;
  });
}

/** A name without the number that told it from a namesake's in its list: "Amira Haddad (2)". */
export function withoutNumber(name: string): string {
  return name.replace(/ \(\d+\)$/, '');
}
