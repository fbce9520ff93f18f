import { kindOfLine } from '../lineKinds';
import { looksLikeWholeName } from '../names';
import { filledOf, type Line, type Tidied } from './lines';
import { withoutBullet } from './strip';

/** Set in from the margin, with a sign before it or without one. */
const SET_IN = /^(?:\t|[ \u00A0]{2,})\s*(?=\S)/;

/** Small words alone, or behind a first one with a capital: "needs the front seat", "Peanut allergy". */
const SMALL_WORDS = /^\P{Lu}*$|^\p{Lu}[\p{L}'’]*\s\P{Lu}+$/u;

/** A list without what is noted of some, set in below their names: where everybody has such a line, it may be anything. */
export function withoutNotes(all: readonly Line[]): Tidied {
  const filled = filledOf(all);
  const isNote = ({ text }: Line): boolean =>
    SET_IN.test(text) && SMALL_WORDS.test(withoutBullet(text).trim());
  const notes = filled.filter(isNote);
  const names = filled.filter((one) => !isNote(one));
  const noted = filled.filter((one, at) => {
    const below = filled[at + 1];
    return !isNote(one) && below !== undefined && isNote(below);
  });
  const fits =
    notes.length > 0 &&
    filled[0] === names[0] &&
    noted.length < names.length &&
    names.every(({ text }) => {
      const name = withoutBullet(text).trim();
      return !SET_IN.test(text) && looksLikeWholeName(name) && kindOfLine(name) === null;
    });
  if (!fits) return { lines: all, skipped: [] };
  return {
    lines: all.filter((one) => !notes.includes(one)),
    skipped: notes.map(({ line, text }) => ({
      ...{ row: line, name: withoutBullet(text).trim(), reason: 'footer' as const },
    })),
  };
}
