import { roleOfHeading } from '../headings';
import { isTitled, looksLikeName, looksLikeWholeName } from '../names';
import { filledOf, isShort, namesIn, type Line, type Tidied } from './lines';

/** Lines that name a group by how they are set off from those below them. */

/** The lines with a colon behind those that are heads. */
const withColons = (
  all: readonly Line[],
  nameOf: ReadonlyMap<Line | undefined, string>,
): readonly Line[] =>
  all.map((one) => {
    const name = nameOf.get(one);
    return name === undefined ? one : { ...one, text: `${name}:` };
  });

const RULED = /^\s*(={2,}|-{2,}|\*{3,}|~{3,}|#{2,})\s*(\p{L}[^:]*?)\s*\1\s*$/u;

/** "== Otters ==" over its members, again and again. */
export function ruledHeads(all: readonly Line[]): readonly Line[] {
  const filled = filledOf(all);
  const heads = filled.flatMap((one) => {
    const name = RULED.exec(one.text)?.[2] ?? '';
    return name === '' ? [] : [[one, name] as const];
  });
  return heads.length > 1 && heads[0]?.[0] === filled[0] ? withColons(all, new Map(heads)) : all;
}

const TAUGHT = /^\s*([^():@,;]*\p{L}[^():@,;]*?)\s*(?:\(\s*([^()]+?)\s*\)|[–—-]\s+(\S.*?))\s*$/u;

/**
 * "Otters (Ms Okafor)" over its members, again and again: a group and who teaches it. "Amira (Ms Okafor)" among others of one
 * name, and "Amira Haddad (Ms Okafor)", are students.
 */
export function taughtHeads(all: readonly Line[]): Tidied {
  const filled = filledOf(all);
  const heads = filled.flatMap((one) => {
    const [, name = '', bracketed, dashed] =
      (isShort(one.text) ? TAUGHT.exec(one.text) : null) ?? [];
    const behind = bracketed ?? dashed ?? '';
    // "Ms Okafor - 7A".
    const [group, teacher] = isTitled(name) && /\d/.test(behind) ? [behind, name] : [name, behind];
    return group !== '' && isTitled(teacher) && !looksLikeWholeName(group)
      ? [{ one, name: group, teacher }]
      : [];
  });
  const isHead = (one: Line | undefined): boolean => heads.some((head) => head.one === one);
  const members = filled.filter((one) => !isHead(one));
  const fits =
    heads.length > 1 &&
    isHead(filled[0]) &&
    !filled.some((one, at) => isHead(one) && isHead(filled[at + 1])) &&
    members.length >= heads.length &&
    (members.every(({ text }) => looksLikeWholeName(text)) ||
      heads.every(({ name }) => /[\s\d]/.test(name)));
  if (!fits) return { lines: all, skipped: [] };
  return {
    lines: withColons(all, new Map(heads.map(({ one, name }) => [one, name]))),
    skipped: heads.map(({ one: { line }, teacher }) => ({
      ...{ row: line, name: teacher, reason: 'staff' as const },
    })),
  };
}

/** So many whole names stand below each head of one word at least, and below one of them this many times as many at most. */
const FEWEST_BELOW = 3;
const FEWEST_BELOW_TOLD = 2;
const MOST_TIMES = 2;

/**
 * "Soprano" over whole names, "Alto" over about as many: the only lines of one word. Some of a class who have one name stand
 * here and there among the others, and not over all of them.
 */
export function singleHeads(all: readonly Line[]): readonly Line[] {
  const filled = filledOf(all);
  // "Blue (Level 5)" tells more of the group.
  const heads = filled.filter(({ text }) =>
    /^\s*\p{Lu}[\p{L}'’]+(?:\s+\([^()]+\))?\s*$/u.test(text),
  );
  const others = filled.filter((one) => !heads.includes(one));
  const FIGURE = /\s+\d{1,3}(?:[.,]\d+)?\s*$/;
  const told =
    heads.every(({ text }) => text.includes('(')) || others.every(({ text }) => FIGURE.test(text));
  const places = heads.map((head) => filled.indexOf(head));
  const below = places.map((place, at) => (places[at + 1] ?? filled.length) - place - 1);
  const fewest = Math.min(...below);
  const fits =
    heads.length > 1 &&
    places[0] === 0 &&
    fewest >= (told ? FEWEST_BELOW_TOLD : FEWEST_BELOW) &&
    Math.max(...below) <= fewest * MOST_TIMES &&
    roleOfHeading(heads[0]?.text ?? '') === null &&
    others.every(({ text }) => looksLikeWholeName(text.replace(FIGURE, '').trim()));
  return fits ? withColons(all, new Map(heads.map((one) => [one, one.text.trim()]))) : all;
}

/** "🦦 Otters" over "Amira, Bram, Chipo", again and again: a line without a comma over one of several names. */
export function listedHeads(all: readonly Line[]): readonly Line[] {
  const filled = filledOf(all);
  const isHead = ({ text }: Line): boolean => /\p{L}/u.test(text) && !/[,;:@]/.test(text);
  const heads = filled.filter((_, at) => at % 2 === 0);
  const lists = filled.filter((_, at) => at % 2 === 1).map(({ text }) => namesIn(text));
  const fits =
    heads.length > 1 &&
    heads.length === lists.length &&
    heads.every(isHead) &&
    lists.every((names) => names.length > 1 && names.every(looksLikeName)) &&
    // "Haddad, Amira" is one.
    lists.filter(({ length }) => length > 2).length >= lists.length / 2;
  return fits
    ? withColons(all, new Map(heads.map((one) => [one, one.text.replace(PICTURES, '').trim()])))
    : all;
}

const PICTURES = /^(?:\s|\p{Extended_Pictographic}|[\p{M}\p{Cf}\p{Emoji_Modifier}])+(?=\p{L})/u;

const COUNTED = /(?:^|\s)\(?(\d{1,3})[.)]\s*(?=\p{L})/gu;

/** "1. Amira Haddad 2. Bram Visser 3. Chipo Dube" on one line: each of them as a line. */
export function countedOnOneLine(one: Line): readonly Line[] {
  const numbers = [...one.text.matchAll(COUNTED)];
  const [first] = numbers;
  const inOrder = numbers.every(
    ([, number], at) => Number(number) === Number(first?.[1] ?? '') + at,
  );
  if (numbers.length < 3 || !inOrder || one.text.slice(0, first?.index).trim() !== '') return [one];
  return numbers.map(({ index }, at) => {
    const text = one.text.slice(index, numbers[at + 1]?.index).trim();
    return { ...one, text: text.replace(/[,;]$/, '') };
  });
}

/** "Amira_Haddad" on every line: blanks that a machine could not bear. */
export function withoutUnderscores(all: readonly Line[]): readonly Line[] {
  const filled = filledOf(all);
  const fits =
    filled.length > 1 &&
    filled.every(({ text }) =>
      /^\s*\p{Lu}[\p{L}\p{M}'’.-]*(?:_[\p{L}\p{M}'’.-]+)*\s*$/u.test(text),
    ) &&
    filled.filter(({ text }) => text.includes('_')).length > filled.length / 2;
  return fits ? all.map((one) => ({ ...one, text: one.text.replaceAll('_', ' ') })) : all;
}
