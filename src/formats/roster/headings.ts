import { plainWords } from './text';
import type { ColumnRole } from './types';
import { words } from './words';

/** What a word in a heading speaks of. */
type Part =
  /** Halves of a name that need the word "name" beside them, and those that are whole words for it. */
  | 'given'
  | 'givenAlone'
  | 'family'
  | 'familyAlone'
  | 'between'
  | 'preferred'
  | 'name'
  | 'person'
  | 'email'
  | 'number'
  | 'ownNumber'
  | 'section'
  | 'role'
  | 'status'
  | 'counted'
  | 'login'
  | 'other'
  | 'filler';

/** Words of headings in English, Spanish, French, German, Portuguese, Italian and Dutch, as `plainWords` writes them. */
const PARTS: Readonly<Record<Part, readonly string[]>> = {
  given: words(
    'first|given|christian|cyntaf|izena|pila|primer nombre|primeiro nome|nome proprio|primo nome',
  ),
  givenAlone: words(`
  firstname|givenname|forename|forenames|nombres|prenom|prenoms|vorname|vornamen|vor|voornaam|
  voornamen`),
  family: words(`
  last|family|second name|nom de famille|nom d usage|nom usuel|nom de naissance|ultimo nome|nome de familia|paterno|materno`),
  familyAlone: words(`
  lastname|familyname|surname|surnames|apellido|apellidos|nachname|nachnamen|familienname|
  familiennamen|zuname|nach|cyfenw|abizena|abizenak|cognom|cognoms|cognome|cognomi|achternaam|
  familienaam|sobrenome|sobrenomes|apelido|apelidos`),
  between: words(
    'tussenvoegsel|tussenvoegsels|tussenv|tussenvgsl|tv|voorv|voorvoegsel|voorvoegsels|namensvorsatz|prefix',
  ),
  preferred: words(`
  preferred|nickname|nick|known as|goes by|goes|chosen|called|call name|preferido|preferida|social|
  elegido|apodo|surnom|usuel|usage|prefere|rufname|spitzname|bevorzugter|gewunschter|roepnaam|
  bijnaam|soprannome|alcunha|preferito`),
  name: words(`
  name|names|fullname|cn|enw|enwau|nombre|nom|noms|nome|nomi|nomes|naam|namen|anzeigename|nominativo|schulername|
  schulernamen|studentname|leerlingnaam`),
  person: words(`
  student|students|pupil|pupils|learner|learners|participant|participants|child|children|
  classmate|classmates|alumno|alumna|alumnos|alumnas|alumnado|estudiante|estudiantes|
  participante|participantes|eleve|eleves|etudiant|etudiante|etudiants|etudiantes|schuler|
  schulerin|schulerinnen|schulers|teilnehmer|teilnehmerin|teilnehmende|teilnehmerinnen|
  studierende|studierender|studenten|studentin|aluno|aluna|alunos|estudantes|estudante|alunno|
  alunna|alunni|alunne|studente|studentessa|studenti|allievo|allieva|allievi|leerling|
  leerlingen|deelnemer|deelnemers|cursist|sus|innen|stu|stud|cand|candidate|candidates|candidato|candidata|kandidat|kandidatin|candidat|
  recipient|recipients|empfanger|destinatario|destinataire|athlete|athletes|player|players|passenger|passengers|trainee|trainees|apprentice|apprentices|mentee|mentees|tutee|tutees|attendee|attendees`),
  email: words(`
  email|e mail|mail|mails|emails|correo|courriel|mel|mailadresse|emailadresse|mailadres|emailadres|
  e mailadres|e mailadresse|posta elettronica|correio|posta`),
  number: words(`
  id|ids|number|no|nr|num|nº|n|numero|nummer|identifier|identificador|identifiant|kennung|code|
  codigo|codice|ref|reference|index`),
  ownNumber: words(`
  studentid|externalid|matriculation|matric|dni|nif|nie|legajo|boleta|carne|carnet|userid|sis|upn|uln|ine|matricula|matricule|matricola|matrikelnummer|
  matrikelnr|matrikel|schulernummer|schulernr|adm no|adm nr|matr|matr nr|expediente|personalnummer|leerlingnummer|
  studentnummer|stamnummer|stamnr|leerlingnr|studentnr|nia|admission|registration|enrolment number|enrollment number|rm|
  sourcedid|roll`),
  section: words(`
  section|sections|period|periods|class|classes|group|groups|teams|homeroom|home room|form|tutor group|reg group|registration group|mentor group|lab|block|stream|
  seccion|secciones|grupo|grupos|equipos|clase|clases|turno|paralelo|periodo|classe|groupe|groupes|equipes|division|periode|td|klasse|klassen|gruppe|gruppen|kurs|curso|cursos|
  abschnitt|lerngruppe|sektion|stammgruppe|zug|turma|sezione|secao|turmas|gruppo|gruppi|klas|groep|team|equipo|
  equipe|squadra|stamgroep|grup|dosbarth|taldea|kl`),
  role: words(
    'role|roles|user type|rol|rolle|funktion|funcion|fonction|ruolo|funcao|papel|functie',
  ),
  status: words(`
  status|enrollment|enrolment|active|state|enabled|estado|activo|activa|situacion|statut|etat|actif|
  aktiv|einschreibestatus|situation|stato|situacao|attivo|ativo|actief`),
  counted: words(`
  #|row|timestamp|zeitstempel|marca temporal|horodateur|carimbo de data|tijdstempel|lfd|lfd nr|laufende|orden|ordre|rang|seq|sequence|s n|sr|rij|volgnummer|ordem|ordine|position`),
  login: words(`
  login|username|user name|benutzername|usuario|utilisateur|utente|gebruikersnaam|password|passwort|
  contrasena|mot de passe|senha|wachtwoord`),
  other: words(`
  parent|parents|guardian|guardians|mother|father|carer|emergency|contact|eltern|mutter|vater|
  erziehungsberechtigte|padre|madre|padres|tutor|tutora|parentale|parent s|pere|mere|responsable|
  genitore|genitori|pai|mae|responsavel|encarregado|ouder|ouders|verzorger|moeder|vader|teacher|
  teachers|lehrer|lehrerin|profesor|profesora|professeur|enseignant|docente|insegnante|professor|
  leraar|docent|mentor|sibling|doctor|sister|brother|friend|partner`),
  filler: words(`
  your|votre|vos|ton|ta|tu|tus|su|dein|deine|deines|ihr|ihre|mein|meine|seu|sua|teu|tua|tuo|vostro|vostra|je|jouw|uw|my|
  legal|official|primary|school|main|full|whole|complete|local|own|the|of|and|or|de|del|la|le|
  les|l|du|d|des|der|die|das|und|y|et|e|en|o|a|in|os|as|do|da|dos|di|della|dell|van|vollstandiger|
  vollstandige|completo|completa|complet|complete|intero|volledige|volledig|current|institutional|
  institucional|scolaire|schul|address|adresse|direccion|indirizzo|endereco|adres|user|person|
  personal|course|display|external|reg|registered|s|electronico|electronica|electronique|
  primer|primero|segundo|second|1st|2nd|primeiro|secondo|premier|deuxieme|
  elettronico|elettronica|eletronico|eletronica|elektronische|1|2|work|account|key|unique|
  enter|please|ist|initial|initials`),
};

