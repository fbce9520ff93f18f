import { plainWords } from './text';
import type { ColumnRole } from './types';
import { words } from './words';

/** Heading words in English, Spanish, French and German, as `plainWords` writes them. */
const WORDS: Readonly<Partial<Record<ColumnRole, readonly string[]>>> = {
  givenName: words(`
  first name|firstname|first|given name|givenname|given|given names|forename|forenames|
  nombre de pila|nombres|primer nombre|prenom|prenoms|vorname|vornamen`),
  familyName: words(`
  last name|lastname|last|surname|surnames|family name|familyname|family|second name|
  apellido|apellidos|primer apellido|segundo apellido|apellido paterno|apellido materno|
  nom de famille|nom de naissance|nachname|familienname|zuname`),
  fullName: words(`
  name|full name|fullname|student|students|student name|name of student|pupil|pupil name|
  learner|learner name|participant|participants|display name|names|student full name|
  last name first name|first name last name|first and last name|surname first name|
  family name given name|nombre|nombre completo|nombre y apellidos|nombre y apellido|
  apellidos y nombre|apellidos nombre|alumno|alumna|alumnos|alumno a|alumnado|estudiante|
  estudiantes|nom|nom complet|nom et prenom|nom prenom|prenom et nom|prenom nom|eleve|eleves|
  etudiant|etudiante|etudiants|vollstandiger name|name vorname|nachname vorname|
  vor und nachname|vorname nachname|vorname name|schuler|schulerin|schuler in|schulerinnen|
  schuler innen|teilnehmer|teilnehmerin|anzeigename|studierende|student in`),
  preferredName: words(`
  preferred name|preferred first name|preferred given name|preferred|nickname|nick name|
  known as|goes by|chosen name|nombre preferido|nombre social|nombre elegido|apodo|surnom|
  prenom usuel|prenom d usage|prenom prefere|rufname|spitzname|bevorzugter name|
  gewunschter name`),
  email: words(`
  email|e mail|mail|email address|e mail address|mail address|student email|school email|
  user email|primary email|correo|correo electronico|direccion de correo|
  direccion de correo electronico|direccion email|courriel|adresse courriel|adresse e mail|
  adresse email|adresse mail|adresse electronique|mel|e mail adresse|email adresse|
  mailadresse|mail adresse`),
  externalId: words(`
  id|student id|studentid|student number|student no|student nr|student num|id number|sis id|
  sis user id|user id|userid|external id|pupil id|pupil number|identifier|learner id|
  person id|registration number|school id|roll number|roll no|admission number|matricula|
  numero de matricula|n de matricula|numero de estudiante|numero de alumno|codigo|
  codigo de alumno|expediente|identificador|numero etudiant|numero d etudiant|n etudiant|
  matricule|numero eleve|identifiant|ine|no etudiant|matrikelnummer|matrikelnr|matrikel nr|
  schulernummer|schuler nr|schuler id|kennung|personalnummer|schulernr`),
  section: words(`
  section|sections|period|class|class section|class name|group|homeroom|home room|form|
  tutor group|lab|block|stream|course section|seccion|grupo|clase|turno|paralelo|periodo|
  classe|groupe|division|periode|groupe td|klasse|gruppe|kurs|abschnitt|lerngruppe|sektion|
  stammgruppe|zug`),
  role: words(`
  role|roles|user role|course role|user type|rol|rol en el curso|rolle|funktion|funcion|
  fonction`),
  status: words(`
  status|enrollment status|enrolment status|enrollment|enrolment|active|state|student status|
  registration status|enabled|enabled user|course status|estado|activo|situacion|statut|etat|
  actif|aktiv|einschreibestatus|situation`),
  leftOut: words(`
  #|no|nr|num|n|row|index|lfd nr|lfd|laufende nummer|nº|num|numero|number|nummer|orden|ordre|
  rang|login|login id|sis login id|username|user name|benutzername|usuario|nombre de usuario|
  password|passwort|contrasena|mot de passe`),
};

const ROLE_OF_WORD: ReadonlyMap<string, ColumnRole> = new Map(
  Object.entries(WORDS).flatMap(([role, words]) =>
    words.map((word) => [word, role as ColumnRole] as const),
  ),
);

/** What a heading says by its words; null when it says nothing known. */
export function roleOfHeading(heading: string): ColumnRole | null {
  const words = plainWords(heading);
  const direct = ROLE_OF_WORD.get(words);
  if (direct) return direct;
  // "E-mail (school)", "Student ID:" and the like: what stands in brackets is a remark.
  const bare = plainWords(heading.replace(/[([{].*?[)\]}]/g, ' '));
  return ROLE_OF_WORD.get(bare) ?? null;
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
  const settled = roles.map((role, i) => {
    if (role !== 'fullName') return role;
    const word = plainWords(headings[i] ?? '');
    if (['name', 'nom', 'names'].includes(word) && has('givenName') && !has('familyName'))
      return 'familyName';
    if (['nombre', 'name'].includes(word) && has('familyName') && !has('givenName'))
      return 'givenName';
    return role;
  });
  return oneEach(headings, settled);
}

/**
 * A role that one column can have is kept by the first; further ones become details, but of several numbers the
 * student's own is kept and the others say nothing more. Apellidos may be two.
 */
function oneEach(
  headings: readonly string[],
  roles: readonly (ColumnRole | null)[],
): readonly (ColumnRole | null)[] {
  const ids = roles.flatMap((role, column) => (role === 'externalId' ? [column] : []));
  const id =
    ids.find((column) =>
      /student|sis|pupil|matri|schuler|alumno|etudiant|eleve/.test(
        plainWords(headings[column] ?? ''),
      ),
    ) ?? ids[0];
  const seen = new Set<ColumnRole>();
  return roles.map((role, column) => {
    if (role === null || role === 'leftOut' || role === 'familyName') return role;
    if (role === 'externalId') return column === id ? role : 'leftOut';
    if (seen.has(role)) return 'detail';
    seen.add(role);
    return role;
  });
}
