import { kindOfLine } from '../lineKinds';
import { isInactive, looksLikeName } from '../names';
import type { Skipped } from '../types';
import { BEFORE_NAME, isShort, type Line, type Tidied } from './lines';

const WORDS = [
  'withdrawn|withdrew|(?:has |have |had )?left(?: (?:the |our )?(?:class|school|group|course))?|leavers?',
  'no longer in (?:the |this |our )?(?:class|school|group|course)|former (?:students?|pupils?)',
  '(?:has |have )?(?:transferred|moved away|dropped out|dropped|unenrolled)(?: out)?',
  'bajas?|(?:se )?(?:retirad[oa]s?|trasladad[oa]s?)|ya no (?:está|están)',
  'abgemeldet|ausgetreten|abgänge?|weggezogen|nicht mehr da|exmatrikuliert',
  "partis?|désinscrite?s?|départs?|a quitté (?:la classe|l[’']école)",
  'ritirat[aeio]|trasferit[aeio]|transferid[oa]s?|desistentes?|saíram|uitgeschreven|vertrokken',
].join('|');
/** "Left:", "Withdrawn", "*Leavers*": over those who have, or before them on the same line. */
const HEAD = new RegExp(`^\\s*[*_#]*\\s*(${WORDS})\\s*[*_]*\\s*(?::\\s*(.*)|)$`, 'iu');
/** With when or where to behind it, as "left in October" has it; so that "left-handed" and "left 10:30" are nobody who left. */
const SAID = new RegExp(
  String.raw`^(?:${WORDS})(?:$|\s+(?:in|on|to|this|last|after|before|since|im|am|seit|en|el|desde|le|depuis|nel|dal|op|sinds|em)\b|[\s,;]+\d+(?!\d*[:h]))`,
  'iu',
);
/** "Bram Visser (left)", "Bram Visser - withdrawn 3/10". */
const BEHIND = /^(.*\p{L}.*?)(?:\s*[([]([^()[\]]+)[)\]]|\s+[-–—]\s+(.+))\s*$/u;
/** Where sides or levels are told of, "left" is one of them, and "baja" low. */
const OTHERS = /(?:^|[\s([])(?:right|middle|cent(?:re|er)|alta|media)(?:$|[\s:)\]])/iu;

/** The column of those who are said to have left, and a word of it that is known. */
const STATUS = 'Status';
const GONE = 'left';

/** A list without the words that somebody has left, which stand in a column of their own. */
export function withGone(all: readonly Line[]): Tidied {
  const gone = new Map<number, string>();
  const skipped: Skipped[] = [];
  if (all.some(({ text }) => OTHERS.test(text))) return { lines: all, skipped };
  const isFilled = (at: number): boolean => /\S/.test(all[at]?.text ?? '');
  const spaced = !all.some((_, at) => isFilled(at) && isFilled(at + 1));
  let under: string | null = null;
  const lines = all.flatMap(({ line, text }, at): readonly Line[] => {
    const [whole, said = '', names = ''] = HEAD.exec(text) ?? [];
    if (whole !== undefined) {
      skipped.push({ row: line, name: said, reason: 'section' });
      under = names === '' ? said : null;
      if (names !== '') gone.set(line, said);
      return names.split(/[,;]/).flatMap((name) => (/\S/.test(name) ? [{ line, text: name }] : []));
    }
    // A blank line below them ends it, unless there is one below every line.
    const ended = !isFilled(at) && gone.has(all[at - 1]?.line ?? 0) && !spaced;
    if (ended || /:\s*$/.test(text) || kindOfLine(text)?.kind === 'section') under = null;
    if (under !== null) gone.set(line, under);
    const [, name = '', inside, behind = ''] = (isShort(text) ? BEHIND.exec(text) : null) ?? [];
    const aside = (inside ?? behind).trim();
    if (!SAID.test(aside) || !looksLikeName(name.replace(BEFORE_NAME, ''))) return [{ line, text }];
    gone.set(line, aside);
    return [{ line, text: name }];
  });
  const of = new Map(
    [...gone].map(([line, said]) => [line, isInactive(said) ? said : `${GONE} ${said}`]),
  );
  return { lines, skipped, told: { heading: STATUS, of } };
}
