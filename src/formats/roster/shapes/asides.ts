import { givenAmong } from '../givenNames';
import { isDayWord, kindOfLine, sectionHeading } from '../lineKinds';
import { looksLikeName } from '../names';
import { cleanText, plainWords } from '../text';
import type { RosterWarning, Skipped } from '../types';
import { isShort, type Line, type Tidied } from './lines';
import { withoutBullet } from './strip';

/** "+31 6 1234 5678", "(020) 123 4567", "555-013-4567" at the end of a line, with the word for it. */
const TELEPHONE =
  /[\s,;:–—-]+(?:(?:tel|phone|telefon|teléfono|mobile|mob|cell|handy|gsm|ph)\b\.?:?\s*)?((?:\+\d|\(0|0)[\d\s()./-]{6,}\d|\(?\d{3}\)?[-.\s]\d{3}[-.\s]\d{4})$/i;
const FEWEST_FIGURES = 8;
/** "12/03/2011", "(4.5.2010)", "2011-09-30" at the end of a line. */
const DAY =
  /[\s,;:–—*([-]+(?:(?:born|dob|geb)\b\.?:?\s*)?((?:\d{1,2}[./-]\d{1,2}[./-](?:\d{4}|\d{2}))|(?:\d{4}[./-]\d{1,2}[./-]\d{1,2}))[)\]]?$/i;
/** "14 ans", "(14 years old)", "aged 12" at the end of a line. */
const AGE =
  /[\s,;:–—([-]+(aged?:? \d{1,2}|\d{1,2} ?(?:years?(?:[ -]olds?)?|yrs?(?: old)?|y\/?o|ans|años|anos|anni|jahre?|jaar|j\.))[)\]]?$/i;
/** "(F)", "(girl)" at the end of a line. */
const SEX = /\s*[([]([fmxwdvh]|female|male|girl|boy|non-?binary)[)\]]$/i;
const WHOLE = /\p{L}{2}[\s,]+\p{L}{2}/u;
const SEX_LETTER = /^(.*\p{L}{2}[\s,]+\p{L}{2}.*?)\s+([FMWH])\s*$/u;
/** "Bram Visser NEW": told of some, and part of nobody's name. */
const NEW =
  /(?<=\S\s+\S+)\s+[([]?(NEW|NEU|NUEVO|NUEVA|NOUVEAU|NOUVELLE|NUOVO|NUOVA|NIEUW|NOVO|NOVA)[)\]]?!?$/;
/** "Captain: Amira Haddad": a part that somebody has in a group. */
const PART =
  /^\s*(?:[-•*]\s*)?((?:team |group )?(?:captain|leader|lead|recorder|speaker|secretary|timekeeper|kapitän|sprecher(?:in)?|leitung|capitán|capitana|líder|portavoz|capitaine|chef|rapporteur|capitano|kapitein))\s*:\s*(?=\p{Lu})/iu;
/** What stands among people in a plan of times. */
const BREAK =
  /^(?:(?:coffee|tea|lunch|short|long) )?(?:break|lunch|recess|interval|pause|mittagspause|pausa|recreo|descanso|almuerzo|déjeuner|pauze|intervallo|intervalo)s?$/i;
const DATE = String.raw`\d{1,4}[-./]\d{1,2}[-./]\d{1,4}`;
const CLOCK = String.raw`\d{1,2}[:.h]\d{2}(?:[:.]\d{2})?(?:\s?[ap]\.?m\.?(?!\p{L}))?`;
/** "14/09" beside a time of day. */
const DAY_OF_YEAR = String.raw`\d{1,2}[./]\d{1,2}\.?`;
/** "08:55", "9:00 – 9:15", "[10:32, 3/11/2026]", "[14/09, 09:12]", "3/11/2026, 10:32 -", "12.10.2026" before a name. */
const MOMENT = new RegExp(
  `^\\s*\\[?(?:(?:(?:${DATE}|${DAY_OF_YEAR}),?\\s+)?${CLOCK}(?:\\s*[-–—]\\s*${CLOCK})?(?:,?\\s*${DATE})?|${DATE}|\\d{1,2}\\.\\d{1,2}\\.(?=\\s)|\\d{1,2}/\\d{1,2}(?=\\s))\\]?\\s*(?:[-–—:]\\s+)?(?=\\p{L})`,
  'iu',
);
/** "Mon" before the time. */
const DAY_BEFORE = /^\s*(\p{L}{2,10})\.?,?\s+(?=\d{1,2}[:.h]\d{2})/u;
/** "9:02", "(9.02 am)" behind a name, where most lines have one. */
const MOMENT_AFTER =
  /[\s,;@–—-]+([([]?(?:\d{1,2}[:.h]\d{2}\s*[-–—]\s*)?\d{1,2}[:.h]\d{2}(?:[:.]\d{2})?(?:\s?[ap]\.?m\.?)?[)\]]?)\s*$/iu;
/** "Bram Visser?" */
const UNSURE = /^\s*(.*\p{L})\s*(?:\?+|\(\?+\))\s*(?:\([^()]*\)\s*)?$/u;
/** "@amira.h", "[photo]" before a name. */
const BESIDE_NAME =
  /^\s*(@[\p{L}\p{N}._-]+|\[(?:photo|image|picture|avatar|foto|bild|imagen|immagine)[^\]]*\])\s+(?=\p{Lu})/iu;
