import { kindOfLine } from '../lineKinds';
import { looksLikeName, looksLikeWholeName } from '../names';
import { plainWords } from '../text';
import { filledOf, isShort, type Line, type Tidied } from './lines';

const CLOCK = String.raw`\[?\(?\d{1,2}[:.h]\d{2}(?:[:.]\d{2})?(?:\s?[ap]\.?m\.?)?\)?\]?`;
const TIME = new RegExp(`^\\s*${CLOCK}\\s*$`, 'iu');
const NAME_AND_TIME = new RegExp(`^\\s*(\\S.*?)[\\s,–—-]+(${CLOCK})\\s*$`, 'iu');

/**
 * A chat in which everybody's name stands over what they wrote, with the time beside or below it: the names alone; whoever
 * wrote again is named as there already.
 */
export function withoutTalk(all: readonly Line[]): Tidied {
  const filled = filledOf(all);
  const heads = new Map<Line, { readonly name: string; readonly time: string }>();
  filled.forEach((one, at) => {
    const below = filled[at + 1]?.text ?? '';
    const [, before = '', beside = ''] =
      (isShort(one.text) ? NAME_AND_TIME.exec(one.text) : null) ?? [];
    const time = TIME.test(below) ? '' : beside;
    const name = (time === '' ? one.text : before).trim();
    if ((TIME.test(below) || time !== '') && looksLikeName(name) && kindOfLine(name) === null)
      heads.set(one, { name, time });
  });
  const isTime = ({ text }: Line): boolean => TIME.test(text);
  const talk = filled.filter((one) => !heads.has(one) && !isTime(one));
  const [first] = filled;
  // Times alone, without anything said, are those at which people signed in.
  if (heads.size < 2 || !first || !heads.has(first) || talk.length < heads.size / 2)
    return { lines: all, skipped: [] };
  const seen = new Set<string>();
  const isAgain = (name: string): boolean => {
    const words = plainWords(name);
    const again = seen.has(words);
    seen.add(words);
    return again;
  };
  const lines: Line[] = [];
  const skipped = filled.flatMap((one): Tidied['skipped'] => {
    const row = one.line;
    const head = heads.get(one);
    if (!head) return [{ row, name: one.text.trim(), reason: 'footer' }];
    const beside: Tidied['skipped'] =
      head.time === '' ? [] : [{ row, name: head.time, reason: 'footer' }];
    if (isAgain(head.name)) return [...beside, { row, name: head.name, reason: 'duplicate' }];
    lines.push({ ...one, text: head.name });
    return beside;
  });
  return { lines, skipped };
}

/** "[Amira Haddad] present", "Amira Haddad (9:10): here!": somebody, and what they say. */
const SAYS = [
  /^\s*\[(?<name>[^\][]+)\]\s+(?<said>\p{Ll}.*)$/u,
  new RegExp(`^\\s*(?<name>[^():]+?)\\s*(?<said>${CLOCK}\\s*:.*)$`, 'iu'),
];

/** A chat on each line of which somebody says something: the names alone; whoever spoke before is named as there already. */
export function withoutWords(all: readonly Line[]): Tidied {
  const filled = filledOf(all);
  const says = SAYS.find((one) =>
    filled.every(({ text }) => looksLikeWholeName(one.exec(text)?.groups?.name?.trim() ?? '')),
  );
  if (filled.length < 2 || !says) return { lines: all, skipped: [] };
  const seen = new Set<string>();
  const lines: Line[] = [];
  const skipped = filled.flatMap((one): Tidied['skipped'] => {
    const { name = '', said = '' } = says.exec(one.text)?.groups ?? {};
    const words = { row: one.line, name: said.trim(), reason: 'footer' as const };
    const again = seen.has(plainWords(name));
    seen.add(plainWords(name));
    if (again) return [words, { row: one.line, name: name.trim(), reason: 'duplicate' }];
    lines.push({ ...one, text: name.trim() });
    return [words];
  });
  return { lines, skipped };
}
