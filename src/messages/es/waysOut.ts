import type { OutIssue } from '../../formats/out/wayOut';
import type { OutWords } from '../../formats/out/words';
import { listNames } from './words';

const COLLATOR = new Intl.Collator('es');
const DAY = new Intl.DateTimeFormat('es', { dateStyle: 'full', timeZone: 'UTC' });

/** What stands in the files themselves. */
export const outWords: OutWords = {
  language: 'es',
  compare: (one, two) => COLLATOR.compare(one, two),
  day: (date) => DAY.format(new Date(date)),
  headings: {
    room: 'sala',
    group: 'grupo',
    number: 'número',
    name: 'nombre completo',
    givenName: 'nombre',
    familyName: 'apellidos',
    role: 'función',
    email: 'correo electrónico',
    place: 'lugar',
    adult: 'persona adulta',
    time: 'hora',
    link: 'enlace',
    subject: 'asunto',
    text: 'texto',
  },
  role: (role) => role,
  sheets: { byGroup: 'Por grupo', byName: 'Por nombre' },
  unnamed: (number) => `Grupo ${number}`,
  title: (group, lineup) => `${group} · ${lineup}`,
  handout: `# {{group}}

**{{lineup}}**

{{class}} {{code}}

{{day}} {{time}}

{{minutes}} minutos

Lugar: {{place}}

Enlace: {{link}}

## Quién está en este grupo

{{members}}

{{roles}}

Docentes: {{staff}}

{{message}}

Estaciones por turno: {{stations}}

{{instructions}}
`,
  letter: {
    group: `Subject: {{lineup}}: grupo {{group}}
Hola:

Estáis en el grupo {{group}}: {{members}}.
{{message}}
{{place}}
{{link}}
`,
    lead: `Subject: {{lineup}}: te toca dirigir {{group}}
Hola, {{lead}}:

Te toca dirigir el grupo {{group}}: {{members}}.
{{message}}
{{place}}
{{link}}
`,
    each: `Subject: {{lineup}}: tu grupo es {{group}}
Hola, {{name}}:

Tu grupo es {{group}}: {{members}}.
{{message}}
{{place}}
{{link}}
`,
  },
};

const braced = (names: readonly string[]): string => names.map((name) => `{{${name}}}`).join(', ');

/** Why something cannot be written, and what to do about it. */
export function outIssueSentence(issue: OutIssue): string {
  switch (issue.code) {
    case 'noGroups':
      return 'Este reparto aún no tiene grupos. Fórmelos primero.';
    case 'needsLinkTemplate':
      return 'Los enlaces se hacen con una plantilla, como https://rooms.example.org/{group}. Indique una.';
    case 'needsMoment':
      return 'Un calendario necesita un día, una hora y una duración, como 2026-11-26, 10:00 y 40 minutos.';
    case 'badDate':
      return `No existe el día «${issue.given}». Escríbalo como año, mes y día: 2026-11-26.`;
    case 'badTime':
      return `No existe la hora «${issue.given}». Escríbala con horas y minutos: 09:30.`;
    case 'badMinutes':
      return `«${issue.given}» no es una duración: indique minutos enteros de 1 a 10080.`;
    case 'malformedTemplate':
      return `La plantilla de los enlaces no se puede leer a partir del signo ${issue.at + 1}. Los nombres van entre llaves, como https://rooms.example.org/{group}.`;
    case 'notWeb':
      return 'La plantilla de los enlaces tiene que empezar por https:// o http://.';
    case 'noLink':
      return `La plantilla no da una dirección web para el grupo «${issue.group}». Ponga {group} o {number} detrás de la primera barra sencilla.`;
    case 'unknownPlaceholders':
      return `La plantilla pide ${braced(issue.names)}, que aquí no significa nada. Existen ${braced(issue.known)}.`;
    case 'unreadableDocx':
      return 'La plantilla no es un documento de Word que se pueda leer. Guárdelo otra vez como .docx e inténtelo de nuevo.';
    case 'brokenPlaceholder':
      return 'Un campo de la plantilla no está cerrado, o está cerrado dos veces. Escríbalo como {{group}}.';
    case 'templateTooLarge':
      return 'La plantilla ocupa más de 20 MB. Reduzca sus imágenes.';
    case 'wrongTemplate':
      return issue.wants === 'docx'
        ? 'Los documentos se hacen a partir de un documento de Word o de texto, no de una página web.'
        : 'Las páginas se hacen a partir de una página web o de texto, no de un documento de Word.';
  }
}

/** Names of those whom no letter reaches. */
export function unreachedSentence(names: readonly string[]): string {
  return `Sin una dirección a la que llegue el correo: ${listNames(names)}.`;
}