/** The commonest words of headings in other languages, as they are written there. */
const PARTS_ELSEWHERE: Partial<Record<Part, readonly string[]>> = {
  given: words(
    'الاسم الأول|שם פרטי|名|имя|imię|imiona|förnamn|fornavn|etunimi|keresztnév|jméno|ad|adı|isim|prenume|prenumele|ime|име|ім я|meno|vardas|vārds|eesnimi|emri|fornafn',
  ),
  family: words(`
  اسم العائلة|اللقب|姓|фамилия|прізвище|nazwisko|efternamn|etternavn|efternavn|sukunimi|vezetéknév|
  příjmení|soyad|soyadı|nume de familie|prezime|priimek|priezvisko|pavardė|uzvārds|perekonnanimi|mbiemri|sloinne|επώνυμο|שם משפחה|นามสกุล`),
  name: words(`
  الاسم|اسم|الاسم الكامل|姓名|名字|氏名|名前|生徒名|이름|성명|ф и о|фио|імя|ονοματεπώνυμο|όνομα|שם|namn|navn|
  nimi|név|ad soyad|adı soyadı|imię i nazwisko|nume|numele|nume si prenume|numele și prenumele|ime i prezime|ime in priimek|meno a priezvisko|nama|nama siswa|nama lengkap|nafn|ainm|pangalan|họ và tên|họ tên|नाम|ชื่อ นามสกุล|ชื่อ สกุล`),
  person: words(`
  الطالب|الطلاب|اسم الطالب|学生|生徒|児童|학생|ученик|учень|uczeń|elev|oppilas|tanuló|žák|öğrenci|učenik|učenica|žiak|siswa|mokinys|μαθητής`),
  email: words(
    'البريد|البريد الإلكتروني|邮箱|电子邮件|メール|メールアドレス|이메일|почта|sähköposti|e posta|eposta',
  ),
  ownNumber: words('رقم الطالب|学号|學號|学籍番号|학번|numer legitymacji|elevnummer|öğrenci no'),
  section: words(
    'الصف|الشعبة|الفصل|班级|班級|クラス|組|반|класс|клас|klasa|oddział|klass|luokka|osztály|třída|sınıf|şube|τάξη|τμήμα|כיתה|clasa|razred|trieda|klasė|klase|kelas|bekkur|odjeljenje|odeljenje|lớp|कक्षा|वर्ग|ชั้น|ห้อง',
  ),
  counted: words('الرقم|م|序号|編號|出席番号|番号|번호|lp|l p|sıra no|sıra|क्रमांक|ลำดับ|ลำดับที่|เลขที่'),
  login: words('ふりがな|フリガナ|よみがな|ヨミガナ|かな'),
};

