import { givenAmong, givenColumn } from './givenNames';
import { remembered } from './remembered';
import { cleanText, plainWords } from './text';
import { words } from './words';

export interface NameParts {
  readonly given: string;
  readonly family: string;
}

/** Words that belong to the family name they stand before, as a pattern has them. */
export const PARTICLE =
  "(?:de|da|das|do|dos|del|della|di|du|des|la|le|las|los|van|von|vom|zu|zur|der|den|ter|ten|te|bin|bint|ibn|al|el|ben|abu|af|av|st|san|santa|mac|ó|ni|nic|degli|dei|delle|lo|het|op|ap|'t)";
const IS_PARTICLE = new RegExp(`^${PARTICLE}$`, 'iu');
/** Words between two family names; a capital is an initial. */
const JOINS = /^[oeyi]$/;

/** Whether a word belongs to the family name behind it, or stands between two. */
export const isParticle = (word: string): boolean => IS_PARTICLE.test(word) || JOINS.test(word);

/** Whether a cell holds no more than such words: "van den". */
export const areParticles = (cell: string): boolean =>
  cell
    .trim()
    .split(/\s+/)
    .every((word) => word === '' || IS_PARTICLE.test(word));

const SUFFIX =
  /^(?:jr|sr|ii|iii|iv|v|phd|md|junior|esq|b\.?sc|m\.?sc|b\.?a|m\.?a|mba|b\.?eng|m\.?eng|b\.?ed|m\.?ed|pgce|rn|ll\.?[bm]|dipl\.?-?ing)\.?$/i;
/** "O'Neil, Sean Jr.": the suffix of a family name behind the given one. */
const GIVEN_AND_SUFFIX = /^(.*\S)\s+((?:jr|sr)\.?|ii|iii|iv)$/i;
/** Titles; those that are given names as well ("Don", "Sig") only with a stop. */
const TITLE =
  /^(?:(?:dr|prof|mr|mrs|ms|miss|mx|herr|frau|sra|srta|mme|mlle|dhr|mevr)\.?|(?:hr|fr|sr|sir|don|dona|m|mej|sig|sigra|ing|dott|rev)\.)$/i;

const PATRONYMIC = /(?:[оеі]вич|ьич|[оеії]вна|ична)$/iu;
/** Whether a name is written family, given, father's; "Пётр Ильич Абрамович" ends in a family name. */
const endsInPatronymic = ([, given = '', last = '', ...more]: readonly string[]): boolean =>
  more.length === 0 && PATRONYMIC.test(last) && !PATRONYMIC.test(given);

/** Whether a word stands behind a name and is none: "Jr.", "III", "MSc". */
export function isSuffix(word: string): boolean {
  return SUFFIX.test(word);
}

/** The same behind a comma, where "Petrov, V." is called so and "Bram Visser, V" is the fifth. */
export const isSuffixAfter = (before: string, word: string): boolean =>
  SUFFIX.test(word) && (before.includes(' ') || !/^v\.?$/i.test(word));

/** Given and family name of a whole name: "Family, Given", "FAMILY Given", "Given van Family", or a single name. */
export function splitName(whole: string): NameParts {
  const name = withoutTitles(cleanText(whole));
  const parts = name.split(/\s*,\s*/).filter((part) => part !== '');
  const suffix =
    parts.length > 1 && isSuffixAfter(parts[0] ?? '', parts.at(-1) ?? '')
      ? (parts.pop() ?? '')
      : '';
  const [before = '', after] = parts;
  const withSuffix = (family: string): string => (suffix === '' ? family : `${family} ${suffix}`);
  if (after !== undefined) {
    const [, told = '', behind = ''] = GIVEN_AND_SUFFIX.exec(parts.slice(1).join(' ')) ?? [];
    const given = withoutTitles(told || parts.slice(1).join(' '));
    const family = behind === '' ? withSuffix(before) : `${before} ${behind}`;
    return given === '' ? wordsOf(before, suffix) : { given, family };
  }
  return wordsOf(before, suffix);
}

