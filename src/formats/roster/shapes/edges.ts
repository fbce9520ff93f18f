import { givenAmong } from '../givenNames';
import { isSurelyHeading, roleOfColumn } from '../headings';
import { isClosing, isDayWord, isGreeting, isNobodyYet, isPlace, kindOfLine } from '../lineKinds';
import { isParticle, looksLikeWholeName } from '../names';
import { plainWords } from '../text';
import { words } from '../words';
import { HEADER } from './letters';
import { isOfSentences } from './manyWords';

/** Words for those in a list, for the list, for what it is made for and for when, as `plainWords` gives them. */
const OF_LISTS = new Set(
  words(`
  class|classes|group|groups|team|teams|crew|crews|cohort|homeroom|form|squad|club|choir|orchestra|band|people|guests|friends|
  girls|boys|kids|children|members|member|juniors|seniors|freshmen|sophomores|beginners|scholars|volunteers|helpers|
  swimmers|players|partners|pairs|learners|participants|students|pupils|present|attending|attendees|absent|absentees|late|
  missing|who|all|everyone|everybody|list|lists|roster|register|attendance|names|trip|trips|excursion|outing|fair|project|
  projects|survey|lesson|tutorial|seminar|workshop|practical|morning|afternoon|evening|today|tomorrow|tonight|maths|math|
  mathematics|science|sciences|history|english|geography|biology|chemistry|physics|computing|economics|drama|music|swimming|
  athletics|tennis|football|sport|sports|religion|ethics|kayaks|canoes|boats|rafts|
  klasse|gruppe|gruppen|kurs|liste|kinder|jungen|madchen|schuler|alle|heute|morgen|ausflug|projekt|mathe|mathematik|
  deutsch|englisch|biologie|chemie|physik|geschichte|erdkunde|musik|kunst|
  clase|grupo|grupos|equipo|equipos|lista|ninos|ninas|chicos|chicas|alumnado|alumnos|alumnas|todos|todas|hoy|manana|
  excursion|proyecto|matematicas|ciencias|lengua|historia|ingles|
  classe|groupe|groupes|equipe|equipes|enfants|eleves|filles|garcons|tous|toutes|aujourd hui|sortie|projet|maths|francais|
  anglais|histoire|gruppo|gruppi|squadra|ragazzi|ragazze|bambini|alunni|tutti|oggi|gita|progetto|matematica|scienze|
  turma|turmas|criancas|meninos|meninas|alunos|hoje|passeio|projeto|
  mitglieder|teilnehmende|miembros|asistentes|membres|membri|partecipanti|leden|membros|
  klas|groep|groepen|lijst|kinderen|jongens|meisjes|leerlingen|iedereen|vandaag|uitje|project|wiskunde|nederlands`),
);

/** Of those, what families are called as well: among lone names they may be somebody. */
const FAMILIES_TOO = new Set(
  words('kinder|english|history|lista|list|late|all|friends|boys|band|fair|kunst|kurs|morgen'),
);

/** Small words before them. */
const BEFORE =
  /^(?:(?:the|my|our|your|these|for|in|on|die|der|das|meine|unsere|fur|el|la|los|las|mi|mis|nuestra|para|le|les|ma|mon|mes|notre|pour|il|i|gli|per|o|a|os|as|minha|meus|de|het|mijn|onze|voor) )+/;
const BETWEEN = / (?:and|und|y|et|e|en) /;
/** "Names for Thursday", "Grupo de los jueves". */
const BEHIND = /^(\S+) (?:of|for|in|on|at|de|del|der|des|di|da|do|van|voor|fur|pour|para|per) \S/;

const isOfLists = (word: string): boolean =>
  OF_LISTS.has(word) || (word.length > LONG_DAY && isDayWord(word));

/** Short names of days are names of people too: Sam, Sun. */
const LONG_DAY = 4;

const FIGURES_BEHIND = /(?<=\p{L})[\s:,–-]+\(?\d[\d/.:]*\s?\p{L}?\)?\.?\s*$/u;

/** What heads the names or addresses themselves stays with them. */
const KEPT: ReadonlySet<string> = new Set(['fullName', 'givenName', 'familyName', 'email']);

