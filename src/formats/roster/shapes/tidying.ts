import {
  isBareClosing,
  isGreeting,
  isLeaderWord,
  isNobodyYet,
  kindOfLine,
  sectionHeading,
  signedBy,
} from '../lineKinds';
import { isTitled, looksLikeWholeName, withoutRemark } from '../names';
import { cleanText, plainWords } from '../text';
import type { RosterWarning, Skipped } from '../types';
import { doubtful } from './asides';
import { ARROW, LAST, filledOf, isShort, namesIn, type Line, type Tidied } from './lines';
import { withoutBullet } from './strip';

/** "My students this term are Amira Haddad, …": words before the first of several names. */
const SENTENCE =
  /^\s*((?:[\p{L}\p{N}'’]+\s+){1,9}?(?:are|is|were|include|includes|sind|sont|son|están|estan|sono|são|sao|zijn|heißen))(?:\s*:)?\s+(?=[\p{Lu}\p{Lo}])/u;

/** "The following are in the crew: Amira Haddad and Bram Visser. Be on time." */
const TOLD = /^\s*(?=[^:]*\p{Ll}{2})([^:,;@.]+):\s+(\p{Lu}[^:.]*)(?:\.\s*(.*))?$/u;

/** "Hi Dana, here are the kids: …": what a message on one line begins with. */
const HELLO =
  /^\s*((?:hi|hello|hey|dear|good (?:morning|afternoon)|hola|buen[oa]s (?:días|tardes)|hallo|liebe[rs]?|guten (?:tag|morgen)|bonjour|salut|ciao|buongiorno|olá|bom dia|beste|dag)(?: \p{L}+){0,3})\s*[,!.–-]\s+(?=\p{L}.*(?::|,))/iu;

/** The line of a message without its greeting, which is nobody; a list has no such line. */
export function withoutHello(all: readonly Line[]): Tidied {
  const [first, ...others] = filledOf(all);
  const [begin = '', greeting = ''] = (first && HELLO.exec(first.text)) ?? [];
  const told = first?.text.slice(begin.length) ?? '';
  const says = TOLD.test(told) || SENTENCE.test(told);
  if (!first || greeting === '' || others.length > 0 || !says) return { lines: all, skipped: [] };
  return {
    lines: [{ line: first.line, text: told }],
    skipped: [{ row: first.line, name: greeting, reason: 'footer' }],
  };
}

/** The names of a sentence on one line, without the words before them and the stop behind them. */
export function withoutSentence(all: readonly Line[]): Tidied {
  const letter = filledOf(all);
  // Who is greeted and who signs stand around it.
  const greeting = letter.slice(0, 1).filter(({ text }) => isGreeting(text));
  const end = letter.findIndex(({ text }) => isBareClosing(text) || signedBy(text) !== null);
  const [filled, closing] = [
    letter.slice(greeting.length, end < 0 ? undefined : end),
    end < 0 ? [] : letter.slice(end),
  ];
  const [first] = filled;
  const whole = filled.map(({ text }) => text.trim()).join(' ');
  const [, words = '', listed = '', rest = ''] = TOLD.exec(whole) ?? [];
  const named = namesIn(listed);
  if (
    first &&
    filled.length < 8 &&
    words.trim().split(/\s+/).length > 3 &&
    named.length > 1 &&
    (named.every((name) => looksLikeWholeName(withoutRemark(name).plain)) ||
      (named.length > 2 && named.every((name) => /^\p{Lu}[\p{L}'’-]+$/u.test(name)))) &&
    // Whoever stands on a line above the words is none of them.
    !filled
      .slice(
        0,
        filled.findIndex(({ text }) => text.includes(':')),
      )
      .some(({ text }) => looksLikeWholeName(text))
  ) {
    const aside = (name: string, reason: 'title' | 'footer'): Skipped => ({
      row: first.line,
      name: name.trim(),
      reason,
    });
    return {
      lines: [
        { line: first.line, text: named.join(closing.length === 0 ? ', ' : '; ') },
        ...closing,
      ],
      skipped: [
        ...greeting.map(({ line, text }) => ({ ...aside(text, 'footer'), row: line })),
        aside(words, 'title'),
        ...(rest.trim() === '' ? [] : [aside(rest, 'footer')]),
      ],
    };
  }
  const begin = SENTENCE.exec(whole);
  const told = begin !== null && /\p{Ll}{2,}\s/u.test(begin[1] ?? '') && filled.length < 8;
  const names = told
    ? whole.slice(begin[0].length).replace(/(?<!Jr|Sr)(?<=\p{L}{2})\.$/u, '')
    : whole.replace(/(\p{L}{3})\.$/u, '$1');
  const several = names.includes(',') || LAST.test(names);
  const ended = names.replace(/(?<![\p{L}\p{M}])\p{L}\./gu, '').includes('.');
  if (letter.length > filled.length || !first || !several || ended || (filled.length > 1 && !told))
    return { lines: all, skipped: [] };
  return {
    lines: [{ line: first.line, text: names }],
    skipped: told ? [{ row: first.line, name: (begin[1] ?? '').trim(), reason: 'title' }] : [],
  };
}

/** So many lines a name and what belongs to it take below a letter. */
const LONGEST_SIGNATURE = 4;

/**
 * Lines below "--", as a message parts who wrote it from what was written (RFC 3676, 4.3): where no more than names stand
 * there, a single one is asked about, and several are the other half of the list.
 */
export function withoutSignature(all: readonly Line[]): Tidied {
  const filled = filledOf(all);
  const marks = filled.filter(({ text }) => text.trim() === '--');
  const [mark] = marks;
  const at = mark ? filled.indexOf(mark) : -1;
  const below = filled.slice(at + 1);
  const onlyNames = below.every(
    ({ text }) => looksLikeWholeName(text) && kindOfLine(text) === null,
  );
  const fits = below.length > 0 && below.length <= Math.min(LONGEST_SIGNATURE, at);
  if (!mark || marks.length > 1 || at < 2 || !fits || (onlyNames && below.length > 1))
    return { lines: all, skipped: [] };
  const rule: Skipped = { row: mark.line, name: '--', reason: 'rule' };
  if (onlyNames && !below.some(({ text }) => isTitled(text.trim()))) {
    const warnings = below.map(({ line, text }) => doubtful(line, text));
    return { lines: filled.filter((one) => one !== mark), skipped: [rule], warnings };
  }
  return {
    lines: filled.slice(0, at),
    skipped: [
      rule,
      ...below.map(({ line, text }): Skipped => ({
        row: line,
        name: text.trim(),
        reason: 'footer',
      })),
    ],
  };
}

/** "1 Amira Haddad" to the last line: numbers that only count, before anything else is made of them. */
export function withoutRunning(all: readonly Line[]): readonly Line[] {
  const RUNNING = /^\s*(\d{1,3})\s+(?=\p{L}|\d{3,}\s+\p{L})/u;
  const filled = filledOf(all);
  const end = filled.findIndex(({ text }) => isBareClosing(text));
  const counted = filled
    .slice(0, end < 0 ? undefined : end)
    .filter(({ text }) => RUNNING.test(text) || kindOfLine(text) === null);
  const counts = counted.every(({ text }, at) => Number(RUNNING.exec(text)?.[1]) === at + 1);
  if (counted.length < 2 || !counts) return all;
  return all.map((one) => ({ ...one, text: one.text.replace(RUNNING, '') }));
}

const FILE_END = /\.(docx?|pdf|pptx?|xlsx?|odt|ods|rtf|txt|md|jpe?g|png|heic|zip)\s*$/i;

/** Names of files without what tells their kind, where every line has one. */
export function withoutFileEnds(all: readonly Line[]): Tidied {
  const filled = filledOf(all);
  const [first] = filled;
  const ends = filled.flatMap(({ text }) => FILE_END.exec(text)?.[1] ?? []);
  if (!first || filled.length < 2 || ends.length < filled.length)
    return { lines: all, skipped: [] };
  return {
    lines: all.map((one) => ({ ...one, text: one.text.replace(FILE_END, '') })),
    skipped: [...new Set(ends)].map((name) => ({ row: first.line, name, reason: 'footer' })),
  };
}

/** Among so many whole names a title or another may stand. */
const MOST_WHOLE = 0.7;

/**
 * "Subs: Dov Ash, Eero Palo" below whole names: some more of them, and a word for why they stand apart. Whether they are
 * students is asked, as "Drivers" names people too.
 */
export function withoutLabels(all: readonly Line[]): Tidied {
  const LABELLED = /^\s*(\p{L}+(?: \p{L}+){0,6}):\s+(\p{Lu}[^:]*)$/u;
  // "Captain: Amira Haddad" is no question.
  const isBeside = (label: string): boolean => !looksLikeWholeName(label) && !isLeaderWord(label);
  const filled = filledOf(all);
  const [first] = filled;
  const found = new Map(
    filled.flatMap((one): [Line, readonly [string, readonly string[]]][] => {
      const [, label = '', listed = ''] = LABELLED.exec(one.text) ?? [];
      const names = namesIn(listed);
      const named = names.length > 0 && names.every(looksLikeWholeName);
      return named && isBeside(label) && kindOfLine(one.text) === null
        ? [[one, [label, names]]]
        : [];
    }),
  );
  const others = filled.filter((one) => !found.has(one));
  const fits =
    first !== undefined &&
    !found.has(first) &&
    found.size > 0 &&
    found.size < others.length &&
    others.filter(({ text }) => looksLikeWholeName(withoutRemark(withoutBullet(text)).plain))
      .length >=
      others.length * MOST_WHOLE;
  if (!fits) return { lines: all, skipped: [] };
  return {
    lines: filled.flatMap((one) =>
      (found.get(one)?.[1] ?? [one.text]).map((text) => ({ ...one, text })),
    ),
    skipped: [...found].map(([{ line }, [name]]) => ({ row: line, name, reason: 'footer' })),
    warnings: [...found].flatMap(([{ line }, [, names]]) =>
      names.map((name) => ({
        ...{ kind: 'doubtfulName' as const, row: line, name },
        ...{ given: '', likely: '' },
      })),
    ),
  };
}

/** "Student 1: Amira Haddad", "Roll No. 2: Bram Visser": a word that says no more than which of them it is. */
const COUNTED =
  /^\s*((?:roll|student|pupil|learner|participant|member|name|child|schüler(?:in)?|alumn[oa]|élève|studente|alun[oa]|leerling|seat|sitzplatz|platz|asiento|posto|lugar|place|zitplaats)(?:\s*(?:no|nr|n[º°]|number))?\.?\s*#?\d{1,4})\s*[:.)–-]\s*(?=\p{L})/iu;

/** "Student Amira Haddad" on every line: a word for people before each whole name. */
export function withoutPersonWord(all: readonly Line[]): Tidied {
  const PERSON =
    /^\s*(student|pupil|learner|participant|schüler(?:in)?|alumn[oa]|élève|alun[oa]|leerling|studente|studentessa)\s+(?=\p{Lu}\p{Ll})/iu;
  const filled = filledOf(all);
  const words = filled.flatMap(({ text }) => PERSON.exec(text)?.[1] ?? []);
  const fits =
    filled.length > 1 &&
    words.length === filled.length &&
    filled.every(({ text }) => looksLikeWholeName(text.replace(PERSON, '').trim()));
  if (!fits) return { lines: all, skipped: [] };
  return {
    lines: all.map((one) => ({ ...one, text: one.text.replace(PERSON, '') })),
    skipped: filled.map(({ line }, at) => ({
      ...{ row: line, name: words[at] ?? '', reason: 'heading' as const },
    })),
  };
}

/** Whether a line begins with such a word. */
export const isCounted = (text: string): boolean => COUNTED.test(text);

/** Lines without a word and a number before each name; heads may stand over some. */
export function withoutCounting(all: readonly Line[]): Tidied {
  const filled = filledOf(all);
  const counted = filled.filter(({ text }) => isCounted(text)).length;
  const others = filled.filter(({ text }) => !isCounted(text) && kindOfLine(text) === null);
  if (counted < 2 || others.length > 0) return { lines: all, skipped: [] };
  return {
    lines: filled.map((one) => ({ ...one, text: one.text.replace(COUNTED, '') })),
    skipped: filled.flatMap(({ line, text }) => {
      const name = COUNTED.exec(text)?.[1];
      return name ? [{ row: line, name, reason: 'heading' as const }] : [];
    }),
  };
}

/** "l. Amira Haddad" over "2. Bram Visser" and "3, Chipo Dube", where a one was taken for a letter and a stop for a comma. */
export function withOne(all: readonly Line[]): readonly Line[] {
  const filled = filledOf(all);
  const [first, second] = filled;
  const isOne =
    first && /^\s*[lI|][.)]\s/.test(first.text) && /^\s*2[.)]\s/.test(second?.text ?? '');
  const numberOf = ({ text }: Line, sign: RegExp): number => Number(sign.exec(text)?.[1] ?? NaN);
  const slips = new Set(
    filled.filter((one, at) => {
      const before = filled[at - 1];
      return (
        before && numberOf(one, /^\s*(\d{1,3}),\s/) === numberOf(before, /^\s*(\d{1,3})[.)]/) + 1
      );
    }),
  );
  return all.map((one) => {
    if (slips.has(one)) return { ...one, text: one.text.replace(',', '.') };
    return isOne && one === first ? { ...one, text: one.text.replace(/[lI|]/, '1') } : one;
  });
}

/** Words around a list with a bullet before each of the others, as a message has them: what is no name there is nobody. */
export function withoutWordsAround(all: readonly Line[]): Tidied {
  const filled = filledOf(all);
  const bulleted = filled.map(({ text }) => /^\s*[-–•*+]\s*\S/u.test(text));
  const [from, to] = [bulleted.indexOf(true), bulleted.lastIndexOf(true)];
  const around = [...filled.slice(0, Math.max(0, from)), ...filled.slice(to + 1)].filter(
    ({ text }) =>
      text.trim().split(/\s+/).length > 2 &&
      !looksLikeWholeName(text) &&
      !/[,;:@]/.test(text) &&
      kindOfLine(text) === null,
  );
  const fits =
    around.length > 0 &&
    to - from >= 2 &&
    bulleted.slice(from, to + 1).every(Boolean) &&
    filled.length - (to - from + 1) < to - from + 1;
  if (!fits) return { lines: all, skipped: [] };
  return {
    lines: all.filter((one) => !around.includes(one)),
    skipped: around.map(({ line, text }) => ({
      ...{ row: line, name: text.trim(), reason: 'footer' as const },
    })),
  };
}

/** "Bram Visser, and" and "Chipo Dube." where lines end with commas, as a sentence of several lines has them. */
export function withoutStops(all: readonly Line[]): readonly Line[] {
  const filled = filledOf(all);
  // "Amira Haddad." on nearly every line.
  const isStopped = ({ text }: Line): boolean =>
    /^\s*(?:[^\s:;]+ +){0,5}[^\s:;]*\p{L}{2}\.\s*$/u.test(text);
  if (filled.length > 1 && filled.filter(isStopped).length >= filled.length * MOST_WHOLE)
    return all.map((one) =>
      isStopped(one) ? { ...one, text: one.text.replace(/\.\s*$/, '') } : one,
    );
  const commas = filled.filter(({ text }) => /,\s*(?:and|und|y|et|e|en|&)?\s*$/u.test(text));
  if (commas.length < 2 || commas.length < filled.length - 1) return all;
  return all.map((one) => ({
    ...one,
    text: one.text
      .replace(/,\s*(?:and|und|y|et|e|en|&)\s*$/u, '')
      .replace(/(\p{L}{3})\.\s*$/u, '$1'),
  }));
}

/** "and Jonas Weber" on the last line, without what joins it to those above. */
export function withoutLastAnd(all: readonly Line[]): readonly Line[] {
  const AND = /^\s*(?:and|und|y|et|e|en|&)\s+(?=\p{Lu})/u;
  const filled = filledOf(all);
  const last = filled.at(-1);
  const fits =
    filled.length > 1 && filled.slice(0, -1).every(({ text }) => looksLikeWholeName(text.trim()));
  return all.map((one) =>
    fits && one === last ? { ...one, text: one.text.replace(AND, '') } : one,
  );
}

/** "amira.haddad", "amira_haddad" on every line, as "Amira Haddad". */
export function spelledOut(all: readonly Line[]): readonly Line[] {
  const LOGIN = /^\s*@?\p{Ll}+(?:[._]\p{Ll}+)+\s*$/u;
  const filled = filledOf(all);
  if (filled.length < 2 || !filled.every(({ text }) => LOGIN.test(text))) return all;
  return all.map((one) => ({
    ...one,
    text: one.text
      .replace('@', '')
      .replace(/[._]/g, ' ')
      .replace(/(?<=^|\s)\p{Ll}/gu, (letter) => letter.toUpperCase()),
  }));
}

/** "HADDAD/Amira", "0041 HADDAD:AMIRA", "Haddad/Amira/7B". */
const FAMILY_SIGNS = [
  /^(\s*[\p{Lu}\p{M}'’ -]*\p{Lu}{2}[\p{Lu}\p{M}'’ -]*)\/\s*(\p{Lu}\p{Ll}.*)$/u,
  /^(\s*(?:\d{1,8}\s+)?\p{Lu}{2}[\p{Lu}\p{M}'’-]*):(\p{Lu}{2}[\p{Lu}\p{M}'’-]*)\s*$/u,
  /^(\s*\p{Lu}[\p{L}\p{M}'’-]+)\/(\p{Lu}[\p{L}\p{M}'’-]+)\/(?=\d{1,2}\p{Lu}\s*$)/u,
];

/** Such lines as "HADDAD, Amira". */
export function familyFirst(all: readonly Line[]): readonly Line[] {
  const filled = filledOf(all);
  const sign = FAMILY_SIGNS.find((one) =>
    filled.every(({ text }) => isShort(text) && one.test(text)),
  );
  if (filled.length < 2 || !sign) return all;
  return all.map((one) => ({ ...one, text: one.text.replace(sign, '$1, $2 ').trimEnd() }));
}

/** "Who is in group A? Amira, Bram" as "Who is in group A: Amira, Bram". */
export const withAsked = (one: Line): Line => ({
  ...one,
  text: one.text.replace(
    /^\s*((?:who|which|wer|quién(?:es)?|qui|chi|quem|wie)\s[^?:]{1,40})\?\s+(?=\p{Lu}[^?]*[,;&])/iu,
    '$1: ',
  ),
});

/** "Amira Haddad <amira@…> - deferred" as "Amira Haddad (deferred) <amira@…>". */
export const withRemarkBefore = (one: Line): Line => ({
  ...one,
  text: one.text.replace(
    /^(?=.*<)([^<>@]*\p{L})\s*(<[^<>\s]+@[^<>\s]+>)\s*[-–—:,]\s*(\p{L}[^<>@;]*?)\s*$/u,
    '$1 ($3) $2',
  ),
});

/** "Amira Haddad aka Miri" as `Amira Haddad "Miri"`. */
export const withNicknames = (one: Line): Line => ({
  ...one,
  text: one.text.replace(
    /(?<=\p{L})\s+(?:a\.?k\.?a\.?|alias|genannt|genoemd|detto|detta)\s+(\p{Lu}[\p{L}\p{M}'’-]*)\s*$/u,
    ' "$1"',
  ),
});

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

/** "Present: Amira, Bram" beside those who are away. */
const HERE =
  /^\s*((?:present|here|in|attending|anwesend|da|presentes?|présents?|presenti|aanwezig)(?: (?:today|heute|hoy|aujourd[’']hui|oggi|vandaag|hoje))?)\s*:\s*(?=\p{L})/iu;

const AWAY_ALONE =
  /^\s*(?:absent(?:ees?)?|away|missing|apologies|fehlend|fehlen|abwesend|ausentes|absents|assenti|afwezig)(?: today)?\s*$/i;

/** Those who are said to be away, each on a line; they are of the class all the same, and are asked about. */
export function withAway(all: readonly Line[]): Tidied {
  const skipped: Skipped[] = [];
  const warnings: RosterWarning[] = [];
  const filled = filledOf(all);
  const head = filled.findIndex(({ text }) => AWAY_ALONE.test(text));
  const [over, under] = [filled.slice(0, head), filled.slice(head + 1)];
  const word = filled[head];
  // "Missing" over some more of them, at the end.
  if (word && head > 0 && under.length > 0 && under.length < over.length / 2)
    return {
      lines: [...over, ...under],
      skipped: [{ row: word.line, name: word.text.trim(), reason: 'footer' }],
      warnings: under.map(({ line, text }) => ({
        ...{ kind: 'doubtfulName' as const, row: line, name: text.trim(), given: '', likely: '' },
      })),
    };
  const found = filled.filter(({ text }) => AWAY.test(text));
  const others = new Set(
    filled.flatMap((one) => (found.includes(one) ? [] : plainWords(one.text).split(' '))),
  );
  const [away] = found;
  // "Absent today: Chipo" beside "Present: Amira, Bram" is the other part of the class.
  if (away && filled.length === 2 && filled.some(({ text }) => HERE.test(text))) {
    const said = AWAY.exec(away.text)?.[1] ?? '';
    const [word = '', today = ''] = said.split(' ');
    const plain = { ...away, text: away.text.replace(said, word) };
    return {
      lines: all.map((one) => (one === away ? plain : one)),
      skipped: today === '' ? [] : [{ row: away.line, name: today, reason: 'heading' }],
    };
  }
  if (found.length > filled.length / 3) return { lines: all, skipped, warnings };
  const lines = all.flatMap((one) => {
    const [, said = '', names = ''] = AWAY.exec(one.text) ?? [];
    // Who stands in the list already is only told of.
    const listed = plainWords(names)
      .split(' ')
      .every((word) => others.has(word));
    if (names === '' || listed) return [one];
    if (isNobodyYet(names)) {
      skipped.push({ row: one.line, name: cleanText(one.text), reason: 'footer' });
      return [];
    }
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
  const filled = filledOf(all);
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

/** "Student Report", over each of them. */
const REPORT = /^\s*(?:student|pupil|learner|class|school) \p{Lu}\p{Ll}+\s*$/iu;

/** A list without "View profile" below each name: the same small words again, where names have capitals. */
export function withoutRefrain(all: readonly Line[]): Tidied {
  const filled = filledOf(all);
  const small = filled
    .filter(({ text }) => SAID_SMALL.test(text) || REPORT.test(text))
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

const IN_BRACKETS =
  /^\s*(?:\d{1,3}[.)]?\s+)?(\p{Lu}[\p{L}\p{M}'’-]+)\s+\((\p{L}[\p{L}\p{M}'’ -]+)\)\s*$/u;
const FEWEST_BRACKETED = 5;

/** "Amira (Haddad)" on every line, each another: the family in brackets. What begins alike is what somebody is called. */
export function withFamilies(all: readonly Line[]): readonly Line[] {
  const filled = filledOf(all);
  const parts = filled.map(({ text }) => IN_BRACKETS.exec(text));
  const told = parts.map((found) => plainWords(found?.[2] ?? ''));
  const alike = parts.filter((found) => found?.[1]?.[0] === found?.[2]?.[0]).length;
  const fits =
    filled.length >= FEWEST_BRACKETED &&
    parts.every((found) => found !== null && sectionHeading(found[2] ?? '') === null) &&
    new Set(told).size >= told.length * 0.8 &&
    alike < told.length / 3;
  return fits ? all.map((one) => ({ ...one, text: one.text.replace(IN_BRACKETS, '$1 $2') })) : all;
}