/** "De Rossi Anna" as "De Rossi, Anna", where a list says so; capitals and commas tell by themselves which is which. */
export function asTold(name: string): string {
  // "Haddad/Amira".
  if (/^[^/,]+\/[^/,]+$/.test(name)) return name.replace(/\s*\/\s*/, ', ');
  const all = name.split(' ');
  if (all.length < 2 || name.includes(',') || all.some(isCapitals)) return name;
  if (endsInPatronymic(all)) return name;
  // "Ricci Anna Chiara": the first word that is a usual given name begins what somebody is called.
  const called = all.findIndex(
    (word, at) => at > 0 && !isParticle(all[at - 1] ?? '') && givenAmong([word]) > 0,
  );
  const end = called === -1 ? all.length - 1 : called;
  return `${all.slice(0, end).join(' ')}, ${all.slice(end).join(' ')}`;
}

function wordsOf(name: string, suffix: string): NameParts {
  const all = [...name.split(' '), ...(suffix === '' ? [] : [suffix])];
  if (all.length < 2) return { given: name, family: '' };
  // "ANA CRUZ Y SOTO" says by its capitals nothing of which is which.
  const shouted = name === name.toUpperCase();
  const capitals = shouted ? 0 : leadingCapitals(all);
  if (capitals > 0) {
    return { given: all.slice(capitals).join(' '), family: all.slice(0, capitals).join(' ') };
  }
  // "Иванова Анна Петровна": who is called after the father is so behind the given name.
  if (endsInPatronymic(all)) {
    return { given: all.slice(1).join(' '), family: all[0] ?? '' };
  }
  let start = shouted ? all.length : trailingCapitals(all);
  if (start === all.length) {
    start--;
    if (SUFFIX.test(all[start] ?? '') && start > 1) start--;
    const small = shouted ? all.map((word) => word.toLowerCase()) : all;
    while (start > 1 && isParticle(small[start - 1] ?? '')) start--;
    // "Cruz y Soto" is one family name.
    if (start > 1 && JOINS.test(small[start] ?? '')) start--;
  }
  return { given: all.slice(0, start).join(' '), family: all.slice(start).join(' ') };
}

/** The name without "Dr.", "Ms" and the like before it; a title alone is a name. */
function withoutTitles(name: string): string {
  const all = name.split(' ');
  let from = 0;
  while (from < all.length - 1 && TITLE.test(all[from] ?? '')) from++;
  return all.slice(from).join(' ');
}

const isCapitals = (word: string): boolean =>
  /\p{Lu}{2}/u.test(word) && word === word.toUpperCase() && word !== word.toLowerCase();

/** "DUBOIS Maëlle": words all in capitals before one that is not; 0 where the name is not written so. */
function leadingCapitals(all: readonly string[]): number {
  const first = all.findIndex((word) => !isCapitals(word));
  return first > 0 ? first : 0;
}

/** "Maëlle DUBOIS": where the words in capitals at the end begin; the number of words where none is. */
function trailingCapitals(all: readonly string[]): number {
  const last = all.findLastIndex((word) => !isCapitals(word));
  return last < 0 || SUFFIX.test(all[last + 1] ?? '') ? all.length : last + 1;
}

const QUOTED = /^(.*?)\s*["“”„«‚‘']([^"“”„«»’']{2,30})["“”»’']\s*(.*)$/u;
const BRACKETED = /^([^()[\]]*\S)\s+[([]([^()[\]]+)[)\]]\s*([^()[\]]*)$/;

const PRONOUN =
  '(?:she|hers?|he|him|his|they|theirs?|them|ze|zir|hir|xe|xem|it|its|any|sie|ihr|er|ihm|ihn|dey|elle|il|lui|iel|ellx?|ella|él|lei|ela|dela|ele|dele|elu|zij|ze|haar|hij|hem|zijn|hen|die|hun)';