/** Whether a line over a list is words for those in it, or for what and when it is: "The kids", "Thursday", "Biology". */
function saysList(given: string): boolean {
  // "To: class".
  const whole = given.replace(HEADER, '');
  // "Kids 7B", "Kids: 3"; "Group 2" heads a part.
  const line = kindOfLine(whole) === null ? whole.replace(FIGURES_BEHIND, '') : whole;
  if (/^\p{L}[.)]|[,;@|\t\d]|\S\s{2,}\S|:\s*\S/u.test(line.trim())) return false;
  const role = roleOfColumn(line.replace(/:\s*$/, ''));
  if (role !== null) return !KEPT.has(role) && isSurelyHeading(line) && givenAmong([line]) === 0;
  const all = plainWords(line).replace(BEFORE, '');
  const [first] = BEHIND.exec(all)?.slice(1) ?? [];
  if (first !== undefined && isOfLists(first)) return true;
  return all.split(BETWEEN).every((part) => {
    const [last = '', before, ...more] = part.split(' ').reverse();
    // "Lab partners", but not "Amira Crew" and "Faye Summers".
    return (
      isOfLists(last) &&
      more.length === 0 &&
      (before === undefined ||
        isOfLists(before) ||
        (givenAmong([line.trim()]) === 0 && /\s\p{Ll}+:?\s*$/u.test(line)))
    );
  });
}

/** Lines at the edges of a list, by their texts: those that surely name nobody, and those to ask about. */
export interface Edges {
  readonly over: ReadonlySet<string>;
  readonly below: ReadonlySet<string>;
  readonly asked: ReadonlySet<string>;
}

/** What ends a list, beside words for those in it. */
const ENDS = new Set(
  words(`
  done|end|finished|that is it|that s it|thanks|gracias|merci|danke|obrigado|obrigada|grazie|bedankt|ende|fertig|fini|
  guest|guests|new student|new pupil|free place|free places|free seat|empty|tbc|bis morgen|hasta manana|a demain`),
);

/** "Oda Lind, teacher", and "Mr Reed (teacher)" in the same way; null for a line that is of no staff. */
export function staffBehind(line: string): string | null {
  const plain = line.trim().replace(/\s*\(([^()]+)\)$/, ', $1');
  return plain.includes(',') && kindOfLine(plain)?.kind === 'staff' ? plain : null;
}

/** So many other lines show how the lines of a list are, where one does not show it by holding several people. */
const FEWEST_ALIKE = 3;

/** "Amira, Bram, Chipo", "Otters: Amira, Bram", "Amira Haddad, Bram Visser". */
const holdsSeveral = (line: string): boolean =>
  /,[^,]+,|;[^;]+;|:.*,/.test(line) ||
  (line.includes(',') && line.split(',').every((part) => looksLikeWholeName(part.trim())));

/** An unknown word among these is hardly a name. */
const NEARLY_ALL = 0.9;

const FREE = /^\(?(?:empty|free|frei|leer|libre|vac[ií]o|vide|vuoto|livre|leeg|vrij)\)?$/iu;

/** Signs that every other line may have: bullets, numbers, addresses, cells. */
const ALIKE: readonly RegExp[] = [
  /^\s*[-–•*·◦▪]\s*\p{L}/u,
  /^\s*\(?\d{1,3}[.):]?\s+\S/,
  /\S@\S/,
  /\S[ ]*[\t;|]/,
  /\S\s*,\s*\S/,
];

const wordsOf = (line: string): readonly string[] => line.trim().replace(/:$/, '').split(/\s+/);

/** Small words that are no part of a name. */
const isSmall = (line: string): boolean =>
  wordsOf(line).some((word) => /^\p{Ll}/u.test(word) && !isParticle(word));

/**
 * What stands over a list or below it and names nobody: words for the list, and what is unlike all other lines. What is of small
 * words among names with capitals, or one word among whole names, is asked about.
 */
export function edgesOf(lines: readonly string[]): Edges {
  const filled = lines.filter((line) => /\S/.test(line));
  const from = filled.findIndex((line) => !saysList(line));
  const said = filled.slice(0, Math.max(0, from));
  const rest = filled.slice(said.length);
  const lone = rest.every((line) => !/\S\s+\S/.test(line));
  const heads =
    rest.some(saysList) ||
    // "Class" and "Name" over what stands in two columns.
    rest.some((line) => isSurelyHeading(line.replace(/:\s*$/, ''))) ||
    said.filter((line) => roleOfColumn(line) !== null).length > 1;
  const families =
    lone &&
    givenAmong(rest) < rest.length / 2 &&
    said.some((line) => FAMILIES_TOO.has(plainWords(line)));
  const several = rest.length === 1 && /,[^,]+,|;[^;]+;/.test(rest[0] ?? '');
  const over = new Set((rest.length < FEWEST && !several) || heads || families ? [] : said);
  const below = new Set<string>();
  const asked = new Set<string>();
  const [first = ''] = rest;
  const last = rest.at(-1) ?? '';
  const within = rest.slice(1, -1);
  const odd = new Set(oddIn(within, rest.length));
  const middle = within.filter((line) => !odd.has(line));
  const blankBelow = isBlank(lines, lines.indexOf(first) + 1);
  const blankAbove = isBlank(lines, lines.lastIndexOf(last) - 1);
  const top = saidAt(first, middle.length > 0 ? middle : rest.slice(1), 'first');
  if (top === 'told' || (top === 'asked' && blankBelow)) over.add(first);
  else if (top === 'asked') asked.add(first);
  const end = saidAt(last, middle.length > 0 ? middle : rest.slice(0, -1), 'last');
  if (end === 'told' || (end === 'asked' && blankAbove && givenAmong([last]) === 0))
    below.add(last);
  else if (end === 'asked') asked.add(last);
  odd.forEach((line) => asked.add(line));
  return { over, below, asked };
}

