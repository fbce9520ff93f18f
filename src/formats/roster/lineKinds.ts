import { givenAmong } from './givenNames';
import { remembered } from './remembered';
import { cleanText, plainWords } from './text';
import { words } from './words';

/** What a line, or a row with a single cell, says when it is nobody. */
export type LineKind =
  | { readonly kind: 'rule' }
  | { readonly kind: 'title' }
  | { readonly kind: 'total' }
  | { readonly kind: 'footer' }
  | { readonly kind: 'place' }
  | { readonly kind: 'section'; readonly name: string }
  | { readonly kind: 'staff'; readonly role: string; readonly name: string };

/** Words that give a figure for a whole list, and are nobody's name. */
const TOTALS = new Set(
  words(`
  total|totals|total paid|total due|total raised|grand total|subtotal|sub total|average|averages|avg|class average|class mean|mean|
  median|count|std dev|std|sd|st dev|stdev|standard deviation|variance|minimum|maximum|highest|lowest|range|overall average|
  overall|totales|promedio|mediana|moyenne|somme|moyenne de la classe|ecart type|
  summe|gesamt|insgesamt|zwischensumme|durchschnitt|mittelwert|klassenschnitt|anzahl|standardabweichung|
  totale|totali|somma|soma|totaal|gemiddelde|aantal|mediaan|moda|desvio padrao|deviazione standard|
  total general|media de la clase|media da turma|media della classe|media generale|n|
  present|absent|attendance|attended|anwesend|abwesend|presentes|ausentes|presents|absents|presenti|
  assenti|aanwezig|afwezig|class total|overall total|students|pupils|number of students|number of pupils|headcount|effectif`),
);
/** Words that are names too: totals only where nothing speaks for a person. */
const TOTALS_OR_NAMES = new Set(
  words('sum|max|min|media|mode|mediane|suma|high|low|best|worst|top'),
);

const PEOPLE =
  '(?:students?|pupils?|learners?|participants?|names?|rows?|records?|people|children|present|absent|alumn[oa]s?|estudiantes|eleves|etudiants|schuler(?:innen)?|teilnehmer|studierende|alunn[io]|alun[oa]s|studenti|leerlingen|personen|inscritos|matriculados|boys|girls)';
const COUNT_LINE = new RegExp(
  `^(?:(?:total|grand total|subtotal|sum|count|number|anzahl|nombre|numero|totaal|aantal|totale|gesamt|insgesamt|n|effectif)(?: (?:of|de|d|der|di|number of|no of))*(?: (?:the|class|all))* ?(?:${PEOPLE})?(?: (?:in class|enrolled|listed|present))? ?\\d*(?: ${PEOPLE})?|${PEOPLE} ?(?:in total|total)? ?\\d+|\\d+ ${PEOPLE}(?: .{0,20})?)$`,
);

const COUNT_BEGINS = new RegExp(
  `^(?:total|grand|subtotal|sum|count|number|anzahl|nombre|numero|totaal|aantal|totale|gesamt|insgesamt|n|effectif|${PEOPLE})\\b`,
);

/** "Enrolled: 22", "Capacity: 30". */
const PLACES_TAKEN =
  /^\s*(?:enrolled|enrolments?|enrollments?|registered|capacity|class size|places|seats|angemeldet|belegt|plätze|inscrit[oae]s|matriculados|inscrits|iscritti|ingeschreven|plaatsen)\s*[:=]\s*\d{1,4}(?:\s*(?:\/|of|von|de|di|van)\s*\d{1,4})?\s*$/iu;

/** Whether a label gives a figure for a whole list; `surely` leaves out words that are names as well. */
export function isTotal(label: string, surely = true): boolean {
  return surely ? surelyTotal(label) : total(label, false);
}

/** What is longer gives no figure. */
const LONGEST_TOTAL = 300;

const surelyTotal = remembered((label) => total(label, true));

function total(label: string, surely: boolean): boolean {
  if (/^(?:n\s*[=:]|=)\s*\d+/i.test(cleanText(label)) || PLACES_TAKEN.test(label)) return true;
  const all = plainWords(label);
  // "Boys: 12, Girls: 14, Total: 26".
  const several = all.length > LONGEST_TOTAL ? [] : (all.match(/\p{L}[^\d]*\d+/gu) ?? []);
  if (several.length > 1 && several.join(' ') === all && several.every((one) => isTotal(one)))
    return true;
  const bare = all
    .replace(/( \d+)+$/, '')
    .replace(/^(class|group|section|overall|record|student|row|course|klassen|kurs) (?=\S{2})/, '');
  if (TOTALS.has(bare)) {
    // A word for people alone is a heading.
    return !/^(students|pupils)$/.test(bare) || /\d/.test(all);
  }
  // A name has no figures and does not begin with such a word: most labels are told by that.
  if (!/\d/.test(all) && !COUNT_BEGINS.test(all)) return !surely && TOTALS_OR_NAMES.has(bare);
  if (COUNT_LINE.test(all) && (/\d/.test(all) || all.split(' ').length > 1 || TOTALS.has(all)))
    return true;
  return !surely && TOTALS_OR_NAMES.has(bare);
}

