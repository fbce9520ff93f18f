import { readRosterText } from '../readRoster';

/** What stands over columns in a language: alternatives of each, taken in turn. */
interface Headwords {
  readonly number: readonly string[];
  readonly family: readonly string[];
  readonly given: readonly string[];
  readonly whole: readonly string[];
  readonly section: readonly string[];
  readonly email: readonly string[];
  readonly id: readonly string[];
  readonly score: readonly string[];
}

const LANGUAGES: Readonly<Record<string, Headwords>> = {
  English: {
    number: ['No', '#', 'No.'],
    family: ['Surname', 'Last name', 'Family Name', 'Last'],
    given: ['First name', 'Forename', 'Given Name', 'First'],
    whole: ['Name', 'Student', 'Student name', 'Full name', 'Pupil'],
    section: ['Class', 'Form', 'Section', 'Group', 'Period', 'Homeroom'],
    email: ['Email', 'E-mail', 'Email address', 'Mail'],
    id: ['Student ID', 'ID', 'Admission No', 'Student Number'],
    score: ['Score', 'Mark', 'Test 1', 'Points'],
  },
  Spanish: {
    number: ['N.º', 'Nº', 'Núm.'],
    family: ['Apellidos', 'Apellido', 'Primer apellido'],
    given: ['Nombre', 'Nombres'],
    whole: ['Alumno', 'Alumno/a', 'Nombre y apellidos', 'Estudiante', 'Nombre completo'],
    section: ['Grupo', 'Clase', 'Curso', 'Sección'],
    email: ['Correo', 'Correo electrónico', 'E-mail'],
    id: ['Matrícula', 'Código', 'ID'],
    score: ['Nota', 'Puntuación', 'Calificación'],
  },
  French: {
    number: ['N°', 'Nº'],
    family: ['Nom', 'Nom de famille'],
    given: ['Prénom', 'Prénoms'],
    whole: ['Élève', 'Prénom et nom', 'Nom complet', 'Étudiant'],
    section: ['Classe', 'Groupe', 'Section'],
    email: ['E-mail', 'Courriel', 'Adresse e-mail'],
    id: ['Identifiant', 'Numéro étudiant', 'INE'],
    score: ['Note', 'Moyenne'],
  },
  German: {
    number: ['Nr.', 'Nr', 'Lfd. Nr.'],
    family: ['Nachname', 'Familienname', 'Name'],
    given: ['Vorname'],
    whole: ['Schüler', 'Schüler/in', 'Name', 'Vollständiger Name', 'Schülername'],
    section: ['Klasse', 'Gruppe', 'Kurs'],
    email: ['E-Mail', 'E-Mail-Adresse', 'Mail'],
    id: ['Schülernummer', 'Matrikelnummer', 'ID'],
    score: ['Note', 'Punkte'],
  },
  Portuguese: {
    number: ['N.º', 'Nº'],
    family: ['Apelido', 'Sobrenome', 'Apelidos'],
    given: ['Nome', 'Nome próprio', 'Primeiro nome'],
    whole: ['Aluno', 'Nome completo', 'Nome do aluno', 'Estudante'],
    section: ['Turma', 'Grupo'],
    email: ['E-mail', 'Correio eletrónico', 'Email'],
    id: ['Matrícula', 'Número de aluno'],
    score: ['Nota', 'Pontos'],
  },
  Italian: {
    number: ['N.', 'Nr.'],
    family: ['Cognome'],
    given: ['Nome'],
    whole: ['Alunno', 'Studente', 'Nome e cognome', 'Nominativo'],
    section: ['Classe', 'Gruppo', 'Sezione'],
    email: ['E-mail', 'Posta elettronica', 'Email'],
    id: ['Matricola', 'Codice studente'],
    score: ['Voto', 'Punti'],
  },
  Dutch: {
    number: ['Nr.', 'Nr'],
    family: ['Achternaam', 'Familienaam'],
    given: ['Voornaam', 'Roepnaam'],
    whole: ['Leerling', 'Naam', 'Naam leerling', 'Volledige naam'],
    section: ['Klas', 'Groep'],
    email: ['E-mail', 'E-mailadres', 'Mailadres'],
    id: ['Leerlingnummer', 'Stamnummer', 'Studentnummer'],
    score: ['Cijfer', 'Punten'],
  },
};

const CLASS: readonly (readonly [string, string])[] = [
  ['Noor', 'Bakker'],
  ['Elif', 'Kaya'],
  ['Tomás', 'Rey'],
  ['Hugo', 'Lund'],
  ['Mila', 'Fox'],
  ['Arjun', 'Patel'],
  ['Sofie', 'de Vries'],
  ['Ibrahim', 'Sow'],
];

/** How names stand in a table: what is over them, and what of each student. */
const FORMS: Readonly<
  Record<
    string,
    {
      readonly heads: (of: Headwords) => readonly (readonly string[])[];
      readonly cells: (given: string, family: string) => readonly string[];
    }
  >
> = {
  'family and given name': {
    heads: ({ family, given }) => [family, given],
    cells: (given, family) => [family, given],
  },
  'given and family name': {
    heads: ({ family, given }) => [given, family],
    cells: (given, family) => [given, family],
  },
  'the whole name': {
    heads: ({ whole }) => [whole],
    cells: (given, family) => [`${given} ${family}`],
  },
};

const inTurn = (words: readonly string[], turn: number): string => words[turn % words.length] ?? '';

describe.each(Object.entries(LANGUAGES))('headings in %s', (_, words) => {
  const turns = Math.max(...Object.values(words).map((some: readonly string[]) => some.length));

  test.each(Object.entries(FORMS))('over %s each mean what they say', (_form, form) => {
    for (const sign of [';', ',', '\t']) {
      for (let turn = 0; turn < turns; turn++) {
        const score = inTurn(words.score, turn);
        const { number, section, email, id } = words;
        const head = [number, ...form.heads(words), section, email, id, [score]].map((some) =>
          inTurn(some, turn),
        );
        const rows = CLASS.map(([given, family], i) => [
          ...[String(i + 1), ...form.cells(given, family), `7${i % 2 === 0 ? 'A' : 'B'}`],
          ...[`s${i}@example.org`, String(20_301 + 3 * i), String((3 * i) % 20)],
        ]);
        const read = readRosterText([head, ...rows].map((row) => row.join(sign)).join('\n'));
        expect(
          read.ok &&
            read.roster.students.map((one) => [
              one.displayName,
              one.section,
              one.email,
              one.externalId,
              one.attributes[score],
            ]),
        ).toEqual(
          CLASS.map(([given, family], i) => [
            `${given} ${family}`,
            `7${i % 2 === 0 ? 'A' : 'B'}`,
            `s${i}@example.org`,
            String(20_301 + 3 * i),
            (3 * i) % 20,
          ]),
        );
      }
    }
  });
});
