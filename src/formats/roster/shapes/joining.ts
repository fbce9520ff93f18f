import { givenColumn } from '../givenNames';
import { kindOfLine } from '../lineKinds';
import { isSchoolRole, looksLikeName, looksLikeWholeName, PARTICLE } from '../names';
import type { Skipped } from '../types';
import { blocksOf, filledOf, type Line, type Tidied } from './lines';

/** What stands on several lines and belongs together. */

const isSetIn = ({ text }: Line): boolean => /^[ \t]/.test(text);

/** An address on a line of its own. */
const ADDRESS = /^\s*[^\s@<>,;]+@[^\s@<>,;]+\s*$/;

/** "3. Amira Fatima", with what its number counts. */
const NUMBERED = /^\s*(\d{1,4})[.)]\s+(?=\p{L})/u;

/** "1. Amira Fatima" and, set in below it, "Haddad-El Masri": the rest of a name that broke in a numbered list. */
export function joinedWraps(all: readonly Line[]): readonly Line[] {
  const filled = filledOf(all);
  const numbers = filled.map(({ text }) => Number(NUMBERED.exec(text)?.[1] ?? NaN));
  const counted = numbers.filter((one) => !Number.isNaN(one));
  const rests = new Set(filled.filter((_, at) => Number.isNaN(numbers[at] ?? NaN)));
  const fits =
    rests.size > 0 &&
    // Below each of them stands something that is said of somebody, or somebody else.
    rests.size < counted.length &&
    counted.every((one, at) => one === (counted[0] ?? 0) + at) &&
    filled.every((one, at) =>
      Number.isNaN(numbers[at] ?? NaN)
        ? isSetIn(one) && isRestOfName(one.text) && !Number.isNaN(numbers[at - 1] ?? NaN)
        : looksLikeName(one.text.replace(NUMBERED, '').trim()),
    );
  if (!fits) return all;
  return filled.flatMap((one, at) => {
    const rest = filled[at + 1];
    if (rests.has(one)) return [];
    const text = rest && rests.has(rest) ? `${one.text.trimEnd()} ${rest.text.trim()}` : null;
    return [text === null ? one : { ...one, text }];
  });
}

const isRestOfName = (text: string): boolean =>
  looksLikeName(text.trim()) && /\p{Lu}\S*\s*$/u.test(text) && kindOfLine(text) === null;

/**
 * "Amira Haddad" over "Student" and "Mira Okafor" over "Teacher", as a page has them; what else it says is nobody; what
 * each is stands in a column of its own.
 */
export function rolesBelow(all: readonly Line[]): Tidied {
  const filled = filledOf(all);
  const isRole = (at: number): boolean =>
    /^\s*\p{L}[\p{L} -]*$/u.test(filled[at]?.text ?? '') && isSchoolRole(filled[at]?.text ?? '');
  const told = filled.filter((_, at) => isRole(at));
  // An address may stand between a name and what somebody is.
  const named = filled.flatMap((_, at) => {
    if (!isRole(at)) return [];
    let above = at - 1;
    while (ADDRESS.test(filled[above]?.text ?? '')) above--;
    const name = filled[above];
    if (!name || isRole(above) || !looksLikeName(name.text.trim())) return [];
    const [address] = filled.slice(above + 1, at).map(({ text }) => text.trim());
    return [{ name, address, between: filled.slice(above + 1, at) }];
  });
  const fits =
    told.length > 1 && named.length === told.length && told.length >= filled.length * 0.2;
  if (!fits) return { lines: all, skipped: [] };
  const used = new Set(named.flatMap(({ name, between }) => [name, ...between]));
  const roles = new Set(told);
  return {
    lines: named.map(({ name, address }) => ({
      ...name,
      text: address === undefined ? name.text : `${name.text.trim()} <${address}>`,
    })),
    skipped: filled
      .filter((one) => !used.has(one))
      .map((one) => ({
        ...{ row: one.line, name: one.text.trim() },
        reason: roles.has(one) ? ('heading' as const) : ('footer' as const),
      })),
    told: {
      heading: 'Role',
      of: new Map(named.map(({ name }, at) => [name.line, told[at]?.text.trim() ?? ''])),
    },
  };
}

/** "HADDAD" over "Amira", again and again, as "HADDAD, Amira". */
export function familyOver(all: readonly Line[]): readonly Line[] {
  const SHOUTED = /^\s*\p{Lu}[\p{Lu}\p{M}'’ -]*\p{Lu}\s*$/u;
  const GIVEN = /^\s*\p{Lu}\p{Ll}[\p{L}\p{M}'’-]*(?:\s+\p{Lu}[\p{L}\p{M}.'’-]*)?\s*$/u;
  const filled = filledOf(all);
  const fits =
    filled.length > 3 &&
    filled.length % 2 === 0 &&
    filled.every(({ text }, at) => (at % 2 === 0 ? SHOUTED : GIVEN).test(text)) &&
    filled.every(({ text }) => kindOfLine(text) === null) &&
    // Whole names below are those of people in groups.
    filled.filter(({ text }, at) => at % 2 === 1 && looksLikeWholeName(text.trim())).length <
      filled.length / 4;
  if (!fits) return all;
  return filled.flatMap((one, at) =>
    at % 2 === 0
      ? [{ ...one, text: `${one.text.trim()}, ${filled[at + 1]?.text.trim() ?? ''}` }]
      : [],
  );
}

