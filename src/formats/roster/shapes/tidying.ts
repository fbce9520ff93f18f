import { isDayWord, isLeaderWord } from '../lineKinds';
import { looksLikeName, looksLikeWholeName } from '../names';
import { plainWords } from '../text';
import type { RosterWarning, Skipped } from '../types';
import type { Line } from './asides';

/** Lines as they are read on, and what was taken from them. */
export interface Tidied {
  readonly lines: readonly Line[];
  readonly skipped: readonly Skipped[];
}

/** "and" before the last of several. */
export const LAST = /\s+(?:and|&|und|y|et|e|en)\s+(?=\S)/u;

/**
 * "Otters" over whole names, one block after another: where each block but for its first line is of whole names, and
 * the first lines are single words, those name the groups.
 */
export function headedBlocks(all: readonly Line[]): readonly Line[] {
  const blocks: Line[][] = [[]];
  for (const line of all) {
    if (/\S/.test(line.text)) blocks.at(-1)?.push(line);
    else if (blocks.at(-1)?.length) blocks.push([]);
  }
  const filled = blocks.filter(({ length }) => length > 0);
  const isSingle = ({ text }: Line): boolean => /^\s*[\p{L}\d'’-]+\s*$/u.test(text);
  const headed =
    filled.length > 1 &&
    filled.every(
      ([first, ...others]) =>
        first && isSingle(first) && others.length > 1 && !others.some(isSingle),
    );
  if (!headed) return all;
  const heads = new Set(filled.map(([first]) => first));
  return all.map((line) => (heads.has(line) ? { ...line, text: `${line.text.trim()}:` } : line));
}

/** "My students this term are Amira Haddad, …": words before the first of several names. */
const SENTENCE =
  /^\s*((?:[\p{L}\p{N}'’]+\s+){1,9}?(?:are|is|were|include|includes|sind|sont|son|están|estan|sono|são|sao|zijn|heißen))(?:\s*:)?\s+(?=\p{Lu})/u;

/** "The following are in the crew: Amira Haddad and Bram Visser. Be on time." */
const TOLD = /^\s*([^:,;@.]*\p{Ll}{2,}[^:,;@.]*):\s+(\p{Lu}[^:.]*)(?:\.\s*(.*))?$/u;
/** "Crew A is Amira Haddad, Bram Visser and Chipo Dube." */
const SAID_GROUP =
  /^\s*(\p{Lu}[^,;:@]{1,30}?)\s+(?:is|are|has|have|include|includes|consists of|sind|hat|besteht aus|son|tiene|sont|est|a|sono|tem|são|zijn|heeft)\s+(\p{Lu}[^:.]*)\.?\s*$/u;

const namesIn = (text: string): readonly string[] =>
  text
    .split(/[,;]/)
    .flatMap((part) => part.split(LAST))
    .map((name) => name.replace(/^(?:and|und|y|et|e|en)\s+/u, '').trim())
    .filter(Boolean);

/** Sentences that each say who is in a group, with a colon between the two. */
export function saidGroups(all: readonly Line[]): readonly Line[] {
  const filled = all.filter(({ text }) => /\S/.test(text));
  const fits = filled.every(({ text }) => {
    const names = namesIn(SAID_GROUP.exec(text)?.[2] ?? '');
    return names.length > 1 && names.every(looksLikeWholeName);
  });
  if (filled.length < 2 || !fits) return all;
  return all.map((one) => ({ ...one, text: one.text.replace(SAID_GROUP, '$1: $2') }));
}

/** The names of a sentence on one line, without the words before them and the stop behind them. */
export function withoutSentence(all: readonly Line[]): Tidied {
  const filled = all.filter(({ text }) => /\S/.test(text));
  const [first] = filled;
  const whole = filled.map(({ text }) => text.trim()).join(' ');
  const [, words = '', listed = '', rest = ''] = TOLD.exec(whole) ?? [];
  const named = namesIn(listed);
  if (
    first &&
    filled.length < 8 &&
    words.trim().split(/\s+/).length > 3 &&
    named.length > 1 &&
    named.every(looksLikeWholeName)
  ) {
    const aside = (name: string, reason: 'title' | 'footer'): Skipped => ({
      row: first.line,
      name: name.trim(),
      reason,
    });
    return {
      lines: [{ line: first.line, text: named.join(', ') }],
      skipped: [aside(words, 'title'), ...(rest.trim() === '' ? [] : [aside(rest, 'footer')])],
    };
  }
  const begin = SENTENCE.exec(whole);
  const told = begin !== null && /\p{Ll}{2,}\s/u.test(begin[1] ?? '') && filled.length < 8;
  const names = (told ? whole.slice(begin[0].length) : whole).replace(/(\p{L}{3})\.$/u, '$1');
  const several = names.includes(',') || LAST.test(names);
  if (!first || !several || names.includes('.') || (filled.length > 1 && !told))
    return { lines: all, skipped: [] };
  return {
    lines: [{ line: first.line, text: names }],
    skipped: told ? [{ row: first.line, name: (begin[1] ?? '').trim(), reason: 'title' }] : [],
  };
}

/** "A: Amira, Bram; B: Dov, Eva": each group as a line. */
export function groupsOnOneLine(one: Line): readonly Line[] {
  const groups = one.text.split(';').filter((part) => part.trim() !== '');
  const labelled = groups.every((part) => /^\s*[^:@<>,;]{1,40}:\s*\S/.test(part));
  return groups.length > 1 && labelled ? groups.map((text) => ({ line: one.line, text })) : [one];
}

/** How a line may name a group and its members but with a colon: "Otters = Amira, Bram", "[Otters] Amira", "Otters (Amira, Bram)". */
const GROUP_SIGNS = [
  /^\s*(?<group>[^=:@,;]*\p{L}[^=:@,;]*?)\s*=\s*(?<members>\p{L}[^=]*[,;&][^=]*)$/u,
  /^\s*\[(?<group>[^\][:@,;]*\p{L}[^\][:@,;]*)\]\s*(?<members>\p{L}[^\][]*[,;&][^\][]*)$/u,
  /^\s*(?<group>[^():@,;]*\p{L}[^():@,;]*?)\s*\((?<members>\p{L}[^()]*[,;&][^()]*)\)\s*$/u,
];

/** Lines that each name a group and its members, with a colon between the two. */
export function signedGroups(all: readonly Line[]): readonly Line[] {
  const filled = all.filter(({ text }) => /\S/.test(text));
  const sign = GROUP_SIGNS.find((one) =>
    filled.every(({ text }) => {
      const members = one.exec(text)?.groups?.members?.split(/[,;&]/);
      return members?.every((name) => looksLikeName(name.trim())) ?? false;
    }),
  );
  if (filled.length < 2 || !sign) return all;
  return all.map((line) => ({ ...line, text: line.text.replace(sign, '$<group>: $<members>') }));
}

/** "Student 1: Amira Haddad", "Roll No. 2: Bram Visser": a word that says no more than which of them it is. */
const COUNTED =
  /^\s*((?:roll|student|pupil|learner|participant|member|name|child|schüler(?:in)?|alumn[oa]|élève|studente|alun[oa]|leerling)(?:\s*(?:no|nr|n[º°]|number))?\.?\s*#?\d{1,4})\s*[:.)–-]\s*(?=\p{L})/iu;

/** Whether a line begins with such a word. */
export const isCounted = (text: string): boolean => COUNTED.test(text);

/** Lines without a word and a number before each name. */
export function withoutCounting(all: readonly Line[]): Tidied {
  const filled = all.filter(({ text }) => /\S/.test(text));
  if (filled.length < 2 || !filled.every(({ text }) => isCounted(text)))
    return { lines: all, skipped: [] };
  return {
    lines: filled.map((one) => ({ ...one, text: one.text.replace(COUNTED, '') })),
    skipped: filled.map(({ line, text }) => ({
      ...{ row: line, name: COUNTED.exec(text)?.[1] ?? '', reason: 'heading' as const },
    })),
  };
}

/** "l. Amira Haddad" over "2. Bram Visser", where a one was taken for a letter. */
export function withOne(all: readonly Line[]): readonly Line[] {
  const [first, second] = all.filter(({ text }) => /\S/.test(text));
  if (!first || !/^\s*[lI|][.)]\s/.test(first.text) || !/^\s*2[.)]\s/.test(second?.text ?? ''))
    return all;
  return all.map((one) => (one === first ? { ...one, text: one.text.replace(/[lI|]/, '1') } : one));
}

/** "Bram Visser, and" and "Chipo Dube." where lines end with commas, as a sentence of several lines has them. */
export function withoutStops(all: readonly Line[]): readonly Line[] {
  const filled = all.filter(({ text }) => /\S/.test(text));
  const commas = filled.filter(({ text }) => /,\s*(?:and|und|y|et|e|en|&)?\s*$/u.test(text));
  if (commas.length < 2 || commas.length < filled.length - 1) return all;
  return all.map((one) => ({
    ...one,
    text: one.text
      .replace(/,\s*(?:and|und|y|et|e|en|&)\s*$/u, '')
      .replace(/(\p{L}{3})\.\s*$/u, '$1'),
  }));
}

/** "amira.haddad", "amira_haddad" on every line, as "Amira Haddad". */
export function spelledOut(all: readonly Line[]): readonly Line[] {
  const LOGIN = /^\s*\p{Ll}+(?:[._]\p{Ll}+)+\s*$/u;
  const filled = all.filter(({ text }) => /\S/.test(text));
  if (filled.length < 2 || !filled.every(({ text }) => LOGIN.test(text))) return all;
  return all.map((one) => ({
    ...one,
    text: one.text
      .replace(/[._]/g, ' ')
      .replace(/(?<=^|\s)\p{Ll}/gu, (letter) => letter.toUpperCase()),
  }));
}

/** "HADDAD/Amira" on every line, as "HADDAD, Amira". */
export function familyFirst(all: readonly Line[]): readonly Line[] {
  const STROKE = /^(\s*[\p{Lu}\p{M}'’ -]*\p{Lu}{2}[\p{Lu}\p{M}'’ -]*)\/\s*(\p{Lu}\p{Ll}.*)$/u;
  const filled = all.filter(({ text }) => /\S/.test(text));
  if (filled.length < 2 || !filled.every(({ text }) => STROKE.test(text))) return all;
  return all.map((one) => ({ ...one, text: one.text.replace(STROKE, '$1, $2') }));
}

/** "## Otters" or "**Otters**" over others, as text with marks for headings has it; where every line has the mark it is a bullet. */
export function headed(all: readonly Line[]): readonly Line[] {
  const HEADED = /^\s*#{1,6}\s+(\p{L}[^:#]*?)\s*#*\s*$/u;
  const BOLD = /^\s*(\*\*|__)(\p{L}[^*_:]*?):?\1\s*$/u;
  const filled = all.filter(({ text }) => /\S/.test(text));
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

/** "Amira, Bram, Chipo (3)" without how many there are. */
export function withoutCount(one: Line): Line {
  const [count = '', number = ''] = /\s*\((\d{1,2})\)\s*$/.exec(one.text) ?? [];
  const text = one.text.slice(0, one.text.length - count.length);
  const isCount = count !== '' && text.includes(',') && text.split(',').length === Number(number);
  return isCount ? { ...one, text } : one;
}

/** "Absent: Dov Ash, Eva Lind" below the others. */
const AWAY =
  /^\s*((?:absent|absents|absentes?|away|missing|sick|ill|late|excused|fehlt|fehlend|krank|entschuldigt|abwesend|ausentes?|faltan|assenti|afwezig|ziek)(?: (?:today|heute|hoy|aujourd[’']hui|oggi|vandaag|hoje))?)\s*:\s*(\p{L}.*)$/iu;

/** Those who are said to be away, each on a line; they are of the class all the same, and are asked about. */
export function withAway(all: readonly Line[]): {
  readonly lines: readonly Line[];
  readonly skipped: readonly Skipped[];
  readonly warnings: readonly RosterWarning[];
} {
  const skipped: Skipped[] = [];
  const warnings: RosterWarning[] = [];
  const filled = all.filter(({ text }) => /\S/.test(text));
  const found = filled.filter(({ text }) => AWAY.test(text));
  const others = new Set(
    filled.flatMap((one) => (found.includes(one) ? [] : plainWords(one.text).split(' '))),
  );
  if (found.length > filled.length / 3) return { lines: all, skipped, warnings };
  const lines = all.flatMap((one) => {
    const [, said = '', names = ''] = AWAY.exec(one.text) ?? [];
    // Who stands in the list already is only told of.
    const listed = plainWords(names)
      .split(' ')
      .every((word) => others.has(word));
    if (names === '' || listed) return [one];
    skipped.push({ row: one.line, name: said, reason: 'footer' });
    return names.split(/[,;]/).flatMap((part) =>
      part.split(LAST).flatMap((name) => {
        const text = name.trim();
        if (text === '') return [];
        warnings.push({ kind: 'doubtfulName', row: one.line, name: text, given: '', likely: '' });
        return [{ ...one, text }];
      }),
    );
  });
  return { lines, skipped, warnings };
}

/** "D" over "Dube, Chipo": a letter of the alphabet over those who begin with it. */
export function withoutLetters(all: readonly Line[]): Tidied {
  const LETTER = /^\s*(\p{Lu})\s*[.:]?\s*$/u;
  const filled = all.filter(({ text }) => /\S/.test(text));
  const letters = filled.filter(({ text }) => LETTER.test(text));
  let letter = '';
  const fits = filled.every(({ text }) => {
    const found = LETTER.exec(text)?.[1];
    if (found !== undefined) letter = plainWords(found);
    return found !== undefined || plainWords(text).startsWith(letter);
  });
  if (
    letters.length < 2 ||
    letters.length >= filled.length ||
    !fits ||
    !LETTER.test(filled[0]?.text ?? '')
  )
    return { lines: all, skipped: [] };
  return {
    lines: all.filter((one) => !letters.includes(one)),
    skipped: letters.map(({ line, text }) => ({ row: line, name: text.trim(), reason: 'heading' })),
  };
}

/** "Otters (3)" over three lines, again and again: heads of groups that tell how many follow. */
export function countedHeads(all: readonly Line[]): readonly Line[] {
  const COUNTED_HEAD = /^\s*([^\d:;,@()]{2,40}?)\s*(?:\((\d{1,2})\)|[–—-]\s*(\d{1,2}))\s*$/u;
  const filled = all.filter(({ text }) => /\S/.test(text));
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
  const filled = all.filter(({ text }) => /\S/.test(text));
  // A star beside the margin sets in as well, where the heads have none.
  const isStarred = ({ text }: Line): boolean => /^[-*•]\s+\p{Lu}/u.test(text);
  const starred = filled.some((one) => !/^[ \t]/.test(one.text) && !isStarred(one));
  const isSetIn = (one: Line): boolean => /^[ \t]/.test(one.text) || (starred && isStarred(one));
  const heads = filled.filter((one) => !isSetIn(one));
  const fits = filled.every(
    (one, at) => isSetIn(one) || ((filled[at + 1] && isSetIn(filled[at + 1] ?? one)) ?? false),
  );
  const plain = filled.every(({ text }) => !/[@:;,<]/.test(text));
  // A name and what is said of it below are no group and its one member.
  if (heads.length < 2 || heads[0] !== filled[0] || !fits || !plain) return all;
  if (
    filled.length - heads.length < heads.length * 1.5 ||
    filled.every((one) => !/^[ \t]/.test(one.text))
  )
    return all;
  return all.map((one) => (heads.includes(one) ? { ...one, text: `${one.text.trim()}:` } : one));
}

/** "OTTERS" over whole names that are not in capitals, again and again. */
export function shoutedHeads(all: readonly Line[]): readonly Line[] {
  const SHOUTED = /^\s*\p{Lu}[\p{Lu}\p{M}\d '’&-]*\p{Lu}[\p{Lu}\p{M}\d '’&-]*\s*$/u;
  const filled = all.filter(({ text }) => /\S/.test(text));
  const heads = new Set(filled.filter(({ text }) => SHOUTED.test(text)));
  const others = filled.filter((one) => !heads.has(one));
  const fits =
    heads.size > 1 &&
    SHOUTED.test(filled[0]?.text ?? '') &&
    others.length > heads.size &&
    others.every(({ text }) => looksLikeWholeName(text.trim()) && /\p{Ll}/u.test(text)) &&
    !filled.some((one, at) => heads.has(one) && heads.has(filled[at + 1] ?? one));
  return fits
    ? all.map((one) => (heads.has(one) ? { ...one, text: `${one.text.trim()}:` } : one))
    : all;
}

const SEXES =
  /^(?:girls|boys|mädchen|jungen|jungs|chicas|chicos|niñas|niños|filles|garçons|ragazze|ragazzi|meninas|meninos|meisjes|jongens)$/i;

/** How heads may follow each other. */
const ORDERS: readonly (readonly string[])[] = [
  Array.from('ABCDEFGHIJKL'),
  ['I', 'II', 'III', 'IV', 'V', 'VI', 'VII', 'VIII', 'IX', 'X'],
  Array.from({ length: 12 }, (_, at) => String(at + 1)),
];

/**
 * "Monday" over names and "Tuesday" over more of them; "Girls" and "Boys"; "A" and "B", "I" and "II" over several whole names
 * each. A single such word may be somebody, as Domingo is.
 */
export function namedHeads(all: readonly Line[]): readonly Line[] {
  const filled = all.filter(({ text }) => /\S/.test(text));
  const [first] = filled;
  const found = [isDayWord, (text: string) => SEXES.test(text.trim())]
    .map((isHead) => filled.filter(({ text }) => isHead(text)))
    .find((some) => new Set(some.map(({ text }) => plainWords(text))).size > 1);
  const heads = found ?? orderedHeads(filled);
  if (heads.length < 2 || !first || !heads.includes(first)) return all;
  return all.map((one) => (heads.includes(one) ? { ...one, text: `${one.text.trim()}:` } : one));
}

/** Lines of a letter or a number alone, in their order, over several whole names each; none where they are not. */
function orderedHeads(filled: readonly Line[]): readonly Line[] {
  const heads = filled.filter(({ text }) => /^\s*(?:\p{Lu}{1,4}|\d{1,2})\s*$/u.test(text));
  const inOrder = ORDERS.some((order) => heads.every(({ text }, at) => text.trim() === order[at]));
  const others = filled.filter((one) => !heads.includes(one));
  const fits =
    heads.length > 1 &&
    inOrder &&
    others.length > heads.length &&
    others.every(({ text }) => looksLikeWholeName(text.trim())) &&
    !filled.some((one, at) => heads.includes(one) && heads.includes(filled[at + 1] ?? one));
  return fits ? heads : [];
}

/** "Leader: Amira Haddad" in its two parts; null for another line. */
function ledBy(text: string): { readonly word: string; readonly name: string } | null {
  const [, word = '', name = ''] = /^\s*([^:]{1,30}?)\s*:\s*(\S.*)$/u.exec(text) ?? [];
  return isLeaderWord(word) ? { word, name } : null;
}

/** "Otters" over "Leader: Amira Haddad", again and again: a group over the one who leads it. */
export function ledHeads(all: readonly Line[]): Tidied {
  const filled = all.filter(({ text }) => /\S/.test(text));
  const leads = filled.map(({ text }) => ledBy(text));
  const fits =
    filled.length > 3 &&
    filled.length % 2 === 0 &&
    leads.every((lead, at) => (lead !== null) === (at % 2 === 1));
  if (!fits) return { lines: all, skipped: [] };
  return {
    lines: filled.map((one, at) => ({
      ...one,
      text: leads[at]?.name ?? `${one.text.trim().replace(/:$/, '')}:`,
    })),
    skipped: filled.flatMap(({ line }, at) => {
      const lead = leads[at];
      return lead ? [{ row: line, name: lead.word, reason: 'heading' as const }] : [];
    }),
  };
}

/** What stands between somebody and what is said of them. */
export const ARROW = /\s*(?:[-=]>|→|⇒)\s*/u;

/** "Amira -> Bram, Chipo": whom somebody wishes for, where all of those have lines of their own. */
export function withoutWishes(all: readonly Line[]): Tidied {
  const parted = all.map((one) => ({ one, parts: one.text.split(ARROW) }));
  const filled = parted.filter(({ one }) => /\S/.test(one.text));
  const own = new Set(filled.map(({ parts }) => plainWords(parts[0] ?? '')));
  const wishing = filled.filter(({ parts }) => parts.length === 2);
  const known = wishing.every(({ parts: [, wished = ''] }) =>
    wished.split(/[,;&]| and /).every((name) => own.has(plainWords(name))),
  );
  if (wishing.length < 2 || wishing.length < filled.length / 2 || !known) {
    return { lines: all, skipped: [] };
  }
  return {
    lines: parted.map(({ one, parts: [name = ''] }) => ({ ...one, text: name })),
    skipped: wishing.map(({ one: { line }, parts: [, wished = ''] }) => ({
      ...{ row: line, name: wished.trim(), reason: 'footer' as const },
    })),
  };
}

/** A word with a capital and small ones after it, as few names are written. */
const SAID_SMALL = /^\s*\p{Lu}[\p{L}'’]*(?:\s+\p{Ll}[\p{L}'’]*)+\s*$/u;

/** A list without "View profile" below each name: the same small words again, where names have capitals. */
export function withoutRefrain(all: readonly Line[]): Tidied {
  const filled = all.filter(({ text }) => /\S/.test(text));
  const small = filled
    .filter(({ text }) => SAID_SMALL.test(text))
    .map(({ text }) => plainWords(text));
  const again = new Set(small.filter((one, at) => small.indexOf(one) !== at));
  const others = filled.filter(({ text }) => !again.has(plainWords(text)));
  // Names typed in a hurry may be small as well.
  const isUsual = others.filter(({ text }) => SAID_SMALL.test(text)).length > others.length / 2;
  if (again.size === 0 || isUsual) return { lines: all, skipped: [] };
  const isAgain = ({ text }: Line): boolean => again.has(plainWords(text));
  return {
    lines: all.filter((one) => !isAgain(one)),
    skipped: all.filter(isAgain).map(({ line, text }) => ({
      ...{ row: line, name: text.trim(), reason: 'footer' as const },
    })),
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