/** At most one line in so many is odd; where there are more, lists are written so. */
const MOST_ODD = 4;

/** Lines within a list that are words for lists or ends of them, or of small words among names with capitals. */
function oddIn(lines: readonly string[], all: number): readonly string[] {
  if (lines.length < FEWEST_ALIKE || lines.filter(isSmall).length * MOST_ODD > all) return [];
  const odd = lines.filter((line) => {
    if (UNLIKE_WORDS.test(line.trim()) || givenAmong([line]) > 0 || roleOfColumn(line) !== null)
      return false;
    const said = saysList(line) || ENDS.has(plainWords(line)) || isSmall(line);
    return said && kindOfLine(line) === null && !isPlace(line);
  });
  return odd.length * MOST_ODD > all ? [] : odd;
}

/** Cells, figures, brackets, a word and what is told of it. */
const UNLIKE_WORDS = /[\d@,;|\t<>=()[\]"*.]|\S\s{2,}\S|:\s*\S/;

const isBlank = (lines: readonly string[], at: number): boolean =>
  lines[at] !== undefined && !/\S/.test(lines[at] ?? '');

/** What a line at an edge is: surely nobody, to be asked about, or like the others. */
function saidAt(
  line: string,
  others: readonly string[],
  place: 'first' | 'last',
): 'told' | 'asked' | null {
  const enough = others.length >= FEWEST_ALIKE || (others.length > 0 && others.every(holdsSeveral));
  if (!enough) return null;
  const all = plainWords(line);
  if (place === 'last' && (isNobodyYet(line) || FREE.test(line.trim()))) return 'told';
  const isStaff = (one: string): boolean => staffBehind(one) !== null;
  if (place === 'last' && isStaff(line) && !others.some(isStaff)) return 'told';
  // A heading of what stands below it is found with its column, where there is one such column.
  const role = roleOfColumn(line.replace(/\s*\([^()]*\)/, '').replace(/:\s*$/, ''));
  if (role !== null && !/[@\t;,|]|\S\s{2,}\S/.test(line.trim()))
    return place === 'first' && others.every((one) => /\t|;|,.*,/.test(one)) ? 'told' : null;
  if (UNLIKE_WORDS.test(line.trim())) return null;
  const bare = line.trim().replace(/[:!]$/, '');
  // Things of the room stand at the edges of seats and groups.
  if (isPlace(bare) || kindOfLine(line) !== null || isGreeting(line) || isClosing(line))
    return null;
  if (ALIKE.some((sign) => sign.test(line))) return null;
  const standsOut = ALIKE.some((sign) => others.every((one) => sign.test(one)));
  const given = givenAmong([bare]) > 0;
  if (place === 'last' && ENDS.has(all) && !given) return 'told';
  const listed = isOfLists(all.split(' ').at(-1) ?? '') && all.includes(' ') && !given;
  const small = isSmall(bare) && !given && !others.some(isSmall);
  const one = !bare.includes(' ');
  if (standsOut) {
    // Somebody who joined late may be added without a number, and whoever has one name needs no comma in it.
    const turned = others.every(
      (other) => /^[^,;\t|@\d]+, ?[^,]+$/.test(other) && !holdsSeveral(other),
    );
    if (one && !(given && place === 'first') && (turned || place === 'last')) return 'asked';
    // "xochitl ramos" may be typed in a hurry.
    const hurried = small && !/\p{Lu}/u.test(bare) && !wordsOf(bare).some(isOfSentences);
    if (hurried && place === 'last') return 'asked';
    if (small || listed) return 'told';
    return one && !given ? 'told' : null;
  }
  if (small) return 'asked';
  const whole = others.every((other) => looksLikeWholeName(other.trim()));
  const first =
    others.every((other) => !/\S\s+\S/.test(other)) &&
    givenAmong(others) >= others.length * NEARLY_ALL;
  if (listed && (whole || first)) return 'asked';
  if (one && !given && (whole || first)) return 'asked';
  return one && given && whole && place === 'last' ? 'asked' : null;
}

/** A word over a single line may be one of two people. */
const FEWEST = 2;