const POINTS =
  /^(points? possible|possible points|max(imum)? (points|marks?|score)|out of( \d+)?$|points? max(imum)?|weight(ing)?$|puntos? (posibles|maximos?)|puntuacion maxima|points possibles|bareme|max(imal)? ?punkte|punkte max|erreichbare punkte|maximalpunktzahl|punteggio massimo|punti massimi|pontuacao maxima|maximale punten)/;

export function isPointsLabel(name: string): boolean {
  return POINTS.test(plainWords(name));
}

const LIST_TITLE =
  /\b(class ?list|roster|students?|pupils?|attendance|register|lista (de|degli|dei|d) ?(la )?(clase|alumnos|estudiantes|alunos|alunni|studenti|turma|presenca)|liste (de la classe|des eleves|d appel)|klassenliste|schulerliste|teilnehmerliste|kursliste|elenco|leerlingenlijst|klassenlijst|presentielijst|registro|chamada|acta de asistencia|asistencia|minutes of|protokoll|proces verbal|verbale|notulen|anwesenheit(?:sliste)?|fiche de presence|presenze|course|kurs|survey|excursion|trip|sign up|signup|timetable|school|schule|ecole|escuela|escola|scuola|university|college|semester|term|autumn|spring|summer|winter|herbst|class|klasse|clase|classe|turma|klas|seating|plan|club|choir|orchestra|society|squad|council)\b/;

/** "Klassenliste", "leerlingenlijst": nobody is called so. */
const ONE_WORD =
  /^(?:\p{L}{4,}(?:liste|lijst)|classlist|every(?:one|body)|alle|todos|todas|tout le monde|tutti|iedereen)$/u;

/** "Group list", "Liste der Gruppe": a capital would make it somebody. */
const PLAIN_LIST =
  /^(?:\p{L}+ (?:list|liste|lijst)|(?:list|liste|lista|elenco|lijst) (?:of|der|des|de|di|van) .+)$/iu;

/** Whether a line over a plain list tells what the list is: a word for it, and no bare name of two words. */
export function isListTitle(line: string): boolean {
  // "Bram Visser (exchange student until June)" is somebody.
  const bare = line.replace(/\s*\([^()]*\)\s*$/, '');
  const all = plainWords(isWholeName(bare) && !LIST_TITLE.test(plainWords(bare)) ? bare : line);
  if (ONE_WORD.test(all) || (PLAIN_LIST.test(line.trim()) && !isWholeName(line.trim())))
    return true;
  // "Mary Ann Summer" is somebody.
  const [first = ''] = all.split(' ');
  const named = givenAmong([bare]) > 0 && !LIST_TITLE.test(first);
  if (!LIST_TITLE.test(all) || (named && isWholeName(bare) && !/\d/.test(all))) return false;
  const count = all.split(' ').length;
  return (
    count > 2 ||
    /\d/.test(all) ||
    (count === 2 &&
      /list|roster|register|attendance|liste|lista|elenco|lijst|student(s)? (names?|list)|students$|pupils$/.test(
        all,
      )) ||
    // "Brook School" is nobody.
    /^\S+ (?:school|college|university|academy|schule|gymnasium|realschule|grundschule|instituto|colegio|lycee|college|liceo|club|choir|orchestra|society|squad|council)$/.test(
      all,
    )
  );
}

const REMARK_WORD =
  '(?:signed|signature|unterschrift|firma|signe|firmato|content type|content transfer encoding|mime version|message id|importance|priority|key|legend|legende|note|notes|remark|remarks|nb|n b|ps|comment|comments|attention|nota|notas|observaciones|leyenda|remarque|remarques|hinweis|hinweise|bemerkung|bemerkungen|legenda|anmerkung|opmerking|osservazioni|observacoes|source|quelle|fuente|fonte|bron|room|raum|sala|salle|aula|lokaal|date|datum|fecha|data|subject|betreff|asunto|objet|oggetto|assunto|onderwerp|sent|gesendet|time|course|kurs|curso|cours|corso|cursus|school|schule|escuela|ecole|scuola|escola|class|klasse|clase|classe|turma|klas|term|semester|year|contact|status|version|page|stand|updated|printed|exported|total|from|location|ort|lugar|lieu|luogo|local|phone|tel|web|url|www|(?:missing|fehlt|fehlen|fehlend|faltan?|manque(?:nt)?|mancano?|ontbreekt)(?: today| heute| hoy| aujourd hui| oggi| vandaag)?|(?:absent|away|late|sick) today)';
