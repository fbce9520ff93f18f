import { cleanText, plainWords } from './text';
import { words } from './words';

export interface NameParts {
  readonly given: string;
  readonly family: string;
}

/** Words that belong to the family name they stand before. */
const PARTICLES = new Set(
  words(`
  de|da|das|do|dos|del|della|di|du|des|la|le|las|los|van|von|vom|zu|zur|der|den|ter|ten|bin|
  bint|ibn|al|el|ben|abu|af|av|st|san|santa|mac|ó|ni|nic`).map(plainWords),
);
const SUFFIX = /^(jr|sr|ii|iii|iv|phd|md)\.?$/i;

/** Given and family name of a whole name: "Family, Given", "FAMILY Given", "Given van Family", or a single name. */
export function splitName(whole: string): NameParts {
  const name = cleanText(whole);
  const comma = /^([^,]+),\s*([^,]+)$/.exec(name);
  if (comma) {
    const [, before = '', after = ''] = comma;
    if (!SUFFIX.test(after.trim())) return { given: after.trim(), family: before.trim() };
  }
  const words = name.split(' ');
  if (words.length < 2) return { given: name, family: '' };
  const capitals = leadingCapitals(words);
  if (capitals > 0) {
    return { given: words.slice(capitals).join(' '), family: words.slice(0, capitals).join(' ') };
  }
  let start = words.length - 1;
  if (SUFFIX.test((words[start] ?? '').replace(',', '')) && start > 1) start--;
  while (start > 1 && PARTICLES.has(plainWords(words[start - 1] ?? ''))) start--;
  return { given: words.slice(0, start).join(' '), family: words.slice(start).join(' ') };
}

/** "DUBOIS Maëlle": words all in capitals before one that is not; 0 where the name is not written so. */
function leadingCapitals(words: readonly string[]): number {
  const isCapitals = (word: string): boolean =>
    /\p{Lu}{2}/u.test(word) && word === word.toUpperCase() && word !== word.toLowerCase();
  const first = words.findIndex((word) => !isCapitals(word));
  return first > 0 ? first : 0;
}

const NOBODY = words(`
  test|demo|dummy|prueba|preview|probe|essai`);
const NOBODY_TOO = words(`
  student|user|account|pupil|learner|alumno|alumna|usuario|cuenta|estudiante|eleve|etudiant|
  compte|utilisateur|schuler|schulerin|konto|benutzer|de|sample|mode|a|b`);

/** Whether a name is that of an account made for trying things out. */
export function isTestAccount(name: string): boolean {
  const words = plainWords(name).split(' ');
  const compound =
    words.length === 1 &&
    /^(test|demo)(student|user|account|schuler|pupil|konto|eleve|alumno)\d*$/.test(words[0] ?? '');
  const known = words.every(
    (word) => NOBODY.includes(word) || NOBODY_TOO.includes(word) || /^\d+$/.test(word),
  );
  return compound || (words.length > 1 && known && words.some((word) => NOBODY.includes(word)));
}

const TOTALS = new Set(
  words(`
  total|totals|grand total|sum|average|averages|class average|mean|median|count|std dev|
  standard deviation|minimum|maximum|min|max|overall average|totales|promedio|media|suma|
  mediana|moyenne|somme|mediane|moyenne de la classe|summe|gesamt|durchschnitt|mittelwert|
  klassenschnitt|anzahl`),
);

export function isTotal(name: string): boolean {
  const words = plainWords(name).replace(/ \d+$/, '');
  return (
    TOTALS.has(words) ||
    /^total( of)? \d+ (students?|pupils?|alumnos|estudiantes|eleves|etudiants|schuler)$/.test(
      words,
    ) ||
    /^(total|number of|count of|nombre d|anzahl|total de|nombre de) ?(students|pupils|alumnos|estudiantes|eleves|etudiants|schuler|der schuler)?$/.test(
      words,
    )
  );
}

const LIST_TITLE =
  /\b(class ?list|roster|students?|pupils?|attendance|register|lista de (clase|alumnos|estudiantes)|liste (de la classe|des eleves|d appel)|klassenliste|schulerliste|teilnehmerliste)\b/;

/** Whether the first line over a plain list of names tells what the list is. */
export function isListTitle(line: string): boolean {
  const words = plainWords(line);
  return words.split(' ').length > 1 && LIST_TITLE.test(words);
}

const POINTS =
  /^(points? possible|possible points|max(imum)? points|out of|points? max(imum)?|puntos? (posibles|maximos?)|puntuacion maxima|points possibles|bareme|max(imal)? ?punkte|punkte max|erreichbare punkte|maximalpunktzahl)/;

export function isPointsLabel(name: string): boolean {
  return POINTS.test(plainWords(name));
}

const FOOTER =
  /^(generated|exported|printed|downloaded|created|last updated|page|source|note|notes|report|end of|\d+ (students|pupils|rows|records|alumnos|eleves|schuler)|generado|exportado|fuente|nota|exporte le|genere|imprime|source|erstellt|exportiert|gedruckt|stand|quelle|seite|hinweis)\b/;

/** Whether a cell standing alone on its row reads as a remark under the list. */
export function isFooter(cell: string): boolean {
  return FOOTER.test(plainWords(cell)) || cleanText(cell).length > 60;
}

const STAFF =
  /\b(teacher|instructor|ta|assistant|aide|professor|lecturer|tutor|staff|admin|administrator|designer|coach|faculty|co teacher|coteacher|docente|profesor|profesora|maestro|maestra|ayudante|professeur|professeure|enseignant|enseignante|assistante?|lehrer|lehrerin|lehrkraft|dozent|dozentin|betreuer|betreuerin|referendar|referendarin|leiter|leiterin|owner)\b/;
const LEARNER =
  /\b(student|learner|pupil|member|alumno|alumna|estudiante|eleve|etudiant|etudiante|schuler|schulerin|studierende|studierender|teilnehmer|teilnehmerin|participant)\b/;

/** What a cell of the role column says somebody is. */
export function roleOfPerson(cell: string): 'student' | 'staff' | 'other' {
  const words = plainWords(cell);
  // A "student teacher" or "teaching assistant" belongs to the staff.
  if (words === '' || (LEARNER.test(words) && !STAFF.test(words))) return 'student';
  return STAFF.test(words) || words.includes('teach') ? 'staff' : 'other';
}

const INACTIVE = new Set(
  words(`
  inactive|withdrawn|withdrew|dropped|drop|deleted|tobedeleted|to be deleted|suspended|
  completed|concluded|transferred|left|removed|rejected|disabled|archived|unenrolled|
  not enrolled|no|false|0|n|w|baja|retirado|retirada|inactivo|inactiva|suspendido|trasladado|
  inactif|inactive|abandon|desinscrit|desinscrite|parti|partie|radie|non|inaktiv|abgemeldet|
  ausgetreten|exmatrikuliert|beurlaubt|gewechselt|nein`),
);

/** Whether a cell of the status column says that somebody has left. */
export function isInactive(cell: string): boolean {
  const words = plainWords(cell);
  return INACTIVE.has(words) || /^(withdrawn|dropped|inactive|left|baja|abgemeldet) /.test(words);
}