const HALF =
  /^\s*(?:\p{Ll}[\p{L}'’]*\s+){0,3}\p{Lu}[\p{L}\p{M}'’-]*(?:\s+\p{Lu}[\p{L}\p{M}'’-]*)?\s*$/u;
const FAMILY_ALONE = new RegExp(String.raw`^\s*(?:${PARTICLE.toLowerCase()}\s+)+\p{Lu}`, 'u');

/**
 * "Clara" over "de Vries", and a blank line between each two, as one name each. Two lines of one word may be two students
 * as well: it takes a family name that says by its first word what it is, or usual given names above or below alone.
 */
export function halvesOver(all: readonly Line[]): readonly Line[] {
  const blocks = blocksOf(all);
  const [tops = [], ends = []] = [0, 1].map((at) => blocks.map((block) => block[at]?.text ?? ''));
  const fits =
    blocks.length > 2 &&
    blocks.every((block) => block.length === 2) &&
    blocks.flat().every(({ text }) => HALF.test(text) && kindOfLine(text) === null);
  const given = fits ? (givenColumn(tops, ends) ?? besideFamilies(tops, ends)) : null;
  if (given === null) return all;
  return blocks.flatMap(([top, end]) => {
    if (!top || !end) return [];
    const [above, below] = [top.text.trim(), end.text.trim()];
    return [{ ...top, text: given === 'first' ? `${above} ${below}` : `${above}, ${below}` }];
  });
}

/** Which half is beside family names that begin as one does; null where neither is, or both. */
function besideFamilies(
  tops: readonly string[],
  ends: readonly string[],
): 'first' | 'second' | null {
  const [above, below] = [tops, ends].map((half) => half.some((one) => FAMILY_ALONE.test(one)));
  if (above === below) return null;
  return below ? 'first' : 'second';
}

/** "Haddad," on one line and "Amira" on the next are one name, where that happens again and again. */
export function joinBroken(all: readonly Line[]): readonly Line[] {
  const open = all.map(({ text }) => /^[^,;@:]*,\s*$/.test(text) && kindOfLine(text) === null);
  const joins = all.filter((_, i) => open[i] && i + 1 < all.length && !open[i + 1]);
  const alternate = joins.length >= 2 && open.every((one, i) => !one || !open[i + 1]);
  if (!alternate) return all;
  const joined: Line[] = [];
  all.forEach((one, i) => {
    const before = joined.at(-1);
    if (i > 0 && open[i - 1] && before) {
      joined[joined.length - 1] = {
        line: before.line,
        text: `${before.text.trim()} ${one.text.trim()}`,
      };
    } else joined.push(one);
  });
  return joined;
}

/** "Amira with Bram", "Amira sits with Bram" on every line as "Amira & Bram"; with a small letter behind, it says something of one. */
export function togetherWith(all: readonly Line[]): Tidied {
  const WITH =
    /^(\s*\P{Ll}\S*(?:\s+\S+){0,3}?)\s+((?:\p{Ll}{3,}\s+)?(?:with|mit|con|avec|com|met))\s+(?=\p{Lu})/u;
  const filled = filledOf(all);
  const words = filled.flatMap(({ text }) => WITH.exec(text)?.[2] ?? []);
  if (filled.length < 2 || words.length < filled.length) return { lines: all, skipped: [] };
  return {
    lines: all.map((one) => ({ ...one, text: one.text.replace(WITH, '$1 & ') })),
    skipped: filled.flatMap(({ line }, at): Skipped[] => {
      const name = words[at] ?? '';
      return name.includes(' ') ? [{ row: line, name, reason: 'heading' }] : [];
    }),
  };
}

const GROUP_FACT =
  /^\s*(?:team|group|crew|table|gruppe|grupo|equipo|groupe|équipe|equipe|gruppo|squadra|groep)(?: name)?\s*:\s*(\S.*?)\s*$/iu;
const MEMBERS_FACT =
  /^\s*(?:members?|students?|pupils?|names?|mitglieder|miembros|integrantes|alumnos|membres|élèves|membri|membros|alunos|leden)\s*:\s*(\S.*)$/iu;

/** Names, and below them as many addresses: each with its own, "Amira Haddad <amira@example.org>". */
export function joinedAddresses(all: readonly Line[]): readonly Line[] {
  const filled = filledOf(all);
  const half = filled.length / 2;
  const fits =
    half >= 2 &&
    Number.isInteger(half) &&
    filled.every(({ text }, at) =>
      at < half ? !text.includes('@') && looksLikeName(text.trim()) : ADDRESS.test(text),
    );
  if (!fits) return all;
  return filled.slice(0, half).map((one, at) => ({
    ...one,
    text: `${one.text.trim()} <${filled[half + at]?.text.trim() ?? ''}>`,
  }));
}

/** "Team: Otters" over "Members: Amira, Bram", as one line "Otters: Amira, Bram". */
export function joinedFacts(all: readonly Line[]): Tidied {
  const filled = filledOf(all);
  const paired =
    filled.length > 1 &&
    filled.length % 2 === 0 &&
    filled.every(({ text }, at) => (at % 2 === 0 ? GROUP_FACT : MEMBERS_FACT).test(text));
  if (!paired) return { lines: all, skipped: [] };
  const lines = filled.flatMap(({ text }, at) => {
    const members = filled[at + 1];
    if (at % 2 === 1 || !members) return [];
    const [, name = ''] = GROUP_FACT.exec(text) ?? [];
    const [, of = ''] = MEMBERS_FACT.exec(members.text) ?? [];
    return [{ line: members.line, text: `${name}: ${of}` }];
  });
  return {
    lines,
    skipped: filled.map(({ line, text }) => ({
      ...{ row: line, name: text.slice(0, text.indexOf(':')).trim(), reason: 'heading' },
    })),
  };
}
