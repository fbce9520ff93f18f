import { activities } from './en/activities';
import { adults } from './en/adults';
import { benchEn } from './en/bench';
import { choosing } from './en/choosing';
import { classFilesEn } from './en/classFiles';
import { clashEn } from './en/clash';
import { rosterEn } from './en/files';
import { groupsEn } from './en/groups';
import { keyMap } from './en/keys';
import { lineups } from './en/lineups';
import { recipeEn } from './en/recipe';
import { handoffEn } from './en/handoff';
import { en } from './en/main';
import { ladder } from './en/ladder';
import { liveEn } from './en/live';
import { outEn } from './en/stage';
import { prepare } from './en/prepare';
import { rulesEn } from './en/ruleTools';
import { seats } from './en/seats';
import { shelf } from './en/shelf';
import { shellEn } from './en/shell';
import { shown } from './en/shown';
import { term } from './en/term';
import { picturesEn } from './en/pictures';
import { undoing } from './en/undoing';
import { outWords } from './en/waysOut';
import type { Catalogue } from './speaking';

const ACCENTS = new Map(
  Object.entries({
    ...{ a: 'á', c: 'ç', e: 'é', i: 'í', n: 'ñ', o: 'ó', s: 'š', u: 'ú', y: 'ý', z: 'ž' },
    ...{ A: 'Á', C: 'Ç', E: 'É', I: 'Í', N: 'Ñ', O: 'Ó', S: 'Š', U: 'Ú', Y: 'Ý', Z: 'Ž' },
  }),
);
/** How much longer than English what is said may be. */
const LONGER = 0.4;
/** What is put in for each slot, and addresses, stay as they are. */
const KEPT = /(\{\{?\w*\}?\}|https?:\/\/\S+)/;
/** Codes among the words: the tag of the language, ends of file names. */
const CODES = new Set([
  'language',
  'fileEnd',
  'stem',
  'backupName',
  'rescueName',
  'rosterWords',
  'toldAs',
]);

/** "Undo" as "Úñdó ló": every vowel accented, and two fifths longer. */
export function stretch(text: string): string {
  if (!/\p{L}{2}/u.test(text)) return text;
  const accented = text
    .split(KEPT)
    .map((piece, at) =>
      at % 2 === 1 ? piece : piece.replace(/[A-Za-z]/g, (letter) => ACCENTS.get(letter) ?? letter),
    )
    .join('');
  const more = Math.ceil((text.length * LONGER) / 3);
  return `${accented}${' ló'.repeat(more)}`;
}

function stretched(value: unknown): unknown {
  if (typeof value === 'string') return stretch(value);
  if (typeof value === 'function') {
    const sentence = value as (...given: unknown[]) => unknown;
    return (...given: unknown[]) => stretched(sentence(...given));
  }
  if (Array.isArray(value)) return value.map(stretched);
  // What is put between words is no word itself: an element of a view.
  if (typeof value !== 'object' || value === null || '$$typeof' in value) return value;
  return Object.fromEntries(
    Object.entries(value).map(([word, one]) => [word, CODES.has(word) ? one : stretched(one)]),
  );
}

/** What the files themselves hold is read again by others, and stays English. */
export const stretchedEnglish = {
  ...(stretched({
    main: en,
    activities,
    adults,
    bench: benchEn,
    choosing,
    clash: clashEn,
    groups: groupsEn,
    handoff: handoffEn,
    keys: keyMap,
    ladder,
    lineups,
    live: liveEn,
    out: outEn,
    prepare,
    recipe: recipeEn,
    roster: rosterEn,
    classFiles: classFilesEn,
    shell: shellEn,
    rules: rulesEn,
    seats,
    shelf,
    shown,
    term,
    pictures: picturesEn,
    undoing,
  }) as Omit<Catalogue, 'outWords'>),
  outWords,
} satisfies Catalogue;