/** "Amira Haddad she/her" in its parts. */
const WITH_PRONOUNS = new RegExp(`^(.*\\S)\\s+(${PRONOUN}(?:\\s?/\\s?${PRONOUN}){1,2})()$`, 'iu');

/** Whether what stands behind a name are the words somebody goes by: "she/her", "sie/ihr". */
export const arePronouns = (remark: string): boolean => WITH_PRONOUNS.test(`_ ${remark}`);

/**
 * A name without what stands in brackets or quotes within or after it, or the pronouns behind it: "Amira (Miri) Haddad".
 */
export function withoutRemark(name: string): {
  readonly plain: string;
  readonly remark: string;
  readonly quoted: boolean;
} {
  const found = BRACKETED.exec(name) ?? QUOTED.exec(name) ?? WITH_PRONOUNS.exec(name);
  // Quotes around the whole name, and apostrophes within one, call nobody anything.
  const quoted = !BRACKETED.test(name);
  if (!found || (found[1] ?? '') === '') return { plain: name, remark: '', quoted };
  const [, before = '', remark = '', after = ''] = found;
  if (quoted && !/[\s,]/.test(name[before.length] ?? ''))
    return { plain: name, remark: '', quoted };
  return {
    plain: `${before} ${after}`.replace(/\s+,/, ',').replace(/,\s*$/, '').trim(),
    remark: remark.trim(),
    quoted,
  };
}

/** What a list of those in a call says behind names. */
const PARTS_IN_A_CALL = new Set(
  words(
    'guest|host|co host|me|you|presenter|organizer|organiser|attendee|gast|invitado|invitada|invite|invitee|ospite|convidado|convidada',
  ),
);

export function isPartInACall(remark: string): boolean {
  return PARTS_IN_A_CALL.has(plainWords(remark));
}

