import {
  isDayWord,
  isLeaderWord,
  isListTitle,
  isMonthWord,
  kindOfLine,
  sectionHeading,
} from '../lineKinds';
import { isTitled, looksLikeName, looksLikeWholeName, withoutRemark } from '../names';
import { cleanText, plainWords } from '../text';
import { blocksOf, filledOf, isShort, namesIn, type Line, type Tidied } from './lines';
import { withoutBullet } from './strip';

/** Lines that name a group over its members, or before them. */

/**
 * "Otters" over whole names, one block after another: where each block but for its first line is of whole names, and
 * the first lines are single words, those name the groups; so do "Ms Okafor" and "Mr Mbeki" over names without a title.
 */
export function headedBlocks(all: readonly Line[]): readonly Line[] {
  const filled = blocksOf(all);
  const isSingle = ({ text }: Line): boolean => /^\s*[\p{L}\d'’-]+\s*$/u.test(text);
  const isStaff = ({ text }: Line): boolean => isTitled(text.trim());
  const isPlural = (one: Line): boolean => isSingle(one) && /\p{Ll}s\s*$/u.test(one.text);
  const below = filled.flatMap(([, ...others]) => others);
  // "Otters" over first names: words of several over words of one.
  const fewPlural = below.filter(isPlural).length < below.length * 0.3;
  const headed = [isSingle, isStaff, isPlural].some(
    (isHead) =>
      filled.length > 1 &&
      filled.every(
        ([first, ...others]) =>
          first &&
          isHead(first) &&
          others.length > 1 &&
          (isHead === isPlural ? fewPlural : !others.some(isHead)),
      ),
  );
  if (!headed) return all;
  const heads = new Set(filled.map(([first]) => first));
  return all.map((line) => (heads.has(line) ? { ...line, text: `${line.text.trim()}:` } : line));
}

/** "Crew A is Amira Haddad, Bram Visser and Chipo Dube." */
const SAID_GROUP =
  /^\s*(\p{Lu}[^,;:@]{1,30}?)\s+(?:is|are|has|have|include|includes|consists of|sind|hat|besteht aus|son|tiene|sont|est|a|sono|tem|são|zijn|heeft)\s+(\p{Lu}[^:.]*)\.?\s*$/u;

/** Sentences that each say who is in a group, with a colon between the two. */
export function saidGroups(all: readonly Line[]): readonly Line[] {
  const filled = filledOf(all);
  const fits = filled.every(({ text }) => {
    const [, label = '', members = ''] = SAID_GROUP.exec(text) ?? [];
    const names = namesIn(members);
    const isName = sectionHeading(label) === null ? looksLikeWholeName : looksLikeName;
    return names.length > 1 && names.every(isName);
  });
  if (filled.length < 2 || !fits) return all;
  return all.map((one) => ({ ...one, text: one.text.replace(SAID_GROUP, '$1: $2') }));
}

/** "Crew A (Amira, Bram), " and the next on one line. */
const IN_BRACKETS = /\s*([^(),;:]*\p{L}[^(),;:]*)\(([^()]*\p{L}[^()]*)\)\s*(?:[,;.]|and(?= )|$)/gu;

/** Longer lines are not looked at for brackets, which takes the square of their length. */
const LONGEST_LINE = 2_000;

/** A semicolon, or a stop before the next word with a colon: "Absent: Amira. Present: Bram, Chipo." */
const BETWEEN_GROUPS = /;|(?<=\p{L}{2})\.\s+(?=\p{Lu}[^:.,;]{1,40}:\s)/u;

/** "A: Amira, Bram; B: Dov, Eva": each group as a line. */
export function groupsOnOneLine(one: Line): readonly Line[] {
  const { length } = one.text;
  const bracketed =
    length <= LONGEST_LINE && one.text.includes('(') ? [...one.text.matchAll(IN_BRACKETS)] : [];
  if (bracketed.length > 1 && one.text.replace(IN_BRACKETS, '') === '')
    return bracketed.map(([, label = '', members = '']) => ({
      ...one,
      text: `${label.trim()}: ${members}`,
    }));
  const groups = one.text.split(BETWEEN_GROUPS).filter((part) => part.trim() !== '');
  const labelled = groups.every((part) => /^\s*[^:@<>,;]{1,40}:\s*\S/.test(part));
  if (groups.length < 2 || !labelled) return [one];
  const stopped = !one.text.includes(';');
  return groups.map((text) => ({
    line: one.line,
    text: stopped ? text.replace(/(?<=\p{L}{2})\.\s*$/u, '') : text,
  }));
}

/** How a line may name a group and its members but with a colon: "Otters = Amira, Bram", "[Otters] Amira", "Otters (Amira, Bram)". */
const GROUP_SIGNS = [
  /^\s*(?<group>(?=[^=]*\p{L})[^=:@,;]{1,60}?)\s*=\s*(?<members>\p{L}[^=]*[,;&][^=]*)$/u,
  /^\s*\[(?<group>(?=[^\]]*\p{L})[^\][:@,;]{1,60})\]\s*(?<members>\p{L}[^\][]*[,;&][^\][]*)$/u,
  /^\s*(?<group>(?=[^(]*\p{L})[^():@,;]{1,60}?)\s*\((?<members>\p{L}[^()]*[,;&][^()]*)\)\s*$/u,
];

/** Lines that each name a group and its members, with a colon between the two. */
export function signedGroups(all: readonly Line[]): readonly Line[] {
  const filled = filledOf(all);
  const sign = GROUP_SIGNS.find((one) =>
    filled.every(({ text }) => {
      const members = one.exec(text)?.groups?.members?.split(/[,;&]/);
      return members?.every((name) => looksLikeName(name.trim())) ?? false;
    }),
  );
  // "River crew (Amira, Bram, Chipo)" by itself names several too, and "Amira (Bram, Chipo)" may be anything.
  const [only] = filled;
  const single = only && sign && namesIn(sign.exec(only.text)?.groups?.members ?? '').length > 2;
  if (!sign || (filled.length < 2 && !single)) return all;
  return all.map((line) => ({ ...line, text: line.text.replace(sign, '$<group>: $<members>') }));
}

/** "Group 1 Amira, Bram": a word with a number or a letter, and names. */
const COUNTED_GROUP =
  /^\s*(?<group>(?<word>\p{L}+) (?:\d{1,2}|\p{Lu}))\s+(?<members>\p{Lu}\p{L}[^:;]*)$/u;

/** The same word before several names on every line, each with a number or letter of its own, with a colon behind it. */
export function groupsWithNumbers(all: readonly Line[]): readonly Line[] {
  const read = filledOf(all).map(({ text }) => COUNTED_GROUP.exec(text)?.groups);
  const fits =
    read.length > 1 &&
    new Set(read.map((one) => one?.word)).size === 1 &&
    new Set(read.map((one) => one?.group)).size === read.length &&
    read.every((one) => {
      const names = namesIn(one?.members ?? '');
      // "Table 1 Amira Haddad" sits there, and "Player 1 Amira" may be called so.
      const alone = sectionHeading(one?.group ?? '') !== null && names.every(looksLikeWholeName);
      return names.length > 1 ? names.every(looksLikeName) : alone;
    });
  if (!fits) return all;
  return all.map((one) => ({
    ...one,
    text: one.text.replace(COUNTED_GROUP, '$<group>: $<members>'),
  }));
}

/** "## Otters" or "**Otters**" over others, as text with marks for headings has it; where every line has the mark it is a bullet. */
export function headed(all: readonly Line[]): readonly Line[] {
  const HEADED = /^\s*#{1,6}\s+(\p{L}[^:#]*?)\s*#*\s*$/u;
  const BOLD = /^\s*(\*\*|__|\*|_)(\p{L}[^*_:]*?):?\1\s*$/u;
  const filled = filledOf(all);
  const marked = filled.filter(({ text }) => HEADED.test(text));
  if (marked.length > filled.length / 2) {
    return all.map((one) => ({ ...one, text: one.text.replace(/^\s*#{1,6}\s+(?=\p{L})/u, '') }));
  }
  const bold = filled.filter(({ text }) => BOLD.test(text));
  const areHeads =
    bold.length > 1 &&
    bold.length <= filled.length / 2 &&
    filled[0] !== undefined &&
    bold.includes(filled[0]);
  return all.map((one) => ({
    ...one,
    text: one.text.replace(HEADED, '$1:').replace(areHeads ? BOLD : /(?!)/, '$2:'),
  }));
}

/** "**Otters:** Amira, Bram" without the signs that set the name of the group off. */
export function withPlainLabel(one: Line): Line {
  return {
    ...one,
    text: one.text.replace(/^\s*(\*\*|__)([^*_:]{1,40}?)\s*(?::\s*\1|\1\s*:)\s+(?=\S)/, '$2: '),
  };
}

/** "Otters (3)" over three lines, again and again: heads of groups that tell how many follow. */
export function countedHeads(all: readonly Line[]): readonly Line[] {
  const COUNTED_HEAD = /^\s*([^:;,@()]{2,40}?)\s*(?:\((\d{1,2})\)|[–—-]\s*(\d{1,2}))\s*$/u;
  const filled = filledOf(all);
  const heads = filled.flatMap(({ text }, at) => {
    const [, name = '', bracketed, dashed] = COUNTED_HEAD.exec(text) ?? [];
    return name === '' ? [] : [{ at, name, count: Number(bracketed ?? dashed) }];
  });
  // Marks of nought are no heads of empty groups.
  const fits = heads.every(
    ({ at, count }, i) => count > 0 && (heads[i + 1]?.at ?? filled.length) - at - 1 === count,
  );
  if (heads.length < 2 || heads[0]?.at !== 0 || !fits) return all;
  const nameOf = new Map(heads.map(({ at, name }) => [filled[at], name]));
  return all.map((one) => {
    const name = nameOf.get(one);
    return name === undefined ? one : { ...one, text: `${name}:` };
  });
}

/** Lines at the margin over lines that are set in, again and again, head those. */
export function marginHeads(all: readonly Line[]): readonly Line[] {
  const filled = filledOf(all);
  // A star beside the margin sets in as well, where the heads have none.
  const isStarred = ({ text }: Line): boolean => /^[-*•]\s+\p{Lu}/u.test(text);
  const starred = filled.some((one) => !/^[ \t]/.test(one.text) && !isStarred(one));
  const isSetIn = (one: Line): boolean => /^[ \t]/.test(one.text) || (starred && isStarred(one));
  const heads = filled.filter((one) => !isSetIn(one));
  const isHead = (one: Line, at: number): boolean => {
    const below = filled[at + 1];
    return !isSetIn(one) && below !== undefined && isSetIn(below);
  };
  // Over the first head may stand what all of it is about.
  const [first, second] = filled;
  const titled =
    heads.length > 2 && first === heads[0] && second !== undefined && isHead(second, 1);
  const fits = filled.every((one, at) => isSetIn(one) || isHead(one, at) || (at === 0 && titled));
  const plain =
    filled.every(({ text }) => !/[@:;<]/.test(text)) &&
    heads.every(({ text }) => !text.includes(','));
  // A name and what is said of it below are no group and its one member.
  if (heads.length < 2 || heads[0] !== first || !fits || !plain) return all;
  if (
    filled.length - heads.length < (heads.length - (titled ? 1 : 0)) * 1.5 ||
    filled.every((one) => !/^[ \t]/.test(one.text))
  )
    return all;
  const isCounted = heads.every(({ text }) => COUNTED_WORDS.test(text));
  const named = (text: string): string => (isCounted ? text.replace(COUNTED_WORDS, '') : text);
  return all.map((one) =>
    heads.includes(one) ? { ...one, text: `${named(one.text).trim()}:` } : one,
  );
}

/** "A. Boat crew", "II) Bank crew", "1. Lab crew". */
const COUNTED_WORDS = /^\s*(?:\p{Lu}|[IVX]{1,4}|\d{1,2})[.)]\s+(?=\p{L})/u;

/** "Otters" over "1 Amira", "2 Bram": lines without a number over lines that are counted anew below each, or on to the end. */
export function numberedHeads(all: readonly Line[]): readonly Line[] {
  const filled = filledOf(all);
  const numbers = filled.map(({ text }) => {
    const found = /^\s*(?:(\d{1,3})\s*[.):]?\s+|(\d{1,3})[.)])(?=\p{L})/u.exec(text);
    return found ? Number(found[1] ?? found[2]) : null;
  });
  const heads = filled.filter((_, at) => numbers[at] === null);
  const counted = numbers.filter((one) => one !== null);
  const anew = numbers.every((one, at) => one === null || one === (numbers[at - 1] ?? 0) + 1);
  const on =
    counted.every((one, at) => one === at + 1) &&
    heads.every(({ text }) => !looksLikeWholeName(text.trim()));
  const fits =
    numbers[0] === null &&
    heads.length > 1 &&
    counted.length > heads.length &&
    numbers.every((one, at) => one !== null || (numbers[at + 1] ?? null) !== null) &&
    heads.every(({ text }) => /\p{L}/u.test(text) && !/[@:;,<]/.test(text)) &&
    (anew || on);
  if (!fits) return all;
  return all.map((one) => (heads.includes(one) ? { ...one, text: `${one.text.trim()}:` } : one));
}

/** "OTTERS" over whole names that are not in capitals, again and again. */
export function shoutedHeads(all: readonly Line[]): readonly Line[] {
  const SHOUTED = /^\s*\p{Lu}[\p{Lu}\p{M}\d '’&-]*\p{Lu}[\p{Lu}\p{M}\d '’&-]*\s*$/u;
  const filled = filledOf(all);
  const heads = new Set(filled.filter(({ text }) => isShort(text) && SHOUTED.test(text)));
  const others = filled.filter((one) => !heads.has(one));
  const fits =
    heads.size > 1 &&
    filled[0] !== undefined &&
    heads.has(filled[0]) &&
    others.length > heads.size &&
    others.every(
      ({ text }) =>
        looksLikeWholeName(withoutRemark(withoutBullet(text)).plain.trim()) && /\p{Ll}/u.test(text),
    ) &&
    !filled.some((one, at) => heads.has(one) && heads.has(filled[at + 1] ?? one));
  return fits
    ? all.map((one) => (heads.has(one) ? { ...one, text: `${one.text.trim()}:` } : one))
    : all;
}

const SEXES =
  /^(?:girls|boys|mädchen|jungen|jungs|chicas|chicos|niñas|niños|filles|garçons|ragazze|ragazzi|meninas|meninos|meisjes|jongens)$/i;

const isSex = (text: string): boolean => SEXES.test(text.trim());

/** "Room 101", "Bus 2": where those below it are; it may end with a colon. */
const ROOM =
  /^\s*(?:room|rm|hall|bus|coach|boat|cabin|tent|dorm|floor|raum|zimmer|saal|boot|zelt|sala|aula|salón|autobús|barco|salle|bateau|tente|pullman|barca|lokaal|zaal)\s+(?:\p{Lu}?\d{1,4}\p{L}?|\p{Lu})\s*:?\s*$/iu;

/** "Otter House", "Heron Table": such words are family names too. */
const NAMED_AFTER =
  /^\s*\p{Lu}[\p{L}'’-]+ (?:House|Table|Boat|Bench|Session|Shift|Haus|Tisch|Casa|Mesa|Maison|Huis)\s*:?\s*$/u;

/** "Group Kingfisher", "Team Otter". */
const NAMED_GROUP =
  /^\s*(?:Team|Group|Crew|Squad|Patrol|Gruppe|Equipo|Grupo|Equipe|Équipe|Groupe|Squadra|Gruppo|Groep) \p{Lu}[\p{L}'’-]+(?: \p{Lu}[\p{L}'’-]+)?\s*:?\s*$/u;

/** How heads may follow each other. */
const ORDERS: readonly (readonly string[])[] = [
  Array.from('ABCDEFGHIJKL'),
  ['I', 'II', 'III', 'IV', 'V', 'VI', 'VII', 'VIII', 'IX', 'X'],
  Array.from({ length: 12 }, (_, at) => String(at + 1)),
];

/** "Year 7 Otters", "Set 1 Maths": a numbered part of a school, and what it is called or about. */
function isNumberedPart(text: string): boolean {
  const [word = '', label = '', ...called] = cleanText(text).split(' ');
  return (
    /^\d{1,2}\p{L}?$/u.test(label) &&
    sectionHeading(`${word} ${label}`) !== null &&
    called.length > 0 &&
    called.length <= 2 &&
    called.every((one) => /^\p{L}+$/u.test(one))
  );
}

/**
 * "Monday" over names and "Tuesday" over more of them; "Girls" and "Boys"; "A" and "B", "I" and "II" over several whole names
 * each; "Year 7 Otters" and "Year 8 Herons"; "Y7" and "Y8". A single such word may be somebody, as Domingo is.
 */
export function namedHeads(all: readonly Line[]): readonly Line[] {
  const filled = filledOf(all);
  const [first] = filled;
  const isRoom = (text: string): boolean => ROOM.test(text);
  const isGroup = (text: string): boolean => NAMED_GROUP.test(text);
  const found = [isDayWord, isSex, isNumberedPart, isRoom, isGroup]
    .map((isHead) => filled.filter(({ text }) => isHead(text)))
    .find((some) => new Set(some.map(({ text }) => plainWords(text))).size > 1);
  const heads =
    found ??
    [orderedHeads, codedHeads, monthHeads, calledHeads]
      .map((headsOf) => headsOf(filled))
      .find((some) => some.length > 0) ??
    [];
  // A title may stand over the first of them.
  const begin = filled.find(({ text }) => kindOfLine(text) === null && !isListTitle(text));
  const isFirst = heads.some(
    (head) => head === first || (head === begin && standApart(filled, heads)),
  );
  if (heads.length < 2 || !isFirst) return all;
  return all.map((one) =>
    heads.includes(one) ? { ...one, text: `${one.text.trim().replace(/\s*:$/, '')}:` } : one,
  );
}

/** The places of "Monday" over others and "Tuesday" over more of them, "Girls" and "Boys": whatever stands below. */
export function sureHeads(all: readonly Line[]): ReadonlySet<number> {
  const filled = filledOf(all);
  const heads = [isDayWord, isSex]
    .map((isHead) => filled.filter(({ text }) => isHead(text.trim().replace(/:$/, ''))))
    .find((some) => new Set(some.map(({ text }) => plainWords(text))).size > 1);
  const fits = heads !== undefined && standApart(filled, heads);
  return new Set(fits ? heads.map(({ line }) => line) : []);
}

/** Whether something stands below each of the heads before the next. */
const standApart = (filled: readonly Line[], heads: readonly Line[]): boolean =>
  !filled.some((one, at) => heads.includes(one) && heads.includes(filled[at + 1] ?? one));

/** Whether all others are whole names, so many for each head at least, and some below each head. */
function standOverNames(
  filled: readonly Line[],
  heads: readonly Line[],
  isEnough: (names: number) => boolean,
): boolean {
  const others = filled.filter((one) => !heads.includes(one));
  return (
    isEnough(others.length) &&
    others.every(({ text }) =>
      looksLikeWholeName(
        withoutBullet(text)
          .replace(/^\s*\d{1,3}\s+/, '')
          .trim(),
      ),
    ) &&
    standApart(filled, heads)
  );
}

/** "March" and "April" over lines of several words each, as April by herself stands over nobody; none where they are not. */
function monthHeads(filled: readonly Line[]): readonly Line[] {
  const heads = filled.filter(({ text }) => isMonthWord(text.replace(/:\s*$/, '')));
  const others = filled.filter((one) => !heads.includes(one));
  const fits =
    new Set(heads.map(({ text }) => plainWords(text))).size > 1 &&
    others.length > heads.length &&
    others.every(({ text }) => /\p{L}\s+\p{L}/u.test(text));
  return fits ? heads : [];
}

/** "Otter House" and "Heron House" over two whole names each at least; none where they are not. */
function calledHeads(filled: readonly Line[]): readonly Line[] {
  const heads = filled.filter(({ text }) => NAMED_AFTER.test(text));
  const fits = standOverNames(filled, heads, (names) => names >= heads.length * 2);
  return fits ? heads : [];
}

/** Lines of a letter or a number alone, in their order, over several whole names each; none where they are not. */
function orderedHeads(filled: readonly Line[]): readonly Line[] {
  const heads = filled.filter(({ text }) => /^\s*(?:\p{Lu}{1,4}|\d{1,2})\s*$/u.test(text));
  const inOrder = ORDERS.some((order) => heads.every(({ text }, at) => text.trim() === order[at]));
  const fits = inOrder && standOverNames(filled, heads, (names) => names > heads.length);
  return fits ? heads : [];
}

/** "Y7", "10X/Ma1", "BIO 101 Section 1", "Mon 10am", "7 Blue", "IV. b": figures in what nobody is called. */
const CODED = /^(?=.*\p{L})(?=.*\d)[\p{L}\d][\p{L}\d .:/-]{1,30}$|^[IVX]{1,4}[. -]+\p{L}$/u;

/** Lines with figures, all different, over several whole names each; none where they are not. */
function codedHeads(filled: readonly Line[]): readonly Line[] {
  const textOf = ({ text }: Line): string => text.trim().replace(/\s*:$/, '');
  const heads = filled.filter((one) => CODED.test(textOf(one)));
  const words = [
    ...new Set(
      heads.map((one) =>
        textOf(one)
          .replace(/[\d.]+ */g, '')
          .trim(),
      ),
    ),
  ];
  const fits =
    new Set(heads.map(textOf)).size === heads.length &&
    // "Amira Haddad 3" is somebody with a figure; "BIO 101 Lab" and "BIO 102 Lab" are two parts of one.
    (words.length === 1 || !words.some(looksLikeWholeName)) &&
    standOverNames(filled, heads, (names) => names >= heads.length * 2);
  return fits ? heads : [];
}

const MEMBER_WORD =
  /^(?:(?:group |team |other )?members?|with|others|mitglieder|miembros|integrantes|membres|membri|componenti|membros|leden)$/;

/** "Leader: Amira Haddad" or "Members: Bram Visser, Chipo Dube" in its two parts; null for another line. */
function partsOfGroup(
  text: string,
): { readonly word: string; readonly names: readonly string[] } | null {
  const [, word = '', told = ''] = /^\s*([^:]{1,30}?)\s*:\s*(\S.*)$/u.exec(text) ?? [];
  if (isLeaderWord(word)) return { word, names: [told] };
  return MEMBER_WORD.test(plainWords(word)) ? { word, names: namesIn(told) } : null;
}

/** "Otters" over "Leader: Amira Haddad" and "Members: Bram Visser, Chipo Dube", again and again: groups over those in them. */
export function ledHeads(all: readonly Line[]): Tidied {
  const filled = filledOf(all);
  const parts = filled.map(({ text }) => partsOfGroup(text));
  const heads = parts.filter((part) => part === null).length;
  const leads = parts.filter((part) => part !== null && isLeaderWord(part.word)).length;
  const fits =
    heads > 1 &&
    leads === heads &&
    parts[0] === null &&
    parts.every((part, at) => part !== null || (parts[at + 1] ?? null) !== null);
  if (!fits) return { lines: all, skipped: [] };
  return {
    lines: filled.flatMap((one, at) =>
      (parts[at]?.names ?? [`${one.text.trim().replace(/:$/, '')}:`]).map((text) => ({
        ...one,
        text,
      })),
    ),
    skipped: filled.flatMap(({ line }, at) => {
      const part = parts[at];
      return part ? [{ row: line, name: part.word, reason: 'heading' as const }] : [];
    }),
  };
}

/** "Slot 1 (9:00): Amira, Bram" with its time as "9h00": a colon parts a group from its members. */
export function withHours(one: Line): Line {
  return {
    ...one,
    text: one.text.replace(
      /^([^:()]{1,30}\(\s*)(\d{1,2}):(\d{2}[^():]*)(?:(\d{1,2}):(\d{2}[^():]*))?\)(?=\s*:)/,
      (_, before: string, from: string, rest: string, to = '', end = '') =>
        `${before}${from}h${rest}${to === '' ? '' : `${to}h${end as string}`})`,
    ),
  };
}