const LABELLED = new RegExp(`^${REMARK_WORD}$`);
/** Whether a word before a colon begins a remark, as "Note:" does. */
export const isRemarkLabel = (label: string): boolean => LABELLED.test(plainWords(label));
const SECTION_WORD =
  '(?:class|klasse|classe|clase|turma|klas|kelas|luokka|klasa|trida|osztaly|razred|terminale|standard|std|primary|promotion|promo|week|woche|semana|semaine|settimana|period|periodo|periode|section|seccion|sezione|secao|sektion|group|gruppe|grupo|groupe|gruppo|groep|team|equipo|equipe|equipa|squadra|table|tisch|mesa|bench|form|homeroom|home room|year|grade|jahrgang|kurs|course|curso|cours|corso|cursus|ano|annee|anno|jaar|leerjaar|year group|block|lab|set|stream|tutor group|crew|boat|reihe|row|cohort|cohorte|abteilung|zug|bus|minibus|coach|van|canoe|kayak|tent|cabin|hut|dorm|pod|shift|heat|wave|turno|slot|zelt|boot|bote|barco|tienda|carpa|cabana|station|zone|site|lane|raft|patrol|estacion|posten|stazione)';
const SECTION_LABEL =
  '(?:\\d{1,4}(?: ?[a-z]{1,2})?|\\d{1,2} ?(?:o|a|e|er|eme|me|st|nd|rd|th|º|ª)? [a-z]|[a-z]|[a-z]{1,2} ?\\d{1,3}[a-z]?|[ivx]{1,4}(?: [a-z])?|\\d{1,2} \\d{1,2}|one|two|three|four|five|six|seven|eight|red|blue|green|yellow|orange|purple|white|black|uno|dos|tres|cuatro|cinco|seis|rojo|azul|verde|amarillo|blanco|un|deux|trois|quatre|cinq|rouge|bleu|vert|jaune|blanc|eins|zwei|drei|vier|funf|sechs|rot|blau|grun|gelb|weiss|due|quattro|cinque|rosso|blu|giallo|bianco|um|dois|quatro|vermelho|amarelo|branco|een|twee|drie|rood|blauw|groen|geel)';
/** Parts of a school whose number stands before them ("1º ESO B", "3 havo"). */
const STAGE =
  '(?:eso|ep|primaria|secundaria|bachillerato|bach|infantil|basico|medio|serie|fase|primaire|lycee|elementare|media|superiore|havo|vwo|vmbo|mavo|gymnasium|realschule|semester|trimester)';
const ORDINAL =
  '(?:\\d{1,2} ?(?:st|nd|rd|th|er|re|ere|eme|nde|de|e|a|o|º|ª)?|first|second|third|fourth|fifth|sixth|seventh|eighth)';
const SECTION_LINE = new RegExp(
  `^(?:${SECTION_WORD} ${SECTION_LABEL}(?: ${SECTION_WORD} ${SECTION_LABEL})?|\\d{1,2} ?[ºª]? ?[a-z]|\\d{1,2}(?:er|re|ere|eme|nde|de|e|º|ª) ?[a-z\\d]|${ORDINAL} ?(?:de |di |do )?(?:${SECTION_WORD}|${STAGE})(?: [a-z\\d])?|(?:mrs?|ms|miss|mx|dr|prof) \\p{L}+ s ${SECTION_WORD}|(?:team|crew) [a-z]+|turno (?:de )?(?:manana|tarde|noche|manha|mattina|pomeriggio)|reception|nursery|kindergarten)$`,
  'u',
);
const GROUP_WORD =
  '(?:house|team|group|crew|squad|boat|table|bench|session|shift|gruppe|haus|equipo|grupo|mesa|casa|equipe|équipe|groupe|maison|squadra|gruppo|turma|groep|huis)';
/** "Red house", "Blue team": a name before a small word for a group; those that are no family names with a capital as well. */
const NAMED_GROUP = new RegExp(
  `^\\p{Lu}\\p{L}+ (?:${GROUP_WORD}|Team|Group|Crew|Squad|Gruppe|Equipo|Grupo|Equipe|Équipe|Groupe|Squadra|Gruppo|Groep)$`,
  'u',
);
/** "House: Otter": a word for a group before its name. */
const TOLD_GROUP = /^(\p{L}+)(?: [Nn]ame)?\s*:\s*(\p{Lu}[\p{L}\d'’-]*(?: [\p{L}\d'’-]+){0,2})$/u;
const IS_GROUP_WORD = new RegExp(`^${GROUP_WORD}$`, 'iu');
/** Whether a word by itself says that what is below or beside it are groups ("House"). */
export const isGroupWord = (text: string): boolean => IS_GROUP_WORD.test(cleanText(text));
/** "Waiting list": where those below it stand in a course. */
const PLACES_IN = new Set(
  words(`
  enrolled|registered|waitlist|wait list|waiting list|waitlisted|auditing|auditors|reserve list|
  angemeldet|warteliste|nachruckliste|inscritos|inscritas|lista de espera|inscrits|
  liste d attente|iscritti|lista d attesa|ingeschreven|wachtlijst|matriculados`),
);
const COUNTED = new RegExp(`[\\s,;:–—-]*\\(?\\b\\d+ ?${PEOPLE}\\)?$`, 'i');