/** One capitalised word is what somebody is called, in quotes also capitals alone; pronouns, figures and remarks are not. */
export function isCallName(remark: string, quoted = false): boolean {
  if (isPartInACall(remark)) return false;
  const capitals = remark === remark.toUpperCase();
  return /^\p{Lu}[\p{L}\p{M}'’-]+$/u.test(remark) && (!capitals || (quoted && remark.length < 4));
}

/** Whether a text could be one person's name: letters, more than one where they are Latin, at most seven words, at most one comma. */
export const looksLikeName = remembered(
  (text) =>
    text.length <= 60 &&
    !/^\p{Script=Latin}$/u.test(text) &&
    /^[\p{L}\p{M}"“«‘][\p{L}\p{M}\s.,'’‘ʼ\-()"“”«»·]*$/u.test(text) &&
    text.split(' ').length <= 7 &&
    text.replace(/, *(?:jr|sr|ii|iii|phd|md|b\.?sc|m\.?sc|mba)\b\.?/i, '').split(',').length <= 2,
);

/** Whether a text looks like a given and a family name, each with a capital letter: "Sanne van der Meer". */
export function looksLikeWholeName(text: string): boolean {
  return looksLikeName(text) && WITH_CAPITALS.test(text);
}

const WHOLE_TWICE = /^\p{Lu}\S*(?: \S+)* \p{Lu}\S*, \p{Lu}\S*(?: \S+)* \p{Lu}\S*$/u;

/** Longer cells hold no two names, and would take the square of their length. */
const LONGEST_TWICE = 120;

/**
 * Whether names with a comma may be two each, "Amira Haddad, Bram Visser", rather than one turned round, as "Pérez Gómez, Juan
 * Carlos" is where most names have four words.
 */
export function mayNameTwo(names: readonly string[]): boolean {
  const [before, behind] = [0, 1].map((side) =>
    names.map((name) => name.split(/\s*,\s+/u)[side] ?? ''),
  );
  return (
    names.every((name) => name.length <= LONGEST_TWICE && WHOLE_TWICE.test(name)) &&
    givenColumn(before ?? [], behind ?? []) !== 'second'
  );
}

/** A capital word, and another right after it or after small words that belong to a family name. */
const WITH_CAPITALS = new RegExp(String.raw`\p{Lu}\S*\s+(?:${PARTICLE}\s+){0,3}\S*\p{Lu}`, 'u');

/** Signs behind a name: a mark, a tick, a small picture. */
const SIGNS_BEHIND =
  /(?<=\p{L}.*)(?:\s*(?:[*†‡✓✗✘✕×★☆¹²³⁴⁵⁶⁷⁸⁹]|\p{Extended_Pictographic}[\p{M}\p{Cf}\p{Emoji_Modifier}]*))+$/u;

/** What is longer is no name; the pattern takes the square of its length. */
const LONGEST_SIGNED = 300;

/** A name without the signs behind it. */
export const withoutSigns = remembered((name) =>
  name.length > LONGEST_SIGNED ? name : name.replace(SIGNS_BEHIND, ''),
);

const NOBODY = words(`
  test|demo|dummy|prueba|preview|probe|essai`);
const NOBODY_TOO = words(`
  student|user|account|pupil|learner|alumno|alumna|usuario|cuenta|estudiante|eleve|etudiant|
  compte|utilisateur|schuler|schulerin|konto|benutzer|de|sample|mode|a|b`);

/** Whether a name is that of an account made for trying things out. */
export function isTestAccount(name: string): boolean {
  const all = plainWords(name).split(' ');
  const compound =
    all.length === 1 &&
    /^(test|demo)(student|user|account|schuler|pupil|konto|eleve|alumno)\d*$/.test(all[0] ?? '');
  const known = all.every(
    (word) => NOBODY.includes(word) || NOBODY_TOO.includes(word) || /^\d+$/.test(word),
  );
  // "e.g. Jane Sample" shows how the list is to be filled in.
  if (
    /^(?:e g|eg|example|beispiel|z b|p ej|por ejemplo|par exemple|p ex|exemple|esempio|exemplo|bijv|voorbeeld) \S+ \S/.test(
      plainWords(name),
    )
  )
    return true;
  return compound || (all.length > 1 && known && all.some((word) => NOBODY.includes(word)));
}

const OFFICES = new Set(
  words(`
  office|info|contact|admin|administration|reception|secretary|secretariat|secretaria|sekretariat|segreteria|
  secretariaat|noreply|no reply|support|help|helpdesk|school|schule|escuela|ecole|scuola|escola|
  oficina|buro|bureau|mail|list|newsletter|all|team|class|parents|staff|teachers`),
);

/** Whether a name and the address beside it are those of a place, as "Office <office@…>" in the head of a letter. */
export function isOffice(name: string, address: string | null): boolean {
  const box = plainWords(address?.split('@')[0] ?? '');
  return (
    OFFICES.has(box) &&
    plainWords(name)
      .split(' ')
      .every((word) => OFFICES.has(word) || box.split(' ').includes(word))
  );
}

const STAFF =
  /\b(teacher|instructor|ta|assistant|aide|professor|lecturer|tutor|staff|admin|administrator|designer|coach|faculty|co teacher|coteacher|docente|docent|profesor|profesora|maestro|maestra|ayudante|professeur|professeure|enseignant|enseignante|assistante?|lehrer|lehrerin|lehrerinnen|lehrkraft|lehrkrafte|klassenlehrer|klassenlehrerin|dozent|dozentin|betreuer|betreuerin|referendar|referendarin|leiter|leiterin|insegnante|professore|professoressa|professora|leraar|mentor|begeleider|owner|organi[sz]er|host|facilitator|trainer|educator)(?:e?s)?\b/;
const LEARNER =
  /\b(student|learner|pupil|member|alumno|alumna|estudiante|eleve|etudiant|etudiante|schuler|schulerin|studierende|studierender|teilnehmer|teilnehmerin|participant|aluno|aluna|estudante|alunno|alunna|studente|studentessa|leerling|cursist|deelnemer|attendee|presenter)(?:e?s)?\b/;

/** What a cell of the role column says somebody is. */
export function roleOfPerson(cell: string): 'student' | 'staff' | 'other' {
  const all = plainWords(cell);
  // A "student teacher" or "teaching assistant" belongs to the staff.
  if (all === '' || (LEARNER.test(all) && !STAFF.test(all))) return 'student';
  return STAFF.test(all) || all.includes('teach') ? 'staff' : 'other';
}

/** What others in a school's lists are. */
const BESIDE_THEM = new Set(
  words(
    'parent|guardian|observer|carer|visitor|guest|eltern|madre|padre|tutor legal|parent eleve|genitore|ouder',
  ),
);

/** Whether a cell says what somebody is in a school: a student, or one of the staff. */
export function isSchoolRole(cell: string): boolean {
  const all = plainWords(cell);
  return (
    all.split(' ').length <= 3 && (LEARNER.test(all) || STAFF.test(all) || BESIDE_THEM.has(all))
  );
}

/** Parts in a group as well as in a school: they tell of a school under a heading for roles alone. */
const PART_IN_A_GROUP =
  /\b(member|presenter|participant|participante|host|owner|organi[sz]er|facilitator|trainer|mentor|coach|tutor|leiter|leiterin|designer|begeleider|ayudante|betreuer|betreuerin)(?:e?s)?\b/;

/** Whether cells under any heading tell apart students and those who teach them, and nothing else. */
export function tellSchoolRoles(cells: readonly string[]): boolean {
  const filled = cells.filter((cell) => cell.trim() !== '');
  const learners = filled.filter((cell) => roleOfPerson(cell) === 'student');
  // Beside "Learner" also "Facilitator" tells of a school.
  const surely =
    filled.every(isSchoolRole) && !learners.some((cell) => PART_IN_A_GROUP.test(plainWords(cell)));
  const said = filled.map(roleOfPerson);
  const staff = said.filter((one) => one === 'staff').length;
  return surely && said.includes('student') && staff > 0 && staff <= filled.length / 2;
}

const INACTIVE = new Set(
  words(`
  inactive|withdrawn|withdrew|dropped|drop|deleted|tobedeleted|to be deleted|suspended|
  completed|concluded|transferred|left|removed|rejected|disabled|archived|unenrolled|
  not enrolled|no|false|0|n|w|baja|retirado|retirada|inactivo|inactiva|suspendido|trasladado|
  inactif|inactive|abandon|desinscrit|desinscrite|parti|partie|radie|non|inaktiv|abgemeldet|
  ausgetreten|exmatrikuliert|beurlaubt|gewechselt|nein|inattivo|inattiva|ritirato|ritirata|
  trasferito|trasferita|inativo|inativa|cancelado|cancelada|transferido|transferida|desistente|
  nao|inactief|uitgeschreven|vertrokken|nee`),
);

/** Whether a cell of the status column says that somebody has left. */
export function isInactive(cell: string): boolean {
  const all = plainWords(cell);
  return (
    INACTIVE.has(all) ||
    /^(withdrawn|withdrew|dropped|inactive|left|transferred|suspended|baja|retirad[oa]|trasladad[oa]|abgemeldet|ausgetreten|parti|partie|ritirat[oa]|trasferit[oa]|transferid[oa]|uitgeschreven|vertrokken) /.test(
      all,
    )
  );
}

const TITLED =
  /^(?:mr|mrs|ms|miss|mx|dr|prof|professor|herr|frau|sra|srta|señora?|mme|mlle|dhr|mevr)\b\.?\s+\p{L}/iu;

/** Whether somebody is called by a title, as staff are and students are not in most lists: "Ms Okafor". */
export const isTitled = (name: string): boolean => TITLED.test(name);