/** Dots and strokes up to the next column, or to sign on. */
const LEADER = /(?<=\s|^|\p{L}{2}|[^\p{L}\s])(?:[._…·]\s?){3,}|…+/gu;
/** "**Amira Haddad**", "- ~~Amira Haddad~~", "1. **Amira Haddad** (lead)". */
const SET_OFF =
  /^(\s*(?:(?:[-–•*+]|\d{1,3}[.)])\s+)?)(\*\*|__|~~|[*_`~])(?=\S)([^*_~`]+)\2(?=\s*(?:$|[([:–—-]))/u;
/** "Amira Haddad - absent", "Chipo Dube: needs the front seat", "Dov Ash – SEN": small words behind a dash or a colon, or letters. */
const REMARK =
  /^(?=[^:–—]*\p{Ll})([^:–—]{2,80}?)(?:\s(?:[-–—]|[-=]>|→)|:)\s+(?!\S+@)(\p{Ll}.*|\p{Lu}{2,5}\s*)$/u;
/** "Amira Haddad, locker 12", "Bram Visser, needs glasses": small words behind a comma, which are no given name. */
const REMARK_BEHIND = /^([^,:]{3,80}?),\s+(\p{Ll}[\p{L}\p{M}'’-]*(?:\s\S.*)?)$/u;
/** "Amira Haddad absent", "Visser, Bram – late": who is there, and who is not. */
const PRESENCE_BEHIND =
  /^([^:;]{2,80}\p{L}),?\s+(?:[-–—]\s+)?(absente?|away|late|sick|ill|excused|present|krank|fehlt|abwesend|anwesend|entschuldigt|ausente|presente|malade|présente?|assente|ziek|afwezig|aanwezig)$/u;
const SINGLE = /^\s*\p{Lu}[\p{L}\p{M}'’-]+\s*$/u;
const NAME_WORD = /^[\p{L}\p{M}.'’-]+$/u;
const SAID = /^([^:]{1,60}?)\s*:\s/;

/** "~~Amira Haddad~~": struck out, or done with. */
const STRUCK = /^[^~]*~~?(?=\S)([^~]+)~/u;

/**
 * Lines of a list without what groups do not need: telephone numbers and birthdays behind names, the time before them,
 * and in a chat what everybody said; whoever wrote again is named as there already.
 */
export function withoutAsides(all: readonly Line[]): Tidied {
  const skipped: Skipped[] = [];
  const warnings: RosterWarning[] = [];
  const plain = all.map(({ line, text }) => ({
    line,
    text: text.replace(LEADER, ' ').replace(SET_OFF, '$1$3'),
  }));
  const telephoned = plain.some(({ text }) => telephoneIn(cleanText(text), false) !== null);
  const struck = all.filter(({ text }) => STRUCK.test(text));
  // Where all are, it says nothing of any.
  if (struck.length < all.length)
    warnings.push(...struck.map(({ line, text }) => doubtful(line, STRUCK.exec(text)?.[1] ?? '')));
  const dated = plain.map((one) => {
    const [before = '', word = ''] = DAY_BEFORE.exec(one.text) ?? [];
    return isDayWord(word) ? { ...one, text: one.text.slice(before.length) } : one;
  });
  const timed = dated.filter(({ text }) => MOMENT.test(text)).length > Math.max(1, all.length / 2);
  const bare = timed
    ? dated.map(({ line, text }) => ({ line, text: text.replace(MOMENT, '') }))
    : plain;
  const late =
    bare.filter(({ text }) => isShort(text) && MOMENT_AFTER.test(text)).length >
    Math.max(1, bare.length / 2);
  const chat = timed && bare.filter(({ text }) => SAID.test(text)).length > bare.length / 2;
  // "Anna NEU" is called so where family names are in capitals.
  const shouted = bare.some(({ text }) => /\s\p{Lu}{2,}$/u.test(text) && !NEW.test(text));
  const sexes = haveSexes(bare.map(({ text }) => text));
  if (timed)
    skipped.push(
      ...dated.flatMap(({ line, text }, at): Skipped[] => {
        const before = plain[at]?.text ?? '';
        const day = before.slice(0, before.length - text.length).trim();
        return day === '' ? [] : [{ row: line, name: day, reason: 'footer' }];
      }),
    );
  // What is said of most is no reason to ask whether they are students.
  const usual =
    bare.filter(({ text }) => REMARK_BEHIND.test(text)).length > Math.max(1, bare.length / 2);
  const isUsual =
    usual && givenAmong(bare.flatMap(({ text }) => REMARK_BEHIND.exec(text)?.[2] ?? [])) === 0;
  const singles = bare.filter(({ text }) => SINGLE.test(text)).length > bare.length / 2;
  const given = new Map(all.map(({ line, text }) => [line, text]));
  const seen = new Set<string>();
  const lines = bare.flatMap(({ line, text }): readonly Line[] => {
    if (!isShort(text)) return [{ line, text }];
    if (chat) {
      const [before = '', name] = SAID.exec(text) ?? [];
      // What the page says itself has no name before it.
      if (name === undefined && MOMENT.test(given.get(line) ?? '')) {
        skipped.push({ row: line, name: text.trim(), reason: 'footer' });
        return [];
      }
      if (name === undefined) return [{ line, text }];
      skipped.push({ row: line, name: text.slice(before.length), reason: 'footer' });
      if (seen.has(plainWords(name))) {
        skipped.push({ row: line, name, reason: 'duplicate' });
        return [];
      }
      // Whoever asks who comes need not be one of those who answer.
      if (seen.size === 0 && text.trimEnd().endsWith('?')) warnings.push(doubtful(line, name));
      seen.add(plainWords(name));
      return [{ line, text: name }];
    }
    const [before = '', handle = ''] = BESIDE_NAME.exec(text) ?? [];
    if (before !== '') {
      skipped.push({ row: line, name: handle, reason: 'footer' });
      return [{ line, text: text.slice(before.length) }];
    }
    if (timed && BREAK.test(cleanText(text))) {
      skipped.push({ row: line, name: cleanText(text), reason: 'footer' });
      return [];
    }
    const part = PART.exec(text);
    const told = part ?? (shouted ? null : NEW.exec(text));
    if (told && kindOfLine(text)?.kind !== 'staff') {
      skipped.push({ row: line, name: told[1] ?? '', reason: 'footer' });
      const rest = part ? text.slice(part[0].length) : text.slice(0, told.index);
      return [{ line, text: rest }];
    }
    const [, named = '', remark = ''] = REMARK.exec(text) ?? [];
    if (
      (isWholeName(named) || (singles && SINGLE.test(named))) &&
      sectionHeading(named) === null &&
      kindOfLine(text) === null
    ) {
      skipped.push({ row: line, name: remark, reason: 'footer' });
      warnings.push(doubtful(line, named));
      return [{ line, text: named }];
    }
    const [, unsure = ''] = UNSURE.exec(text) ?? [];
    const single = /^\p{Lu}[\p{L}\p{M}'’-]+$/u.test(withoutBullet(unsure).trim());
    if ((isWholeName(unsure) || single) && kindOfLine(text) === null) {
      skipped.push({ row: line, name: text.slice(unsure.length).trim(), reason: 'footer' });
      warnings.push(doubtful(line, unsure));
      return [{ line, text: unsure }];
    }
    const moment = late && kindOfLine(text) === null ? MOMENT_AFTER.exec(text) : null;
    if (moment) {
      skipped.push({ row: line, name: moment[1] ?? '', reason: 'footer' });
      return [{ line, text: text.slice(0, moment.index) }];
    }
    const [, there = '', presence = ''] = PRESENCE_BEHIND.exec(text.trimEnd()) ?? [];
    // "7B Amira Haddad absent".
    const somebodyThere = withoutBullet(there)
      .replace(/^\s*\S*\d\S*\s+/, '')
      .trim();
    if (looksLikeName(somebodyThere) && kindOfLine(text) === null) {
      skipped.push({ row: line, name: presence, reason: 'footer' });
      return [{ line, text: there }];
    }
    const found = behind(text, telephoned) ?? (sexes ? sexBehind(text) : null);
    const [, somebody = '', said = ''] = found ? [] : (REMARK_BEHIND.exec(text) ?? []);
    const isNamed = isWholeName(somebody) || (isUsual && /^\p{Lu}\p{Ll}+$/u.test(somebody));
    if (isNamed && kindOfLine(text) === null) {
      skipped.push({ row: line, name: said, reason: 'footer' });
      if (!usual) warnings.push(doubtful(line, somebody));
      return [{ line, text: somebody }];
    }
    if (!found) return [{ line, text }];
    skipped.push({ row: line, name: found.aside, reason: 'private' });
    return [{ line, text: found.text }];
  });
  return { lines, skipped, warnings };
}

/** Somebody who is asked about. */
export const doubtful = (line: number, name: string): RosterWarning => ({
  kind: 'doubtfulName',
  row: line,
  name: cleanText(withoutBullet(name)),
  given: '',
  likely: '',
});

/** "Haddad, Amira F" on nearly every line: a letter for the sex behind whole names. */
function haveSexes(all: readonly string[]): boolean {
  const whole = all.filter(
    (text) => isShort(text) && WHOLE.test(text) && kindOfLine(text) === null,
  );
  const letters = whole.flatMap((text) => SEX_LETTER.exec(text)?.[2] ?? []);
  const kinds = new Set(letters);
  return (
    letters.length > 2 &&
    letters.length >= whole.length * 0.6 &&
    kinds.size === 2 &&
    (kinds.has('F') || kinds.has('W')) &&
    (kinds.has('M') || kinds.has('H'))
  );
}

function sexBehind(text: string): { readonly text: string; readonly aside: string } | null {
  const [, name, letter = ''] = SEX_LETTER.exec(text) ?? [];
  return name === undefined ? null : { text: name, aside: letter };
}

/** A telephone number at the end of a line; figures alone may be anything, but beside numbers that are surely such. */
function telephoneIn(text: string, beside: boolean): RegExpExecArray | null {
  const found = TELEPHONE.exec(text);
  const [, number = ''] = found ?? [];
  const figures = number.replace(/\D/g, '').length;
  return figures >= FEWEST_FIGURES && (beside || /[+()\s./-]/.test(number)) ? found : null;
}

/** A line without the telephone number or day at its end; null where it has none, or is nobody's line. */
function behind(
  line: string,
  telephoned: boolean,
): { readonly text: string; readonly aside: string } | null {
  const text = cleanText(line);
  const day = DAY.exec(text);
  const telephone = telephoneIn(text, telephoned);
  const found = day ?? telephone ?? AGE.exec(text) ?? SEX.exec(text);
  const before = found ? text.slice(0, found.index) : '';
  if (!found || !/[\p{L}\p{M}]{2}/u.test(before) || kindOfLine(text) !== null) return null;
  const aside = found[0].replace(
    found === telephone ? /^[\s,;:–—-]+/g : /^[\s,;:–—*([-]+|[)\]]$/g,
    '',
  );
  return { text: before, aside };
}

/** Two words and more that begin and end with a capital one, brackets aside. */
function isWholeName(text: string): boolean {
  const all = cleanText(withoutBullet(text).replace(/\([^)]*\)/g, ' ')).split(' ');
  const isCapital = (word = ''): boolean => /^\p{Lu}/u.test(word);
  return (
    all.length > 1 &&
    all.every((word) => NAME_WORD.test(word)) &&
    isCapital(all[0]) &&
    isCapital(all.at(-1))
  );
}