/** Longer phrases first, so that "home room" is not read as a home. */
const PART_OF: readonly (readonly [string, Part])[] = [
  ...Object.entries(PARTS),
  ...Object.entries(PARTS_ELSEWHERE).map(([part, list]) => [part, list.map(plainWords)] as const),
]
  .flatMap(([part, list]) => list.map((word): readonly [string, Part] => [word, part as Part]))
  .sort(([a], [b]) => b.split(' ').length - a.split(' ').length);
const PHRASES = PART_OF.filter(([word]) => word.includes(' '));
const PHRASE_WORDS = new Set(PHRASES.flatMap(([phrase]) => phrase.split(' ')));
const SINGLE: ReadonlyMap<string, Part> = new Map(PART_OF.filter(([word]) => !word.includes(' ')));

const UNKNOWN = 'unknown';

/** What the words of a heading speak of, in their order; those that say nothing are `unknown`. */
function partsOf(heading: string): readonly (Part | typeof UNKNOWN)[] {
  const plain = plainWords(heading);
  let rest = ` ${plain} `;
  const parts: (Part | typeof UNKNOWN)[] = [];
  // Most cells hold no word of any phrase.
  if (plain.split(' ').some((word) => PHRASE_WORDS.has(word))) {
    for (const [phrase, part] of PHRASES) {
      if (!rest.includes(` ${phrase} `)) continue;
      rest = rest.replace(` ${phrase} `, ' ');
      parts.push(part);
    }
  }
  const single = rest.trim() === '' ? [] : rest.trim().split(' ');
  // "Apellido1" is the first of two; "N1" is a mark.
  const whole = (word: string): string => word.replace(/(?<=\p{L}{4})[12]$/u, '');
  return [
    ...parts,
    ...single.map((word) => SINGLE.get(word) ?? SINGLE.get(whole(word)) ?? UNKNOWN),
  ];
}

/** Whether a heading over whole names says that the family name stands first: "Cognome e nome", "Name, Vorname". */
export function familyLeads(heading: string): boolean {
  const parts = plainWords(heading).split(' ').map(partsOf);
  const at = (...wanted: Part[]): number =>
    parts.findIndex((some) => some.some((part) => part !== UNKNOWN && wanted.includes(part)));
  const family = at('family', 'familyAlone');
  const given = at('given', 'givenAlone');
  if (family < 0) return at('name') >= 0 && at('givenAlone') > at('name');
  return given < 0 ? at('name') > family : given > family;
}

/** "What is your full name?", "Please enter your name here": what a form asks round a heading. */
const ASKING =
  /^(?:(?:what|which) (?:is|s|are) |please |bitte |(?:enter|type|give|write|state|fill in|tell us|gib|nenne|schreibe?|escrib[ae]|indica|pon|cual es|quel(?:le)? est|entrez|indiquez|ecrivez|wie (?:lautet|ist)|qual e|scrivi|inserisci|escreva|digite|wat is|vul) )+/;
const WHERE = / (?:here|below|in full|aqui|ici|hier(?: ein)?|qui|abaixo|in|an|a continuacion)$/;
/** "Which class are you in?": where somebody belongs. */
const BELONGING =
  /^(?:(?:in|en|dans|em) )?(?:what|which|welche[rmn]?|que|quelle?|quale?|welke) (.+) (?:are you in|do you belong to|bist du|gehst du|estas|es tu|etes vous|sei|esta|zit je(?: in)?)$/;
