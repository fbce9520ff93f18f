import { kindOfLine } from '../lineKinds';
import { PARTICLE } from '../names';
import { plainWords } from '../text';
import type { Skipped } from '../types';
import { filledOf, isShort, type Line, type Tidied } from './lines';

const CAPITAL = String.raw`\p{Lu}[\p{L}\p{M}.'’-]*`;
/** "Sanne van der Meer submitted Report 2": a name, and small words that tell what somebody did. */
const DEED = new RegExp(
  String.raw`^\s*(${CAPITAL}(?:\s+(?:(?:${PARTICLE}|e|y)\s+)*(?:${CAPITAL}|\p{L}\.))*)\s+((?!(?:${PARTICLE}|e|y)\b)\p{Ll}{2,}\b(?!\s*:).*)$`,
  'u',
);
/** Words that are a name's as often as a deed: "María josé". */
const FEWEST_LETTERS = 4;

/** "has not passed" is of those who passed or not. */
const HELPING =
  /^(?:has|have|had|is|was|hat|ist|war|ha|es|est|a|ha)(?: not| nicht| no| pas)? (?=\p{L}{4})/u;

/** What to say of somebody in brackets, so that who has left is known as such. */
const asAside = (one: Line, name: string, deed: string): Line => ({
  ...one,
  text: /^(?:has )?left\b/.test(deed) ? `${name} (${deed})` : name,
});

/**
 * "Amira Haddad submitted the report", again and again: who is named on every line, without what they did; whoever comes
 * again is named as there already.
 */
export function withoutDeeds(all: readonly Line[]): Tidied {
  const filled = filledOf(all);
  const found = filled.map((one) => {
    const [, name = '', deed = ''] = DEED.exec(one.text) ?? [];
    return { one, name, deed, verb: plainWords(deed).replace(HELPING, '').split(' ', 1).join('') };
  });
  const times = new Map<string, number>();
  found.forEach(({ verb }) => times.set(verb, (times.get(verb) ?? 0) + 1));
  const most = Math.max(...[...times].map(([verb, count]) => (verb === '' ? 0 : count)));
  const single = found.some(({ name }) => !/\s/.test(name));
  const fits =
    filled.length > 1 &&
    most > 1 &&
    most >= filled.length * (single ? 1 : MOSTLY_SAME) &&
    found.every(({ name, verb, one }) => {
      const said = kindOfLine(one.text)?.kind;
      return name !== '' && verb.length >= FEWEST_LETTERS && (!said || said === 'footer');
    });
  if (!fits) return { lines: all, skipped: [] };
  const seen = new Set<string>();
  const skipped: Skipped[] = [];
  const lines = found.flatMap(({ one, name, deed }): readonly Line[] => {
    const row = one.line;
    const line = asAside(one, name, deed);
    if (line.text === name) skipped.push({ row, name: deed, reason: 'footer' });
    if (seen.has(plainWords(name))) {
      skipped.push({ row, name, reason: 'duplicate' });
      return [];
    }
    seen.add(plainWords(name));
    return [line];
  });
  return { lines, skipped };
}

/** Most lines tell of the same deed, as a page of hand-ins does. */
const MOSTLY_SAME = 0.5;

const TALLY = /^(.*\p{L}{2}.*?)\s+([I|]+(?:\s[I|]+)*)\s*$/u;

/** "Amira Haddad IIII", "Bram Visser II": strokes behind every name count something, where some are more than a suffix has. */
export function withoutTallies(all: readonly Line[]): Tidied {
  const filled = filledOf(all);
  const found = filled.map((one) => ({
    one,
    match: isShort(one.text) ? TALLY.exec(one.text) : null,
  }));
  const tallied = found.filter(({ match }) => match !== null);
  const fits =
    tallied.length > 1 &&
    tallied.length >= filled.length * MOSTLY_TALLIED &&
    tallied.some(({ match }) => /\||I{4}/.test(match?.[2] ?? ''));
  if (!fits) return { lines: all, skipped: [] };
  return {
    lines: found.map(({ one, match }) => ({ ...one, text: match?.[1] ?? one.text })),
    skipped: tallied.map(({ one: { line }, match }) => ({
      ...{ row: line, name: match?.[2] ?? '', reason: 'footer' as const },
    })),
  };
}

const MOSTLY_TALLIED = 0.7;

const COMMAND = /^\s*\\[a-z]+\*?(?:\[[^\]]*\])?(?:\{[^{}]*\})*\s*$/i;
const ITEM = /^\s*\\item(?!\p{L})(?:\[[^\]]*\])?\s*/u;

/** Items of a typeset list without the commands around them. */
export function withoutCommands(all: readonly Line[]): Tidied {
  const filled = filledOf(all);
  const isCommand = ({ text }: Line): boolean => COMMAND.test(text) && !ITEM.test(text);
  if (!filled.some(({ text }) => ITEM.test(text))) return { lines: all, skipped: [] };
  return {
    lines: filled
      .filter((one) => !isCommand(one))
      .map((one) => ({ ...one, text: one.text.replace(ITEM, '') })),
    skipped: filled
      .filter(isCommand)
      .map(({ line, text }) => ({ row: line, name: text.trim(), reason: 'footer' })),
  };
}