/** What is longer says nothing but that it is no name; the patterns take the square of its length. */
const LONGEST_SAID = 1_000;

/** The name of a class or group that a line heads ("Class 7B", "7B", "Otters:"); null where it heads none. */
export const sectionHeading = remembered((line): string | null => {
  if (line.length > LONGEST_SAID) return null;
  const text = cleanText(line).replace(COUNTED, '');
  const bare = text.replace(/\s*:$/, '').replace(/^[-–—=*#[\s]+|[-–—=*#\]\s]+$/g, '');
  if (bare === '' || bare.includes('@')) return null;
  const [head = '', tail = ''] = bare.split(/\s+[-–—]\s+|\s*:\s+/, 2);
  // "Class, M." is somebody whose family is called so.
  if (/^\p{Lu}\p{L}+, ?\p{Lu}\.?$/u.test(bare)) return null;
  if (SECTION_LINE.test(plainWords(bare))) return bare;
  const unremarked = bare.replace(/\s*\([^()]*\)$/, '');
  if (unremarked !== bare && SECTION_LINE.test(plainWords(unremarked))) return unremarked;
  if (NAMED_GROUP.test(bare) || PLACES_IN.has(plainWords(bare))) return bare;
  const [, word = '', told = ''] = TOLD_GROUP.exec(bare) ?? [];
  if (IS_GROUP_WORD.test(word)) return told;
  // "Period 3 - Biology" says what the part is about as well.
  if (SECTION_LINE.test(plainWords(head)) && !/[,;]/.test(tail) && tail.split(' ').length <= 4)
    return bare;
  const named = text.endsWith(':') && bare.split(' ').length <= 4 && /^[\p{L}\d]/u.test(bare);
  // "IV. b:" has the stop of its number.
  const stopped = /[:;,.]/.test(bare.replace(/^[IVX]{1,4}\.(?= ?\p{L}$)/u, ''));
  return named && !stopped && !LABELLED.test(plainWords(bare)) ? bare : null;
});

const MADE =
  /^(?:(?:list )?(?:generated|exported|printed|downloaded|created|last updated|updated|compiled|prepared) (?:on|by|from|at|with|\d)|last updated|report (?:generated|created|of|for)|end of (?:list|report|document|page|file)|generado|exportado|impreso|exporte le|genere le|imprime le|erstellt (?:am|von)|exportiert|gedruckt (?:am|von)|stand (?:vom )?\d|generato|stampato|gerado em|impresso|afgedrukt|gegenereerd|continued|continuacion|fortsetzung|suite|confidential|vertraulich|confidencial|confidentiel|sent from (?:my|a|the) |von mein(?:em|er) .+ gesendet|gesendet von mein|enviado desde mi |envoye (?:de|depuis) mon |inviato dal? mio |verzonden vanaf mijn )/;
const PAGE =
  /^(?:(?:page|pages|seite|pagina|pag|p|s|blatt|sheet|folha|foglio) ?\d+(?: ?(?:of|von|de|di|sur|van|\/) ?\d+)?|\d+ ?(?:of|von|de|di|sur|van) ?\d+)$/;

const LEADER =
  /^(?:(?:group|team) )?(?:leader|lead|captain|speaker|spokesperson|coordinator|chef|cheffe|leiter|leiterin|sprecher|sprecherin|jefe|jefa|capitan|coordinador|coordinadora|responsable|capo|capogruppo|lider|leider)$/;

/** Whether words say that somebody leads a group. */
export function isLeaderWord(words: string): boolean {
  return LEADER.test(plainWords(words));
}

/** Languages whose names of weekdays and months are known, long and short. */
const DAYS_IN = ['en', 'es', 'fr', 'de', 'pt', 'it', 'nl', 'ca', 'cy'];

/** The names that a calendar has for several dates, asked for once and only where they are needed: each language takes its time. */
function namesOf(part: 'weekday' | 'month', dates: readonly number[]): () => ReadonlySet<string> {
  let names: ReadonlySet<string> | null = null;
  return () => {
    names ??= new Set(
      DAYS_IN.flatMap((language) =>
        (['long', 'short'] as const).flatMap((style) => {
          const format = new Intl.DateTimeFormat(language, { [part]: style, timeZone: 'UTC' });
          return dates.map((date) => plainWords(format.format(date)));
        }),
      ),
    );
    return names;
  };
}
// 2024-01-01 was a Monday.
const namesOfDays = namesOf(
  'weekday',
  [1, 2, 3, 4, 5, 6, 7].map((day) => Date.UTC(2024, 0, day)),
);
const namesOfMonths = namesOf(
  'month',
  Array.from({ length: 12 }, (_, month) => Date.UTC(2024, month, 1)),
);
const HALVES = /^(?:(?:am|pm|a\.m\.|p\.m\.)\s*)+$/i;

/** Whether a cell says no more than which day it is or which half of one, as over the columns of a register. */
export function isDayWord(cell: string): boolean {
  return HALVES.test(cell.trim()) || namesOfDays().has(plainWords(cell));
}

/** Whether a line says no more than which month it is. */
export function isMonthWord(line: string): boolean {
  return namesOfMonths().has(plainWords(line));
}

/** "Showing 1 to 25 of 31 entries", "Previous 1 2 Next", "Select all": around a table of a page. */
const PAGING =
  /^(?:(?:showing|displaying|mostrando|anzeige|affichage)\b.*\d.*\d.*|(?:previous|prev|zuruck|anterior|precedent)(?: \d+)*(?: (?:next|weiter|siguiente|suivant))+|(?:previous|prev|next)(?: \d+)+|select all|(?:de)?select all (?:rows|students|names)|rows per page.*|load more|show (?:all|more))$/;

/** Whether a line is a page number: "Page 2", "- 3 -", "2/5", or leads to other pages. */
export function isPageNumber(line: string): boolean {
  const all = plainWords(line);
  return (
    // "P3" and "S1" are years of a school.
    (PAGE.test(all) && !/^[PS][1-7]:?$/.test(line.trim())) ||
    PAGING.test(all) ||
    /^[-–—\s]*\d+\s*(?:\/\s*\d+)?[-–—\s]*$/.test(cleanText(line))
  );
}

/** Whether a line is made of signs alone. */
export function isRule(line: string): boolean {
  return !/[\p{L}\p{N}]/u.test(line) && cleanText(line) !== '';
}

const LONGEST_NAME = 60;

/** Two to four words with capitals: "Bram Visser?" asks whether somebody is there. */
const isWholeName = (text: string): boolean =>
  /^\p{Lu}[\p{L}\p{M}'’-]*(?:\s+\p{Lu}[\p{L}\p{M}.'’-]*){1,3}\s*$/u.test(text) &&
  !/^(?:who|what|which|where|when|why|how|is|are|do|does|can)\b/i.test(text);

/** Where a school is: "12 Mill Lane, Oxbow", "Tel 020 555 0101". */
const WHERE =
  /^(?:\d{1,4}[a-z]?,? (?:[\p{L}.'’-]+ ){0,3}(?:street|st|road|rd|lane|ln|avenue|ave|drive|way|close|square|place|court|crescent|terrace|boulevard|blvd)\.?, *\p{L}{3}.*|(?:tel|telephone|phone|fax|telefon|teléfono|tél|telefono|telefoon)\b[.:]* *[+(\d][\d ()/.-]{5,})$/iu;

const STAFF_HEAD =
  /^(teachers?|instructors?|tutors?|(?:school |support |accompanying )?staff|tas?|(?:teaching |classroom )?assistants?|supervisors?|chaperones?|begleitpersonen|betreuer(?:innen)?|acompanantes|accompagnat(?:eurs?|rices?|ori)|begeleiders?|lehrer|lehrerin|lehrerinnen|lehrkraft|lehrkrafte|profesor|profesora|profesores|profesorado|docentes?|professeure?s?|enseignante?s?|insegnanti?|professores|leraar|leraren|docent|docenten)$/;

/** Whether a line alone is a word for the staff, as "Teachers" over them. */
export const isStaffHead = (line: string): boolean =>
  STAFF_HEAD.test(plainWords(line.replace(/:\s*$/, '')));

/** What a page says below people of who is there: "Online", "Last seen 2 hours ago". */
const PRESENCE =
  /^(?:online|offline|busy|available|active now|in a (?:meeting|call)|do not disturb|(?:last seen|last active|active) .*\d.*|verfugbar|beschaftigt|en linea|conectad[oa]|desconectad[oa]|en ligne|hors ligne|in linea|non in linea)$/;

/** Whether a line says which day it is; "Amira, 10/03/2013" says when somebody was born. */
function isDayLine(text: string): boolean {
  if (!DAY_LINE.test(text)) return false;
  const before = /^(\p{L}+)\.?,?\s+\d/u.exec(text)?.[1];
  // "April 14/03/2013" was born then.
  const numeric = /^\p{L}+\.?,?\s+\d+[./-]/u.test(text);
  return before === undefined || isDayWord(before) || (!numeric && isMonthWord(before));
}

/** Whether a cell standing alone on its row reads as a remark. */
export const isRemark = remembered((line): boolean => {
  const text = cleanText(line);
  const all = plainWords(text);
  const label = /^([^:]{1,30}):/.exec(text)?.[1];
  return (
    text.length > LONGEST_NAME ||
    isGreeting(text) ||
    WHERE.test(text) ||
    AND_SO_ON.test(all) ||
    (HELLO.test(text) && all.split(' ').length >= FEWEST_OF_A_MESSAGE) ||
    /^(?:please|bitte|por favor|veuillez|merci de|per favore|gelieve) \p{Ll}+ \p{L}/iu.test(text) ||
    /^\([^()]*\)$|^\[[^[\]]*\]$|^[-–—=*_]{2,}.*[-–—=*_]{2,}$/.test(text) ||
    isClosing(text) ||
    /^[*†‡§¹²³]+\s*\S*\s*[=:]/.test(text) ||
    /^[*†‡§¹²³]+(?:\s+\p{Ll}|\p{Ll}\S*\s\S+\s\S)/u.test(text) ||
    /^(?:\(\*+\)|\p{Ll}{1,3}\))\s*[=:]/u.test(text) ||
    /\S\s=\s\S/.test(text) ||
    // "A: on target; B: below target" is a key to letters, and no groups, for what they stand for is in small letters.
    /^\p{Lu}{1,2}\s*[:–-]\s*\p{Ll}[^;:]*(?:[;,]\s*\p{Lu}{1,2}\s*[:–-]\s*\p{Ll}[^;:]*)+$/u.test(
      text,
    ) ||
    (label !== undefined && LABELLED.test(plainWords(label))) ||
    MADE.test(all) ||
    isDayLine(text) ||
    WEEK.test(text) ||
    STAFF_HEAD.test(all) ||
    PRESENCE.test(all) ||
    /^(?:thx|thanx|tnx|mfg|x{2,})$/.test(all) ||
    /^\/\/\s/.test(text) ||
    /^(room|raum|sala|salle|aula|lokaal|building|floor) \d+ ?[a-z]?$/.test(all) ||
    /^(https?:\/\/|www\.)/i.test(text) ||
    // "7B Ruiz Soto, M." ends in what somebody is called.
    (/[.!]$/.test(text) && !/\s\p{Lu}\.$/u.test(text) && all.split(' ').length >= 5) ||
    (text.endsWith('?') && all.includes(' ') && !isWholeName(text.slice(0, -1))) ||
    (text.endsWith(':') && all.split(' ').length >= 5)
  );
});

/** "12 October 2026", "lunes, 12 de octubre de 2026", "12/10/2026". */
const DAY_LINE =
  /^(?:\p{L}{2,12}\.?,?\s+)?(?:\d{1,2}(?:st|nd|rd|th|er|º|\.)?(?:\s+de)?\s+\p{L}{3,10}\.?(?:\s+de)?,?\s+\d{4}|\p{L}{3,10}\s+\d{1,2},\s+\d{4}|\d{1,2}[./-]\d{1,2}[./-](?:\d{4}|\d{2})|\d{4}-\d{2}-\d{2})(?:,?(?:\s+(?:at|um|a las|à|alle|às|om))?\s+\d{1,2}[:.h]\d{2}(?::\d{2})?(?:\s?[apAP]\.?[mM]\.?)?)?$/u;

/** "Absent: none". */
const AWAY =
  /^(?:absent|away|missing|sick|ill|late|excused|fehlt|fehlend|krank|abwesend|ausentes|faltan|absents|assenti|afwezig|ziek)\b/i;

/** "Week of 12 October", "Woche vom 12.10.". */
const WEEK =
  /^(?:week (?:of|beginning|commencing|starting|ending)|w\/[bce]|woche (?:vom|ab)|semana del?|semaine du|settimana del|week van)\s.*\d/iu;

const HEADS_NAMES =
  /\b(?:names?|nombres?|apellidos?|vorname|nachname|nom|prenom|nome|cognome|voornaam|achternaam|surname|forename)\b/;

/** Cells, several names, and a key to letters are read with the list. */
const HOLDS_MORE = /\S(?:\t|\s{2,})\S|[;|•=<>{}[\]"]|,.*,/;

/** Whether a line around a list surely names no student and heads no column, whichever way the list is read. */
export function isAround(line: string): boolean {
  const text = cleanText(line);
  const all = plainWords(text);
  if (text.length > LONGEST_NAME || HOLDS_MORE.test(line.trim()) || HEADS_NAMES.test(all))
    return false;
  const label = /^([^:]{1,30}):\s+\S/.exec(text)?.[1];
  return (
    isRule(text) ||
    STAFF_LINE.test(text) ||
    (isTotal(text) && /\d/.test(text)) ||
    (isPageNumber(text) && /\p{L}/u.test(text)) ||
    MADE.test(all) ||
    isDayLine(text) ||
    WEEK.test(text) ||
    isSignedSurely(text) ||
    WHERE.test(text) ||
    /^(https?:\/\/|www\.)\S+$/i.test(text) ||
    (label !== undefined &&
      (isRemarkLabel(label) || (AWAY.test(label) && isNobodyYet(text.slice(label.length + 1)))) &&
      sectionHeading(text) === null)
  );
}

const OF_A_YEAR = /\b20\d{2}\b/;

/** The same for a line over a list: a title is one as well, with what stands behind its colon or dash. */
export function isOver(line: string): boolean {
  const text = cleanText(line);
  if (isAround(line)) return true;
  const [label = ''] = text.split(/:\s|\s[–—-]\s/, 1);
  const bare = !text.includes(',') && !HOLDS_MORE.test(line.trim()) && text.length <= LONGEST_NAME;
  return (
    bare &&
    !HEADS_NAMES.test(plainWords(text)) &&
    (isListTitle(label) || (OF_A_YEAR.test(text) && isListTitle(text))) &&
    // "Student 1: Amira Haddad" is somebody.
    (label === text || OF_A_YEAR.test(text) || !/^\p{L}+ \d+$/u.test(label)) &&
    !/^\d/.test(text)
  );
}

const AND_SO_ON =
  /^(?:etc|etcetera|and so on|and others|usw|u s w|und so weiter|y otros|y asi|et autres|e altri|e outros|enzovoort|enz)$/;
const GREETING =
  /^(?:dear|hi|hello|hey|good (?:morning|afternoon)|liebe[rs]?|hallo|sehr geehrte[rs]?|guten (?:tag|morgen)|bonjour|cher|chere|hola|estimad[oa]s?|querid[oa]s?|ciao|cari|caro|cara|ola|prezad[oa]s?|beste|geachte)\b.*[,:!]$/i;
/** "Hello all", "Dear colleagues" and no more. */
const GREETS_ALL =
  /^(?:dear|hi|hello|hey|hiya|good (?:morning|afternoon)|liebe|hallo|moin|guten (?:tag|morgen)|bonjour|salut|chers|cheres|hola|estimados|queridos|buenos dias|buenas tardes|ciao|buongiorno|cari|ola|caros|bom dia|beste|geachte|dag) (?:all|everyone|everybody|team|both|folks|there|again|class|colleagues?|parents|alle|zusammen|kolleg(?:en|innen)(?: und kolleg(?:en|innen))?|eltern|a todos|a todas|todos|todas|colegas|companeros|familias|tous|toutes|a tous|collegues|a tutti|tutti|colleghi|allemaal|iedereen|collega s|collegas)$/;
/** "Hi Sam!! here's my half of the list" */
const HELLO = /^(?:hi|hello|hey|hiya|hola|hallo|moin|bonjour|salut|ciao|olá|oi|hoi)\b/iu;
const FEWEST_OF_A_MESSAGE = 5;
const CLOSING =
  /^(?:(?:kind|best|warm|many) (?:regards|wishes|thanks)|regards|best|thanks|thank you|many thanks|cheers|thx|sincerely|yours(?: sincerely| faithfully| truly)?|(?:viele|liebe|beste|herzliche) gr(?:ü|ue)(?:ß|ss)e|mit freundlichen gr(?:ü|ue)(?:ß|ss)en|danke|(?:thanks|thank you|cheers)(?: so much| very much)?(?: all| everyone| both| team)?|cordialement|bien à vous|merci|(?:un )?(?:cordial )?saludos?|gracias|cordiali saluti|grazie|saluti|obrigad[oa]|atenciosamente|met vriendelijke groet(?:en)?|groet(?:en|jes)?|bedankt)\s*[,.!]*$/i;

/** Whether a line ends a letter: whoever is named below it wrote it. */
export function isClosing(line: string): boolean {
  return CLOSING.test(cleanText(line)) && /[,.!]$|\s/.test(cleanText(line));
}

/** Who signs on the line that ends a letter: "Thanks, the office"; null where it ends none. */
export function signedBy(line: string): string | null {
  const [closing = '', ...signed] = cleanText(line).split(/(?<=,)\s*/);
  const by = signed.join(' ');
  return by !== '' && CLOSING.test(closing) ? by : null;
}

/** "Cheers, Tom" below any list; "Best, George" may be somebody whose family stands first. */
function isSignedSurely(line: string): boolean {
  const by = signedBy(line);
  return by !== null && /^\p{Lu}[\p{L}'’-]+$/u.test(by) && !/^best\b/i.test(line.trim());
}

/** Whether a line ends a letter that begins with a greeting: there "Thanks" is nobody. */
export function isBareClosing(line: string): boolean {
  return CLOSING.test(cleanText(line));
}

/** Whether a line begins a letter. */
export function isGreeting(line: string): boolean {
  const text = cleanText(line);
  return GREETING.test(text) || GREETS_ALL.test(plainWords(text));
}

const STAFF_LINE =
  /^((?:class |course |form |head |lead )?(?:teachers?|instructors?|tutors?|lecturers?|professors?|coach|assistants?|teaching assistants?|ta|staff|advis[eo]rs?|supervisors?|counsell?ors?|moderators?|facilitators?|organi[sz]ers?|invigilators?|proctors?|chaperones?)|(?:klassen|fach)?lehr(?:er|erin|kraft)|leerkracht|diretora? de turma|dozent(?:in)?|profesor(?:a|es)?(?: (?:jefe|guía|tutora?))?|docentes?|tutor(?:a)?|maestr[oa]|professeure?s?(?: principale?)?|enseignante?s?|insegnante|professor(?:e|essa|a)?|leraar|docent|mentor|klassenleitung|coordinador(?:a)?|coordinatore)\s*[:–—]\s*(\S.*)$/i;

const STAFF_WORD =
  '(?:(?:class |course |form |head |lead |teaching |classroom |subject )?(?:teacher|instructor|tutor|lecturer|coach|assistant|aide)|ta|klassenlehrer(?:in)?|lehrer(?:in)?|lehrkraft|dozent(?:in)?|profesor(?:a)?|docente|maestr[oa]|enseignante?|insegnante|leraar|docent)';
const STAFF_AFTER = new RegExp(
  `^(?=[^,;@:]*\\p{L}[.\\s]+\\p{L})([^,;@:]+?)(?:\\s+[–—-]\\s*|\\s*,\\s*)(${STAFF_WORD})$`,
  'iu',
);

const PLACES = new Set(
  words(`
  board|blackboard|whiteboard|smartboard|screen|door|window|windows|front|back|teacher desk|desk|
  teacher s desk|teachers desk|front of room|front of class|front of the room|back of room|aisle|
  entrance|exit|projector|empty|empty seat|free|seat|tafel|tur|fenster|pult|lehrerpult|vorne|hinten|
  frei|leer|pizarra|puerta|ventana|ventanas|mesa del profesor|tableau|porte|fenetre|bureau|
  fenetres|bureau du prof|vide|lavagna|porta|finestra|cattedra|quadro|lousa|janela|mesa do professor|
  bord|deur|raam|leeg|lehrer|teacher|library|cupboard|sink|left|right`),
);

/** Whether a cell of a seat plan is a thing of the room, not a seat. */
export function isPlace(cell: string): boolean {
  return PLACES.has(plainWords(cell));
}

/** "(no trip)", "no one today": what is written in place of those who would be there. */
const NO_SUCH = /^\(?(?:no|kein|keine|sin|geen|pas de|nessuna?) \p{Ll}+(?: \p{Ll}+)?\)?$/u;

/** "– none yet –" in place of those who would be there. */
export const isNobodyYet = (text: string): boolean =>
  NO_SUCH.test(text.trim()) ||
  /^(?:(?:none|nobody|no one|noone|empty)(?: (?:yet|so far))?|noch (?:niemand|keiner|frei)|nadie(?: (?:aun|todavia))?|ninguno(?: aun)?|personne|nessuno(?: ancora)?|ninguem(?: ainda)?|(?:nog )?niemand)$/.test(
    plainWords(text),
  );

/** "Mr Okafor – Biology 9": whose class it is, and which. */
const TAUGHT =
  /^(?:Mrs?|Ms|Miss|Mx|Dr|Prof|Herr|Frau|Sra?|Mme)\.?\s+\p{Lu}[\p{L}'’-]+\s*[–—-]\s+(?:\p{L}.*\d|\d{1,2}\s?\p{L}?$)/u;

/** "Brook School", "Colegio del Río": nobody is called so. */
const INSTITUTION =
  /^(?:(?:[\p{L}\d]+ ){1,3}(?:school|college|university|academy|schule|gymnasium|realschule|grundschule)|(?:colegio|escuela|instituto|lycee|college|ecole|liceo|scuola|escola|agrupamento|universidad|universite) (?:[\p{L}\d]+ ){0,4}[\p{L}\d]+)$/u;

/** What a line by itself says; null where it may be somebody. */
export const kindOfLine = remembered((line): LineKind | null => {
  const text = cleanText(line);
  if (isRule(text)) return { kind: 'rule' };
  if (text.length > LONGEST_SAID) return /\S@\S/.test(text) ? null : { kind: 'footer' };
  const staff = STAFF_LINE.exec(text);
  if (staff) return { kind: 'staff', role: staff[1] ?? '', name: (staff[2] ?? '').trim() };
  const after = STAFF_AFTER.exec(text);
  if (after) return { kind: 'staff', role: after[2] ?? '', name: (after[1] ?? '').trim() };
  if (/\S@\S/.test(text)) return null;
  if (TAUGHT.test(text) || (!text.includes(',') && INSTITUTION.test(plainWords(text))))
    return { kind: 'title' };
  if (isTotal(text)) return { kind: 'total' };
  if (isPageNumber(text)) return { kind: 'footer' };
  const name = sectionHeading(text);
  if (name !== null) return { kind: 'section', name };
  return isRemark(text) ? { kind: 'footer' } : null;
});