const CALLED =
  /^(?:wie hei(?:ss|ß)t du|wie hei(?:ss|ß)en sie|como te llamas|como se llama(?: usted)?|comment (?:tu )?t ?appelles? ?(?:tu)?|comment vous appelez vous|come ti chiami|como (?:te|se) chamas?|hoe heet je|who are you|what are you called)$/;

const KNOWN_HEADINGS = new Map<string, ColumnRole | null>();
const MOST_KNOWN = 20_000;

/**
 * What a heading says by its parts, whatever prefixes, brackets and order they have; null when it says nothing known
 * or speaks of somebody else, a parent for instance.
 */
export function roleOfHeading(heading: string): ColumnRole | null {
  // A cell of a long text, or of letters that no heading has, is none: most cells are asked about.
  if (heading.length > 80 || heading.includes('@')) return null;
  // "NIA" numbers students; "Nia" is one.
  if (/^\s*(?:Nia|Ine|Nie|Nif)\s*$/.test(heading)) return null;
  const kept = KNOWN_HEADINGS.get(heading);
  if (kept !== undefined) return kept;
  if (KNOWN_HEADINGS.size > MOST_KNOWN) KNOWN_HEADINGS.clear();
  // "Q1 Name", "2. Class": what a form numbers its questions with.
  const unnumbered = heading.replace(/^\s*(?:Q(?:uestion)?\s*\d{1,3}[.:)]?|\d{1,3}[.)])\s+/i, '');
  if (unnumbered !== heading) return roleOfHeading(unnumbered);
  const bare = heading.replace(/[([{].*?[)\]}]/g, ' ');
  const asked = plainWords(bare).replace(BELONGING, '$1').replace(ASKING, '').replace(WHERE, '');
  const role =
    roleOfParts(partsOf(heading)) ??
    (bare === heading ? null : roleOfParts(partsOf(bare))) ??
    (CALLED.test(asked) ? 'fullName' : roleOfParts(partsOf(asked)));
  // "Lab (60%)" says what a mark counts.
  const weighed = role === 'section' && /\d\s*%/.test(heading);
  KNOWN_HEADINGS.set(heading, weighed ? null : role);
  return weighed ? null : role;
}

/** Kinds of parts → what a column of them is; the first that fits counts. */
const ROLES: readonly (readonly [readonly Part[], ColumnRole])[] = [
  [['name', 'email'], 'fullName'],
  [['email'], 'email'],
  [['login'], 'leftOut'],
  [['preferred'], 'preferredName'],
  [['given', 'family'], 'fullName'],
  [['given', 'familyAlone'], 'fullName'],
  [['givenAlone', 'family'], 'fullName'],
  [['givenAlone', 'familyAlone'], 'fullName'],
  [['name', 'givenAlone'], 'fullName'],
  [['name', 'familyAlone'], 'fullName'],
  [['given'], 'givenName'],
  [['givenAlone'], 'givenName'],
  [['between'], 'familyName'],
  [['family'], 'familyName'],
  [['familyAlone'], 'familyName'],
  [['ownNumber'], 'externalId'],
  [['person', 'number'], 'externalId'],
  [['section'], 'section'],
  [['role'], 'role'],
  [['status'], 'status'],
  [['counted'], 'leftOut'],
  [['name'], 'fullName'],
  [['person'], 'fullName'],
];

function roleOfParts(parts: readonly (Part | typeof UNKNOWN)[]): ColumnRole | null {
  const has = (part: Part): boolean => parts.includes(part);
  const meaning = parts.filter((part) => part !== 'filler');
  if (meaning.length === 0 || has('other')) return null;
  // "Last active" tells of nobody's name.
  if (has('status') && (has('given') || has('family'))) return null;
  const unknown = meaning.includes(UNKNOWN);
  // A name, a class or a number of something unknown is that thing's ("Bus number", "Blood group").
  if (unknown && !has('email')) return null;
  const found = ROLES.find(([needed]) => needed.every(has));
  if (found) return found[1];
  if (!has('number')) return null;
  // "ID" alone is a number of students; "No." counts rows as often.
  return parts.length > 1 && parts.some((part) => part === 'filler') ? 'externalId' : null;
}

/** Number words alone, which may count rows or number students. */
const OWN_ID = new Set(words('id|identifier|identificador|identifiant|kennung|code|codigo|ids'));
const ROW_COUNT = new Set(words('no|nr|n|nº|num|number|numero|nummer|index'));

/** What a heading of one number word says. */
export function roleOfNumber(heading: string): ColumnRole | null {
  if (/^№\.?$/.test(heading.trim())) return 'leftOut';
  const word = plainWords(heading.replace(/[([{].*?[)\]}]/g, ' ')) || plainWords(heading);
  if (OWN_ID.has(word)) return 'externalId';
  return ROW_COUNT.has(word) ? 'leftOut' : null;
}

/** The role of a column by its heading, numbers among them. */
export function roleOfColumn(heading: string): ColumnRole | null {
  return roleOfNumber(heading) ?? roleOfHeading(heading);
}

/** Words for a column that people are called by as well: alone they head nothing. */
const NAMES_TOO = new Set(
  words(`
  christian|nick|mel|klas|block|child|form|stream|zug|rolle|rol|state|sus|ref|goes|called|chosen|
  social|posta|prefix|pila|rang|index|turno|ad|nume|elev|nimi|م|lp`),
);

/** Whether a cell surely heads a column: it says what, and nobody is called so. */
export function isSurelyHeading(cell: string): boolean {
  const role = roleOfColumn(cell);
  // "no" and "n" may be answers as well as headings.
  return role !== null && role !== 'leftOut' && !NAMES_TOO.has(plainWords(cell));
}

/**
 * Some words mean another thing beside others: "Name" and "Nom" are the family name where a given name has its
 * own column, "Nombre" is the given name where there are apellidos.
 */
export function settleRoles(
  headings: readonly string[],
  roles: readonly (ColumnRole | null)[],
): readonly (ColumnRole | null)[] {
  const has = (role: ColumnRole): boolean => roles.includes(role);
  const given = has('givenName') || has('preferredName');
  const settled = roles.map((role, i) => {
    if (role !== 'fullName' || !partsOf(headings[i] ?? '').includes('name')) return role;
    if (has('givenName') && !has('familyName')) return isWhole(headings[i]) ? role : 'familyName';
    if (has('familyName') && !has('givenName'))
      return given && isWhole(headings[i]) ? role : 'givenName';
    return role;
  });
  // Where nobody has another given name, what somebody is called is it.
  const called =
    settled.includes('familyName') &&
    !settled.includes('givenName') &&
    !settled.includes('fullName');
  return oneEach(
    headings,
    settled.map((role) => (called && role === 'preferredName' ? 'givenName' : role)),
  );
}

/** "Full name" is one whatever stands beside it. */
function isWhole(heading = ''): boolean {
  return /full|whole|compl|display|voll|intero/.test(plainWords(heading));
}

/**
 * A role that one column can have is kept by the first; further ones become details, but of several numbers the
 * student's own is kept and the others say nothing more. Family names may be two.
 */
function oneEach(
  headings: readonly string[],
  roles: readonly (ColumnRole | null)[],
): readonly (ColumnRole | null)[] {
  const ids = roles.flatMap((role, column) => (role === 'externalId' ? [column] : []));
  const id =
    ids.find((column) => {
      const parts = partsOf(headings[column] ?? '');
      return parts.includes('ownNumber') || parts.includes('person');
    }) ?? ids[0];
  const seen = new Set<ColumnRole>();
  return roles.map((role, column) => {
    if (role === null || role === 'leftOut' || role === 'familyName') return role;
    if (role === 'externalId') return column === id ? role : 'leftOut';
    if (seen.has(role)) return 'detail';
    seen.add(role);
    return role;
  });
}

/** Whether a heading has a word for numbers among others, as "Nº lista" has. */
export function isCounting(heading: string): boolean {
  const parts = partsOf(heading);
  return parts.length > 1 && (parts.includes('number') || parts.includes('counted'));
}

/** Whether a column tells of somebody else: a parent, a teacher. */
export function isOfOthers(heading: string): boolean {
  return partsOf(heading).includes('other');
}

/** Whether a column holds what stands between given and family name ("van der"). */
export function isBetween(heading: string): boolean {
  return partsOf(heading).includes('between');
}

/** What a column holds that is never an amount to balance by: telephones, birthdays, homes. */
const NO_AMOUNT =
  /\b(phone|telephone|phones|mobile|cell|cel|tel|tfno|tlf|tlfno|tfn|telf|fax|telefon|telefono|telefone|handy|movil|portable|gsm|telefoon|birth|born|birthday|dob|geburtsdatum|geburtstag|geb|nacimiento|nascimento|nascita|naissance|geboortedatum|ne e|postcode|zip|postal|plz|cp|cap|cep|address|adresse|anschrift|domicilio|direccion|indirizzo|endereco|adres|street|strasse|rue|calle|room|raum|locker|bus|date|datum|fecha|data)\b/;

/** Whether figures under a heading are no amounts. */
export function isNoAmount(heading: string): boolean {
  return NO_AMOUNT.test(plainWords(heading));
}
